import type { Metres } from '../../units';
import { cheapest, strokesOf, type Played } from './race';
import type { Candidate } from '../ladder/candidate';
import { CONTENDER_FACTOR } from './sample';
import { pairedDifference, statisticsOf } from './statistics';
import { isBargain, isWild, orderTies, type SampledCandidate } from './ties';

/** Differences under this are a tie whatever the luck. */
export const SMALLEST_DIFFERENCE = 0.02;
const CLOSE_ERRORS = 1.25;
/** … but what costs this much more is not, however unsure it is: few balls are no leave to call a dear shot. */
const MOST_CLOSE = 0.05;
/** Standard errors by which a gap may differ between two lots of balls, as unsure as these errors are themselves. */
export const LUCK = 3.4;
/** … but what costs this much more than what is close is none, however unsure it is; and so little more is one, however sure: where a play is left is
 * itself found on some balls. */
const MOST_LUCK = 0.06;
const LEAST_LUCK = 0.035;

/** What is wild is not called while something tame costs only so much more (assumption). */
export const WORTH_WILD = 0.1;

/** What is tame, where some of it costs little more than something wild does; otherwise all. */
function callable(raced: readonly Played[], pin: Metres, wild: number): readonly Played[] {
	const tame = raced.filter(({ finishes }) => !isWild(statisticsOf(finishes, pin)));
	const isNear = tame.some((entry) => strokesOf(entry) <= wild + WORTH_WILD);
	return isNear ? tame : raced;
}

/** What lands short of the green, or has worse against it, stands as if it cost so much more (assumption): a coach teaches to land it on. */
export const AGAINST = 0.05;
const handicap = ({ candidate }: Played): number => (candidate.against ? AGAINST : 0);

/** The one that the others are measured by. */
const leaderOf = (raced: readonly Played[]): Played =>
	raced.reduce((a, b) => (strokesOf(b) + handicap(b) < strokesOf(a) + handicap(a) ? b : a));

/** An option as it stands to the leader. */
function standing(entry: Played, leader: Played, pin: Metres) {
	const { candidate, finishes, regret } = entry;
	const paired = pairedDifference(finishes, leader.finishes);
	const gap = { ...paired, mean: paired.mean + handicap(entry) - handicap(leader) };
	const near = Math.min(
		MOST_CLOSE,
		Math.max(SMALLEST_DIFFERENCE, CLOSE_ERRORS * gap.standardError)
	);
	const close = gap.mean <= near;
	// What was given up before it had the balls that were asked for has too few to be called as good.
	const competed = finishes.x.length * CONTENDER_FACTOR >= leader.finishes.x.length;
	const luck = Math.min(MOST_LUCK, Math.max(LEAST_LUCK, LUCK * gap.standardError));
	// Left where it costs least, as another luck of the balls might have it, it would cost what it forgoes less.
	const tied = close || (competed && gap.mean - regret <= near + luck);
	const option = { candidate, finishes, statistics: statisticsOf(finishes, pin), tied, close };
	return { option, dear: gap.mean > MOST_CLOSE };
}

/**
 * Places what has raced: ties first, in the order of `orderTies`, the others by what they cost. What costs clearly more than the leader
 * and buys clearly less trouble is another bargain, no tie.
 *
 * @param raced at least one, with all the balls they are to have
 * @param pin station of the hole, metres from the ball
 * @param measured whether the player has measured a swing with the club of a candidate
 * @param inSand whether the ball lies in it
 * @returns best first
 */
export function place(
	raced: readonly Played[],
	pin: Metres,
	measured: (candidate: Candidate) => boolean,
	inSand = false
): SampledCandidate[] {
	const led = (by: readonly Played[]) => placedBy(leaderOf(by), raced, pin, measured, inSand);
	const placed = led(callable(raced, pin, strokesOf(cheapest(raced))));
	const { statistics } = placed[0]!;
	if (!isWild(statistics)) return placed;
	// A tie that is called may cost more than the cheapest, and nearer to what is tame.
	const near = callable(raced, pin, statistics.expectedStrokes);
	return near === raced ? placed : led(near);
}

/** Places what has raced by how it stands to one of it. */
function placedBy(
	leader: Played,
	raced: readonly Played[],
	pin: Metres,
	measured: (candidate: Candidate) => boolean,
	inSand: boolean
): SampledCandidate[] {
	const standings = raced.map((entry) => standing(entry, leader, pin));
	const cheap = standings.filter(({ option, dear }) => option.tied && !dear);
	const bargains = cheap.map(({ option }) => option);
	const sampled = standings.map(({ option, dear }): SampledCandidate => ({
		...option,
		tied: option.tied && !(dear && isBargain(option, bargains))
	}));
	const costs = ({ statistics }: SampledCandidate) => statistics.expectedStrokes;
	return [
		...orderTies(
			sampled.filter(({ tied }) => tied),
			measured,
			inSand
		),
		...sampled.filter(({ tied }) => !tied).sort((a, b) => costs(a) - costs(b))
	];
}
