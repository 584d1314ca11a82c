import { straight } from '../player/intent';
import { nearestByLoft } from '../club/club';
import { radians } from '../units';
import { CLUB_NUMBER_LOFT, type School, type SchoolFacts } from './school';

const measuredClub = ({ bag }: SchoolFacts) => nearestByLoft(bag, radians(CLUB_NUMBER_LOFT[10]!));

/** The share that a pitching wedge flew before play is used for every shot of the day. */
export const todaysPercentage: School = {
	id: 'todays-percentage',
	assumes: 'measuredToday',
	advise(facts) {
		const club = measuredClub(facts);
		if (!club) return null;
		const { todaysAirShare: share, total } = facts;
		const carry = share * total;
		return {
			play: straight(club),
			carry,
			working: { by: 'share', share, total },
			beyond: carry < facts.spot ? 'notEnoughGreen' : null
		};
	},
	allows: (play, facts) =>
		play.flight === 'standard' && play.club.name === measuredClub(facts)?.name
};
