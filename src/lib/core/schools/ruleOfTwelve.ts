import { straight } from '../player/intent';
import { nearestByLoft } from '../club/club';
import { YARD, radians, type Metres } from '../units';
import { CLUB_NUMBER_LOFT, type School } from './school';

const LEAST_ROLL_UNITS = 0;
const MOST_ROLL_UNITS = 7;
/** Distances are paced to half a pace: a roll may be a quarter of one longer than it was said to be. */
const PACED_TO: Metres = YARD / 4;
/** Longer carries are pitches, for which the rule was not made. */
const LONGEST_CARRY: Metres = 6 * YARD;

/**
 * The rule's own arithmetic: roll counted in carries, taken from twelve. Between two clubs the one with more loft.
 *
 * @param carry above 0
 * @returns 12 sand wedge, 11 gap wedge, 10 pitching wedge, 9 … 5 irons
 */
export function clubNumber(carry: Metres, roll: Metres): number {
	const units = Math.floor((roll + PACED_TO) / carry);
	return 12 - Math.min(MOST_ROLL_UNITS, Math.max(LEAST_ROLL_UNITS, units));
}

export const ruleOfTwelve: School = {
	id: 'rule-of-twelve',
	assumes: 'levelShortCarry',
	advise({ bag, spot, rollFromSpot }) {
		const club = nearestByLoft(bag, radians(CLUB_NUMBER_LOFT[clubNumber(spot, rollFromSpot)]!));
		if (!club) return null;
		return {
			play: straight(club),
			carry: spot,
			beyond: spot > LONGEST_CARRY ? 'carryTooLong' : null
		};
	},
	allows(play, facts) {
		return play.club.name === this.advise(facts)?.play.club.name && play.flight === 'standard';
	}
};
