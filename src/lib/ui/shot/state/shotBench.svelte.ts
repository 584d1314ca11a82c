// Longer than most: the one face that the view has of a shot. It holds its parts together (draft, planner, map, keeping); each does its
// own work in a file of its own.
import type { Plan } from '$lib/core/plan/plan';
import type { FirstAnswer } from '$lib/core/plan/firstAnswer';
import type { LandingRegion } from '$lib/core/plan/studies/landingRegion';
import type { SpotStudy } from '$lib/core/plan/studies/spotStudy';
import type { RejectedPlay } from '$lib/core/plan/ladder/ladder';
import type { LineOfPlay } from '$lib/core/green/lineOfPlay';
import { contentKey } from '$lib/core/math/contentKey';
import type { PlanRequest } from '$lib/core/plan/question/request';
import type { Stance } from '$lib/core/lie/stance';
import { stanceAt } from '$lib/core/plan/question/stanceAt';
import type { Situation } from '$lib/core/plan/question/situation';
import type { ClubWire } from '$lib/io/work/club';
import { playingOf, type Playing } from '$lib/io/work/playing';
import type { Golfer } from '$lib/io/work/player';
import type { PupilFile } from '$lib/io/work/pupil';
import { freshShot } from '$lib/io/work/freshShot';
import { situationToCore } from '$lib/io/fields/situation';
import { firstPlace, readToday, type Placed } from '$lib/io/work/placedShot';
import type { ReadingWire } from '$lib/io/work/reading';
import type { Called, Place, SavedShot, WorkingShot } from '$lib/io/work/shot';
import { playWords } from '$lib/io/words/play';
import type { GreenBook } from '$lib/store/shelves/greens';
import { mergeThree, sameData } from '$lib/store/base/merge';
import { PlannerPool, startPlanner } from '$lib/workers/plannerPool';
import { choicesOfLadder, choicesOfPlan, type Choice } from '$lib/ui/call/choices';
import { DraftBench } from '$lib/ui/state/draftBench.svelte';
import { LandingStudy } from './landingStudy.svelte';
import { MapReader, surveyOf } from '$lib/ui/state/mapReader';
import { Planner } from './planner.svelte';
import { ShotKeeping, type SavedOver } from './shotKeeping.svelte';
import { problemsOf } from './shotProblems';
import { shotQuestion } from '$lib/ui/state/shotQuestion';

/** A ball is landed this far out at least. */
const NEAREST_SPOT = 0.3;

export type BenchStatus = 'idle' | 'solving' | 'sampling' | 'ready' | 'stopped' | 'failed';

/** A shot to put on the bench. */
export interface Opened {
	shot: WorkingShot;
	name: string;
	/** The kept shot it comes from, as it is kept; null for one that is not kept. */
	origin: SavedShot | null;
	/** The line of work it belongs to; one of its own where it is left out. */
	line?: string | undefined;
}

/** What was called for whoever played before. */
export interface PlayedBefore {
	file: PupilFile;
	choice: Choice;
}

/** The shot under work: what is asked, what is answered, what was chosen, and what undoes it. */
export class ShotBench extends DraftBench<WorkingShot> {
	name = $state('');
	chosenKey = $state<string | null>(null);
	/** A landing spot that was chosen by itself, metres from the ball; null where it is the call's. */
	spot = $state<number | null>(null);
	/** Every surveyed green of this browser. */
	greens = $state.raw<GreenBook[]>([]);
	/** Set when the shot has gone to another pupil, until something else is changed. */
	before = $state.raw<PlayedBefore | null>(null);

	readonly pool: PlannerPool;
	readonly #who: (pupilId: string) => PupilFile;
	readonly #map = new MapReader(() => this.greens);
	readonly #planner: Planner;
	readonly #landing: LandingStudy;
	readonly #keeping = new ShotKeeping({
		shot: () => this.shot,
		called: () => this.#called(),
		isWhole: () => this.problems.length === 0,
		takeIn: (mine, kept) => this.#takeIn(mine, kept),
		clash: (clashes) => (this.clashes = clashes)
	});
	#playing: Playing | null = null;
	#opened = false;

	/** @param who the pupil of an id, as kept now */
	constructor(
		who: (pupilId: string) => PupilFile,
		pool: PlannerPool = new PlannerPool(startPlanner)
	) {
		super(freshShot(who('').pupil.id), () => this.#changed());
		this.pool = pool;
		this.#who = who;
		this.#planner = new Planner(pool);
		this.#landing = new LandingStudy(pool);
	}

	/** Id of the kept shot this came from; null for one that is not kept. */
	get id(): string | null {
		return this.#keeping.id;
	}

	get shot(): WorkingShot {
		return this.value;
	}

	/** Whose shot it is. */
	readonly file: PupilFile = $derived.by(() => this.#who(this.shot.pupilId));

	/** Who plays it, with what. */
	readonly playing: Playing = $derived(playingOf(this.file));

	get golfer(): Golfer {
		return this.playing.golfer;
	}

	get bag(): readonly ClubWire[] {
		return this.playing.bag;
	}

	get first(): FirstAnswer | null {
		return this.#planner.first;
	}

	get plan(): Plan | null {
		return this.#planner.plan;
	}

	get progress(): number {
		return this.#planner.progress;
	}

	/** Why there is no answer, or why the shot could not be kept. */
	get failure(): string {
		return this.#planner.failure;
	}

	/** Why the shot on the bench is not kept; empty while all is well. */
	get notKept(): string {
		return this.#keeping.failure;
	}

	/** Where the chosen shot may land, once worked out. */
	get region(): LandingRegion | null {
		return this.#landing.region;
	}

	readonly status: BenchStatus = $derived.by(() => {
		const { status, sampling } = this.#planner;
		if (status === 'working') return sampling ? 'sampling' : 'solving';
		return status === 'done' ? 'ready' : status;
	});

	/** The green that the shot lies on; null for a line without a map. */
	readonly book: GreenBook | null = $derived(this.#map.bookOf(this.shot.place));

	/** Ground under a placed shot, or why there is no line on it; null for a line without a map. */
	readonly placed: Placed | null = $derived(this.#map.placedOf(this.shot.place));

	/** The line on the map, where there is one. */
	readonly line: LineOfPlay | null = $derived(
		this.placed?.problem === null ? this.placed.line : null
	);

	/** What is drawn and planned on. */
	readonly situation: Situation = $derived(
		situationToCore(this.shot.situation, surveyOf(this.placed))
	);

	/** Slope under ball and feet, as said or as the ground has it. */
	readonly stance: Stance = $derived(stanceAt(this.situation, this.golfer.hand));

	/** What is wrong with the shot as it stands. */
	readonly problems = $derived([
		...problemsOf(this.shot, this.bag),
		...(this.placed?.problem ? [{ path: 'The map:', message: this.placed.problem }] : [])
	]);

	/** Every playable way, best first once sampled, least air first before. */
	readonly choices = $derived(this.plan ? choicesOfPlan(this.plan) : choicesOfLadder(this.first));

	readonly rejected: RejectedPlay[] = $derived(
		this.plan?.rejected ?? this.first?.ladder.rejected ?? []
	);

	readonly chosen: Choice | null = $derived(
		this.choices.find((choice) => choice.key === this.chosenKey) ?? this.choices[0] ?? null
	);

	choose(key: string | null): void {
		this.spot = null;
		this.chosenKey = key;
	}

	/** Chooses the way that lands nearest to a station along the line. */
	chooseByLanding(x: number): void {
		const { choices } = this;
		if (choices.length === 0) return;
		this.spot = Math.max(NEAREST_SPOT, x);
		const off = ({ candidate }: Choice) => Math.abs(candidate.solution.outcome.landingX - x);
		this.chosenKey = choices.reduce((a, b) => (off(b) < off(a) ? b : a)).key;
	}

	/** Puts another shot on the bench; what was there can be had back with undo. */
	open({ shot: opened, name, origin, line }: Opened): void {
		const shot = structuredClone(opened);
		this.#map.readInto(shot, shot.place);
		this.name = name;
		this.chosenKey = null;
		this.#keeping.begin({ shot: opened, origin, line });
		if (this.#opened) this.draft.replace(shot);
		else {
			this.draft.reset(shot);
			this.#changed();
		}
		this.#opened = true;
	}

	/** Takes note of the greens and their readings; a shot that lies on one is read off its map again when that has changed. */
	knowGreens(greens: GreenBook[]): void {
		const before = surveyOf(this.placed)?.green;
		this.greens = greens;
		const now = surveyOf(this.placed)?.green;
		if (contentKey(before ?? null) === contentKey(now ?? null)) return;
		const shot = structuredClone(this.shot);
		this.#map.readInto(shot, shot.place);
		this.draft.reset(shot);
		this.#changed();
	}

	/** Asks anew where what is known of the pupil has changed. */
	knowPupils(): void {
		if (this.#playing && contentKey(this.#playing) !== contentKey(this.playing)) this.#changed();
	}

	/** Gives the shot to another pupil. */
	playFor(file: PupilFile): void {
		if (file.pupil.id === this.shot.pupilId) return;
		const [choice] = this.choices;
		const before = choice ? { file: this.file, choice } : null;
		this.change((shot) => (shot.pupilId = file.pupil.id));
		this.before = before;
	}

	/** Moves ball or pin on the map; the line is read anew. */
	moveTo(place: Place): void {
		const before = this.shot.place;
		this.change((shot) => {
			shot.place = place;
			this.#map.readInto(shot, before);
		});
	}

	/** Puts the shot on a green, with today's reading of it. */
	placeOnGreen(book: GreenBook, pin?: Place['pin']): void {
		const place = firstPlace(book.green, pin);
		this.change((shot) => {
			shot.place = place;
			this.#map.readInto(shot, undefined);
			const placed = this.#map.placedOf(place);
			const reading = book.readings[0];
			if (placed?.problem === null && reading) readToday(shot.situation, placed.line, reading);
		});
	}

	/** Takes a reading of its green for the shot. */
	readToday(reading: ReadingWire): void {
		const { line } = this;
		if (line) this.change(({ situation }) => readToday(situation, line, reading));
	}

	/** Leaves the map; what was read off it stays as a straight line of segments. */
	leaveGreen(): void {
		this.change((shot) => delete shot.place);
	}

	/** Makes a shot of its own of what is on the bench: saving it overwrites nothing. */
	detach(name: string): void {
		this.#keeping.detach();
		this.name = name;
	}

	/** Saves the shot: over the kept one whose name it has, beside what another tab changed of that; under any other name as a new one. */
	async save(name: string, asCopy: boolean): Promise<SavedOver> {
		const kept = await this.#keeping.save(name, asCopy);
		this.name = kept.saved.name;
		return kept;
	}

	/** Whether saving under a name goes over the kept shot it came from. */
	goesOver(name: string): boolean {
		return this.#keeping.goesOver(name);
	}

	/** Whether the kept shot is as it stands here. */
	get isSaved(): boolean {
		return this.#keeping.isSaved();
	}

	/** Puts the kept shot back as it was before it was saved over. */
	putBack(before: SavedShot): Promise<void> {
		return this.#keeping.putBack(before);
	}

	/** Begins a plain shot of the same pupil; hands back what brings this one back. */
	begin(): () => void {
		const before = { shot: this.shot, name: this.name, ...this.#keeping.opened };
		this.open({ shot: freshShot(this.shot.pupilId), name: '', origin: null });
		return () => this.open(before);
	}

	/** What a landing spot needs, and how near every way comes to it. */
	studySpot(spot: number): Promise<SpotStudy> {
		return this.pool.studySpot(this.#planner.request ?? this.#request(), spot);
	}

	/** The question that the plan answers; null while there is none. */
	get asked(): PlanRequest | null {
		return this.#planner.request;
	}

	/** Works out where a sampled choice may land. */
	async mapLanding({ candidate }: Choice): Promise<void> {
		const { request } = this.#planner;
		if (request) await this.#landing.map(request, candidate);
	}

	/** Gives up the calculation under way and keeps what has been answered. */
	cancel(): void {
		this.#planner.cancel();
	}

	/** Asks again. */
	refresh(): void {
		this.#changed();
	}

	/** Keeps what is not kept yet. */
	flush(): Promise<void> {
		return this.#keeping.flush();
	}

	async close(): Promise<void> {
		this.#planner.clear();
		this.#landing.clear();
		this.pool.close();
		await this.#keeping.close();
	}

	#changed(): void {
		this.#landing.clear();
		this.spot = null;
		this.#keeping.touch();
		this.before = null;
		this.#playing = this.playing;
		if (this.problems.length > 0) this.#planner.clear();
		else void this.#planner.ask(this.#request());
	}

	/** Takes in what another tab changed of this shot; what was changed here meanwhile stays over it. */
	#takeIn(mine: WorkingShot, kept: WorkingShot): void {
		if (sameData(mine, kept)) return;
		this.draft.adopt(mergeThree(mine, this.shot, kept).merged);
		this.#landing.clear();
		void this.#planner.ask(this.#request());
	}

	/** The call as it is saved with the shot. */
	#called(): Called | undefined {
		const [best] = this.choices;
		if (!best) return undefined;
		const { carry, roll } = best.candidate.solution.outcome;
		const metres = (value: number) => Number(value.toFixed(2));
		return { words: playWords(best.candidate.play), carry: metres(carry), roll: metres(roll) };
	}

	#request(): PlanRequest {
		return shotQuestion(this.shot, this.playing, surveyOf(this.placed));
	}
}
