import type { Club } from '../club/club';
import { isWedge, nearestByLoft } from '../club/club';
import { nearestMark, type SwingVocabulary } from '../player/swingLength';
import type { SpinShape } from '../setup/flights';
import type { CarryFlight } from '../solve/measuredSwings';
import { degrees, type Metres, type Radians } from '../units';
import type { ClubRule, Drill } from './drill';
import { drillScene, type DrillGround } from './drillScene';
import { shotOfSwing, shotToCarry, type PractiseForecast, type Practiser } from './practiseShot';

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
	const leftOut: LeftOut[] = missing.map((loft) => ({
		club: null,
		loft,
		why: 'not-in-bag',
		past: 0
	}));
	const tasks: PractiseTask[] = [];
	const take = (club: Club, flight: CarryFlight, shape: SpinShape, ball: PractiseForecast) =>
		tasks.push({
			club: club.id,
			swing: nearestMark(ball.angle, vocabulary).name,
			flight,
			shape,
			balls: drill.ballsEach,
			landing: ball.carry,
			finish: ball.carry + ball.roll
		});
	const leave = (club: Club, why: LeftOut['why'], past: Metres = 0) =>
		leftOut.push({ club: club.id, loft: club.loft, why, past });
	/** A flag is aimed at: how far a ball must carry to end there. */
	const toFlag = (club: Club, flight: CarryFlight, shape: SpinShape): PractiseForecast | null => {
		let carry = mark * (0.2 + 0.6 * Math.min(1, degrees(club.loft) / 60));
		let ball: PractiseForecast | null = null;
		for (let round = 0; round < 6; round++) {
			ball = shotToCarry({ club, flight, shape }, carry, scene, who);
			if (!ball) return null;
			carry = Math.max(0.3, (carry * mark) / (ball.carry + ball.roll));
		}
		return ball;
	};
	for (const club of clubs)
		for (const flight of drill.flights)
			for (const shape of drill.shapes) {
				const shot = { club, flight, shape };
				if (drill.swings.kind === 'lengths') {
					for (const wanted of drill.swings.angles) {
						const { angle } = nearestMark(wanted, vocabulary);
						take(club, flight, shape, shotOfSwing(shot, angle, scene, who));
					}
					continue;
				}
				const ball =
					drill.mark === 'flag' ? toFlag(club, flight, shape) : shotToCarry(shot, mark, scene, who);
				if (!ball) leave(club, 'too-far');
				else if (drill.mark !== 'flag' && ball.carry + ball.roll > back - FROM_BACK)
					leave(club, 'no-room', ball.carry + ball.roll - back);
				else take(club, flight, shape, ball);
			}
	return {
		tasks: drill.clubs.kind === 'spread' ? spreadOver(tasks, drill.clubs.count) : tasks,
		leftOut
	};
}
