import { untrack } from 'svelte';
import { playing } from './playing.svelte';

/** Whether these pupils have been read with every ball; they are read next. To be called while a component is set up. */
export function pupilsRead(ids: () => readonly string[]): { readonly done: boolean } {
	$effect(() => {
		if (!playing.ready) return;
		for (const id of ids()) untrack(() => void playing.read(id));
	});
	return {
		get done() {
			return ids().every((id) => !playing.isAwaited(id));
		}
	};
}
