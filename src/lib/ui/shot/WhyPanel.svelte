<script lang="ts">
	import { CAUTION_WORDS, reasonWords } from '$lib/io/words/reason';
	import { formatLength } from '$lib/ui/format/lengths';
	import { preferences } from '$lib/ui/state/preferences.svelte';
	import type { ShotBench } from '$lib/ui/state/shotBench.svelte';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const plan = $derived(bench.plan);
	const change = (metres: number) =>
		Math.abs(metres) < 0.05
			? 'no change'
			: `${formatLength(Math.abs(metres), preferences.style)} ${metres > 0 ? 'past' : 'short'}`;
	const rows = $derived(
		plan?.sensitivity
			? ([
					['Green a foot faster', plan.sensitivity.stimpPlus1],
					['Green a foot slower', plan.sensitivity.stimpMinus1],
					['One percent more uphill', plan.sensitivity.slopePlus1],
					['One percent more downhill', plan.sensitivity.slopeMinus1],
					['Pin a pace farther than thought', plan.sensitivity.distancePlus1],
					['Pin a pace nearer than thought', plan.sensitivity.distanceMinus1],
					['Lie one step worse', plan.sensitivity.worseLie]
				] as const)
			: []
	);
</script>

{#if plan}
	<h3 class="ruled-heading">Why this one</h3>
	<ul class="grid gap-1.5 pt-2 pr-0 pb-4 pl-5 [list-style:square]">
		{#each plan.why as reason, i (i)}
			<li>{reasonWords(reason, preferences.say)}</li>
		{/each}
	</ul>
	{#if rows.length > 0}
		<h3 class="ruled-heading">What if the reading is off</h3>
		<table class="table-sm table">
			<thead class="sr-only"><tr><th>If</th><th>the same swing ends</th></tr></thead>
			<tbody>
				{#each rows as [label, metres] (label)}
					<tr><th scope="row">{label}</th><td class="figure">{change(metres)}</td></tr>
				{/each}
			</tbody>
		</table>
	{/if}
	<h3 class="ruled-heading">Mind</h3>
	<ul class="grid gap-1.5 pt-2 pr-0 pb-4 pl-5 [list-style:square]">
		{#each plan.cautions as caution (caution)}
			<li>{CAUTION_WORDS[caution]}</li>
		{/each}
	</ul>
{:else}
	<p>The reasons come with the strokes, in a moment.</p>
{/if}
