import { nearestByLoft, type Club } from '../club/club';
import { radians, type Ratio } from '../units';
import { CLUB_NUMBER_LOFT, type SchoolId } from './school';

/** What a rule of thumb says a club does, on any green: ground over air. */
export interface Claim {
	school: SchoolId;
	club: string;
	ratio: Ratio;
}

/** Rules that give a club a ratio of its own: a share of the way in the air, or units of roll (common practice, no source). */
const SAID: readonly { school: SchoolId; loft: number; ratio: Ratio }[] = [
	{ school: 'fly-fractions', loft: CLUB_NUMBER_LOFT[6]!, ratio: 3 },
	{ school: 'fly-fractions', loft: CLUB_NUMBER_LOFT[8]!, ratio: 2 },
	{ school: 'fly-fractions', loft: CLUB_NUMBER_LOFT[10]!, ratio: 1 },
	{ school: 'three-windows', loft: 38, ratio: 3 },
	{ school: 'three-windows', loft: 46, ratio: 1 },
	{ school: 'three-windows', loft: 54, ratio: 1 / 3 },
	...[1, 2, 3, 4, 5, 6, 7].map((units) => ({
		school: 'rule-of-twelve' as const,
		loft: CLUB_NUMBER_LOFT[12 - units]!,
		ratio: units
	}))
];
/** A club farther than this from a rule's own is not the one that is meant. */
const NEAR = radians(2.6);

/** What the rules claim of the clubs of a bag. */
export const claimsOf = (bag: readonly Club[]): Claim[] =>
	SAID.flatMap(({ school, loft, ratio }) => {
		const club = nearestByLoft(bag, radians(loft));
		return club && Math.abs(club.loft - radians(loft)) <= NEAR
			? [{ school, club: club.id, ratio }]
			: [];
	});

/** A club's number as the trade counts: 12 a sand wedge, 10 a pitching wedge, 9 … for the irons; by the nearest loft. */
export function clubNumber({ loft }: Pick<Club, 'loft'>): number {
	const numbers = Object.keys(CLUB_NUMBER_LOFT).map(Number);
	const off = (number: number) => Math.abs(radians(CLUB_NUMBER_LOFT[number]!) - loft);
	return numbers.reduce((best, number) => (off(number) < off(best) ? number : best));
}
