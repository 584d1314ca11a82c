import type { SwingVocabulary } from '$lib/core/player/swingLength';
import { HANDICAP, type Skill } from '$lib/core/player/player';

interface Standard {
	skill: Skill;
	handicap?: number | undefined;
}

const NAMES: Readonly<Record<Skill, string>> = {
	expert: 'Tour expert',
	scratch: 'Scratch',
	middle: 'Handicap 15',
	high: 'Handicap 28'
};

/** The handicap of somebody, that of their skill where none is known. */
export const handicapOf = ({ skill, handicap }: Standard): number => handicap ?? HANDICAP[skill];

/** A handicap as golfers write it: plus figures are better than scratch. */
export const handicapFigure = (handicap: number): string =>
	`${handicap < 0 ? '+' : ''}${Math.abs(Math.round(handicap * 10) / 10)}`;

/** How good somebody is, as a coach would say it. */
export function skillName({ skill, handicap }: Standard): string {
	if (handicap === undefined || handicap === HANDICAP[skill]) return NAMES[skill];
	return `Handicap ${handicapFigure(handicap)}`;
}

/** The same inside a sentence: "handicap 15". */
export const skillWords = (standard: Standard): string => {
	const name = skillName(standard);
	return name.charAt(0).toLowerCase() + name.slice(1);
};

/** How a vocabulary is meant, for whoever meets it first. */
export const VOCABULARY_WORDS: Readonly<Record<SwingVocabulary, { name: string; means: string }>> =
	{
		clock: {
			name: 'Clock',
			means: 'the lead arm as the hour hand: 6 hangs straight down, 9 is level'
		},
		body: {
			name: 'Body',
			means:
				'how far the hands go back: to the seam of the trail leg, knee, thigh, hip, ribs, shoulder; “a foot” is the club head’s way'
		},
		shape: {
			name: 'Letters',
			means:
				'what arms and club look like: I hardly leaves the ball, Y rocks back, V hands thigh-high, shaft level, L lead arm level with the wrists set'
		}
	};
