<script lang="ts" generics="T extends object">
	import type { RowBench } from '$lib/ui/state/rowBench.svelte';
	import ClashLines from './ClashLines.svelte';

	interface Props {
		/** What is to be said of how it is kept: that it could not be, and what another tab changed, too. */
		bench: RowBench<T>;
		/** What it is of, where that is not the page. */
		what?: string;
	}
	const { bench, what = 'This' }: Props = $props();
</script>

{#if bench.failure || bench.clashes.length > 0}
	<div class="col-span-full">
		{#if bench.failure}
			<p class="problem" role="alert">
				{what} could not be kept yet; it is here as you see it and is tried again. {bench.failure}
			</p>
		{/if}
		<ClashLines {bench} />
	</div>
{/if}
