import { isWedge, mostLofted, type Club } from '../club/club';
import { LIES, type LieId } from '../lie/lies';
import type { Play } from '../player/intent';
import type { FlightId, SpinShape } from '../setup/flights';
import type { Radians } from '../units';
import { degrees, radians } from '../units';

/** Openings of the face that are tried, for clubs lofted enough to open. */
export const OPENINGS: readonly Radians[] = [10, 15, 30, 45].map(radians);
/** A face is opened on clubs of this loft and more. */
export const LEAST_LOFT_TO_OPEN: Radians = radians(52);
const SPLASH_OPENINGS: readonly Radians[] = [0, 20, 35].map(radians);
const LEAST_LOFT_FOR_SAND: Radians = radians(50);

const play = (
	club: Club,
	flight: FlightId,
	faceOpen: Radians = 0,
	shape: SpinShape = 'straight'
): Play => ({ club, flight, faceOpen, shape });

/** The path of the head is worth changing on wedges only; a straight-faced club hardly takes more spin. */
const shaped = (club: Club): Play[] =>
	isWedge(club) ? [play(club, 'standard', 0, 'inside'), play(club, 'standard', 0, 'outside')] : [];

function playsOf(club: Club, lieId: LieId): Play[] {
	const lie = LIES[lieId];
	if (club.putter) return lie.putt ? [play(club, 'putt')] : [];
	if (lie.splash)
		return club.loft >= LEAST_LOFT_FOR_SAND
			? SPLASH_OPENINGS.map((opening) => play(club, 'splash', opening))
			: [];
	const plays = [play(club, 'standard'), ...(lie.low ? shaped(club) : [])];
	if (lie.low) plays.unshift(play(club, 'low'));
	if (lie.high && isWedge(club)) plays.push(play(club, 'high', lie.minOpen));
	if (lie.high && club.loft >= LEAST_LOFT_TO_OPEN)
		plays.push(
			...OPENINGS.filter((opening) => opening > lie.minOpen).map((o) => play(club, 'open', o))
		);
	return plays;
}

/** What is left where the lie asks for clubs that the bag has not: the most lofted one, or the putter where there is nothing else. */
function lastResort(bag: readonly Club[], lie: LieId): Play[] {
	const club = mostLofted(bag);
	if (club) return [play(club, LIES[lie].splash ? 'splash' : 'standard')];
	return bag.slice(0, 1).map((putter) => play(putter, 'putt'));
}

/** Every club and flight that the lie allows, least loft first; at least one for a bag that holds a club. */
export function candidates(bag: readonly Club[], lie: LieId): Play[] {
	const plays = [...bag].sort((a, b) => a.loft - b.loft).flatMap((club) => playsOf(club, lie));
	return plays.length > 0 ? plays : lastResort(bag, lie);
}

/** A name for a play that is stable between runs. */
export const playKey = (p: Play): string =>
	`${p.club.id}/${p.flight}/${Math.round(degrees(p.faceOpen))}/${p.shape}`;
