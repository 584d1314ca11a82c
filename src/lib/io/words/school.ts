import type { Assumption, Beyond, SchoolAdvice, SchoolId } from '$lib/core/schools/school';
import type { SchoolCall } from '$lib/core/plan/explain/schoolCalls';
import type { Metres } from '$lib/core/units';
import { landingWords } from './landing';
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

const FRACTION: readonly [number, string][] = [
	[1 / 2, 'half'],
	[1 / 3, 'a third'],
	[2 / 3, 'two thirds'],
	[1 / 4, 'a quarter'],
	[3 / 4, 'three quarters'],
	[1 / 5, 'a fifth'],
	[1 / 6, 'a sixth'],
	[1 / 7, 'a seventh'],
	[1 / 8, 'an eighth'],
	[1 / 9, 'a ninth']
];

/** A share in the words of the trade where it has one. */
export const fractionWords = (share: number, say: Say): string =>
	FRACTION.find(([value]) => Math.abs(value - share) < 0.005)?.[1] ?? say.percent(share);

/** A carry longer than the rule's own by more than this was given to reach the green. */
const REACHED: Metres = 0.05;

const counted = (n: number, what: string): string => `${n} ${what}${n === 1 ? '' : 's'}`;
const tenths = (value: number): string => String(Math.round(value * 10) / 10);

/** How a rule came to its club, as a coach would reckon it aloud. */
export function workingWords({ working, carry }: SchoolAdvice, say: Say): string {
	switch (working.by) {
		case 'units': {
			const { carry: paces, roll, units, number } = working;
			const off = 12 - number;
			const taken = Math.abs(units - off) < 0.05 ? '' : `, taken as ${off}`;
			const said = `${tenths(units)} ${units === 1 ? 'unit' : 'units'}`;
			return `Carry ${counted(paces, 'pace')}, roll ${roll}: ${said}${taken}; 12 − ${off} = ${number}`;
		}
		case 'share': {
			const flies = working.share * working.total;
			const short = carry > flies + REACHED ? ', short of the green: so it is landed just on' : '';
			return `${capital(fractionWords(working.share, say))} of ${say.length(working.total)} flies: ${say.length(flies)}${short}`;
		}
		case 'gaps':
			return `Roll ${say.length(working.roll)}: about ${tenths(working.roll / working.gap)} gaps of ${say.length(working.gap)}, the club on rung ${working.rung}`;
		case 'carries':
			return `Roll ${tenths(working.carries)} carries, ${working.carries > working.limit ? 'more' : 'not more'} than ${working.limit}`;
	}
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/**
 * What a school says here, in one line.
 *
 * @param toEdge ball to the edge of the green: where the call counts from, too
 */
export function schoolAdviceWords({ advice }: SchoolCall, toEdge: Metres, say: Say): string {
	const beyond = advice.beyond ? `; ${BEYOND[advice.beyond]}` : '';
	const landing = landingWords(advice.carry - toEdge, (metres) => say.length(metres));
	return `${playWords(advice.play)}, ${landing}${beyond}`;
}
