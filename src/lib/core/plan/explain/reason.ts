import type { Club } from '../../club/club';
import type { LieId } from '../../lie/lies';
import type { Play } from '../../player/intent';
import type { Beyond, SchoolId } from '../../schools/school';
import type { Metres, Ratio } from '../../units';
import type { Rejection } from '../ladder/reject';

/** A play called among ties: the first of the other plays, null where only its own other places tie, and how many plays there are. */
export interface Tie {
	play: Play;
	other: Play | null;
	tied: number;
}

/** Whether only what was asked for was looked at: what is said of all shots is then said of these. */
export interface OfWhat {
	asked?: true;
}

/** A reason for or against, as data; `io/words` says it. */
export type Reason =
	| ({ code: 'fewestStrokes'; play: Play; fourOrMore: number } & OfWhat)
	| ({ code: 'tieLeastAir' } & Tie)
	/** It has so much less trouble than every other that ties, at least. */
	| ({ code: 'tieLeastTrouble'; trouble: number } & Tie)
	/** … than one that flies less. */
	| ({ code: 'tieSafer'; flatter: Play; trouble: number } & Tie)
	| ({ code: 'tieCheaper'; flatter: Play; more: number } & Tie)
	| ({ code: 'tieOpened' } & Tie)
	| ({ code: 'tieMeasured' } & Tie)
	| ({ code: 'tieFlatter' } & Tie)
	| ({ code: 'tieEven' } & Tie)
	| { code: 'tooWild'; play: Play; wild: Play; within: Metres }
	| ({ code: 'onlyOne'; play: Play } & OfWhat)
	| ({ code: 'compromise'; play: Play } & OfWhat)
	| ({ code: 'leastBad'; play: Play; rejection: Rejection } & OfWhat)
	| { code: 'drop' }
	/** The slope by the pin is too steep for this green; with less speed than `restsAt` a ball would stay. */
	| { code: 'restsNowhere'; slope: Ratio; restsAt: Metres }
	| { code: 'runnerUp'; play: Play; more: number }
	| { code: 'habitCostsMore'; club: Club; more: number; heavy: number; thin: number }
	| { code: 'habitIsOut'; club: Club; rejection: Rejection }
	| { code: 'habitIsRight'; club: Club }
	/** `runOn`: share of the balls that end in the half of the way to the pin that lies nearer to it. */
	| {
			code: 'playedSafe';
			past: Metres;
			side: Metres;
			onGreen: boolean;
			runOn: Ratio;
			saves: number | null;
	  }
	| { code: 'safeCosts'; target: Metres; more: number; fourOrMoreLess: number; kinder: boolean }
	| { code: 'breaks'; aim: Metres; slopeAcross: Ratio }
	| { code: 'schoolCosts'; more: number }
	| { code: 'schoolLifted'; school: SchoolId }
	| { code: 'schoolElsewhere'; school: SchoolId; beyond: Beyond }
	| { code: 'watch'; what: Watched; by: 1 | -1; lie: LieId; change: Metres };

/** What a what-if can be about. */
export type Watched = 'stimp' | 'slope' | 'lie';
