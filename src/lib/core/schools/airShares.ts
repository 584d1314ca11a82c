import { nearestByLoft } from '../club/club';
import { straight, type Play } from '../player/intent';
import type { Ratio } from '../units';
import { radians } from '../units';
import { CLUB_NUMBER_LOFT, type SchoolAdvice, type SchoolFacts } from './school';

/** A play that a rule expects to fly a share of the whole distance. */
export interface AirShare {
	play: Play;
	share: Ratio;
}

/**
 * The rows of a rule in terms of club numbers (12 a sand wedge … 5 a five-iron), for the clubs this bag has.
 *
 * @param rows club number and share of the way it flies
 * @param facts of the shot
 */
export function numberedShares(rows: readonly [number, Ratio][], facts: SchoolFacts): AirShare[] {
	return rows.flatMap(([number, share]) => {
		const club = nearestByLoft(facts.bag, radians(CLUB_NUMBER_LOFT[number]!));
		return club ? [{ play: straight(club), share }] : [];
	});
}

/**
 * Takes the lowest play whose flight still reaches the landing spot, and flies it its share of the distance.
 *
 * @param shares least air first
 */
export function leastAirThatReaches(
	shares: readonly AirShare[],
	facts: SchoolFacts
): SchoolAdvice | null {
	if (shares.length === 0) return null;
	const reaches = shares.find(({ share }) => share * facts.total >= facts.spot);
	const chosen = reaches ?? shares[shares.length - 1]!;
	return {
		play: chosen.play,
		carry: Math.max(chosen.share * facts.total, reaches ? 0 : facts.spot),
		working: { by: 'share', share: chosen.share, total: facts.total },
		beyond: reaches ? null : 'notEnoughGreen'
	};
}
