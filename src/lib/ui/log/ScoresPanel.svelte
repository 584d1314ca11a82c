<script lang="ts">
	import type { Reckoning } from '$lib/core/log/reckoning';
	import type { Play } from '$lib/io/log/play';
	import { reckoned } from '$lib/io/log/reckoned';
	import { reckoningWords, shareWords } from '$lib/io/log/words';
	import { formatLength } from '$lib/ui/format/lengths';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import Later from '$lib/ui/controls/Later.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import ByGroup from './ByGroup.svelte';
	import MissCloud from './MissCloud.svelte';
	import { overWords } from './overWords';
	import DebtTrend from './trends/DebtTrend.svelte';
	import LeaveTrend from './trends/LeaveTrend.svelte';
	import TrendChart from './trends/TrendChart.svelte';
	import { upAndDownPoints } from './trends/trendPoints';
	import { upAndDownWords, whenWords } from './trends/trendWords';

	interface Props {
		plays: readonly Play[];
		/** Name of a club. */
		club: (id: string) => string;
		/** What they are, in words. */
		words: string;
		/** Others that they can stand beside: pupils and months. */
		others: readonly { value: string; label: string }[];
		/** The plays of one of these. */
		playsOf: (other: string) => readonly Play[];
	}
	const { plays, club, words, others, playsOf }: Props = $props();

	let beside = $state('');
	const other = $derived(others.find(({ value }) => value === beside));
	const own = $derived(reckoned(plays));
	const theirs = $derived(other ? reckoned(playsOf(other.value)) : null);
	const say = (metres: number) => formatLength(metres, playing.style);
	const rows = (it: Reckoning): [string, string][] => [
		['Shots noted', String(it.n)],
		['Strokes a shot', it.counted > 0 ? it.strokes.toFixed(2) : '–'],
		['Over what was forecast', overWords(it.over)],
		['Up and down', shareWords(it.upAndDown)],
		['Four or more', shareWords(it.fourOrMore)],
		['Left, the middle one', Number.isNaN(it.leave) ? '–' : say(it.leave)]
	];
	const columns = $derived([rows(own), ...(theirs ? [rows(theirs)] : [])]);

	const shares = $derived(upAndDownPoints(plays));
	const percent = (share: number) => `${Math.round(100 * share)} %`;
</script>

<div class="grid gap-6">
	<div class="grid gap-8 lg:grid-cols-2">
		<section class="grid content-start gap-2" aria-labelledby="came-to">
			<h2 id="came-to" class="text-lg font-bold">What it came to</h2>
			<p>{reckoningWords(own, words)}</p>
			<div class="max-w-xs">
				<ChoiceField
					label="Beside"
					value={other ? beside : ''}
					options={[{ value: '', label: 'Nobody and nothing' }, ...others]}
					onchange={(value) => (beside = value)}
				/>
			</div>
			<div class="overflow-x-auto">
				<table class="table w-auto">
					<thead>
						<tr>
							<th><span class="sr-only">What</span></th>
							<th scope="col">These shots</th>
							{#if other}<th scope="col">{other.label}</th>{/if}
						</tr>
					</thead>
					<tbody>
						{#each columns[0] as [what], i (what)}
							<tr>
								<th scope="row">{what}</th>
								{#each columns as column, j (j)}<td class="figure">{column[i]?.[1]}</td>{/each}
							</tr>
						{/each}
					</tbody>
				</table>
			</div>
			<p class="hint">In brackets: what a share may be, nine times in ten.</p>
		</section>
		<section aria-labelledby="misses">
			<h2 id="misses" class="text-lg font-bold">Where they stop</h2>
			<Later><MissCloud {plays} /></Later>
		</section>
		<section aria-labelledby="against">
			<h2 id="against" class="text-lg font-bold">Strokes against the forecast</h2>
			<Later><DebtTrend {plays} /></Later>
		</section>
		<section aria-labelledby="left-over">
			<h2 id="left-over" class="text-lg font-bold">Left to the hole</h2>
			<Later><LeaveTrend {plays} /></Later>
		</section>
		<section aria-labelledby="saved-par">
			<h2 id="saved-par" class="text-lg font-bold">Up and down</h2>
			<Later>
				<TrendChart
					marks={shares.map(({ when, share }) => ({
						label: whenWords(when),
						low: share.low,
						value: share.hits / share.of,
						high: share.high
					}))}
					words={upAndDownWords(shares)}
					unit="share up and down"
					tick={percent}
					domain={[0, 1]}
					caption="Band: what each share may be, nine times in ten."
					heads={['When', 'Up and down']}
					rows={() =>
						shares.toReversed().map(({ when, share }) => [whenWords(when), shareWords(share)])}
				/>
			</Later>
		</section>
	</div>
	<Later><ByGroup {plays} {club} /></Later>
</div>
