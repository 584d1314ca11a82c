import { nearestByLoft, type Club } from '../../club/club';
import type { Green } from '../../green/green';
import { surfaceOf } from '../../green/surface';
import { SURFACE } from '../../ground/surfaces';
import { areaOf, boundsOf, distanceToEdge, type Point } from '../../math/polygon';
import type { Play } from '../../player/intent';
import { degrees, radians, type Metres } from '../../units';
import { possiblePlays, wantedPlays } from '../ladder/possiblePlays';
import { buildLadder, type Ladder } from '../ladder/ladder';
import { type Candidate } from '../ladder/candidate';
import { COLD_START } from '../ladder/warmStart';
import { createLocalSampler } from '../race/localSampler';
import { expectedLie, lineOn, situationOn, type Conditions } from '../question/onGreen';
import { Question } from '../question/question';
import type { PlanRequest } from '../question/request';
import { isRestricted, wantsClub, type Wanted } from '../question/wanted';
import { mean } from '../race/statistics';

/** Spots nearer to the green's edge than this are as good as on it; farther out than this nobody misses. */
const NEAREST: Metres = 0.7;
const FARTHEST: Metres = 9;
/** Clubs that stand for the whole bag: a map needs the shape of the answer, not the last hundredth. */
const STANDING_LOFTS = [34, 46, 56, 60].map(radians);
const BALLS = 90;
/** Plays are looked at with more and more balls, the cheapest of them: so many are left after each look. */
const LOOKS = [
	{ balls: 15, left: 8 },
	{ balls: 40, left: 3 },
	{ balls: BALLS, left: 1 }
];
const SKIPPED_OPENINGS = [10, 45];

/** What a ball at one place beside the green costs. */
export interface MissCost {
	spot: Point;
	/** Expected strokes to hole out; NaN where nothing can be played. */
	strokes: number;
	/** Null where nothing can be played. */
	play: Play | null;
}

/** What every spot of one map shares. */
export interface MissQuestion {
	green: Green;
	pin: Point;
	conditions: Conditions;
	bag: readonly Club[];
	player: PlanRequest['player'];
	/** The shot that is asked for; left out for any. Where a lie allows none such, the best of all. */
	wanted?: Wanted | undefined;
	seed: number;
}

/**
 * Places around a green, evenly spread over the ring in which misses end.
 *
 * @param count about so many are returned; none for a green without outline
 */
export function missSpots(green: Green, count: number): Point[] {
	const [lowU, lowV, highU, highV] = boundsOf(green.outline);
	if (green.outline.length < 3) return [];
	const surface = surfaceOf(green);
	const wide: Metres = highU - lowU + 2 * FARTHEST;
	const high: Metres = highV - lowV + 2 * FARTHEST;
	// The corners of the box lie too far out: a rounded ring takes about this share of what is left of it.
	const spacing = Math.sqrt((0.8 * (wide * high - areaOf(green.outline))) / count);
	const spots: Point[] = [];
	for (let v = lowV - FARTHEST, row = 0; v <= highV + FARTHEST; v += spacing * 0.87, row++)
		for (let u = lowU - FARTHEST + (row % 2) * (spacing / 2); u <= highU + FARTHEST; u += spacing) {
			const kind = surface.kindAt(u, v);
			const away = distanceToEdge(green.outline, u, v);
			const misses = kind !== SURFACE.green && kind !== SURFACE.water;
			if (misses && away >= NEAREST && away <= FARTHEST) spots.push([u, v]);
		}
	return spots;
}

/**
 * Every club that stands for others, once, and the putter.
 *
 * @param bag of the player
 */
export function standingBag(bag: readonly Club[]): Club[] {
	const standing = STANDING_LOFTS.map((loft) => nearestByLoft(bag, loft));
	return [...new Set([...standing, bag.find((club) => club.putter)])].filter(
		(club) => club !== undefined
	);
}

/** The planner's question of a ball at one spot; null where there is no line or no lie. */
function questionAt(asked: MissQuestion, spot: Point): Question | null {
	const { green, pin, conditions, bag, player, wanted, seed } = asked;
	const carried = wanted ? bag.filter(({ id }) => wantsClub(wanted, id)) : bag;
	const line = lineOn(green, spot, pin);
	if (typeof line === 'string') return null;
	const lie = expectedLie(line.ballOn);
	if (!lie) return null;
	return new Question({
		situation: situationOn(green, line, lie, conditions),
		bag: standingBag(carried.length > 0 ? carried : bag),
		player,
		...(wanted && { wanted }),
		school: 'free',
		samples: BALLS,
		seed
	});
}

/** The plays that decide most shots; a map needs no finer choice. */
const isTelling = ({ shape, faceOpen }: Play): boolean =>
	shape === 'straight' && !SKIPPED_OPENINGS.includes(Math.round(degrees(faceOpen)));

/** As an answer at once has it; a full search only where that finds nothing that works. */
function quickLadder(question: Question, plays: readonly Play[]): Ladder {
	const quick = buildLadder(question, plays, COLD_START);
	return quick.candidates.some(({ against }) => against === null)
		? quick
		: buildLadder(question, plays);
}

/** What is worth a ball from there: of what was asked for, else of everything. */
function candidatesOf(question: Question): readonly Candidate[] {
	const { request, situation } = question;
	const plays = possiblePlays(request.bag, situation).filter(isTelling);
	const { candidates } = quickLadder(question, wantedPlays(question, plays));
	if (candidates.length > 0 || !isRestricted(question.wanted)) return candidates;
	return quickLadder(question.freed(), plays).candidates;
}

/** A candidate with what its balls have cost. */
interface Raced {
	candidate: Candidate;
	strokes: number[];
}

/**
 * Expected strokes from one spot beside a green, with a few clubs and few balls: a first look at all, more for the best ones.
 * The standard error is about 0.1 stroke.
 *
 * @param asked green, pin, player and bag
 * @param spot where the ball would lie, metres on the map
 */
export function missCost(asked: MissQuestion, spot: Point): MissCost {
	const question = questionAt(asked, spot);
	if (!question) return { spot, strokes: NaN, play: null };
	const candidates = candidatesOf(question);
	const sample = createLocalSampler(question);
	const playOn = (raced: Raced, balls: number): void => {
		const { play, solution } = raced.candidate;
		const from = raced.strokes.length;
		const [more] = sample([{ play, speed: solution.speed, aim: solution.aim, from, to: balls }]);
		raced.strokes.push(...more!.strokes);
	};
	let leaders = candidates.map((candidate): Raced => ({ candidate, strokes: [] }));
	for (const { balls, left } of LOOKS) {
		for (const raced of leaders) playOn(raced, balls);
		leaders = leaders.sort((a, b) => mean(a.strokes) - mean(b.strokes)).slice(0, left);
	}
	const [best] = leaders;
	if (!best) return { spot, strokes: NaN, play: null };
	return { spot, strokes: mean(best.strokes), play: best.candidate.play };
}
