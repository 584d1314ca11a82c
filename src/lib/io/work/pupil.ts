import * as z from 'zod/mini';
import { carryTable, type CarryCell, type CarryFact } from '$lib/core/player/carryTable';
import type { CarryFlight } from '$lib/core/solve/measuredSwings';
import { clubDraftSchema, toClub, type ClubDraft, type ClubWire } from './club';
import {
	atMost,
	ballSourceField,
	carryFlightField,
	idField,
	inRange,
	lieField,
	nameField,
	ratioStyleField,
	shapeField,
	strikeTagField,
	swingFromField,
	unitsField,
	within
} from '../fields/fields';
import { LETTERS, RANGE } from '../fields/ranges';
import { dispersionOf, golferDraftSchema, type Golfer } from './player';

/** From a child to the tallest, metres. */
export const STATURES = { least: 0.9, usual: 1.75, most: 2.3 } as const;
const noteField = z.string().check(atMost(LETTERS.notes));

/** A pupil under work: who plays, and how distances are said to them. */
export const pupilDraftSchema = z.extend(z.omit(golferDraftSchema, { carries: true }), {
	id: idField,
	name: nameField,
	/** Length of a pace in metres, measured once. */
	pace: z._default(inRange(RANGE.pace, 'metres'), 0.9),
	/** How tall, metres: where the eyes are in the picture from behind the ball. */
	stature: z.optional(within(STATURES.least, STATURES.most, 'metres')),
	units: z._default(unitsField, 'metres'),
	/** How air and ground are said to them; as a ratio where it is left out. */
	ratios: z.optional(ratioStyleField),
	/** What to mind when this pupil plays. */
	minding: z._default(noteField, ''),
	notes: z._default(noteField, ''),
	archived: z._default(z.boolean(), false)
});

const spotField = z.tuple([within(-30, 300, 'metres'), within(-150, 150, 'metres')]);

/** A ball whose carry is known, or a carry that is stated. */
export const ballDraftSchema = z.object({
	id: idField,
	pupilId: idField,
	clubId: idField,
	at: z.string(),
	swing: nameField,
	swingFrom: z.optional(swingFromField),
	flight: z._default(carryFlightField, 'standard'),
	carry: within(0.1, 300, 'metres'),
	source: z._default(ballSourceField, 'typed'),
	spread: z.optional(within(0, 40, 'metres')),
	n: z.optional(z.int().check(z.minimum(1), z.maximum(10_000))),
	sessionId: z.optional(idField),
	shape: z._default(shapeField, 'straight'),
	lie: z._default(lieField, 'fairway'),
	landed: z.optional(spotField),
	finished: z.optional(spotField),
	touchError: z.optional(within(0, 10, 'metres')),
	meant: z.optional(within(0.1, 300, 'metres')),
	meantRoll: z.optional(within(-30, 300, 'metres')),
	inferred: z._default(z.boolean(), false),
	tags: z._default(z.array(strikeTagField), []),
	strokes: z.optional(z.int().check(z.minimum(1), z.maximum(12))),
	reading: z.optional(z.string().check(z.maxLength(80))),
	counts: z._default(z.boolean(), true)
});

/** What a ball is that nothing more is said of. */
export const PLAIN_BALL = {
	shape: 'straight',
	lie: 'fairway',
	inferred: false,
	tags: [],
	counts: true
} satisfies Partial<z.output<typeof ballDraftSchema>>;

/** What played shots changed of a pupil's numbers: the app's own work, judged where its row is read. */
interface Corrected {
	at: string;
	/** When each number was corrected last: forecasts made before say no more of it. */
	since: Record<string, string>;
	/** How the numbers were before the first correction; missing where it was taken back since. */
	before?: Partial<Pick<Golfer, 'spread' | 'delivered' | 'costs'>> | undefined;
}

export type Pupil = z.output<typeof pupilDraftSchema> & { corrected?: Corrected | undefined };
export type Ball = z.output<typeof ballDraftSchema>;

/** A pupil with their bag, retired clubs too, and every ball of theirs. */
export interface PupilFile {
	pupil: Pupil;
	clubs: ClubDraft[];
	balls: Ball[];
}

export const pupilFileSchema = z.object({
	pupil: pupilDraftSchema,
	clubs: z.array(clubDraftSchema),
	balls: z.array(ballDraftSchema)
});

/** A pupil's file out of rows of many; undefined where there is no such pupil. */
export function fileOf(
	rows: { pupils: readonly Pupil[]; clubs: readonly ClubDraft[]; balls: readonly Ball[] },
	id: string
): PupilFile | undefined {
	const pupil = rows.pupils.find((row) => row.id === id);
	return (
		pupil && {
			pupil,
			clubs: rows.clubs.filter(({ pupilId }) => pupilId === id),
			balls: rows.balls.filter(({ pupilId }) => pupilId === id)
		}
	);
}

/** The clubs that are played, in the order of the bag. */
export const clubsInBag = (clubs: readonly ClubDraft[]): ClubDraft[] =>
	clubs.filter(({ retiredAt }) => retiredAt === null).sort((a, b) => a.order - b.order);

/** The bag as the planner takes it: woods are carried, but nobody is asked to chip with one. */
export const bagOf = (clubs: readonly ClubDraft[]): ClubWire[] =>
	clubsInBag(clubs)
		.filter(({ kind }) => kind !== 'wood')
		.map(toClub);

/** Balls farther apart in time than this were hit on different days, wherever on earth that was; ms. */
const NEXT_DAY = 6 * 3600 * 1000;

/** On which day each ball was hit, by its id, in the order they were hit: a new day begins where nothing was hit for hours. */
export function daysOf(balls: readonly Pick<Ball, 'id' | 'at'>[]): Map<string, number> {
	const sorted = balls
		.map(({ id, at }) => ({ id, at: Date.parse(at) }))
		.sort((a, b) => a.at - b.at);
	let day = 0;
	return new Map(
		sorted.map(({ id, at }, i) => {
			if (i > 0 && at - sorted[i - 1]!.at > NEXT_DAY) day++;
			return [id, day];
		})
	);
}

const factOf = (ball: Ball, day: number): CarryFact<CarryFlight> => ({
	club: ball.clubId,
	swing: ball.swing,
	flight: ball.flight,
	carry: ball.carry,
	day,
	stated: ball.source === 'stated',
	behind:
		ball.spread !== undefined && ball.n !== undefined
			? { spread: ball.spread, n: ball.n }
			: undefined
});

/** Tables that were worked out already, by the balls behind them, which are never changed in place. */
const tables = new WeakMap<readonly Ball[], { speed: number; cells: CarryCell<CarryFlight>[] }>();

/** The carry table of a pupil: every club, swing and flight of which there is a ball. */
export function carriesOf({ pupil, balls }: PupilFile): CarryCell<CarryFlight>[] {
	const { speed } = dispersionOf(pupil);
	const known = tables.get(balls);
	if (known?.speed === speed) return known.cells;
	const byId = new Map(balls.map((ball) => [ball.id, ball]));
	// Days come in the order of time, and their balls in it.
	const facts = [...daysOf(balls)].flatMap(([id, day]) => {
		const ball = byId.get(id)!;
		return inTable(ball) ? [factOf(ball, day)] : [];
	});
	const cells = carryTable(facts, speed);
	tables.set(balls, { speed, cells });
	return cells;
}

/** Lies that carries are measured from, but for a splash. */
const TABLE_LIES: readonly Ball['lie'][] = ['fairway', 'fringe', 'tight'];

/**
 * Whether the carry table rests on a ball: it counts, its swing was prescribed or said, it was seen to land, flew a straight path, and was
 * not called wild. Somebody who chips to a stick makes the stick's carry with whatever swing it takes: that says nothing of a swing.
 */
export const inTable = ({ counts, swingFrom, inferred, shape, tags, lie, flight }: Ball): boolean =>
	counts &&
	swingFrom !== 'assumed' &&
	!inferred &&
	shape === 'straight' &&
	!tags.includes('wild') &&
	(flight === 'splash' || TABLE_LIES.includes(lie));

/** Who plays, as the planner takes it: the pupil with the carries that their table says. */
export function golferOf(file: PupilFile): Golfer {
	return {
		...golferDraftSchema.parse(file.pupil),
		carries: carriesOf(file).map(({ club, swing, flight, mean, spread, n }) => ({
			club,
			swing,
			flight,
			carry: mean,
			n,
			...(spread !== null && { spread })
		}))
	};
}
