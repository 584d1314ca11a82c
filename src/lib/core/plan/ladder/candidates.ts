import { isWedge, mostLofted, type Club } from '../../club/club';
import { LIES } from '../../lie/lies';
import { SANDS, type SandSurface } from '../../lie/sand';
import type { Play } from '../../player/intent';
import type { FlightId, SpinShape } from '../../setup/flights';
import type { Radians } from '../../units';
import { radians } from '../../units';
import type { Question } from '../question/question';
import type { Situation } from '../question/situation';
import { mayBeWanted } from '../question/wanted';

/** Openings of the face that are tried, for clubs lofted enough to open. */
export const OPENINGS: readonly Radians[] = [10, 15, 30, 45].map(radians);
/** A face is opened on clubs of this loft and more. */
export const LEAST_LOFT_TO_OPEN: Radians = radians(52);
/** Openings of the face in sand: a ball that is plugged asks for a square face, firm sand for a face that is not far open. */
const SPLASH_OPENINGS: Record<SandSurface, readonly Radians[]> = {
	soft: [0, 20, 35].map(radians),
	medium: [0, 20, 35].map(radians),
	firm: [0, 10, 20].map(radians),
	plugged: [0]
};
/** From this loft on a sole splashes, with the face square; opened from the loft of a gap wedge on. */
const LEAST_LOFT_TO_SPLASH: Radians = radians(36);
const LEAST_LOFT_TO_SPLASH_OPEN: Radians = radians(50);
/** A ball is picked off the sand with no more loft than this. */
const MOST_LOFT_TO_PICK: Radians = radians(52);

const play = (
	club: Club,
	flight: FlightId,
	faceOpen: Radians = 0,
	shape: SpinShape = 'straight'
): Play => ({ club, flight, faceOpen, shape });

/** The path of the head is worth changing on wedges only; a straight-faced club hardly takes more spin. */
const shaped = (club: Club): Play[] =>
	isWedge(club) ? [play(club, 'standard', 0, 'inside'), play(club, 'standard', 0, 'outside')] : [];

/** Where and how the ball lies, as far as it decides what can be played. */
export type LieOfBall = Pick<Situation, 'lie' | 'sand'>;

/** Splash it, or where the ball does not sit in its own crater pick it clean; from sand that holds also putt it. */
function sandPlays(club: Club, sand: SandSurface): Play[] {
	if (club.putter) return SANDS[sand].holds ? [play(club, 'putt')] : [];
	const openings =
		club.loft >= LEAST_LOFT_TO_SPLASH_OPEN ? SPLASH_OPENINGS[sand] : SPLASH_OPENINGS.plugged;
	const splashed =
		club.loft >= LEAST_LOFT_TO_SPLASH ? openings.map((o) => play(club, 'splash', o)) : [];
	const picked = sand !== 'plugged' && club.loft <= MOST_LOFT_TO_PICK;
	return picked ? [play(club, 'standard'), ...splashed] : splashed;
}

function playsOf(club: Club, ball: LieOfBall): Play[] {
	const lie = LIES[ball.lie];
	if (lie.sand) return sandPlays(club, ball.sand);
	if (club.putter) return lie.putt ? [play(club, 'putt')] : [];
	const opens = club.loft >= LEAST_LOFT_TO_OPEN;
	const plays = [play(club, 'standard'), ...(lie.low ? shaped(club) : [])];
	if (lie.low) plays.unshift(play(club, 'low'));
	if (lie.high && isWedge(club)) plays.push(play(club, 'high', opens ? lie.minOpen : 0));
	if (lie.high && opens)
		plays.push(
			...OPENINGS.filter((opening) => opening > lie.minOpen).map((o) => play(club, 'open', o))
		);
	return plays;
}

/** What is left where the lie asks for clubs that the bag has not: the most lofted one, or the putter where there is nothing else. */
function lastResort(bag: readonly Club[], { lie }: LieOfBall): Play[] {
	const club = mostLofted(bag);
	if (club) return [play(club, LIES[lie].sand ? 'splash' : 'standard')];
	return bag.slice(0, 1).map((putter) => play(putter, 'putt'));
}

/**
 * Every club and flight that the lie allows, least loft first; at least one for a bag that holds a club.
 *
 * @param bag at least one club
 * @param ball lie, stance and sand it lies on
 */
export function candidates(bag: readonly Club[], ball: LieOfBall): Play[] {
	const plays = [...bag].sort((a, b) => a.loft - b.loft).flatMap((club) => playsOf(club, ball));
	return plays.length > 0 ? plays : lastResort(bag, ball);
}

/**
 * Those that may turn out to be what is asked for.
 *
 * @param question opened
 * @param plays all of them
 * @returns none where no club that may be chosen makes such a shot from this lie
 */
export function wantedCandidates(
	{ wanted, clubs, situation }: Question,
	plays: readonly Play[]
): Play[] {
	const suits = (play: Play) => mayBeWanted(wanted, play);
	const found = plays.filter(suits);
	return found.length > 0 || clubs.length === 0
		? found
		: candidates(clubs, situation).filter(suits);
}
