import { STILL_AIR } from '../ball/aerodynamics';
import type { Firmness } from '../ground/turf';
import type { FringeId } from '../ground/surfaces';
import type { LieId } from '../lie/lies';
import { createRng, type Rng } from '../math/random';
import { sobol } from '../math/sobol';
import type { Hazard, Situation } from '../plan/question/situation';
import { fromFeet, fromPercent, toFeet, toPercent, type Metres, type Ratio } from '../units';

/** How hard a situation is to read: 1, nothing to mind, to 6. */
export const LEVELS = { least: 1, most: 6 } as const;

/** What makes a shot harder to read. */
export const TWISTS = ['lie', 'across', 'along', 'hazard', 'speed', 'short-sided', 'rise'] as const;
export type Twist = (typeof TWISTS)[number];

/** A situation to be read, with what is to be minded in it. */
export interface Exercise {
	situation: Situation;
	level: number;
	twists: readonly Twist[];
}

const HARD_LIES: readonly LieId[] = [
	'tight',
	'first-cut',
	'sitting-down',
	'semi-rough',
	'deep-rough',
	'sand'
];
const FRINGES: readonly FringeId[] = ['smooth', 'grainy', 'rough'];
const FIRMNESS: readonly Firmness[] = ['soft', 'medium', 'firm'];
/** Where an exercise may lie: from the ball to the edge and on to the hole, metres. */
const EDGE = [1.5, 12] as const;
const TO_PIN = [5, 16] as const;
const USUAL_FEET = [9, 10.5] as const;

const between = ([low, high]: readonly [number, number], share: number): number =>
	low + (high - low) * share;
const pick = <T>(of: readonly T[], share: number): T => of[Math.floor(share * of.length)]!;
const tenth = (metres: Metres): Metres => Math.round(metres * 10) / 10;

/** So many of the twists, any of them as likely as any other. */
function drawn(count: number, rng: Rng): Twist[] {
	const left: Twist[] = [...TWISTS];
	return Array.from({ length: Math.min(count, left.length) }, () => {
		const at = Math.floor(rng.uniform() * left.length);
		return left.splice(at, 1)[0]!;
	});
}

/** A mound, a bunker or water between ball and green, with room to land beyond it. */
function hazardBefore(toEdge: Metres, rng: Rng): Hazard {
	const kind = pick(['mound', 'sand', 'water'] as const, rng.uniform());
	const to = tenth(Math.max(1.2, toEdge - 0.4));
	const from = tenth(Math.max(0.6, to - between([1, 3.5], rng.uniform())));
	const height = kind === 'water' ? 0 : kind === 'mound' ? 0.8 : 0.3;
	return { kind, from, to: Math.max(to, from + 0.5), height };
}

/**
 * A situation to be read: distances evenly over what there is, and as many twists as its level allows, each as often as any other.
 *
 * @param seed any whole number: the same one gives the same exercise
 * @param level 1 to 6; taken as the nearest of these outside
 */
export function exercise(seed: number, level: number): Exercise {
	const rank = Math.min(LEVELS.most, Math.max(LEVELS.least, Math.round(level)));
	const rng = createRng(seed);
	const twists = drawn(rank - 1, rng);
	const has = (twist: Twist) => twists.includes(twist);
	const even = (dimension: number) => sobol(seed & 0xffff, dimension, 3);
	const hazard = has('hazard');
	const toEdge = tenth(Math.max(hazard ? 4 : 0, between(EDGE, even(0))));
	const edgeToPin = tenth(
		has('short-sided') ? between([2.5, 4.5], even(1)) : between(TO_PIN, even(1))
	);
	const slope = (of: boolean, most: number): Ratio => {
		const size = of ? between([1.5, most], rng.uniform()) : between([0, 0.5], rng.uniform());
		return fromPercent(size * (rng.uniform() < 0.5 ? -1 : 1));
	};
	const lie = has('lie')
		? pick(HARD_LIES, rng.uniform())
		: pick(['fairway', 'fringe'], rng.uniform());
	const feet = has('speed')
		? pick([between([6, 8], rng.uniform()), between([11.5, 13.5], rng.uniform())], rng.uniform())
		: between(USUAL_FEET, rng.uniform());
	return {
		level: rank,
		twists,
		situation: {
			lie: lie as LieId,
			wet: false,
			ball: 'soft',
			toEdge,
			edgeToPin,
			beyondPin: tenth(between([4, 12], even(2))),
			rise: has('rise') ? tenth(between([-1.2, 1.2], rng.uniform())) : 0,
			grass: [
				{
					kind: lie === 'fairway' || lie === 'fringe' ? 'smooth' : pick(FRINGES, rng.uniform()),
					length: toEdge
				}
			],
			sand: 'medium',
			segments: [
				{
					length: edgeToPin + 12,
					slopeAlong: slope(has('along'), 5),
					slopeAcross: slope(has('across'), 5)
				}
			],
			hazards: hazard ? [hazardBefore(toEdge, rng)] : [],
			greenSpeed: fromFeet(Math.round(feet * 2) / 2),
			firmness: pick(FIRMNESS, rng.uniform()),
			grain: 'none',
			air: STILL_AIR
		}
	};
}

/** From here on something is to be minded: percent of slope, metres of rise, and how little green there is to work with. */
const MINDED = { percent: 1.5, rise: 0.4, shortSided: 4.5 } as const;
const EASY_LIES: readonly LieId[] = ['fairway', 'fringe'];

/**
 * What is to be minded in a situation, wherever it comes from.
 *
 * @source the twists of the exercises, turned round: an exercise holds those that it was made with
 */
export function twistsOf(situation: Situation): Twist[] {
	const { segments, hazards, lie, greenSpeed, edgeToPin, rise } = situation;
	const steep = (slope: 'slopeAlong' | 'slopeAcross') =>
		segments.some((segment) => Math.abs(toPercent(segment[slope])) >= MINDED.percent);
	const feet = toFeet(greenSpeed);
	const holds: Readonly<Record<Twist, boolean>> = {
		lie: !EASY_LIES.includes(lie),
		across: steep('slopeAcross'),
		along: steep('slopeAlong'),
		hazard: hazards.length > 0,
		speed: feet < USUAL_FEET[0] - 0.5 || feet > USUAL_FEET[1] + 0.5,
		'short-sided': edgeToPin <= MINDED.shortSided,
		rise: Math.abs(rise) >= MINDED.rise
	};
	return TWISTS.filter((twist) => holds[twist]);
}

/** How hard a situation is to read, 1 to 6, by how much is to be minded in it. */
export const levelOf = (situation: Situation): number =>
	Math.min(LEVELS.most, LEVELS.least + twistsOf(situation).length);
