import { STILL_AIR } from '../ball/aerodynamics';
import type { Scene } from '../ball/simulate';
import type { Club } from '../club/club';
import { createPlane } from '../ground/plane';
import { SURFACE } from '../ground/surfaces';
import { turfOf } from '../ground/turf';
import { intend, PLAIN_LIE } from '../player/intent';
import { fastestSwing, type Player } from '../player/player';
import { markAngle, type ClubSwings, type KnownSwing } from '../player/swingLength';
import type { Metres, MetresPerSecond } from '../units';
import { solveCarry } from './solve';

/** Carry of one swing length with one club, measured. */
export interface MeasuredCarry {
	/** Id of the club. */
	club: string;
	/** A mark of one of the vocabularies, for example "9". */
	swing: string;
	carry: Metres;
}

const range: Scene = {
	ground: createPlane({
		kind: 'plane',
		slopeAlong: 0,
		slopeAcross: 0,
		edge: 0,
		fringe: SURFACE.smoothFringe
	}),
	greenSpeed: 3,
	turf: turfOf('medium', false),
	air: STILL_AIR,
	obstacles: [],
	hole: null
};
/** A carry measured on a good day may lie past what the model gives a full swing. */
const GOOD_DAY = 1.3;

type Swinger = Pick<Player, 'technique' | 'strength'>;

/** Head speed behind a measured carry: the standard flight from a fairway lie in still air that carries as far. */
function speedOf(club: Club, carry: Metres, player: Swinger): MetresPerSecond {
	const play = { club, flight: 'standard', faceOpen: 0, shape: 'straight' } as const;
	const intent = intend(play, PLAIN_LIE, player.technique);
	return solveCarry(intent, range, carry, fastestSwing(club, player) * GOOD_DAY).speed;
}

/** A club's carries as head speeds, slowest first; entries that run backwards are left out. */
function swingsOf(club: Club, carries: readonly MeasuredCarry[], player: Swinger): ClubSwings {
	const known = carries
		.map(({ swing, carry }): KnownSwing => ({
			angle: markAngle(swing),
			speed: speedOf(club, carry, player)
		}))
		.sort((a, b) => a.angle - b.angle)
		.filter((swing, i, all) => i === 0 || swing.speed > all[i - 1]!.speed);
	const longest = carries.length < 2 ? Infinity : Math.max(...carries.map(({ carry }) => carry));
	return { known, longest };
}

/**
 * Turns measured carries into head speeds, club by club. Each costs a root find: do it when carries change, not when a shot does.
 *
 * @param carries those of clubs outside the bag, of unknown swing names or not above 0 are passed over
 * @returns swings by id of the club; clubs without carries are left out
 */
export function measuredSwings(
	carries: readonly MeasuredCarry[],
	bag: readonly Club[],
	player: Swinger
): Record<string, ClubSwings> {
	const usable = carries.filter(({ swing, carry }) => carry > 0 && !Number.isNaN(markAngle(swing)));
	const measured = bag
		.map((club) => ({ club, own: usable.filter((entry) => entry.club === club.id) }))
		.filter(({ own }) => own.length > 0);
	return Object.fromEntries(
		measured.map(({ club, own }) => [club.id, swingsOf(club, own, player)])
	);
}
