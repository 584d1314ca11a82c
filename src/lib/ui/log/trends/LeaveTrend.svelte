<script lang="ts">
	import type { Play } from '$lib/io/log/play';
	import { formatFigure, formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import TrendChart from './TrendChart.svelte';
	import { leavePoints } from './trendPoints';
	import { leaveWords, whenWords } from './trendWords';

	interface Props {
		plays: readonly Play[];
		/** Where lessons lie among stretches of time: months, or days. */
		flags?: (stretches: readonly string[]) => readonly number[];
	}
	const { plays, flags = () => [] }: Props = $props();

	const leaves = $derived(leavePoints(plays));
	const say = (metres: number) => formatLength(metres, playing.style);
</script>

<TrendChart
	marks={leaves.map(({ when, low, median, high }) => ({
		label: whenWords(when),
		low,
		value: median,
		high
	}))}
	flags={flags(leaves.map(({ when }) => when))}
	words={leaveWords(leaves, say)}
	unit={`left, ${playing.style.symbol}`}
	tick={(metres) => formatFigure(metres, playing.style)}
	domain={[0, 1]}
	caption="Line: half are left nearer. Band: the middle half of them."
	heads={['When', 'Balls', 'A quarter within', 'Half within', 'Three quarters within']}
	rows={() =>
		leaves
			.toReversed()
			.map(({ when, n, low, median, high }) => [
				whenWords(when),
				String(n),
				say(low),
				say(median),
				say(high)
			])}
/>
