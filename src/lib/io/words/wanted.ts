import type { FreeChoice } from '$lib/core/plan/plan';
import { SHOT_KINDS, type ShotKind } from '$lib/core/plan/question/shotKind';
import type { WantedWire } from '../fields/wanted';
import { playWords } from './play';

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

/** Fewer strokes than this nobody feels. */
const FELT = 0.005;

/** What the best shot of all would be, and what it would save over the best of what was asked for: "Putter would save 0.15 strokes." */
export function freeWords({ candidate, saves, instead }: FreeChoice): string {
	const best = playWords(candidate.play);
	if (instead) return `No club makes such a shot from here: this is the best of all, the ${best}.`;
	return saves < FELT
		? `It costs nothing: the best of all, the ${best}, would save no stroke.`
		: `The best of all would be the ${best}: it would save ${saves.toFixed(2)} strokes.`;
}
