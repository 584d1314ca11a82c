import type { FreeChoice } from '$lib/core/plan/plan';
import { playWords } from './play';

/** Fewer strokes than this nobody feels. */
const FELT = 0.005;

/** What the best shot of all would be, and what it would save over the best of what was asked for: "Putter would save 0.15 strokes." */
export function freeWords({ rung, saves, instead }: FreeChoice): string {
	const best = playWords(rung.play);
	if (instead) return `No club makes such a shot from here: this is the best of all, the ${best}.`;
	return saves < FELT
		? `It costs nothing: the best of all, the ${best}, would save no stroke.`
		: `The best of all would be the ${best}: it would save ${saves.toFixed(2)} strokes.`;
}
