<script lang="ts">
	import { resolve } from '$app/paths';
	import { placedRequest } from '$lib/io/work/greenStudy';
	import { greenToCore, type GreenWire } from '$lib/io/work/green';
	import type { ReadingWire } from '$lib/io/work/reading';
	import type { WorkingShot } from '$lib/io/work/shot';
	import { whom } from '$lib/io/words/whose';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import { formatLength } from '$lib/ui/format/lengths';
	import type { GreenBench } from '$lib/ui/greens/state/greenBench.svelte';
	import type { DuelQuestion, PinDuel } from '$lib/ui/greens/state/pinDuel.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { duelCall, duelRows } from './duelRows';
	import { skillWords } from '$lib/io/words/skill';
	import WorkBar from '$lib/ui/controls/WorkBar.svelte';

	interface Props {
		bench: GreenBench;
		duel: PinDuel;
		last: Pick<WorkingShot, 'situation'>;
		reading: ReadingWire | undefined;
		ball: [number, number];
		pins: [number, number];
		onpins: (pins: [number, number]) => void;
	}
	const { bench, duel, last, reading, ball, pins, onpins }: Props = $props();

	const ASKED = { samples: 500, seed: 20_261 };
	const all = $derived(bench.green.pins);
	const options = $derived(all.map(({ name }, i) => ({ value: String(i), label: name })));
	const enough = $derived(all.length >= 2);
	const names = $derived(pins.map((i) => all[i]?.name ?? '–'));
	const rows = $derived(
		duel.sides ? duelRows(duel.sides, (metres) => formatLength(metres, playing.style)) : []
	);

	function question(green: GreenWire, pin: number): DuelQuestion {
		const place = { greenId: green.id, ball, pin: green.pins[pin]!.at };
		return placedRequest(last, playing.playing, greenToCore(green), place, reading, ASKED);
	}

	function start() {
		const green = bench.green;
		void duel.start([question(green, pins[0]), question(green, pins[1])]);
	}
</script>

<div class="grid gap-3">
	<p class="font-semibold wrap-anywhere">
		For {whom(playing.file.pupil.name)}, {skillWords(playing.file.pupil)}
	</p>
	<p>
		One ball, two pins: drag the ball on the map, choose the pins and see which is the harder one.
	</p>
	{#if !enough}
		<p class="problem">It takes two pins: add another under Pins.</p>
	{:else}
		<div class="field-grid">
			<ChoiceField
				label="First pin"
				value={String(pins[0])}
				{options}
				onchange={(value) => onpins([Number(value), pins[1]])}
			/>
			<ChoiceField
				label="Second pin"
				value={String(pins[1])}
				{options}
				onchange={(value) => onpins([pins[0], Number(value)])}
			/>
		</div>
	{/if}
	<WorkBar
		status={duel.status}
		progress={duel.progress}
		failure={duel.failure}
		label="Compare the two"
		disabled={!enough}
		onstart={start}
		onstop={() => duel.cancel()}
	/>
	{#if duel.sides}
		<p class="finding" data-testid="duel-call">{duelCall(duel.sides, names)}</p>
		<table class="table-sm table table-fixed">
			<thead>
				<tr>
					<th scope="col"><span class="sr-only">Measure</span></th>
					{#each names as name, i (i)}<th scope="col">{name}</th>{/each}
				</tr>
			</thead>
			<tbody>
				{#each rows as [label, first, second] (label)}
					<tr>
						<th scope="row">{label}</th>
						<td class="figure">{first}</td>
						<td class="figure">{second}</td>
					</tr>
				{/each}
			</tbody>
		</table>
		<div class="flex flex-wrap gap-2">
			{#each pins as pin, i (i)}
				<a
					class="btn"
					href={resolve(
						`/?green=${encodeURIComponent(bench.green.id)}&pin=${encodeURIComponent(all[pin]?.id ?? '')}&ball=${ball.join(',')}`
					)}>Plan it to {names[i]}</a
				>
			{/each}
		</div>
	{/if}
</div>
