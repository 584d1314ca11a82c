<script lang="ts">
	import { resolve } from '$app/paths';
	import type { LineOfPlay } from '$lib/core/green/lineOfPlay';
	import { formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
	import { lineRows } from './lineRows';

	interface Props {
		bench: ShotBench;
		line: LineOfPlay;
	}
	const { bench, line }: Props = $props();

	const rows = $derived(lineRows(line, (metres) => formatLength(metres, playing.style)));
</script>

<h3 class="ruled-heading">Read off the map</h3>
<table class="table-sm table">
	<thead class="sr-only"><tr><th>What</th><th>Along this line</th></tr></thead>
	<tbody>
		{#each rows as [label, value], i (i)}
			<tr><th scope="row">{label}</th><td class="figure">{value}</td></tr>
		{/each}
	</tbody>
</table>
{#if bench.book}
	<a class="btn" href={resolve('/greens/[id]', { id: bench.book.green.id })}>Open the survey</a>
{/if}
