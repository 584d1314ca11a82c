<script lang="ts">
	import X from '@lucide/svelte/icons/x';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
	import { switchWords } from './switchWords';
	import { whom } from '$lib/io/words/whose';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const before = $derived(bench.before);
	const now = $derived(bench.status === 'ready' ? bench.choices[0] : undefined);
	const missing = $derived(bench.file.pupil.id !== bench.shot.pupilId);
</script>

{#if missing}
	<p class="px-4 py-1 font-semibold" role="status">
		The pupil of this shot is gone; it is worked out for {whom(bench.file.pupil.name)}.
		<button type="button" class="btn" onclick={() => bench.playFor(bench.file)}
			>Give it to {whom(bench.file.pupil.name)}</button
		>
	</p>
{:else if before}
	<div
		class="bg-base-200 mx-4 flex items-center gap-2 border-l-4 border-l-(--clay) pl-3"
		role="status"
		data-testid="switched"
	>
		<p class="flex-1 py-2 wrap-anywhere">
			{now
				? switchWords(
						{ pupil: before.file.pupil, choice: before.choice },
						{ pupil: bench.file.pupil, choice: now }
					)
				: `Working it out for ${whom(bench.file.pupil.name)} instead of ${whom(before.file.pupil.name)}.`}
		</p>
		<button
			type="button"
			class="btn btn-ghost btn-square"
			aria-label="Put this note away"
			onclick={() => (bench.before = null)}
		>
			<X size={18} aria-hidden="true" />
		</button>
	</div>
{/if}
