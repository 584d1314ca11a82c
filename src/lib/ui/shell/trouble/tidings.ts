import { goto } from '$app/navigation';
import { resolve } from '$app/paths';
import { hearTidings, type Tiding } from '$lib/store/base/tidings';
import { messages } from '../messages.svelte';
import { tidingWords } from './tidingWords';

/** Where more can be seen of what the store says. */
const seen = (tiding: Tiding) => {
	if (tiding.kind === 'setAside')
		return { label: 'Show it', run: () => void goto(resolve('/saved')) };
	if (tiding.kind === 'unwritten') return { label: 'Look', run: () => void goto(resolve('/data')) };
	return null;
};

/** Says what the store has to say by itself; returns what ends it. */
export const sayTidings = (): (() => void) =>
	hearTidings((tiding) =>
		messages.say({
			words: tidingWords(tiding),
			trouble: tiding.kind === 'notKept' || tiding.kind === 'unwritten',
			action: seen(tiding)
		})
	);
