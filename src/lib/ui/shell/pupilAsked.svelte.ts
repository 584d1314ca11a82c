import { untrack } from 'svelte';
import { replaceState } from '$app/navigation';
import { page } from '$app/state';
import { playing } from '$lib/ui/state/playing.svelte';

/** The part of an address that says who is meant. */
export const PUPIL = 'pupil';

/** The end of an address that means somebody: whoever follows it has this pupil playing there. */
export const forPupil = (pupilId: string): `?${string}` =>
	`?${PUPIL}=${encodeURIComponent(pupilId)}`;

/** Lets the pupil of the address play, once for each address. To be called while the page's frame is set up. */
export function playAsAsked(): void {
	$effect(() => {
		const { url } = page;
		const id = url.searchParams.get(PUPIL);
		if (!id || !playing.ready) return;
		untrack(() => {
			if (playing.files.some(({ pupil }) => pupil.id === id)) playing.choose(id);
			// eslint-disable-next-line svelte/prefer-svelte-reactivity -- nobody follows it: it is handed on at once
			const rest = new URL(url);
			rest.searchParams.delete(PUPIL);
			// The one who plays is kept by itself: from here on the header decides, over a reload, too.
			// eslint-disable-next-line svelte/no-navigation-without-resolve -- the address that is open, less one part
			replaceState(rest, {});
		});
	});
}
