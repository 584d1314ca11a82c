import type { ShotReading } from '$lib/core/trainer/reading';
import type { Committed } from '$lib/core/trainer/shotJudge';
import { diagnose, levelFor, ratingOf } from '$lib/core/trainer/diagnosis';
import { surfaceInSteps } from '$lib/core/green/surface';
import { exerciseOn } from '$lib/core/trainer/placedExercise';
import { exercise, levelOf, LEVELS } from '$lib/core/trainer/situations';
import { READ_STEPS, type ReadStep } from '$lib/core/trainer/steps';
import type { PlanRequest } from '$lib/core/plan/question/request';
import { strokesOf } from '$lib/io/log/play';
import { leftOf, type Exam } from '$lib/io/trainer/exam';
import { dueNow, dueOf, readOf, type Read } from '$lib/io/trainer/read';
import { freshShot } from '$lib/io/work/freshShot';
import { greenToCore } from '$lib/io/work/green';
import { playingOf } from '$lib/io/work/playing';
import type { PupilFile } from '$lib/io/work/pupil';
import { shotDraftSchema } from '$lib/io/work/shot';
import { shotRequest } from '$lib/io/work/shotRequest';
import { newId } from '$lib/store/base/newId';
import { keepRead } from '$lib/store/shelves/reads';
import { CancellableWork } from '$lib/ui/state/cancellableWork.svelte';
import { MapReader, surveyOf } from '$lib/ui/state/mapReader';
import { finishInSlices } from '$lib/ui/state/slices';
import type { PlannerPool } from '$lib/workers/plannerPool';
import { newSeed } from './newSeed';
import type { Asked, Kept, Source, Stock } from './stock';

/** So many samples choose the plays that are looked at. */
const FEW = 60;
/** Luck of a shot that is not made up. */
const SEED = 31;
/** A play that cost so much more than was forecast is worth another look. */
const LOST = 0.8;
/** So many shots on a green are drawn; the one that is nearest to the level is asked. */
const DRAWN = 6;

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
	/** Sits down to it for some minutes: whole shots, and between them the step that is due. When it was begun, ms; null outside. */
	sitting = $state<number | null>(null);
	#asked = 0;
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

	/** Sits down to it. */
	sit(): Promise<void> {
		this.sitting = Date.now();
		this.#asked = 0;
		return this.next();
	}

	/** Gets up: from here on what is asked is chosen by hand again. */
	getUp(): void {
		this.sitting = null;
		this.only = null;
	}

	/** The next shot of the source; the steps begin anew. */
	async next(): Promise<void> {
		if (this.sitting !== null) this.only = this.#asked++ % 2 === 0 ? null : (this.due[0] ?? null);
		const asked = this.exam ? this.#examined(this.exam) : await this.#another();
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
				remote.judgeReading(request, this.committed, 'free')
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
				remote.judgeReading(asked.request, committed, this.file.pupil.school)
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
		if (this.source === 'made') return Infinity;
		return this.source === 'greens' ? this.stock().greens.length : this.#shots().length;
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
		return { from: { kind, id }, level: levelOf(request.situation), request: bare(request), name };
	}

	/** A shot that is made up on one of the coach's greens, one green after the other; null where none lies there. */
	async #onGreen(): Promise<Asked | null> {
		const { greens } = this.stock();
		const book = greens[this.#seen++ % Math.max(1, greens.length)];
		if (!book) return null;
		const core = greenToCore(book.green);
		// The ground is worked out in steps: the page answers meanwhile.
		await finishInSlices(surfaceInSteps(core));
		const reader = new MapReader(() => greens);
		const named = book.green.pins.map(({ at }) => at);
		const drawn = Array.from({ length: DRAWN }, () => {
			const placed = exerciseOn(core, named, newSeed());
			if (!placed) return null;
			const shot = freshShot(this.file.pupil.id);
			shot.place = { greenId: book.green.id, ball: [...placed.ball], pin: [...placed.pin] };
			const [reading] = book.readings;
			if (reading) shot.situation.stimpFeet = reading.stimpFeet;
			reader.readInto(shot, undefined);
			shot.situation.lie = placed.lie;
			return this.#shot({ kind: 'green', id: book.green.id, name: book.green.name, shot });
		});
		const off = ({ level }: Asked) => Math.abs(level - this.level);
		return drawn.reduce((best, one) => (one && (!best || off(one) < off(best)) ? one : best), null);
	}

	async #another(): Promise<Asked> {
		const made = () => this.#made(newSeed(), this.level);
		if (this.source === 'made') return made();
		if (this.source === 'greens') return (await this.#onGreen()) ?? made();
		const shots = this.#shots();
		const chosen = shots[this.#seen++ % Math.max(1, shots.length)];
		return chosen ? this.#shot(chosen) : made();
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
