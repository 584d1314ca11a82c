import { SHOT_KINDS, type ShotKind } from '$lib/core/plan/question/shotKind';
import type { WantedWire } from '../fields/wanted';

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Whether every kind but the putt is wanted. */
export const isNoPutt = (kinds: readonly ShotKind[]): boolean =>
	kinds.length === SHOT_KINDS.length - 1 && !kinds.includes('putt');

/**
 * The shot that is asked for, in the fewest words.
 *
 * @param usually whether this player is never asked to putt from off the green
 */
export function wantedWords(wanted: WantedWire | undefined, usually = false): string {
	if (!wanted) return usually ? 'No putter' : 'Any';
	const { kinds = [], clubs = [], without = [], apexAtMost, apexAtLeast } = wanted;
	const parts = [
		isNoPutt(kinds) ? 'no putter' : kinds.join(' or '),
		clubs.length > 0 ? `${clubs.length} ${clubs.length === 1 ? 'club' : 'clubs'}` : '',
		without.length > 0 ? `${without.length} left out` : '',
		apexAtMost === undefined ? '' : 'kept low',
		apexAtLeast === undefined ? '' : 'kept high'
	].filter(Boolean);
	return capital(parts.join(', ')) || 'Any';
}
