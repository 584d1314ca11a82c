import type { FlightId } from '../../setup/flights';
import { dispersionWith, type Player } from '../../player/player';
import { nearestMark } from '../../player/swingLength';
import type { MetresPerSecond, Ratio } from '../../units';
import { localSampler } from '../race/localSampler';
import { plan } from '../plan';
import { Question } from '../question/question';
import type { PlanRequest } from '../question/request';
import type { Rung } from '../ladder/rung';
import { drawDeviates, sampleFinishes } from '../race/sample';
import { mean } from '../race/statistics';
import { planSwing } from '../ladder/swing';

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
function strokesWith(question: Question, { play, solution }: Rung, speedSpread: Ratio): number {
	const { player, seed } = question.request;
	const shot = {
		intent: question.intent(play),
		speed: solution.speed,
		aim: solution.aim,
		dispersion: { ...dispersionWith(play.club, player), speed: speedSpread },
		costs: player.costs,
		scene: question.played,
		holeX: question.pin
	};
	return mean(sampleFinishes(shot, drawDeviates(seed, BALLS), 0, BALLS).strokes);
}

const knownOf = (player: Player, club: string) => player.swings[club]?.known ?? [];

/**
 * What it is worth to know the swing that a shot calls for: how many strokes the presumed length costs more than a measured one would.
 *
 * @param request few samples are enough: they only choose the call
 * @returns null where a putter is called, or nothing
 */
export async function worthMeasuring(request: PlanRequest): Promise<MeasuringGain | null> {
	const question = new Question(request);
	const { options } = await plan(question, localSampler(question));
	const rung = options[0]?.rung;
	if (!rung || rung.play.flight === 'putt') return null;
	const { club, flight } = rung.play;
	const { player } = request;
	const { speed } = rung.solution;
	const own = dispersionWith(club, player).speed;
	const unsure = Math.hypot(own, errorOf(knownOf(player, club.id), speed));
	const saved = strokesWith(question, rung, unsure) - strokesWith(question, rung, own);
	const { angle } = planSwing(club, speed, player);
	return {
		club: club.id,
		swing: nearestMark(angle, player.vocabulary).name,
		flight,
		strokes: Math.max(0, saved)
	};
}
