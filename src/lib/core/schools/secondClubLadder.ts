import { straight } from '../player/intent';
import { nearestByLoft } from '../club/club';
import { fromFeet, radians } from '../units';
import { type School, type SchoolFacts } from './school';

/** Lob wedge, gap wedge, 9-, 7- and 5-iron. */
const CANDIDATES = [60, 51, 42, 34, 27];
/** Roll-out between two candidates on the flat; the first candidate rolls one gap. */
const GAP = fromFeet(10);

const candidates = ({ bag }: SchoolFacts) =>
	CANDIDATES.flatMap((loft) => nearestByLoft(bag, radians(loft)) ?? []);

export const secondClubLadder: School = {
	id: 'second-club-ladder',
	assumes: 'trainedLadder',
	advise(facts) {
		const clubs = candidates(facts);
		if (clubs.length === 0) return null;
		const candidate = Math.round(facts.rollFromSpot / GAP) - 1;
		const club = clubs[Math.max(0, Math.min(clubs.length - 1, candidate))]!;
		const beyond = candidate < 0 || candidate >= clubs.length ? 'notEnoughGreen' : null;
		const working = {
			by: 'gaps',
			roll: facts.rollFromSpot,
			gap: GAP,
			candidate: clubs.indexOf(club) + 1
		} as const;
		return { play: straight(club), carry: facts.spot, working, beyond };
	},
	allows: (play, facts) =>
		play.flight === 'standard' && candidates(facts).some((club) => club.name === play.club.name)
};
