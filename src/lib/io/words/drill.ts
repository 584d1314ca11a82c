import type { Skill } from '$lib/core/player/player';
import type { Drill, Measure, PracticeFormat } from '$lib/core/practice/drill';
import type { DrillId } from '$lib/core/practice/drills';

/** What a drill is called, and how it is done. */
export interface DrillWords {
	name: string;
	/** What it yields. */
	purpose: string;
	steps: readonly string[];
	/** Where to stand and where to look. */
	look: string;
}

/** The trade's drills in our words (common practice, no source). */
export const DRILL_WORDS: Readonly<Record<DrillId, DrillWords>> = {
	'landing-box': {
		name: 'Landing box',
		purpose: 'How far each club rolls from one landing spot.',
		steps: [
			'Lay the box on the green where the drawing has it.',
			'Longest club first. Same swing with every club; only the club changes.',
			'Land each ball in the box. Note where it landed and where it stopped.',
			'Wild ones stay in the record and out of the average.'
		],
		look: 'Look at the box, not at a hole.'
	},
	'second-club-ladder': {
		name: 'Every second club',
		purpose: 'The gap between clubs from one landing spot, and how it grows downhill.',
		steps: [
			'Lay one stick across the line as landing mark.',
			'Lob wedge, gap wedge, 9-iron, 7-iron, 5-iron where there is room: the same swing.',
			'Land on the stick. The balls should end in even steps.'
		],
		look: 'Look at the stick while you rehearse and while you swing.'
	},
	'three-flights': {
		name: 'Three flights',
		purpose: 'Your own air and ground with one wedge, low, middle and high.',
		steps: [
			'One wedge, one landing box.',
			'Five low: ball back, hands ahead. Five as usual. Five high: ball forward.',
			'Note landing and stop. The box is the same for all three.'
		],
		look: 'Look at the box; the finish tells the flight.'
	},
	'spin-shapes': {
		name: 'Spin shapes',
		purpose: 'How much the path of the club changes the roll.',
		steps: [
			'Same club, same box.',
			'Two balls from the inside, two straight, two from the outside.',
			'From inside runs on, from outside comes out higher and stops sooner.'
		],
		look: 'Look at the box.'
	},
	'swing-matrix': {
		name: 'Swing matrix',
		purpose: 'The carry of each length of swing with each wedge.',
		steps: [
			'One wedge, one length of swing: note where each ball lands.',
			'Length sets the carry, not effort: the same rhythm for all.',
			'Then the next length, then the next wedge.'
		],
		look: 'Look at where it lands; what it does after that does not matter here.'
	},
	'every-club': {
		name: 'Every club to one flag',
		purpose: 'Which club is easiest for you over one distance, and how you miss with each.',
		steps: [
			'One flag, one place. From the hybrid to the lob wedge, two balls with each.',
			'Let each ball end at the flag: long clubs land early and run.',
			'Note where each ball ended.'
		],
		look: 'Choose a landing spot for each club before you swing.'
	},
	'sole-on-turf': {
		name: 'Sole on the turf',
		purpose: 'A clean strike: the sole meets the turf where the ball lies.',
		steps: [
			'Rehearse twice without a ball: brush the turf at one spot.',
			'Put a ball there. Head stays down until it has landed.',
			'Touch “heavy”, “thin” or “good” after each.'
		],
		look: 'Look at the turf under the ball.'
	},
	'rehearse-to-spot': {
		name: 'Rehearse to the spot',
		purpose: 'Feel for distance: the swing is found by looking, not by counting.',
		steps: [
			'Swing twice while you look at the stick. Too hard: softer. Too soft: harder.',
			'Step in and repeat the last one.',
			'Clubs come mixed. Note where each ball landed.'
		],
		look: 'Eyes on the stick during both rehearsals.'
	},
	'up-and-down': {
		name: 'One ball, up and down',
		purpose: 'Scoring: the closest practice there is to playing.',
		steps: [
			'One ball. Drop it somewhere else each time, good lies and bad ones.',
			'Chip, then putt until it is holed.',
			'Note the strokes: this one counts as the first.'
		],
		look: 'Read the shot first, as on the course.'
	}
};

/** Formats, and what each is for. */
export const FORMAT_WORDS: Readonly<Record<PracticeFormat, { name: string; means: string }>> = {
	block: {
		name: 'Club by club',
		means: 'All balls with one club, then the next: best for measuring.'
	},
	random: {
		name: 'Mixed',
		means: 'Every ball another club: harder, and what is learned stays longer.'
	},
	'up-and-down': {
		name: 'One ball, holed out',
		means: 'Chip and putt with one ball and count: closest to play.'
	},
	'worst-ball': {
		name: 'Worse of two',
		means: 'Two balls each time and the worse one counts: for shots that must not go wrong.'
	},
	'beat-your-last': {
		name: 'Beat your last',
		means: 'The same again, against your last score: for keeping at it.'
	}
};

export const MEASURE_WORDS: Readonly<Record<Measure, string>> = {
	carry: 'where it lands',
	'roll-out': 'where it lands and how far it rolls',
	finish: 'where it ends',
	strokes: 'strokes to hole out',
	strike: 'how it is struck'
};

/** Out of ten balls, so many inside the mark are good for a skill (common practice, no source). */
export const GOOD_OF_TEN: Readonly<Record<Skill, number>> = {
	expert: 8,
	scratch: 7,
	middle: 5,
	high: 4
};
/** Up and down so often is good for a skill, out of ten (common practice, no source). */
export const GOOD_UP_AND_DOWN: Readonly<Record<Skill, number>> = {
	expert: 6,
	scratch: 5,
	middle: 3,
	high: 2
};

/** What good looks like, in one sentence. */
export function goodWords(
	{ measure, mark }: Pick<Drill, 'measure' | 'mark'>,
	skill: Skill,
	length: string
): string {
	if (measure === 'strokes')
		return `Good for this skill: ${GOOD_UP_AND_DOWN[skill]} of ten in two strokes or fewer, none in four.`;
	if (measure === 'strike')
		return `Good for this skill: ${GOOD_OF_TEN[skill]} of ten called good, none wild.`;
	const where = measure === 'finish' ? 'end within' : 'land within';
	return `Good for this skill: ${GOOD_OF_TEN[skill]} of ten ${where} ${length} of the ${mark === 'none' ? 'line' : 'mark'}.`;
}

/** When to stop. */
export const STOP_WORDS: Readonly<Record<Measure, string>> = {
	carry: 'Stop with a club when its carry is good to a pace: it is said while you hit.',
	'roll-out': 'Stop with a club when its roll-out is good to a pace: it is said while you hit.',
	finish: 'Stop after the last club; a second round tells more than many balls with one.',
	strokes: 'Stop after nine balls or when you hurry.',
	strike: 'Stop after three good ones in a row, or when you tire.'
};

/** Said before every session (common practice, no source). */
export const PRACTICE_CAUTIONS: readonly string[] = [
	'Look up before each ball: nobody stands in front or to the side. A bladed ball leaves at head height.',
	'Local rules first: many greens forbid chipping onto them. Repair your marks.',
	'With pain in back, wrist or elbow: stop, and see a medical professional.'
];
