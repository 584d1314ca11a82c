import type { OwnRule, RuleForm } from '$lib/core/plan/studies/ownRule';
import type { RuleShot } from '$lib/core/plan/studies/ruleShot';
import { toPercent } from '$lib/core/units';
import type { Say } from '$lib/io/words/say';

/** The forms that a rule may have, and what each asks of a head. */
export const FORM_WORDS: Record<RuleForm, { name: string; asks: string }> = {
	minus: {
		name: 'N minus units',
		asks: 'Pace to the landing spot, count how often that goes into the rest, and take it from one number: what is left is the club.'
	},
	fractions: {
		name: 'A fraction per club',
		asks: 'Each club flies its own share of the way to the hole and rolls the rest.'
	},
	windows: {
		name: 'Windows',
		asks: 'Three clubs: one flies a quarter of the way, one half of it, one three quarters.'
	},
	ladder: {
		name: 'Every second club',
		asks: 'From one landing spot each second club rolls so many paces more than the one before.'
	}
};

const FRACTIONS: readonly [number, string][] = [
	[1 / 6, 'a sixth'],
	[1 / 5, 'a fifth'],
	[1 / 4, 'a quarter'],
	[1 / 3, 'a third'],
	[2 / 5, 'two fifths'],
	[1 / 2, 'half'],
	[3 / 5, 'three fifths'],
	[2 / 3, 'two thirds'],
	[3 / 4, 'three quarters']
];
const fraction = (share: number): string =>
	FRACTIONS.reduce((best, one) =>
		Math.abs(one[0] - share) < Math.abs(best[0] - share) ? one : best
	)[1];

const some = (clubs: number): string => (clubs === 1 ? 'one club' : 'two clubs');

/** The corrections of a rule in words; empty where it has none. */
function correctionWords({ uphill, downhill, slow, quick }: OwnRule): string {
	return [
		uphill > 0 ? `${some(uphill)} less loft uphill` : '',
		downhill > 0 ? `${some(downhill)} more loft downhill` : '',
		slow > 0 ? `${some(slow)} less loft on slow greens` : '',
		quick > 0 ? `${some(quick)} more loft on quick ones` : ''
	]
		.filter(Boolean)
		.join(', ');
}

function ruleItself(rule: OwnRule, club: (place: number) => string): string {
	switch (rule.form) {
		case 'minus':
			return `${rule.from} minus units: pace to the landing spot, count the rest in that, and take it from ${rule.from} (12 sand wedge, 11 gap wedge, 10 pitching wedge, 9 the 9-iron)`;
		case 'ladder':
			return `every second club: the ${club(rule.clubs[0]!)} rolls ${rule.first} paces, each next one (${rule.clubs.slice(1).map(club).join(', ')}) ${rule.gap} more`;
		case 'windows':
		case 'fractions':
			return `a fraction each: ${rule.clubs.map((one) => `${club(one.club)} flies ${fraction(one.share)}`).join(', ')}`;
	}
}

/** "11 minus units …; one club less loft uphill." */
export function ownRuleWords(rule: OwnRule, club: (place: number) => string): string {
	const corrections = correctionWords(rule);
	const said = ruleItself(rule, club);
	return `${said.charAt(0).toUpperCase()}${said.slice(1)}${corrections ? `; ${corrections}` : ''}.`;
}

/** What a rule loses, as a coach would say it. */
export const lossWords = (loses: number, worst: number): string =>
	`loses ${loses.toFixed(2)} strokes a shot, ${worst.toFixed(2)} at worst`;

/** "3 paces to the landing spot, 9 from there, 2 % up, on a quick green." */
export function ruleShotWords({ carry, roll, slope, pace }: RuleShot, say: Say): string {
	const hill =
		Math.abs(slope) < 0.005
			? 'level'
			: `${Math.abs(toPercent(slope)).toFixed(0)} % ${slope > 0 ? 'up' : 'down'}`;
	const green = {
		slow: 'a slow green',
		usual: 'a green of the usual speed',
		quick: 'a quick green'
	};
	return `${say.length(carry)} to the landing spot, ${say.length(roll)} from there, ${hill}, on ${green[pace]}.`;
}
