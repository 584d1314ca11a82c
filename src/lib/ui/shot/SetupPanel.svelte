<script lang="ts">
	import { ALTERNATIVE_WORDS, CUE_WORDS, setupRows } from '$lib/io/words/setup';
	import SetupFromAbove from '$lib/ui/drawing/SetupFromAbove.svelte';
	import SetupFromFront from '$lib/ui/drawing/SetupFromFront.svelte';
	import SwingArc from '$lib/ui/drawing/SwingArc.svelte';
	import type { ShotBench } from '$lib/ui/state/shotBench.svelte';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const chosen = $derived(bench.chosen);
	const centimetres = (metres: number) => `${Math.round(metres * 100)} cm`;
</script>

{#if chosen}
	{@const left = bench.shot.golfer.hand === 'left'}
	<p class="cue">{CUE_WORDS[chosen.setup.cue]}</p>
	<div class="pictures">
		<SetupFromAbove setup={chosen.setup} {left} />
		<SetupFromFront setup={chosen.setup} {left} />
		<SwingArc swing={chosen.swing} {left} putt={chosen.rung.play.flight === 'putt'} />
	</div>
	<table>
		<thead class="sr-only"><tr><th>Part</th><th>Setup</th></tr></thead>
		<tbody>
			{#each setupRows(chosen.setup, centimetres) as [label, value] (label)}
				<tr><th scope="row">{label}</th><td>{value}</td></tr>
			{/each}
			<tr>
				<th scope="row">Swing length</th>
				<td
					>{chosen.swing.source === 'measured'
						? 'from your own carries'
						: 'from the model swing: measure yours'}</td
				>
			</tr>
		</tbody>
	</table>
	{#if chosen.setup.alternatives.length > 0}
		<h3 class="ruled-heading">Or</h3>
		<ul>
			{#each chosen.setup.alternatives as alternative (alternative)}
				<li>{ALTERNATIVE_WORDS[alternative]}</li>
			{/each}
		</ul>
	{/if}
{/if}

<style>
	.cue {
		font-size: 1.25rem;
		font-weight: 700;
		margin-bottom: 8px;
	}
	.pictures {
		display: grid;
		grid-template-columns: repeat(3, 1fr);
		gap: 8px;
		margin-bottom: 8px;
	}
	table {
		width: 100%;
		margin-bottom: 16px;
	}
	th {
		text-align: left;
		font-weight: 400;
		color: var(--faint);
		padding-block: 4px;
		width: 7rem;
		vertical-align: top;
	}
	td {
		font-weight: 600;
		padding-block: 4px;
	}
	tr {
		border-bottom: 1px solid var(--shade);
	}
	ul {
		list-style: square;
		padding: 8px 0 8px 20px;
		display: grid;
		gap: 6px;
	}
</style>
