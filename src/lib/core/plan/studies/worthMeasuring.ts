import type { FlightId } from '../../setup/flights';
import { dispersionWith, type Player } from '../../player/player';
import { nearestMark } from '../../player/swingLength';
import type { MetresPerSecond, Ratio } from '../../units';
import type { PlanRequest } from '../question/request';
import { mean } from '../race/statistics';
import { planSwing } from '../ladder/swing';
import { calledShot, playCalled, type CalledShot } from './calledShot';

/** What measuring one swing of one club would save on one shot. */
export interface MeasuringGain {
	/** Id of the club. */
	club: string;
	/** The mark nearest to the swing that the shot asks for, in the player's vocabulary. */
	swing: string;
	flight: FlightId;
	/** Expected strokes less, 0 and up. */
	strokes: number;
}

/** How far a model swing's head speed is off this player's, one standard deviation; ours (assumption). */
const PRESUMED_ERROR: Ratio = 0.08;
/** A measured swing this near, relative to the head speed, leaves nothing of that error; so far away all of it. */
const REACH: Ratio = 0.35;
const BALLS = 400;

/** What is left of the presumed error with the swings that are measured: nothing at one of them, all of it far from any. */
function errorOf(known: readonly { speed: MetresPerSecond }[], speed: MetresPerSecond): Ratio {
	const away = Math.min(1, ...known.map((swing) => Math.abs(swing.speed / speed - 1) / REACH));
	return PRESUMED_ERROR * away;
}

/** Strokes of a shot with this much spread of the head speed, on the same balls whatever it is. */
const strokesWith = (shot: CalledShot, speed: Ratio): number =>
	mean(playCalled(shot, BALLS, { speed }).strokes);

const knownOf = (player: Player, club: string) => player.swings[club]?.known ?? [];

/**
 * What it is worth to know the swing that a shot calls for: how many strokes the presumed length costs more than a measured one would.
 *
 * @param request few samples are enough: they only choose the call
 * @returns null where a putter is called, or nothing
 */
export async function worthMeasuring(request: PlanRequest): Promise<MeasuringGain | null> {
	const called = await calledShot(request);
	if (!called) return null;
	const { play, solution } = called.candidate;
	const { club, flight } = play;
	const { player } = request;
	const { speed } = solution;
	const own = dispersionWith(club, player).speed;
	const unsure = Math.hypot(own, errorOf(knownOf(player, club.id), speed));
	const saved = strokesWith(called, unsure) - strokesWith(called, own);
	const { angle } = planSwing(club, speed, player);
	return {
		club: club.id,
		swing: nearestMark(angle, player.vocabulary).name,
		flight,
		strokes: Math.max(0, saved)
	};
}
