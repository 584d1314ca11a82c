import type { Scene } from '../ball/simulate';
import type { Club } from '../club/club';
import { isWedge, nearestByLoft } from '../club/club';
import { nearestMark, type SwingVocabulary } from '../player/swingLength';
import type { SpinShape } from '../setup/flights';
import type { CarryFlight } from '../solve/measuredSwings';
import { radians, type Metres, type Radians } from '../units';
import type { ClubRule, Drill } from './drill';
import { drillScene, type DrillGround } from '../solve/drillScene';
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

/** A club that a drill leaves out: no room for its roll, lands before the green, cannot be carried so far, or is not in the bag. */
export interface LeftOut {
	club: string | null;
	loft: Radians;
	why: 'no-room' | 'short' | 'too-far' | 'not-in-bag';
	/** How far it would end past the green, or land before it. */
	by: Metres;
}

export interface Proposal {
	tasks: PractiseTask[];
	leftOut: LeftOut[];
	/** Where its mark lies, from the ball. */
	mark: Metres;
	/** Where the farthest ball lands, if that is past the green: such swings belong on a range. Null where all stay on it. */
	range: Metres | null;
}

/** A ball is to land this far on the green at least, and to end this far from its back edge. */
const PAST_EDGE: Metres = 0.9;
const FROM_BACK: Metres = 0.5;
/** A mark lies this far from it. */
const BEFORE_BACK: Metres = 1;
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

/**
 * Where a drill's mark may lie on this ground, the best first: at its own distance, or as much farther as the green begins later; then where
 * there is more room, nearer for a mark to land at, farther for a flag, which low balls must reach from the green.
 */
function marksFor({ mark, distance }: Drill, { toEdge, room }: DrillGround): Metres[] {
	if (mark === 'none') return [distance];
	const first = toEdge + PAST_EDGE;
	const last = Math.max(first, toEdge + room - BEFORE_BACK);
	const usual = Math.min(last, Math.max(distance, first));
	const end = mark === 'flag' ? last : first;
	return [...new Set([usual, (usual + end) / 2, end])];
}

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

/** A shot of a drill that can be hit, with what the model says of it. */
interface Fitting {
	shot: PractiseShot;
	ball: PractiseForecast;
}

/** Which shots of a drill fit a green with its mark at one place. */
function fitAt(
	mark: Metres,
	{ mark: kind }: Drill,
	shots: readonly PractiseShot[],
	{ toEdge, room }: DrillGround,
	scene: Scene,
	who: Practiser
): { fitting: Fitting[]; leftOut: LeftOut[] } {
	const fitting: Fitting[] = [];
	const leftOut: LeftOut[] = [];
	const toFlag = kind === 'flag';
	const back = toEdge + room;
	for (const shot of shots) {
		const leave = (why: LeftOut['why'], by: Metres = 0) =>
			leftOut.push({ club: shot.club.id, loft: shot.club.loft, why, by });
		const ball = toFlag ? shotToFlag(shot, mark, scene, who) : shotToCarry(shot, mark, scene, who);
		if (!ball) leave('too-far');
		else if (toFlag && ball.carry < toEdge) leave('short', toEdge - ball.carry);
		else if (!toFlag && kind !== 'none' && ball.carry + ball.roll > back - FROM_BACK)
			leave('no-room', ball.carry + ball.roll - back);
		else fitting.push({ shot, ball });
	}
	return { fitting, leftOut };
}

/** A club that any mark would leave out is no reason to move the mark. */
const forRoom = ({ why }: LeftOut): boolean => why === 'no-room' || why === 'short';

/**
 * The balls of a drill for this player on this green.
 *
 * @param drill its rules
 * @param bag clubs that are carried, ids of their own
 * @param who technique, strength and measured swings
 * @param vocabulary in which swings are said
 * @param ground the line of the drill
 * @param wanted a place for its mark, metres from the ball; left out, it lies where most clubs have room
 */
export function propose(
	drill: Drill,
	bag: readonly Club[],
	who: Practiser,
	vocabulary: SwingVocabulary,
	ground: DrillGround,
	wanted?: Metres
): Proposal {
	const { clubs, missing } = clubsFor(drill.clubs, bag);
	const scene = drillScene(ground);
	const shots = shotsOf(drill, clubs);
	const taskOf = ({ shot, ball }: Fitting, angle = ball.angle): PractiseTask => ({
		club: shot.club.id,
		swing: nearestMark(angle, vocabulary).name,
		flight: shot.flight,
		shape: shot.shape,
		balls: drill.ballsEach,
		landing: ball.carry,
		finish: ball.carry + ball.roll
	});
	const notInBag = missing.map((loft): LeftOut => ({ club: null, loft, why: 'not-in-bag', by: 0 }));
	const rangeOf = (tasks: readonly PractiseTask[]): Metres | null => {
		const farthest = Math.max(0, ...tasks.map(({ landing }) => landing));
		return farthest > ground.toEdge + ground.room ? farthest : null;
	};
	const { swings, clubs: rule } = drill;
	if (swings.kind === 'lengths') {
		const tasks = shots.flatMap((shot) =>
			swings.angles.map((angle) =>
				taskOf({ shot, ball: shotOfSwing(shot, nearestMark(angle, vocabulary).angle, scene, who) })
			)
		);
		return { tasks, leftOut: notInBag, mark: wanted ?? drill.distance, range: rangeOf(tasks) };
	}
	const marks = wanted === undefined ? marksFor(drill, ground) : [wanted];
	let best: (ReturnType<typeof fitAt> & { mark: Metres }) | null = null;
	for (const mark of marks) {
		const found = fitAt(mark, drill, shots, ground, scene, who);
		if (!best || found.fitting.length > best.fitting.length) best = { ...found, mark };
		if (!found.leftOut.some(forRoom)) break;
	}
	const { fitting, leftOut, mark } = best!;
	const same = swings.kind === 'same' ? middleSwing(shots, mark, scene, who) : null;
	const all = fitting.map((one) => taskOf(one, same ?? one.ball.angle));
	const tasks = rule.kind === 'spread' ? spreadOver(all, rule.count) : all;
	return { tasks, leftOut: [...notInBag, ...leftOut], mark, range: rangeOf(tasks) };
}
