import { isWedge, mostLofted, type Club } from '../../club/club';
import { LIES } from '../../lie/lies';
import { SANDS, type SandSurface } from '../../lie/sand';
import type { Play } from '../../player/intent';
import type { FlightId, SpinShape } from '../../setup/flights';
import type { Metres, Radians } from '../../units';
import { radians } from '../../units';
import type { Question } from '../question/question';
import { acrossLine, pinDistance, type Situation } from '../question/situation';
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
/** From this loft on, a gap wedge's, a sole splashes, with the face square or opened. */
const LEAST_LOFT_TO_SPLASH: Radians = radians(49.5);
/** Straighter clubs come out of sand only where the way is long, or flat and firm (common practice, no source); from this loft on they splash. */
const LONG_FROM_SAND: Metres = 25;
const LEAST_LOFT_FROM_AFAR: Radians = radians(36);
/** A bank no higher than this is no lip. */
const FLAT: Metres = 0.15;
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
export type LieOfBall = Pick<
	Situation,
	'lie' | 'sand' | 'hazards' | 'rise' | 'toEdge' | 'edgeToPin'
>;

/** Whether sand lets straight-faced clubs play: it holds the ball and has no lip, or it is a long way. */
function lowFromSand(ball: LieOfBall): boolean {
	const lip = Math.max(ball.rise, ...acrossLine(ball.hazards).map(({ height }) => height));
	return (SANDS[ball.sand].holds && lip <= FLAT) || pinDistance(ball) > LONG_FROM_SAND;
}

/** Splash it, or where the ball does not sit in its own crater pick it clean; from sand that holds also putt it. */
function sandPlays(club: Club, ball: LieOfBall): Play[] {
	const { sand } = ball;
	const low = lowFromSand(ball);
	if (club.putter) return low && SANDS[sand].holds ? [play(club, 'putt')] : [];
	const splashes = club.loft >= (low ? LEAST_LOFT_FROM_AFAR : LEAST_LOFT_TO_SPLASH);
	const openings =
		club.loft >= LEAST_LOFT_TO_SPLASH ? SPLASH_OPENINGS[sand] : SPLASH_OPENINGS.plugged;
	const splashed = splashes ? openings.map((o) => play(club, 'splash', o)) : [];
	const picked = low && sand !== 'plugged' && club.loft <= MOST_LOFT_TO_PICK;
	return picked ? [play(club, 'standard'), ...splashed] : splashed;
}

function playsOf(club: Club, ball: LieOfBall): Play[] {
	const lie = LIES[ball.lie];
	if (lie.sand) return sandPlays(club, ball);
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
 * @param ball how it lies, and how far from the hole
 */
export function possiblePlays(bag: readonly Club[], ball: LieOfBall): Play[] {
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
export function wantedPlays(
	{ wanted, clubs, situation }: Question,
	plays: readonly Play[]
): Play[] {
	const suits = (play: Play) => mayBeWanted(wanted, play);
	const found = plays.filter(suits);
	return found.length > 0 || clubs.length === 0
		? found
		: possiblePlays(clubs, situation).filter(suits);
}
