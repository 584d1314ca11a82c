import type { Rejection } from '$lib/core/plan/ladder/reject';
import type { ShotKind } from '$lib/core/plan/question/shotKind';
import { degrees, toPercent } from '$lib/core/units';
import { SCHOOL_WORDS } from './school';
import type { Say } from './say';

/** Kinds of shot, as they stand in a sentence. */
const KIND: Readonly<Record<ShotKind, string>> = {
	putt: 'a putt',
	chip: 'a chip',
	pitch: 'a pitch',
	lob: 'a lob',
	flop: 'a flop',
	splash: 'a splash'
};
const HAZARD = { sand: 'the sand', water: 'the water', rough: 'the rough', mound: 'the mound' };

/** Why a shot is out, as a coach would say it. */
export function rejectionWords(rejection: Rejection, say: Say): string {
	switch (rejection.code) {
		case 'shortOfGreen':
			return `lands ${say.length(rejection.by)} short of where it may land on the green`;
		case 'notClear':
			return `does not clear ${HAZARD[rejection.hazard]}: ${say.length(rejection.by)} too little`;
		case 'landsInHazard':
			return `comes down in ${HAZARD[rejection.hazard]}`;
		case 'landsOnSteep':
			return `lands on the ridge (${Math.round(toPercent(rejection.slope))} % slope)`;
		case 'noStop':
			return 'would not stop by the hole: it stays short or runs past';
		case 'tooFast':
			return 'does not get there: not even with a full swing';
		case 'tooFarForMeasured':
			return `asks for a swing ${say.percent(rejection.speed / rejection.longest - 1)} faster than the longest you have measured with this club`;
		case 'goesPast':
			return `runs ${say.length(rejection.by)} past even from the softest swing`;
		case 'bounceOnTight':
			return `blades the ball: ${Math.round(degrees(rejection.bounce))}° of bounce, opened, skips off a tight lie`;
		case 'blockedPutt':
			return 'cannot roll through what lies between';
		case 'otherKind':
			return `would be ${KIND[rejection.kind]}, which was not asked for`;
		case 'fliesTooHigh':
			return `flies ${say.length(rejection.by)} too high`;
		case 'fliesTooLow':
			return `flies ${say.length(rejection.by)} too low`;
		case 'notInSchool':
			return `is not among what this pupil’s school plays (${SCHOOL_WORDS[rejection.school].name})`;
	}
}
