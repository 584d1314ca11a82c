import type { Assumption, Beyond, SchoolId } from '$lib/core/schools/school';
import type { SchoolCall } from '$lib/core/plan/schoolCalls';
import { playWords } from './play';
import type { Say } from './say';

/** The schools, named for what they do. */
export const SCHOOL_WORDS: Record<SchoolId, { name: string; rule: string }> = {
	'rule-of-twelve': {
		name: 'Rule of twelve',
		rule: 'Count the roll in carries and take it from twelve: 12 is the sand wedge, 10 the pitching wedge, 9 the 9-iron.'
	},
	'fly-fractions': {
		name: 'Fly fractions',
		rule: 'Pitching wedge flies half, 8-iron a third, 6-iron a quarter; one club for a slope.'
	},
	'three-windows': {
		name: 'Three windows',
		rule: '8-iron through the low window, pitching wedge through the middle, a 54° through the high.'
	},
	'second-club-ladder': {
		name: 'Every second club',
		rule: 'One landing spot, one swing: lob, gap, 9, 7, 5 finish about three paces apart.'
	},
	'todays-percentage': {
		name: 'Today’s percentage',
		rule: 'Measure before play what share a pitching wedge flies on these greens and use it all day.'
	},
	'longest-club': {
		name: 'Longest club that will do',
		rule: 'The longest club that still lands on the green, with the smallest swing.'
	},
	'gap-wedge-limit': {
		name: 'Nothing longer than a gap wedge',
		rule: 'Land a gap wedge on the green and let it release; a pitching wedge at most.'
	},
	'one-wedge-two-ways': {
		name: 'One wedge, low or high',
		rule: 'Most lofted wedge only: ball back and low, or ball forward and high.'
	},
	'one-wedge-three-flights': {
		name: 'One wedge, three flights',
		rule: 'Same wedge: hooded and low, neutral, or face open and high.'
	},
	'shape-the-spin': {
		name: 'Shape the spin',
		rule: 'Same club: from inside runs on, from outside comes out higher and stops sooner.'
	}
};

export const ASSUMPTION_WORDS: Record<Assumption, string> = {
	levelShortCarry: 'assumes a level green and a carry of up to about six paces',
	levelNormalPace: 'assumes a level green of ordinary pace',
	noSlope: 'picks by height of flight and knows no slope',
	trainedLadder: 'assumes a short chip and a trained swing',
	measuredToday: 'holds for today and for level ground only',
	slowGreensRoom: 'assumes slow to medium greens and plenty of room',
	quickGreens: 'assumes quick greens',
	skilledHands: 'assumes skilled hands',
	cleanContact: 'assumes clean contact'
};

const BEYOND: Record<Beyond, string> = {
	carryTooLong: 'the carry is longer than the rule was made for',
	notEnoughGreen: 'there is not enough green for the rule',
	madeForGrass: 'the rule was made for grass, not for sand',
	madeForCleanLies: 'the rule was made for clean lies'
};

/** What a school says here, in one line. */
export function schoolAdviceWords({ advice }: SchoolCall, say: Say): string {
	const beyond = advice.beyond ? `; ${BEYOND[advice.beyond]}` : '';
	return `${playWords(advice.play)}, land it at ${say.length(advice.carry)}${beyond}`;
}
