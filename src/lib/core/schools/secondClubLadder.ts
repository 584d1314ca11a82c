import { straight } from '../player/intent';
import { nearestByLoft } from '../club/club';
import { fromFeet, radians } from '../units';
import { type School, type SchoolFacts } from './school';

/** Lob wedge, gap wedge, 9-, 7- and 5-iron. */
const RUNGS = [60, 51, 42, 34, 27];
/** Roll-out between two rungs on the flat; the first rung rolls one gap. */
const GAP = fromFeet(10);

const rungs = ({ bag }: SchoolFacts) =>
	RUNGS.flatMap((loft) => nearestByLoft(bag, radians(loft)) ?? []);

export const secondClubLadder: School = {
	id: 'second-club-ladder',
	assumes: 'trainedLadder',
	advise(facts) {
		const clubs = rungs(facts);
		if (clubs.length === 0) return null;
		const rung = Math.round(facts.rollFromSpot / GAP) - 1;
		const club = clubs[Math.max(0, Math.min(clubs.length - 1, rung))]!;
		const beyond = rung < 0 || rung >= clubs.length ? 'notEnoughGreen' : null;
		const working = {
			by: 'gaps',
			roll: facts.rollFromSpot,
			gap: GAP,
			rung: clubs.indexOf(club) + 1
		} as const;
		return { play: straight(club), carry: facts.spot, working, beyond };
	},
	allows: (play, facts) =>
		play.flight === 'standard' && rungs(facts).some((club) => club.name === play.club.name)
};
