import type { Metres, Radians, Ratio } from '../units';
import { CENTIMETRE, radians } from '../units';
import type { Technique } from '../setup/technique';

export type Skill = 'expert' | 'scratch' | 'middle' | 'high';
export type Hand = 'right' | 'left';
export type SwingVocabulary = 'clock' | 'body' | 'shape';

/** Standard deviations of one player's strike at a swing of medium length. */
export interface Dispersion {
	/** Relative. */
	speed: Ratio;
	direction: Radians;
	loft: Radians;
	/** Of the lowest point of the swing against the ball. */
	lowPoint: Metres;
}

/** Carry of one swing length with one club, measured. */
export interface MeasuredCarry {
	club: string;
	/** A mark of one of the vocabularies, for example "9". */
	swing: string;
	carry: Metres;
}

export interface Player {
	skill: Skill;
	hand: Hand;
	/** The player's own numbers where they are known, else those of the skill. */
	dispersion: Dispersion;
	technique: Technique;
	vocabulary: SwingVocabulary;
	swings: readonly MeasuredCarry[];
}

/**
 * Starting values until the player's own balls replace them; ours (assumption). The expert's bring the planner to the published
 * strokes of tour professionals, the others' to what `cost.ts` says a player of that skill takes (tests/reference/expectedStrokes).
 */
export const DISPERSION: Record<Skill, Dispersion> = {
	expert: { speed: 0.035, direction: radians(1.4), loft: radians(1), lowPoint: 0.7 * CENTIMETRE },
	scratch: { speed: 0.05, direction: radians(2), loft: radians(1.5), lowPoint: 1 * CENTIMETRE },
	middle: { speed: 0.07, direction: radians(2.8), loft: radians(2), lowPoint: 1.4 * CENTIMETRE },
	high: { speed: 0.09, direction: radians(3.6), loft: radians(2.6), lowPoint: 1.8 * CENTIMETRE }
};

/** Head speed of a full swing against a skilled player's (assumption). */
export const STRENGTH: Record<Skill, Ratio> = { expert: 1, scratch: 0.97, middle: 0.88, high: 0.8 };
