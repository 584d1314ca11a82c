import type { Committed, ShotReading } from '$lib/core/trainer/reading';
import { diagnose, levelFor, ratingOf } from '$lib/core/trainer/diagnosis';
import { exercise, LEVELS } from '$lib/core/trainer/situations';
import { READ_STEPS, type ReadStep } from '$lib/core/trainer/steps';
import type { PlanRequest } from '$lib/core/plan/question/request';
import { strokesOf, type Play } from '$lib/io/log/play';
import { leftOf, type Exam } from '$lib/io/trainer/exam';
import { dueNow, dueOf, readOf, type Read } from '$lib/io/trainer/read';
import { freshShot } from '$lib/io/work/freshShot';
import { playingOf } from '$lib/io/work/playing';
import type { PupilFile } from '$lib/io/work/pupil';
import { shotDraftSchema, type SavedShot, type WorkingShot } from '$lib/io/work/shot';
import { shotRequest } from '$lib/io/work/shotRequest';
import { newId } from '$lib/store/base/newId';
import type { GreenBook } from '$lib/store/shelves/greens';
import { keepRead } from '$lib/store/shelves/reads';
import { CancellableWork } from '$lib/ui/state/cancellableWork.svelte';
import { MapReader, surveyOf } from '$lib/ui/state/mapReader';
import type { PlannerPool } from '$lib/workers/plannerPool';

/** Where the shots come from. */
export type Source = 'made' | 'saved' | 'lost';

/** What there is to take shots from. */
export interface Stock {
	saved: readonly SavedShot[];
	plays: readonly Play[];
	greens: readonly GreenBook[];
}

/** A shot that is to be read. */
export interface Asked {
	from: Read['from'];
	level: number;
	request: PlanRequest;
	/** A name, where it has one. */
	name: string;
	/** Which shot of an exam it is. */
	item?: string;
}

/** A shot that is kept somewhere. */
interface Kept {
	kind: 'shot' | 'play';
	id: string;
	name: string;
	shot: WorkingShot;
}

/** So many samples choose the plays that are looked at. */
const FEW = 60;
/** Luck of a shot that is not made up. */
const SEED = 31;
/** A play that cost so much more than was forecast is worth another look. */
const LOST = 0.8;
const USUAL_LEVEL = 3;
const MOST_SEED = 2 ** 31;

const UNREAD: Committed = {
	lie: 'clean',
	height: 'middle',
	landing: 4,
	ratio: 1,
	club: '',
	swing: 1,
	aside: 0
};

/** One shot after the other: asked, read, judged. */
export class TrainerBench extends CancellableWork {
	source = $state<Source>('made');
	/** The exam that is taken; null outside of one. */
	exam = $state.raw<Exam | null>(null);
	/** One step alone; null for all of them. */
	only = $state<ReadStep | null>(null);
	asked = $state.raw<Asked | null>(null);
	/** What was decided so far; the rest stands where a finger would begin. */
	committed = $state.raw<Committed>(UNREAD);
	/** Steps that are settled. */
	settled = $state.raw<readonly ReadStep[]>([]);
	reading = $state.raw<ShotReading | null>(null);
	/** What was read here, on top of what was kept before. */
	reads = $state.raw<readonly Read[]>([]);
	#seen = 0;

	constructor(
		private readonly pool: PlannerPool,
		private readonly file: PupilFile,
		private readonly stock: () => Stock,
		kept: readonly Read[]
	) {
		super();
		this.reads = kept;
	}

	/** The steps of this shot that are asked. */
	get steps(): readonly ReadStep[] {
		return this.only ? [this.only] : READ_STEPS;
	}

	/** The step at hand; null when all are settled. */
	get step(): ReadStep | null {
		return this.steps.find((step) => !this.settled.includes(step)) ?? null;
	}

	readonly records = $derived.by(() => diagnose(this.reads));
	readonly level = $derived.by(() => levelFor(ratingOf(this.reads), LEVELS));
	readonly due = $derived.by(() => dueNow(dueOf(this.reads), Date.now()));

	/** The next shot of the source; the steps begin anew. */
	async next(): Promise<void> {
		const asked = this.exam ? this.#examined(this.exam) : this.#another();
		this.asked = asked;
		this.reading = null;
		this.settled = [];
		if (!asked) return;
		const { request } = asked;
		const club = request.bag[Math.floor(request.bag.length / 2)]?.id ?? '';
		const pin = request.situation.toEdge + request.situation.edgeToPin;
		this.committed = { ...UNREAD, club, landing: request.situation.toEdge + 0.2 * (pin / 2) };
		const { only } = this;
		if (!only) return;
		// All else is as good as it can be, so that the one step is judged alone.
		await this.run(async (signal) => {
			const { best, lie } = await this.pool.ask((remote) =>
				remote.judgeReading(request, this.committed)
			);
			if (signal.aborted || this.asked !== asked) return;
			const { height, landing, ratio, club: own, swing, aside } = best;
			const given = { lie: lie[0]!, height, landing, ratio, club: own, swing, aside };
			this.committed = { ...given, [only]: this.committed[COMMITS[only]] };
			if (only === 'aim') this.committed = { ...given, aside: 0 };
			if (only === 'swing') this.committed = { ...given, swing: UNREAD.swing };
		});
	}

	/** Decides something; the step at hand is settled with it where that is said. */
	commit(part: Partial<Committed>, settles: boolean): void {
		this.committed = { ...this.committed, ...part };
		const { step } = this;
		if (settles && step) this.settled = [...this.settled, step];
	}

	/** Goes back to a step: it and those after it are open again. */
	reopen(step: ReadStep): void {
		if (this.reading) return;
		const from = READ_STEPS.indexOf(step);
		this.settled = this.settled.filter((one) => READ_STEPS.indexOf(one) < from);
	}

	/** Plays it as it was read, and keeps what came of it. */
	judge(): Promise<void> {
		const { asked, committed, steps } = this;
		if (!asked) return Promise.resolve();
		return this.run(async (signal) => {
			const reading = await this.pool.ask((remote) =>
				remote.judgeReading(asked.request, committed)
			);
			if (signal.aborted || this.asked !== asked) return;
			this.reading = reading;
			const { from, level } = asked;
			const about = {
				id: newId(),
				pupilId: this.file.pupil.id,
				from,
				level,
				committed,
				...(this.exam && asked.item && { exam: { id: this.exam.id, item: asked.item } })
			};
			const read = readOf(reading, about, steps, Date.now());
			this.reads = [...this.reads, read];
			await keepRead(read);
		});
	}

	/** Shots of the source that there are. */
	get count(): number {
		return this.source === 'made' ? Infinity : this.#shots().length;
	}

	#shots(): Kept[] {
		const { saved, plays } = this.stock();
		if (this.source === 'saved')
			return saved.map(({ id, name, shot }) => ({ kind: 'shot', id, name, shot }));
		return plays
			.filter((play) => {
				const { pupilId, forecast } = play;
				const taken = strokesOf(play);
				return (
					pupilId === this.file.pupil.id &&
					taken !== null &&
					forecast !== undefined &&
					taken - forecast.strokes > LOST
				);
			})
			.map(({ id, shot }) => ({
				kind: 'play',
				id,
				name: 'A shot that you lost a stroke with',
				shot
			}));
	}

	/** The next shot of an exam that this pupil has not answered; null when all are. */
	#examined(exam: Exam): Asked | null {
		const [item] = leftOf(exam, this.reads, this.file.pupil.id);
		if (!item) return null;
		const { id, seed, level, name, shot } = item;
		const asked = shot
			? this.#shot({ kind: 'shot', id, name, shot: shotDraftSchema.parse(shot) })
			: this.#made(seed, level);
		return { ...asked, item: id };
	}

	/** A shot that is made up. */
	#made(seed: number, level: number): Asked {
		const playing = playingOf(this.file);
		const request = shotRequest(freshShot(this.file.pupil.id), playing, FEW, SEED);
		const { situation } = exercise(seed, level);
		return {
			from: { kind: 'made', id: String(seed) },
			level,
			request: bare({ ...request, situation }),
			name: ''
		};
	}

	/** A shot that is there. */
	#shot({ kind, id, name, shot }: Kept): Asked {
		const placed = new MapReader(() => this.stock().greens).placedOf(shot.place);
		const request = shotRequest(shot, playingOf(this.file), FEW, SEED, surveyOf(placed));
		return { from: { kind, id }, level: USUAL_LEVEL, request: bare(request), name };
	}

	#another(): Asked {
		const shots = this.source === 'made' ? [] : this.#shots();
		const chosen = shots[this.#seen++ % Math.max(1, shots.length)];
		return chosen
			? this.#shot(chosen)
			: this.#made(Math.floor(Math.random() * MOST_SEED), this.level);
	}
}

/** A question of the best shot of all, without the putter. */
function bare(request: PlanRequest): PlanRequest {
	const { wanted: _wanted, ...rest } = request;
	return { ...rest, school: 'free', bag: request.bag.filter(({ putter }) => !putter) };
}

/** Which part of a commitment each step decides. */
const COMMITS: Readonly<Record<ReadStep, keyof Committed>> = {
	lie: 'lie',
	height: 'height',
	landing: 'landing',
	ratio: 'ratio',
	club: 'club',
	swing: 'swing',
	aim: 'aside'
};
