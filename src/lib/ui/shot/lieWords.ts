import type { LieId } from '$lib/core/lie/lies';
import { LIE_NAMES } from '$lib/io/words/lie';

/** The lies to choose from. */
export const LIE_WORDS: readonly { id: LieId; name: string }[] = Object.entries(LIE_NAMES).map(
	([id, name]) => ({ id: id as LieId, name })
);
