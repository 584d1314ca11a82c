<script lang="ts">
	import { ALTERNATIVE_WORDS, CUE_WORDS, SLOPE_WORDS } from '$lib/io/words/cues';
	import { setupRows } from '$lib/io/words/setup';
	import { carriesOf } from '$lib/io/work/pupil';
	import { betweenMeasuredWords } from '$lib/io/words/instead';
	import { playing } from '$lib/ui/state/playing.svelte';
	import SetupDownTheLine from '$lib/ui/drawing/SetupDownTheLine.svelte';
	import SetupFromAbove from '$lib/ui/drawing/SetupFromAbove.svelte';
	import SetupFromFront from '$lib/ui/drawing/SetupFromFront.svelte';
	import SwingArc from '$lib/ui/drawing/SwingArc.svelte';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const chosen = $derived(bench.chosen);
	/** The swing against those measured with this club and flight, or with this club at all. */
	const measured = $derived.by(() => {
		if (chosen?.swing.source !== 'measured') return '';
		const { club, flight } = chosen.candidate.play;
		const cells = carriesOf(bench.file).filter((cell) => cell.club === club.id);
		const flown = cells.filter((cell) => cell.flight === flight);
		return betweenMeasuredWords(
			chosen.swing.angle,
			flown.length > 0 ? flown : cells,
			chosen.swing.vocabulary,
			(metres) => playing.say.length(metres)
		);
	});
	const centimetres = (metres: number) => `${Math.round(metres * 100)} cm`;
</script>

{#if chosen}
	{@const left = bench.golfer.hand === 'left'}
	<p class="mb-2 text-xl font-bold">{CUE_WORDS[chosen.setup.cue]}</p>
	{#each chosen.setup.slope as advice (advice)}
		<p class="mb-2 border-l-4 border-l-(--clay) pl-2">{SLOPE_WORDS[advice]}</p>
	{/each}
	<div class="mb-2 grid grid-cols-2 gap-2">
		<SetupFromAbove setup={chosen.setup} {left} />
		<SetupFromFront setup={chosen.setup} {left} />
		<SetupDownTheLine setup={chosen.setup} {left} />
		<SwingArc swing={chosen.swing} {left} putt={chosen.candidate.play.flight === 'putt'} />
	</div>
	<table class="mb-4 w-full">
		<thead class="sr-only"
			><tr class="border-b border-b-(--shade)"
				><th class="w-[7rem] py-1 text-left align-top font-normal text-(--faint)">Part</th><th
					class="w-[7rem] py-1 text-left align-top font-normal text-(--faint)">Setup</th
				></tr
			></thead
		>
		<tbody>
			{#each setupRows(chosen.setup, centimetres) as [label, value] (label)}
				<tr class="border-b border-b-(--shade)"
					><th class="w-[7rem] py-1 text-left align-top font-normal text-(--faint)" scope="row"
						>{label}</th
					><td class="py-1 font-semibold">{value}</td></tr
				>
			{/each}
			<tr class="border-b border-b-(--shade)">
				<th class="w-[7rem] py-1 text-left align-top font-normal text-(--faint)" scope="row"
					>Swing length</th
				>
				<td class="py-1 font-semibold"
					>{measured
						? `${measured}${chosen.swing.past ? ', carried on past it' : ''} (yours)`
						: 'from the model swing: measure yours'}</td
				>
			</tr>
		</tbody>
	</table>
	{#if chosen.setup.alternatives.length > 0}
		<h2 class="ruled-heading">Or</h2>
		<ul class="grid gap-1.5 pt-2 pr-0 pb-2 pl-5 [list-style:square]">
			{#each chosen.setup.alternatives as alternative (alternative)}
				<li>{ALTERNATIVE_WORDS[alternative]}</li>
			{/each}
		</ul>
	{/if}
{/if}
