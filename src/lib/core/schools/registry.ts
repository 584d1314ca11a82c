import { flyFractions } from './flyFractions';
import { gapWedgeLimit } from './gapWedgeLimit';
import { longestClub } from './longestClub';
import { oneWedgeThreeFlights, oneWedgeTwoWays } from './oneWedge';
import { ruleOfTwelve } from './ruleOfTwelve';
import type { School, SchoolId } from './school';
import { secondClubLadder } from './secondClubLadder';
import { shapeTheSpin } from './shapeTheSpin';
import { threeWindows } from './threeWindows';
import { todaysPercentage } from './todaysPercentage';

/** Every school of club choice, in the order they are shown. */
export const SCHOOLS: readonly School[] = [
	ruleOfTwelve,
	flyFractions,
	threeWindows,
	secondClubLadder,
	todaysPercentage,
	longestClub,
	gapWedgeLimit,
	oneWedgeTwoWays,
	oneWedgeThreeFlights,
	shapeTheSpin
];

/**
 * The school of an id; undefined for `free` and anything unknown.
 *
 * @param id of a school, or free
 * @returns undefined for free
 */
export const schoolOf = (id: SchoolId | 'free'): School | undefined =>
	SCHOOLS.find((school) => school.id === id);
