<script lang="ts">
	import { RANGE } from '$lib/io/fields/ranges';
	import { reasonOf } from '$lib/io/fields/reason';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { tiltFalling, type SurfaceTilt } from '$lib/core/today/phoneTilt';
	import { degrees, fromPercent, radians, toPercent } from '$lib/core/units';
	import { simulatedDevice } from '$lib/devices/simulation/simulatedDevice';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import type { GreenBench, GreenPart } from '$lib/ui/greens/state/greenBench.svelte';
	import { removePart } from '$lib/ui/greens/state/greenEdits';
	import { markOf, partName } from './mapParts';
	import { residualWords } from './residualWords';

	interface Props {
		bench: GreenBench;
		part: GreenPart;
	}
	const { bench, part }: Props = $props();

	const FULL_TURN = 360;
	const FALLBACK = { percent: 2, towards: 180 };
	const green = $derived(bench.green);
	const at = $derived(markOf(green, part));
	const spot = $derived(part.kind === 'spot' ? green.spots[part.index] : undefined);
	const tilt = $derived(part.kind === 'tilt' ? green.tilts[part.index] : undefined);
	const area = $derived(part.kind === 'area' ? green.areas[part.index] : undefined);
	const reading = $derived(spot ?? tilt);
	const residual = $derived(
		bench.report?.residuals.find((r) => r.kind === part.kind && r.index === part.index)
	);
	let failure = $state('');

	function place(axis: 0 | 1, value: number) {
		bench.change((changed) => (markOf(changed, part)[axis] = value));
	}

	function remove() {
		bench.change((changed) => removePart(changed, part));
		bench.selected = null;
	}

	let levelling = $state(false);
	const lay = ({ slope, fallsTowards }: SurfaceTilt) =>
		bench.change((changed) => {
			const laid = changed.tilts[part.index]!;
			laid.percent = Number(toPercent(slope).toFixed(1));
			laid.fallsTowards = Math.round((degrees(fallsTowards) + FULL_TURN) % FULL_TURN);
		});

	/** The stand-in finds about the slope that is written down. */
	async function level() {
		if (!tilt) return;
		failure = '';
		const device = simulatedDevice('level', {
			slope: tilt.percent || FALLBACK.percent,
			fallsTowards: tilt.fallsTowards,
			count: 1,
			interval: 300,
			seed: Math.round(100 * (at[0] + at[1] + tilt.percent))
		});
		try {
			for await (const found of device.readings(new AbortController().signal))
				if (found.device === 'level')
					bench.change((changed) => {
						changed.tilts[part.index]!.percent = found.percent;
						changed.tilts[part.index]!.fallsTowards = found.fallsTowards;
					});
		} catch (error) {
			failure = reasonOf(error);
		}
	}
</script>

<div class="editor">
	<h2 class="ruled-heading">{partName(green, part)}</h2>
	<div class="field-grid">
		{#if part.kind !== 'area'}
			<LengthField
				label="Right on the map"
				metres={at[0]}
				{...RANGE.map}
				onchange={(v) => place(0, v)}
			/>
			<LengthField label="Up the map" metres={at[1]} {...RANGE.map} onchange={(v) => place(1, v)} />
		{/if}
		{#if spot}
			<NumberField
				label="Height"
				value={spot.height}
				symbol="m"
				{...RANGE.mapHeight}
				step={0.01}
				decimals={3}
				onchange={(v) => bench.change((g) => (g.spots[part.index]!.height = v))}
			/>
		{/if}
		{#if tilt}
			<NumberField
				label="Steepest slope"
				value={tilt.percent}
				symbol="%"
				{...RANGE.steepest}
				step={0.5}
				decimals={1}
				onchange={(v) => bench.change((g) => (g.tilts[part.index]!.percent = v))}
			/>
			<NumberField
				label="Falls toward (0 up, 90 right)"
				value={tilt.fallsTowards}
				symbol="°"
				{...RANGE.bearing}
				step={15}
				decimals={0}
				onchange={(v) => bench.change((g) => (g.tilts[part.index]!.fallsTowards = v))}
			/>
		{/if}
		{#if area}
			<NumberField
				label="Far lip above the ground"
				value={area.lip}
				symbol="m"
				{...RANGE.lip}
				step={0.1}
				decimals={2}
				onchange={(v) => bench.change((g) => (g.areas[part.index]!.lip = v))}
			/>
		{/if}
	</div>
	{#if residual}
		<p class:problem={residual.bad}>{residualWords(residual)}</p>
	{/if}
	{#if failure}<p class="problem" role="alert">{failure}</p>{/if}
	<div class="flex flex-wrap gap-2 py-2">
		{#if tilt}
			<button type="button" class="btn" onclick={() => void level()}
				>Read the simulated level</button
			>
			<button type="button" class="btn" onclick={() => (levelling = true)}
				>Lay the phone down</button
			>
		{/if}
		{#if reading}
			<label class="flex min-h-11 items-center gap-2 font-semibold">
				<input
					class="checkbox checkbox-sm"
					type="checkbox"
					checked={reading.leftOut}
					onchange={(event) =>
						bench.change((g) => {
							const list = part.kind === 'spot' ? g.spots : g.tilts;
							list[part.index]!.leftOut = event.currentTarget.checked;
						})}
				/> Leave out of the surface
			</label>
		{/if}
		<button type="button" class="btn" onclick={remove}>
			<Trash2 size={18} aria-hidden="true" /> Remove
		</button>
	</div>
</div>
{#if levelling && tilt}
	{#await import('$lib/ui/measure/PhoneLevelDialog.svelte') then { default: PhoneLevelDialog }}
		<PhoneLevelDialog
			pointing="up the map"
			simulated={tiltFalling(
				fromPercent(tilt.percent || FALLBACK.percent),
				radians(tilt.fallsTowards)
			)}
			onfound={lay}
			onclose={() => (levelling = false)}
		/>
	{/await}
{/if}
