import { TIE, type RuleRead, type ShotReading, type StepCost } from '$lib/core/trainer/reading';
import type { Committed } from '$lib/core/trainer/shotJudge';
import type { StepRecord } from '$lib/core/trainer/diagnosis';
import type { Height, LieAnswer, ReadStep } from '$lib/core/trainer/steps';
import type { Metres, Radians, Ratio } from '$lib/core/units';
import type { Say } from '../words/say';
import { schoolAdviceWords, SCHOOL_WORDS, workingWords } from '../words/school';

export const STEP_WORDS: Readonly<Record<ReadStep, string>> = {
	lie: 'The lie',
	height: 'Low, middle or high',
	landing: 'The landing spot',
	ratio: 'The ratio',
	club: 'The club',
	swing: 'The swing',
	aim: 'The aim'
};

/** What each step asks. */
export const STEP_QUESTIONS: Readonly<Record<ReadStep, string>> = {
	lie: 'How does it come out of this lie, against short grass?',
	height: 'Low, middle or high?',
	landing: 'Where does it land? Touch the ground, or move the mark.',
	ratio: 'Air to ground from there?',
	club: 'Which club?',
	swing: 'How long a swing?',
	aim: 'Where is it aimed, at the hole?'
};

export const LIE_ANSWER_WORDS: Readonly<Record<LieAnswer, string>> = {
	clean: 'As from short grass',
	short: 'Shorter: the grass takes speed',
	runs: 'Less spin: it runs on',
	sand: 'On the sand, the club under it'
};

export const HEIGHT_WORDS: Readonly<Record<Height, string>> = {
	low: 'Low',
	middle: 'Middle',
	high: 'High'
};

/** Ratios to choose from: ground over air, and as they are said. */
export const RATIO_CHOICES: readonly { ratio: Ratio; words: string }[] = [
	{ ratio: 0.25, words: '4 : 1' },
	{ ratio: 0.5, words: '2 : 1' },
	{ ratio: 1, words: '1 : 1' },
	{ ratio: 1.5, words: '1 : 1½' },
	{ ratio: 2, words: '1 : 2' },
	{ ratio: 3, words: '1 : 3' },
	{ ratio: 4, words: '1 : 4' },
	{ ratio: 6, words: '1 : 6' },
	{ ratio: 9, words: '1 : 9' }
];

/** Green speeds as a hand feels them. */
export const speedFelt = (feet: number): string =>
	feet < 8.5 ? 'slow' : feet < 11 ? 'of middling speed' : 'quick';

const strokes = (of: number): string => `${of.toFixed(2)} strokes`;

/** What a step cost: "right", "0.12 strokes", or that it was as good as right. */
export function costWords({ step, cost, right }: StepCost): string {
	if (step === 'lie') return right ? 'right' : 'not so';
	if (right) return 'right';
	return cost > 0 ? strokes(cost) : 'right';
}

/** The whole in a sentence. */
export function lossWords({ loss, steps }: Pick<ShotReading, 'loss' | 'steps'>): string {
	const wrong = steps.filter(({ right }) => !right);
	if (wrong.length === 0) return 'As good as it gets: nothing lost.';
	const worst = wrong.reduce((a, b) => (b.cost > a.cost ? b : a));
	if (loss < 0.05) return 'The shot is as good as the best, though not every step was.';
	return worst.cost > 0
		? `It costs ${strokes(loss)}; most of it goes with ${STEP_WORDS[worst.step].toLowerCase()}.`
		: `It costs ${strokes(loss)}.`;
}

/** How words of numbers are said on this screen. */
export interface TrainerWords {
	length: (metres: number) => string;
	club: (id: string) => string;
	swing: (angle: number) => string;
	ratio: (ratio: Ratio) => string;
}

/** Swings that differ by less are one: a degree. */
const SAME_SWING: Radians = Math.PI / 180;

/** A swing beside another: where both bear one name, which of them is longer is said with it. */
export function swingBeside(
	swing: Radians,
	other: Radians,
	name: (angle: Radians) => string
): string {
	const said = name(swing);
	if (said !== name(other) || Math.abs(swing - other) < SAME_SWING) return said;
	return `${said}, a little ${swing > other ? 'longer' : 'shorter'}`;
}

/**
 * What the pupil's school makes of the shot: its reckoning, its call, and what that costs.
 *
 * @param toEdge ball to the edge of the green
 */
export function ruleWords({ call, loss }: RuleRead, toEdge: Metres, say: Say): string {
	const reckoned = `${SCHOOL_WORDS[call.id].name}: ${workingWords(call.advice, say)}`;
	const says = `${reckoned}. It says ${schoolAdviceWords(call, toEdge, say)}.`;
	if (loss < TIE) return `${says} That is as good as the best here.`;
	const miss = call.blocked
		? 'it is stopped on its way'
		: `it ends ${say.length(Math.abs(call.missAtHole))} ${call.missAtHole > 0 ? 'past' : 'short'}`;
	return `${says} That costs ${strokes(loss)} more than the best here: ${miss}.`;
}

/** One sentence of teaching about the step that cost most, made from the numbers; empty where nothing did. */
export function teaching(
	{ steps, theirs, best, lie }: ShotReading,
	said: Committed,
	words: TrainerWords
): string {
	const wrong = steps.filter(({ right }) => !right);
	const worst = wrong.reduce<StepCost | null>(
		(a, b) => (a === null || b.cost > a.cost ? b : a),
		null
	);
	switch (worst?.step) {
		case undefined:
			return '';
		case 'lie':
			return `From this lie: ${lie.map((one) => LIE_ANSWER_WORDS[one].toLowerCase()).join(', ')}; not “${LIE_ANSWER_WORDS[said.lie].toLowerCase()}”.`;
		case 'height':
			return `${HEIGHT_WORDS[best.height]} it is: ${words.length(best.landing)} of air with the ${words.club(best.club)}, then ground.`;
		case 'landing':
			return `Land it ${words.length(Math.abs(best.landing - said.landing))} ${best.landing > said.landing ? 'farther' : 'nearer'}: ${words.length(best.landing)} from the ball.`;
		case 'ratio':
			return `From there the ground asks for ${words.ratio(theirs.ratio)} of this club and ${words.ratio(best.ratio)} of the best.`;
		case 'club':
			return `The ${words.club(best.club)} does ${words.ratio(best.ratio)} here, your ${words.club(theirs.club)} ${words.ratio(theirs.ratio)}.`;
		case 'swing':
			return `Your swing carries ${words.length(theirs.landing)} with the ${words.club(theirs.club)}; with the ${words.club(best.club)} ${swingBeside(best.swing, theirs.swing, words.swing)} would do.`;
		case 'aim':
			return `Aim ${words.length(Math.abs(best.aside))} ${best.aside > 0 ? 'right' : 'left'} of the hole: the ground brings it back.`;
	}
}

/** How a step goes over time: "12 of 15 right (60 to 90 %)"; what stands out is said. */
export function recordWords({ right, cost, weak }: StepRecord): string {
	if (right.of === 0) return 'not asked yet';
	const band = `${Math.round(100 * right.low)} to ${Math.round(100 * right.high)} %`;
	const lost = cost >= 0.005 ? `, ${cost.toFixed(2)} strokes a shot` : '';
	return `${right.hits} of ${right.of} right (${band})${lost}${weak ? ': less often than the rest, and not by luck' : ''}`;
}

/**
 * How somebody reads, in a line of a class list: the step that loses most, and whether luck could make it so.
 *
 * @param shots that were read
 */
export function classWords(records: readonly StepRecord[], shots: number): string {
	const read = `${shots} ${shots === 1 ? 'shot' : 'shots'} read`;
	const most = records.reduce((a, b) => (b.cost > a.cost ? b : a));
	if (most.cost < 0.005) return `${read}, no step loses anything.`;
	const weak = records.find((record) => record.weak);
	const loses = `${STEP_WORDS[most.step].toLowerCase()} loses most, ${most.cost.toFixed(2)} strokes a shot`;
	return weak
		? `${read}; ${loses}; ${STEP_WORDS[weak.step].toLowerCase()} goes wrong more often than the rest.`
		: `${read}; ${loses}, as far as so few can tell.`;
}
