<script lang="ts">
	import type { Clash } from '$lib/store/base/merge';
	import { clashWords } from '$lib/ui/state/clashWords';

	interface Props {
		bench: {
			readonly value: unknown;
			/** Parts that another tab changed as well; what is here counts. */
			readonly clashes: readonly Clash[];
			takeTheirs: (clash: Clash) => void;
			forgetClash: (clash: Clash) => void;
		};
	}
	const { bench }: Props = $props();
</script>

{#each bench.clashes as clash (clash.path.join('.'))}
	<p
		class="flex flex-wrap items-center gap-x-3 border-l-4 border-l-(--clay) px-4 py-1"
		role="status"
	>
		Another tab had changed {clashWords(clash, bench.value)}; what is here counts.
		<button type="button" class="btn btn-ghost" onclick={() => bench.takeTheirs(clash)}
			>Take the other</button
		>
		<button type="button" class="btn btn-ghost" onclick={() => bench.forgetClash(clash)}
			>Keep this</button
		>
	</p>
{/each}
