import type { Club } from '../club/club';
import type { Play } from '../player/intent';
import type { Metres, Ratio } from '../units';

export type SchoolId =
	| 'rule-of-twelve'
	| 'fly-fractions'
	| 'three-windows'
	| 'second-club-ladder'
	| 'todays-percentage'
	| 'longest-club'
	| 'gap-wedge-limit'
	| 'one-wedge-two-ways'
	| 'one-wedge-three-flights'
	| 'shape-the-spin';

/** What a rule of thumb is told: distances and the bag, never the model. */
export interface SchoolFacts {
	/** Ball to the spot just on the green where the trade would land it. */
	spot: Metres;
	/** That spot to the hole. */
	rollFromSpot: Metres;
	/** Ball to the hole. */
	total: Metres;
	/** Of the green toward the hole, + uphill. */
	slope: Ratio;
	bag: readonly Club[];
	/** Share in the air of a pitching wedge measured on a level part of today's greens. */
	todaysAirShare: Ratio;
}

/** Why a rule is used outside what it was made for. */
export type Beyond = 'carryTooLong' | 'notEnoughGreen' | 'madeForGrass' | 'madeForCleanLies';

/** How a rule came to its answer, as a person would reckon it. */
export type Working =
	/** Carry and roll in whole paces, the roll in carries, and what is left of twelve. */
	| { by: 'units'; carry: number; roll: number; units: number; number: number }
	/** A share of the whole distance is flown. */
	| { by: 'share'; share: Ratio; total: Metres }
	/** The roll in gaps between one rung and the next, and which rung that is, from 1. */
	| { by: 'gaps'; roll: Metres; gap: Metres; rung: number }
	/** The roll in carries, against as many as still ask for the more lofted club. */
	| { by: 'carries'; carries: number; limit: number };

/** What a rule says: this play, landed here. */
export interface SchoolAdvice {
	play: Play;
	carry: Metres;
	working: Working;
	/** Set where the rule is used outside what it was made for. */
	beyond: Beyond | null;
}

/** What a school takes for granted; the words live with the screens. */
export type Assumption =
	| 'levelShortCarry'
	| 'levelNormalPace'
	| 'noSlope'
	| 'trainedLadder'
	| 'measuredToday'
	| 'slowGreensRoom'
	| 'quickGreens'
	| 'skilledHands'
	| 'cleanContact';

/** A rule of thumb for choosing the club; common practice, no source. */
export interface School {
	id: SchoolId;
	assumes: Assumption;
	/** Null when the bag has nothing that the rule could name. */
	advise(facts: SchoolFacts): SchoolAdvice | null;
	/** Whether a pupil of this school would consider a play at all. */
	allows(play: Play, facts: SchoolFacts): boolean;
}

/** Lofts behind the numbers and names the rules use. */
export const CLUB_NUMBER_LOFT: Record<number, number> = {
	12: 56,
	11: 51,
	10: 46,
	9: 42,
	8: 38,
	7: 34,
	6: 30.5,
	5: 27,
	4: 22
};
