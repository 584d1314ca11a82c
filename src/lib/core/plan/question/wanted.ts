import type { Play } from '../../player/intent';
import type { Metres, Ratio } from '../../units';
import { isLofted, isFlop, shotKind, type ShotKind } from './shotKind';

/** The shot that is asked for, where not just any will do. */
export interface Wanted {
	/** Empty for any. */
	kinds: readonly ShotKind[];
	/** Ids of the clubs to choose from; empty for all that are carried. */
	clubs: readonly string[];
	/** Ids of clubs that stay in the bag. */
	without: readonly string[];
	/** Under a branch, over something: the top of the flight above the ball; null for any. */
	apexAtMost: Metres | null;
	apexAtLeast: Metres | null;
}

/** Nothing in particular. */
export const ANY_SHOT: Wanted = {
	kinds: [],
	clubs: [],
	without: [],
	apexAtMost: null,
	apexAtLeast: null
};

/** Whether it leaves anything out at all. */
export const isRestricted = ({ kinds, clubs, without, apexAtMost, apexAtLeast }: Wanted): boolean =>
	kinds.length + clubs.length + without.length > 0 || apexAtMost !== null || apexAtLeast !== null;

/** Whether a club may be chosen. */
export const wantsClub = ({ clubs, without }: Wanted, id: string): boolean =>
	(clubs.length === 0 || clubs.includes(id)) && !without.includes(id);

/** Whether a play can become a kind of shot at all, wherever it is played to. */
function canBe(play: Play, kind: ShotKind): boolean {
	if (play.flight === 'putt' || play.flight === 'splash') return play.flight === kind;
	if (isFlop(play)) return kind === 'flop';
	return kind === 'chip' || kind === 'pitch' || (kind === 'lob' && isLofted(play));
}

/** Whether a play may turn out to be what is asked for, before anything is computed. */
export const mayBeWanted = (wanted: Wanted, play: Play): boolean =>
	wantsClub(wanted, play.club.id) &&
	(wanted.kinds.length === 0 || wanted.kinds.some((kind) => canBe(play, kind)));

/** Why a shot is not what was asked for. */
export type NotWanted =
	| { code: 'otherKind'; kind: ShotKind }
	| { code: 'fliesTooHigh'; by: Metres }
	| { code: 'fliesTooLow'; by: Metres };

/** A solved shot, as far as it decides whether it is wanted. */
interface SolvedShot {
	play: Play;
	airShare: Ratio;
	solution: { outcome: { apex: Metres } };
}

/**
 * What a solved shot lacks of what was asked for.
 *
 * @returns null where it is what was asked for
 */
export function notWanted(
	{ kinds, apexAtMost, apexAtLeast }: Wanted,
	{ play, airShare, solution }: SolvedShot
): NotWanted | null {
	const { apex } = solution.outcome;
	const kind = shotKind(play, airShare);
	if (kinds.length > 0 && !kinds.includes(kind)) return { code: 'otherKind', kind };
	if (apexAtMost !== null && apex > apexAtMost)
		return { code: 'fliesTooHigh', by: apex - apexAtMost };
	if (apexAtLeast !== null && apex < apexAtLeast)
		return { code: 'fliesTooLow', by: apexAtLeast - apex };
	return null;
}
