<script lang="ts">
	import type { DrillRules } from '$lib/io/practice/drill';

	interface Props {
		rules: Pick<DrillRules, 'mark' | 'swings' | 'measure' | 'flights' | 'shapes'>;
		width?: number;
	}
	const { rules, width = 132 }: Props = $props();

	/** Where balls would end on a paper of 132 × 88: four clubs, three flights, three shapes; none where only the landing counts. */
	const ends = $derived<[number, number][]>(
		rules.measure === 'carry'
			? []
			: rules.shapes.length > 1
				? [
						[102, 42],
						[92, 52],
						[78, 62]
					]
				: rules.flights.length > 1
					? [
							[106, 45],
							[88, 47],
							[68, 49]
						]
					: [
							[64, 50],
							[80, 48],
							[96, 46],
							[112, 44]
						]
	);
	const heights = $derived(rules.flights.length > 1 ? [44, 28, 6] : [26]);
	const lengths = $derived(rules.swings.kind === 'lengths' ? rules.swings.angles.length : 0);
	const description = $derived(
		{
			box: 'A box on the green to land in, balls rolling on from it.',
			stick: 'A stick across the line to land on, balls rolling on from it.',
			flag: 'A flag to end at.',
			none: 'Balls and no mark.'
		}[rules.mark]
	);
</script>

<svg {width} viewBox="0 0 132 88" role="img" aria-label={description}>
	<path
		class="green"
		d="M34,70C30,50 34,22 62,14C92,6 124,16 126,40C128,64 104,76 78,76C58,76 38,82 34,70Z"
	/>
	<circle class="feet" cx="6" cy="66" r="3" />
	<circle class="feet" cx="14" cy="72" r="3" />
	<circle class="ball" cx="13" cy="60" r="3.5" />
	{#if rules.mark === 'flag'}
		<path class="flight" d="M13,60Q36,22 60,48" />
		<path class="run" d="M60,48L92,44" />
		<path class="flag" d="M96,44v-22l12,5l-12,5" />
		{#if rules.measure === 'strokes'}<circle class="ended" cx="80" cy="54" r="3" />{/if}
	{:else if lengths > 0}
		{#each [38, 66, 100].slice(0, lengths) as x, i (x)}
			<path class="flight" d={`M13,60Q${x / 2 + 6},${30 - 10 * i} ${x},46`} />
			<circle class="landed" cx={x} cy="46" r="3" />
		{/each}
	{:else if rules.mark === 'none'}
		<path class="flight" d="M13,60Q44,10 84,46" />
		<path class="turf" d="M2,64h24" />
	{:else}
		{#if rules.mark === 'box'}
			<rect class="mark" x="44" y="46" width="11" height="11" />
		{:else}
			<path class="mark" d="M49,42v18" />
		{/if}
		{#each heights as top (top)}<path class="flight" d={`M13,60Q32,${top} 49,51`} />{/each}
		{#each ends as [x, y], i (i)}
			<path class="run" d={`M50,51Q${(50 + x) / 2},51 ${x},${y}`} />
			<circle class="ended" cx={x} cy={y} r="3" />
		{/each}
	{/if}
</svg>

<style>
	.green {
		fill: var(--turf-wash);
		stroke: var(--turf);
		stroke-width: 1.5;
	}
	.feet {
		fill: none;
		stroke: var(--ink);
		stroke-width: 1.5;
	}
	.ball,
	.ended {
		fill: #fff;
		stroke: #1f2429;
		stroke-width: 1.3;
	}
	.flight {
		fill: none;
		stroke: var(--sky);
		stroke-width: 1.6;
		stroke-dasharray: 4 3;
	}
	.run {
		stroke: var(--ink);
		stroke-width: 0.8;
		fill: none;
	}
	.mark {
		fill: none;
		stroke: var(--clay);
		stroke-width: 2.4;
	}
	.landed,
	.flag {
		fill: var(--clay);
		stroke: var(--ink);
		stroke-width: 1;
	}
	.turf {
		stroke: var(--clay);
		stroke-width: 2.5;
	}
</style>
