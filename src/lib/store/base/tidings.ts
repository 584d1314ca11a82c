/** What the store has to say by itself, to whoever looks at the screen. */
export type Tiding =
	/** Records whose date no clock can have given were dated anew. */
	| { kind: 'redated'; rows: number }
	/** Changes noted when a page was left that still cannot be written; of how many nobody can make sense. */
	| { kind: 'unwritten'; notes: number; senseless: number }
	/** A noted change met a later one of the same part, which counts. */
	| { kind: 'overtaken'; parts: number }
	/** A noted shot that was not the last any more stands among the saved ones. */
	| { kind: 'setAside'; name: string }
	/** A view was left while its last change could not be kept; whether it could be noted at least. */
	| { kind: 'notKept'; why: string; noted: boolean };

let hear: ((tiding: Tiding) => void) | null = null;
const waiting: Tiding[] = [];

/** Says something; it waits until somebody hears it. */
export function bring(tiding: Tiding): void {
	if (hear) hear(tiding);
	else waiting.push(tiding);
}

/**
 * Hears what the store says, and what it has said so far.
 *
 * @returns what ends it
 */
export function hearTidings(listener: (tiding: Tiding) => void): () => void {
	hear = listener;
	for (const tiding of waiting.splice(0)) listener(tiding);
	return () => {
		if (hear === listener) hear = null;
	};
}
