<script lang="ts">
	import { toPercent } from '$lib/core/units';
	import { ownCostsOf, spreadOf } from '$lib/io/work/player';
	import { upAndDownOf } from '$lib/io/work/upAndDown';
	import { carriesOf, type PupilFile } from '$lib/io/work/pupil';
	import { formatLength } from '$lib/ui/format/lengths';
	import { skillWords } from '$lib/io/words/skill';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { measuredWords } from './pupilWords';

	interface Props {
		file: PupilFile;
	}
	const { file }: Props = $props();

	const pupil = $derived(file.pupil);
	const spread = $derived(pupil.spread ?? spreadOf(pupil));
	const costs = $derived(pupil.costs ?? ownCostsOf(pupil));
	const presumed = $derived(`presumed, ${skillWords(pupil)}`);
	const rows = $derived([
		['Carries', measuredWords(file), carriesOf(file).length > 0 ? 'yours' : 'model swing'],
		['Head speed varies by', `${spread.speed.toFixed(1)} %`, pupil.spread ? 'yours' : presumed],
		['Direction by', `${spread.direction.toFixed(1)}°`, pupil.spread ? 'yours' : presumed],
		['Low point by', `${spread.lowPoint.toFixed(1)} cm`, pupil.spread ? 'yours' : presumed],
		[
			'Holes every second putt from',
			formatLength(costs.holedHalf, playing.style),
			pupil.costs ? 'yours' : presumed
		],
		[
			'Up and down from 20 yards of grass',
			`${Math.round(toPercent(upAndDownOf(pupil)))} %`,
			pupil.costs ? 'yours' : presumed
		]
	]);
</script>

<div class="grid content-start gap-2">
	<h2 class="ruled-heading">What plans rest on</h2>
	<table class="w-full">
		<thead class="sr-only"><tr><th>What</th><th>How much</th><th>From</th></tr></thead>
		<tbody>
			{#each rows as [what, much, from] (what)}
				<tr class="border-b border-b-(--shade)">
					<th scope="row" class="py-1.5 pr-2 text-left align-top font-normal text-(--faint)"
						>{what}</th
					>
					<td class="py-1.5 align-top font-semibold">{much}</td>
					<td class="hint py-1.5 pl-2 text-right align-top">{from}</td>
				</tr>
			{/each}
		</tbody>
	</table>
</div>
