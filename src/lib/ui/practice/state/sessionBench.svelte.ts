import type { Ellipse } from '$lib/core/math/ellipse';
import type { Share } from '$lib/core/math/share';
import { ballsAsked, nextTask, orderOf, scoreOf, type Score } from '$lib/core/practice/formats';
import { groupOf, wildBalls, type Group } from '$lib/core/practice/grouping';
import type { Spot, StrikeTag } from '$lib/core/practice/practised';
import type { Metres } from '$lib/core/units';
import { dispersionOf } from '$lib/io/work/player';
import { rollFrom } from '$lib/io/practice/practiceSetup';
import type { Ball, PupilFile } from '$lib/io/work/pupil';
import {
	isHit,
	isOf,
	offBy,
	practisedOf,
	type Session,
	type SessionTask,
	type Turn
} from '$lib/io/practice/session';
import { BallQueue, instantAfter } from '$lib/store/shelves/ballQueue';
import { sameData } from '$lib/store/base/merge';
import { newId } from '$lib/store/base/newId';
import { ballOfTask, type NotedBall } from './notedBall';

/** A ball lands this far out at least. */
const NEAREST: Metres = 0.1;
/** A ball that comes back farther than this from where it landed is asked about. */
export const SPUN_BACK: Metres = 3;

/** What the balls of one task say. */
export interface TaskState {
	task: SessionTask;
	balls: readonly Ball[];
	/** Null before the first ball that counts. */
	group: Group | null;
	/** In the order of the balls. */
	wild: readonly boolean[];
	/** How far it should have rolled from where it lands on average; null where that is not known. */
	meantRoll: Metres | null;
	landing: Ellipse | null;
}

/** A session that is being hit or looked at: every ball is kept the moment it is noted. */
export class SessionBench {
	session = $state.raw<Session>() as Session;
	/** In the order they were noted. */
	balls = $state.raw<readonly Ball[]>([]);
	/** Why something could not be kept yet; it is tried again. */
	failure = $state('');
	/** Whose turn it is. */
	turnAt = $state(0);
	/** A task that was chosen by hand; null follows the format. */
	chosen = $state<number | null>(null);
	/** The first touch of two: where the ball landed. */
	half = $state.raw<Spot | null>(null);
	/** The ball was not seen to land: the next touch is where it ended. */
	onlyEnd = $state(false);
	/** What is odd about the last touch. */
	notice = $state('');
	/** What will be said of the next ball. */
	tags = $state.raw<readonly StrikeTag[]>([]);
	readonly #queue = new BallQueue((failure) => (this.failure = failure));

	/** @param file a pupil by id, as they are kept now */
	constructor(
		session: Session,
		balls: readonly Ball[],
		private readonly file: (id: string) => PupilFile | undefined,
		/** Hits of the last session with the same drill; null for the first. */
		readonly last: Share | null = null
	) {
		this.session = session;
		this.balls = balls;
	}

	readonly turn: Turn | undefined = $derived(this.session.turns[this.turnAt]);
	readonly pupil: PupilFile | undefined = $derived.by(
		() => this.turn && this.file(this.turn.pupilId)
	);

	/** Balls of whose turn it is. */
	readonly own: readonly Ball[] = $derived.by(() => {
		const whose = this.turn?.pupilId;
		return this.balls.filter(({ pupilId }) => pupilId === whose);
	});

	readonly tasks: readonly TaskState[] = $derived(
		(this.turn?.tasks ?? []).map((task) => this.#stateOf(task))
	);

	/** A task for every ball of whose turn it is, in the order of the format. */
	readonly #order: readonly number[] = $derived.by(() => {
		const { rules, seed } = this.session;
		const each = (this.turn?.tasks ?? []).map((task) => this.asked(task));
		return orderOf(rules.format, each, seed + this.turnAt);
	});

	/** Index of the task that is next; null when all are hit. */
	readonly next: number | null = $derived.by(() => {
		const played = (this.turn?.tasks ?? []).map((task) => this.#playedOf(task));
		return nextTask(this.#order, played);
	});

	/** The task that the next ball belongs to. */
	readonly at: number | null = $derived(this.chosen ?? this.next);
	readonly current: TaskState | undefined = $derived(
		this.at === null ? undefined : this.tasks[this.at]
	);

	readonly score: Score = $derived.by(() => {
		const scored = this.own.map((ball) => ({
			hit: isHit(this.session, ball),
			off: offBy(this.session, ball),
			strokes: ball.strokes ?? null
		}));
		return scoreOf(this.session.rules.format, scored, this.last);
	});

	/** How many balls a task asks for in this session's format. */
	asked({ balls }: SessionTask): number {
		return ballsAsked(this.session.rules.format, balls);
	}

	#playedOf(task: SessionTask): number {
		return this.own.reduce((sum, ball) => (isOf(task, ball) ? sum + 1 : sum), 0);
	}

	#stateOf(task: SessionTask): TaskState {
		const balls = this.own.filter((ball) => isOf(task, ball));
		const { pupil } = this;
		const practised = balls.map(practisedOf);
		const speed = pupil ? dispersionOf(pupil.pupil).speed : 0.07;
		const group = balls.length > 0 ? groupOf(practised, speed) : null;
		const followed = group?.roll !== null && group !== null;
		return {
			task,
			balls,
			group,
			wild: group?.wild ?? wildBalls(practised),
			meantRoll: followed && pupil ? rollFrom(task, group.carry.centre, this.session, pupil) : null,
			landing: group?.landing ?? null
		};
	}

	/** What two touches, or one, on the drawing mean for this drill. */
	get asks(): 'both' | 'landing' | 'finish' {
		const { measure } = this.session.rules;
		return measure === 'carry' || measure === 'strike'
			? 'landing'
			: measure === 'roll-out'
				? 'both'
				: 'finish';
	}

	/**
	 * A touch on the drawing: where the ball landed, or where it ended.
	 *
	 * @param touchError how far it may be off, one standard deviation in metres
	 */
	touch(spot: Spot, touchError?: Metres): void {
		if (this.at === null) {
			this.notice = 'Not noted: all balls are hit. Ask for more balls first.';
			return;
		}
		const behind = spot[0] < NEAREST && !(this.asks === 'both' && this.half);
		this.notice = behind ? 'That is behind the ball: touch the green beyond it.' : '';
		if (behind) return;
		if (this.asks === 'landing')
			this.note({ landed: spot, finished: null, source: 'touched', touchError });
		else if (this.asks === 'finish' || this.onlyEnd)
			this.note({ landed: null, finished: spot, source: 'touched', touchError });
		else if (!this.half) this.half = spot;
		else {
			const back = this.half[0] - spot[0];
			this.note({ landed: this.half, finished: spot, source: 'touched', touchError });
			if (back > SPUN_BACK)
				this.notice = 'Noted: it came far back. If it did not, take it back and touch again.';
		}
	}

	/** Notes a ball of the task at hand and keeps it. Answers null where there is no task or it was noted before. */
	note(noted: NotedBall): Ball | null {
		const { turn, session } = this;
		const task = this.at === null ? undefined : turn?.tasks[this.at];
		if (!task || !turn || session.endedAt !== null) return null;
		const { reading } = noted;
		if (reading !== undefined && this.balls.some((ball) => ball.reading === reading)) return null;
		const ball: Ball = {
			...ballOfTask(noted, task, session),
			id: newId(),
			pupilId: turn.pupilId,
			at: noted.at ?? instantAfter(this.balls.at(-1)?.at ?? ''),
			tags: [...this.tags]
		};
		this.balls = [...this.balls, ball];
		this.half = null;
		this.onlyEnd = false;
		this.tags = [];
		if (this.chosen !== null && this.#playedOf(task) >= this.asked(task)) this.chosen = null;
		this.#queue.put(ball);
		return ball;
	}

	/**
	 * Says which swing the balls of a task were made with, where only the model had guessed it.
	 *
	 * @param said a mark of the pupil's words; null takes back what was said
	 */
	saySwing(at: number, said: string | null): void {
		const { turnAt, turn } = this;
		const task = turn?.tasks[at];
		if (!task) return;
		const swing = said ?? task.swing;
		const swingFrom = said === null ? 'assumed' : 'noted';
		const changed = this.own
			.filter((ball) => isOf(task, ball))
			.map((ball): Ball => ({ ...ball, swing, swingFrom }));
		this.balls = this.balls.map((ball) => changed.find(({ id }) => id === ball.id) ?? ball);
		for (const ball of changed) this.#queue.put(ball);
		this.change((session) => {
			session.turns[turnAt]!.tasks[at]!.swing = swing;
		});
	}

	/** Says something of the ball noted last, or takes it back; before the first ball it is said of the next. */
	tag(tag: StrikeTag): void {
		const last = this.own.at(-1);
		if (!last || this.half) {
			this.tags = toggled(this.tags, tag);
			return;
		}
		const changed = { ...last, tags: toggled(last.tags, tag) };
		this.balls = this.balls.map((ball) => (ball.id === last.id ? changed : ball));
		this.#queue.put(changed);
	}

	/** Takes the last touch or the last ball back. */
	undo(): void {
		this.notice = '';
		if (this.half) {
			this.half = null;
			return;
		}
		const last = this.own.at(-1);
		if (!last) return;
		this.balls = this.balls.filter(({ id }) => id !== last.id);
		this.#queue.remove(last.id);
	}

	/** The next pupil's turn. */
	nextPupil(): void {
		this.turnAt = (this.turnAt + 1) % Math.max(1, this.session.turns.length);
		this.chosen = null;
		this.half = null;
		this.tags = [];
	}

	/** So many more balls of the task at hand. */
	ask(more: number): void {
		const { at, turnAt } = this;
		if (at === null) return;
		this.change((session) => {
			session.turns[turnAt]!.tasks[at]!.balls += more;
		});
	}

	change(change: (session: Session) => void): void {
		const before = $state.snapshot(this.session);
		const next: Session = structuredClone(before);
		change(next);
		this.session = next;
		this.#queue.putSession(next, before);
	}

	/** Takes in what is kept now, another tab's balls included; what is not kept yet stays over it. */
	follow(session: Session | undefined, stored: readonly Ball[]): void {
		if (session && !this.#queue.holdsSession && !sameData(session, this.session))
			this.session = session;
		const balls = this.#queue.over(stored);
		if (!sameData(balls, this.balls)) this.balls = balls;
	}

	/** Waits until everything is kept. */
	flush(): Promise<void> {
		return this.#queue.flush();
	}

	close(): Promise<void> {
		return this.#queue.close();
	}
}

const toggled = (tags: readonly StrikeTag[], tag: StrikeTag): StrikeTag[] =>
	tags.includes(tag) ? tags.filter((other) => other !== tag) : [...tags, tag];
