import { untrack } from 'svelte';
import type { PupilFile } from '$lib/io/work/pupil';
import { PupilBench } from './pupilBench.svelte';

/**
 * A bench for whichever pupil is asked for; what is not kept of one is kept before the next is opened. To be called while a component is
 * set up.
 *
 * @param file as it is kept now; undefined where there is none
 */
export function benchOf(file: () => PupilFile | undefined): { readonly bench: PupilBench | null } {
	let bench = $state.raw<PupilBench | null>(null);
	const id = $derived(file()?.pupil.id);
	$effect(() => {
		const opened = id === undefined ? null : untrack(() => new PupilBench(file()!));
		bench = opened;
		return () => void opened?.close();
	});
	$effect(() => {
		const stored = file();
		untrack(() => {
			if (stored && stored.pupil.id === bench?.file.pupil.id) bench.follow(stored);
		});
	});
	return {
		get bench() {
			return bench;
		}
	};
}
