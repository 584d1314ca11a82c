<script lang="ts">
	import X from '@lucide/svelte/icons/x';
	import { beforeNavigate } from '$app/navigation';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { PupilFile } from '$lib/io/work/pupil';
	import { playsWords, whom } from '$lib/io/words/whose';

	interface Props {
		/** Who played before. */
		before: PupilFile;
	}
	const { before }: Props = $props();
	let bar = $state<HTMLElement>();

	// It belongs to the view in which the change was made: whoever has gone on has seen it.
	beforeNavigate(({ from, to }) => {
		if (from?.url?.pathname !== to?.url?.pathname) playing.before = null;
	});

	function leave(act: () => void) {
		const next = bar?.parentElement?.querySelector<HTMLElement>('select');
		act();
		next?.focus();
	}
</script>

<div
	bind:this={bar}
	class="bg-base-200 mx-4 flex flex-wrap items-center gap-x-3 border-l-4 border-l-(--clay) pl-3"
	role="status"
	data-testid="plays-now"
>
	<p class="min-w-40 flex-1 py-2 wrap-anywhere">
		<b>{playsWords(playing.file.pupil.name)}</b> now, no longer {whom(before.pupil.name)}.
	</p>
	<button type="button" class="btn" onclick={() => leave(() => playing.takeBack())}
		>Back to {whom(before.pupil.name)}</button
	>
	<button
		type="button"
		class="btn btn-ghost btn-square"
		aria-label="Put this note away"
		onclick={() => leave(() => (playing.before = null))}
	>
		<X size={18} aria-hidden="true" />
	</button>
</div>
