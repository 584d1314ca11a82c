import { straight } from '../player/intent';
import { nearestByLoft } from '../club/club';
import { YARD, radians, type Metres } from '../units';
import { CLUB_NUMBER_LOFT, type School, type Working } from './school';

const MOST_ROLL_UNITS = 7;
/** A roll this near to a whole number of carries is that number; anything between two is the smaller, the club with more loft. */
const NEAR_A_UNIT = 0.25;
/** Longer carries are pitches, for which the rule was not made. */
const LONGEST_CARRY: Metres = 6 * YARD;

const wholePaces = (metres: Metres): number => Math.round(metres / YARD);

/**
 * The rule's own arithmetic as a person does it: carry and roll in whole paces, the roll counted in carries, that taken from twelve.
 *
 * @param carry above 0
 * @param roll 0 and up
 * @returns paces, units as they come out, and the club's number: 12 sand wedge, 11 gap wedge, 10 pitching wedge, 9 … 5 irons
 */
export function countUnits(carry: Metres, roll: Metres): Extract<Working, { by: 'units' }> {
	const paced = { carry: Math.max(1, wholePaces(carry)), roll: wholePaces(roll) };
	const units = paced.roll / paced.carry;
	const near = Math.round(units);
	const counted = Math.abs(units - near) <= NEAR_A_UNIT ? near : Math.floor(units);
	return { by: 'units', ...paced, units, number: 12 - Math.min(MOST_ROLL_UNITS, counted) };
}

export const ruleOfTwelve: School = {
	id: 'rule-of-twelve',
	assumes: 'levelShortCarry',
	advise({ bag, spot, rollFromSpot }) {
		const working = countUnits(spot, rollFromSpot);
		const club = nearestByLoft(bag, radians(CLUB_NUMBER_LOFT[working.number]!));
		if (!club) return null;
		return {
			play: straight(club),
			carry: spot,
			working,
			beyond: spot > LONGEST_CARRY ? 'carryTooLong' : null
		};
	},
	allows(play, facts) {
		return play.club.name === this.advise(facts)?.play.club.name && play.flight === 'standard';
	}
};
