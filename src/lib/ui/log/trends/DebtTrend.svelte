<script lang="ts">
	import type { Play } from '$lib/io/log/play';
	import { shortDayWords } from '$lib/ui/format/dates';
	import { figure } from '$lib/ui/format/figure';
	import TrendChart from './TrendChart.svelte';
	import { debtPoints } from './trendPoints';
	import { debtWords } from './trendWords';

	interface Props {
		plays: readonly Play[];
		/** Where lessons lie among moments. */
		flags?: (moments: readonly string[]) => readonly number[];
	}
	const { plays, flags = () => [] }: Props = $props();

	const debts = $derived(debtPoints(plays));
</script>

<TrendChart
	marks={debts.map(({ at, sum, band }) => ({
		label: shortDayWords(at),
		low: -band,
		value: sum,
		high: band
	}))}
	flags={flags(debts.map(({ at }) => at))}
	words={debtWords(debts)}
	unit="strokes, added up"
	tick={(value) => figure(value, Number.isInteger(value) ? 0 : 1)}
	domain={[-1, 1]}
	dots={false}
	caption="Line: strokes more (up) or fewer than forecast, shot after shot. Band: what luck alone adds up to, nine times in ten."
	heads={['When', 'Added up', 'Luck within']}
	rows={() =>
		debts
			.toReversed()
			.map(({ at, sum, band }) => [shortDayWords(at), figure(sum, 2), `± ${band.toFixed(2)}`])}
/>
