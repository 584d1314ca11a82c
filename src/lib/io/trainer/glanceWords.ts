import type { Bias } from '$lib/core/trainer/bias';
import type { GlanceKind } from '$lib/core/trainer/steps';

/** How each judgement is asked, and between which ends it is answered. */
export interface GlanceAsked {
	name: string;
	question: string;
	low: number;
	high: number;
	step: number;
}

/** Metres where it is one of length; see `saidGuess`. */
export const GLANCE_ASKED: Readonly<Record<GlanceKind, GlanceAsked>> = {
	slope: {
		name: 'Slope',
		question: 'How much does the green fall across the line, in percent?',
		low: -8,
		high: 8,
		step: 0.5
	},
	distance: {
		name: 'Distance',
		question: 'How far is it to the hole?',
		low: 2,
		high: 30,
		step: 0.5
	},
	break: {
		name: 'Break',
		question: 'A putt: how many hole widths beside the hole is it aimed?',
		low: -20,
		high: 20,
		step: 0.5
	},
	speed: {
		name: 'Green speed',
		question: 'A ball comes off the ramp. How fast is this green, in feet?',
		low: 4,
		high: 16,
		step: 0.5
	},
	stop: {
		name: 'Where it stops',
		question: 'It lands now. How far does it run from there?',
		low: 0,
		high: 20,
		step: 0.25
	},
	club: { name: 'The rule’s club', question: '', low: 0, high: 0, step: 1 },
	easier: {
		name: 'The easier of two',
		question: 'Which of the two is easier?',
		low: 0,
		high: 1,
		step: 1
	}
};

/** What is asked of the rule of a school. */
export const ruleQuestion = (rule: string, carry: string, roll: string): string =>
	`${rule}: carry ${carry}, ${roll} to go. Which club?`;

const side = (value: number, words: string): string =>
	value === 0 ? words : `${words} to the ${value > 0 ? 'right' : 'left'}`;
const plain = (value: number): string => String(Math.round(value * 10) / 10);

/**
 * A guess or the truth, as it is said.
 *
 * @param length of metres
 * @param club of an index
 */
export function saidGuess(
	kind: GlanceKind,
	value: number,
	length: (metres: number) => string,
	club: (index: number) => string
): string {
	const size = Math.abs(value);
	switch (kind) {
		case 'slope':
			return value === 0 ? 'level' : side(value, `${plain(size)} %`);
		case 'distance':
		case 'stop':
			return length(value);
		case 'break':
			return size < 0.05 ? 'straight' : side(value, `${plain(size)} hole widths`);
		case 'speed':
			return `${plain(value)} ft`;
		case 'club':
			return club(value);
		case 'easier':
			return value === 0 ? 'the first' : 'the second';
	}
}

/** How sure somebody can say they are. */
export const SURE_CHOICES: readonly { sure: number; words: string }[] = [
	{ sure: 0.5, words: 'A guess' },
	{ sure: 0.7, words: 'Fairly sure' },
	{ sure: 0.9, words: 'Sure' }
];

const SEEN_LESS: Readonly<Partial<Record<GlanceKind, [less: string, more: string]>>> = {
	slope: ['You see slopes too flat', 'You see slopes too steep'],
	distance: ['You see distances too short', 'You see distances too long'],
	break: ['You see too little break', 'You see too much break'],
	speed: ['You see greens too slow', 'You see greens too fast'],
	stop: ['You let it stop too early', 'You let it run too far']
};

/** Own bias in a sentence; that nothing can be said where that is so. */
export function biasWords(kind: GlanceKind, bias: Bias | null): string {
	const words = SEEN_LESS[kind];
	if (!words) return '';
	if (!bias) return 'From six on it says here whether your eye is off.';
	const percent = Math.round(100 * Math.abs(bias.seen - 1));
	const band = `${Math.round(100 * bias.low)} to ${Math.round(100 * bias.high)} % of what it is`;
	if (!bias.told) return `Your eye is not off as far as can be told: you see ${band}.`;
	return `${words[bias.seen < 1 ? 0 : 1]}, by about ${percent} %: you see ${band}.`;
}

/** How honest the certainty was: how often each of them was right. */
export function surenessWords(guesses: readonly { sure: number; right: boolean }[]): string {
	return SURE_CHOICES.flatMap(({ sure, words }) => {
		const of = guesses.filter((one) => one.sure === sure);
		if (of.length === 0) return [];
		return [`“${words}”: ${of.filter(({ right }) => right).length} of ${of.length} right`];
	}).join(' · ');
}
