<script lang="ts">
	import Term from '$lib/ui/controls/Term.svelte';
	import type { SpreadPart } from '$lib/core/practice/ownSpread';
	import { CENTIMETRE, degrees, toPercent } from '$lib/core/units';
	import { spreadFrom, spreadWire } from '$lib/io/practice/practiceStudy';
	import type { PupilBench } from '$lib/ui/state/pupilBench.svelte';

	interface Props {
		bench: PupilBench;
	}
	const { bench }: Props = $props();

	const file = $derived(bench.file);
	const spread = $derived(spreadFrom(file));
	const row = <T extends number>(
		what: string,
		part: SpreadPart<T>,
		shown: (value: number) => string
	) => ({
		what,
		prior: shown(part.prior),
		data:
			part.data !== null
				? shown(part.data)
				: part.under !== null
					? `under ${shown(part.under)}`
					: '–',
		used: shown(part.used)
	});
	const rows = $derived([
		row('Head speed, %', spread.speed, (value) => toPercent(value).toFixed(1)),
		row('Direction, °', spread.direction, (value) => degrees(value).toFixed(1)),
		row('Loft, °', spread.loft, (value) => degrees(value).toFixed(1)),
		row('Low point, cm', spread.lowPoint, (value) => (value / CENTIMETRE).toFixed(1))
	]);
</script>

<div class="grid content-start gap-1">
	<h3 class="font-bold"><Term of="strikeSpread" /></h3>
	<table class="table-sm table w-full">
		<thead>
			<tr>
				<th scope="col">What</th>
				<th scope="col">Presumed</th>
				<th scope="col">By the balls</th>
				<th scope="col">Together</th>
			</tr>
		</thead>
		<tbody>
			{#each rows as { what, prior, data, used } (what)}
				<tr>
					<th scope="row">{what}</th>
					<td class="figure">{prior}</td>
					<td class="figure">{data}</td>
					<td class="figure">{used}</td>
				</tr>
			{/each}
		</tbody>
	</table>
	<p class="hint">Two balls of three lie within it, at a swing of medium length.</p>
	<div class="flex flex-wrap items-center gap-2">
		<button
			type="button"
			class="btn"
			onclick={() => bench.change((f) => (f.pupil.spread = spreadWire(spread)))}
			>Plan with this spread</button
		>
		{#if file.pupil.spread}
			<button type="button" class="btn" onclick={() => bench.change((f) => delete f.pupil.spread)}
				>Plan with the skill’s</button
			>
		{/if}
	</div>
</div>
