import type { Scene } from '../ball/simulate';
import type { Club } from '../club/club';
import { isWedge, nearestByLoft } from '../club/club';
import { nearestMark, type SwingVocabulary } from '../player/swingLength';
import type { SpinShape } from '../setup/flights';
import type { CarryFlight } from '../solve/measuredSwings';
import { radians, type Metres, type Radians } from '../units';
import type { ClubRule, Drill } from './drill';
import { drillScene, type DrillGround } from './drillScene';
import {
	shotOfSwing,
	shotToCarry,
	type PractiseForecast,
	type Practiser,
	type PractiseShot
} from './practiseShot';

/** One group of balls of a session. */
export interface PractiseTask {
	/** Id of the club. */
	club: string;
	/** A mark of the player's words. */
	swing: string;
	flight: CarryFlight;
	shape: SpinShape;
	balls: number;
	/** Where it is to land, and to end by the model; metres along the line. */
	landing: Metres;
	finish: Metres;
}

/** A club that a drill leaves out: no room for its roll, cannot be carried so far, or the bag has nothing near the loft. */
export interface LeftOut {
	club: string | null;
	loft: Radians;
	why: 'no-room' | 'too-far' | 'not-in-bag';
	/** How far it would end past the green. */
	past: Metres;
}

export interface Proposal {
	tasks: PractiseTask[];
	leftOut: LeftOut[];
}

/** A ball is to land this far on the green at least, and to end this far from its back edge. */
const PAST_EDGE: Metres = 0.9;
const FROM_BACK: Metres = 0.5;
/** A club farther than this from a loft is not the club that is meant. */
const NEAR_LOFT: Radians = 0.075;

/** Clubs that are chipped with, longest first. */
const chippers = (bag: readonly Club[]): Club[] =>
	bag.filter(({ putter }) => !putter).sort((a, b) => a.loft - b.loft);

function clubsFor(rule: ClubRule, bag: readonly Club[]): { clubs: Club[]; missing: Radians[] } {
	const clubs = chippers(bag);
	if (rule.kind === 'every' || rule.kind === 'spread') return { clubs, missing: [] };
	if (rule.kind === 'wedges') {
		const wedges = clubs.filter(isWedge);
		return { clubs: wedges.slice(-rule.count), missing: [] };
	}
	if (rule.kind === 'chosen')
		return { clubs: clubs.filter(({ id }) => rule.ids.includes(id)), missing: [] };
	// One loft is the kind of club that is meant; of several each must be there.
	const near = (loft: Radians) => {
		const club = nearestByLoft(bag, loft);
		const meant = rule.lofts.length === 1 || (club && Math.abs(club.loft - loft) < NEAR_LOFT);
		return meant ? club : undefined;
	};
	const found = rule.lofts.map(near);
	return {
		clubs: [...new Set(found.flatMap((club) => club ?? []))],
		missing: rule.lofts.filter((_, i) => !found[i])
	};
}

/** So many of a row, its ends and what lies evenly between. */
function spreadOver<T>(row: readonly T[], count: number): T[] {
	if (row.length <= count) return [...row];
	return Array.from(
		{ length: count },
		(_, i) => row[Math.round((i * (row.length - 1)) / (count - 1))]!
	);
}

/** Where a drill's mark lies on this ground: its own distance, or as much farther as the green begins later. */
const markOf = (drill: Drill, { toEdge }: DrillGround): Metres =>
	drill.measure === 'carry' || drill.measure === 'strike'
		? drill.distance
		: Math.max(drill.distance, toEdge + PAST_EDGE);

/** Every club of a drill with every flight and shape that it is hit with. */
const shotsOf = ({ flights, shapes }: Drill, clubs: readonly Club[]): PractiseShot[] =>
	clubs.flatMap((club) =>
		flights.flatMap((flight) => shapes.map((shape) => ({ club, flight, shape })))
	);

/** A shot flies this share of its way at least, and so much more with all the loft there is: where a search for it begins. */
const AIR_SHARE = { least: 0.2, more: 0.6 };
const ALL_LOFT: Radians = radians(60);
/** So often the carry is scaled by how far the ball ended from the flag; enough to be within a few centimetres. */
const ROUNDS = 6;
const NEAREST: Metres = 0.3;

/** The ball of a shot that ends at a flag; null where they cannot carry it so far. */
function shotToFlag(
	shot: PractiseShot,
	flag: Metres,
	scene: Scene,
	who: Practiser
): PractiseForecast | null {
	const lofted = Math.min(1, shot.club.loft / ALL_LOFT);
	let carry = flag * (AIR_SHARE.least + AIR_SHARE.more * lofted);
	let ball: PractiseForecast | null = null;
	for (let round = 0; round < ROUNDS; round++) {
		ball = shotToCarry(shot, carry, scene, who);
		if (!ball) return null;
		carry = Math.max(NEAREST, (carry * flag) / (ball.carry + ball.roll));
	}
	return ball;
}

/** The swing that carries to a mark with the club in the middle of those that reach it; null where none does. */
function middleSwing(
	shots: readonly PractiseShot[],
	mark: Metres,
	scene: Scene,
	who: Practiser
): Radians | null {
	const angles = shots.flatMap((shot) => shotToCarry(shot, mark, scene, who)?.angle ?? []);
	return angles[Math.floor(angles.length / 2)] ?? null;
}

/**
 * The balls of a drill for this player on this green.
 *
 * @param drill its rules
 * @param bag clubs that are carried, ids of their own
 * @param who technique, strength and measured swings
 * @param vocabulary in which swings are said
 * @param ground the line of the drill
 * @param mark another place for its mark, metres from the ball
 */
export function propose(
	drill: Drill,
	bag: readonly Club[],
	who: Practiser,
	vocabulary: SwingVocabulary,
	ground: DrillGround,
	mark: Metres = markOf(drill, ground)
): Proposal {
	const { clubs, missing } = clubsFor(drill.clubs, bag);
	const scene = drillScene(ground);
	const back = ground.toEdge + ground.room;
	const tasks: PractiseTask[] = [];
	const leftOut: LeftOut[] = missing.map((loft) => ({
		club: null,
		loft,
		why: 'not-in-bag',
		past: 0
	}));
	const shots = shotsOf(drill, clubs);
	const same = drill.swings.kind === 'same' ? middleSwing(shots, mark, scene, who) : null;
	const take = ({ club, flight, shape }: PractiseShot, { angle, carry, roll }: PractiseForecast) =>
		tasks.push({
			club: club.id,
			swing: nearestMark(same ?? angle, vocabulary).name,
			flight,
			shape,
			balls: drill.ballsEach,
			landing: carry,
			finish: carry + roll
		});
	const leave = ({ club }: PractiseShot, why: LeftOut['why'], past: Metres = 0) =>
		leftOut.push({ club: club.id, loft: club.loft, why, past });
	for (const shot of shots) {
		if (drill.swings.kind === 'lengths') {
			for (const wanted of drill.swings.angles)
				take(shot, shotOfSwing(shot, nearestMark(wanted, vocabulary).angle, scene, who));
			continue;
		}
		const toFlag = drill.mark === 'flag';
		const ball = toFlag ? shotToFlag(shot, mark, scene, who) : shotToCarry(shot, mark, scene, who);
		if (!ball) leave(shot, 'too-far');
		else if (!toFlag && ball.carry + ball.roll > back - FROM_BACK)
			leave(shot, 'no-room', ball.carry + ball.roll - back);
		else take(shot, ball);
	}
	const { clubs: rule } = drill;
	return { tasks: rule.kind === 'spread' ? spreadOver(tasks, rule.count) : tasks, leftOut };
}
