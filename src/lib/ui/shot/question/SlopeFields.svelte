<script lang="ts">
	import { RANGE } from '$lib/io/fields/ranges';
	import Plus from '@lucide/svelte/icons/plus';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import type { Tilt } from '$lib/core/today/phoneTilt';
	import { fromPercent, toPercent } from '$lib/core/units';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import { rowFocus } from '$lib/ui/controls/rowFocus';
	import {
		firstSegments,
		MOST_SEGMENTS,
		withSegment,
		type SegmentWire
	} from '$lib/ui/shot/state/segmentEdits';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const KINDS = [
		{ value: 'green' as const, label: 'Green' },
		{ value: 'tier' as const, label: 'Face of a tier' },
		{ value: 'ridge' as const, label: 'Ridge' },
		{ value: 'fringe' as const, label: 'Fringe' },
		{ value: 'rough' as const, label: 'Rough' }
	];
	const situation = $derived(bench.shot.situation);
	const segments = $derived(situation.segments ?? []);
	const percent = { symbol: '%', low: -30, high: 30, step: 0.5, decimals: 1 };
	const change = (apply: (s: typeof situation) => void) =>
		bench.change((shot) => apply(shot.situation));
	const edit = (i: number, apply: (segment: SegmentWire) => void) =>
		change((s) => apply(s.segments![i]!));
	const cut = () => change((s) => (s.segments = firstSegments(s)));

	let levelling = $state(false);
	const tenth = (ratio: number) => Number(toPercent(ratio).toFixed(1));
	const level = ({ along, across }: Tilt) =>
		change((s) => {
			s.slopeAlong = tenth(along);
			s.slopeAcross = tenth(-across);
		});

	function remove(i: number) {
		change((s) => {
			s.segments!.splice(i, 1);
			if (s.segments!.length === 0) delete s.segments;
		});
	}
</script>

{#if segments.length === 0}
	<div class="field-grid">
		<NumberField
			label="Slope to pin (+ up)"
			value={situation.slopeAlong}
			{...percent}
			onchange={(v) => change((s) => (s.slopeAlong = v))}
		/>
		<NumberField
			label="Falls to right (+)"
			value={situation.slopeAcross}
			{...percent}
			onchange={(v) => change((s) => (s.slopeAcross = v))}
		/>
		<button type="button" class="btn self-end" onclick={cut}>More than one slope</button>
		<button type="button" class="btn self-end" onclick={() => (levelling = true)}
			>Lay the phone down</button
		>
	</div>
{:else}
	<ol {@attach rowFocus}>
		{#each segments as segment, i (i)}
			<li
				class="grid grid-cols-[repeat(2,minmax(0,1fr))_2.75rem] items-end gap-x-3 gap-y-1 border-b-(length:--border) border-b-(--rule) py-2"
			>
				<ChoiceField
					label={`Stretch ${i + 1}`}
					value={segment.kind ?? 'green'}
					options={KINDS}
					onchange={(v) => edit(i, (s) => (s.kind = v))}
				/>
				<LengthField
					label={i === segments.length - 1 ? 'Length (goes on)' : 'Length'}
					metres={segment.length}
					{...RANGE.segment}
					onchange={(v) => edit(i, (s) => (s.length = v))}
				/>
				<NumberField
					label="Slope (+ up)"
					value={segment.slopeAlong}
					{...percent}
					onchange={(v) => edit(i, (s) => (s.slopeAlong = v))}
				/>
				<NumberField
					label="To right (+)"
					value={segment.slopeAcross}
					{...percent}
					onchange={(v) => edit(i, (s) => (s.slopeAcross = v))}
				/>
				<button
					type="button"
					class="btn btn-ghost btn-square col-3 row-1"
					aria-label={`Remove stretch ${i + 1}`}
					onclick={() => remove(i)}
				>
					<Trash2 size={18} aria-hidden="true" />
				</button>
			</li>
		{/each}
	</ol>
	<button
		type="button"
		class="btn"
		disabled={segments.length >= MOST_SEGMENTS}
		onclick={() => change((s) => (s.segments = withSegment(s.segments!)))}
	>
		<Plus size={18} aria-hidden="true" /> Add a stretch
	</button>
	<p class="hint">From the edge on. Drag the points between them on the drawing along and up.</p>
{/if}
{#if levelling}
	{#await import('$lib/ui/measure/PhoneLevelDialog.svelte') then { default: PhoneLevelDialog }}
		<PhoneLevelDialog
			pointing="toward the pin"
			simulated={{
				along: fromPercent(situation.slopeAlong),
				across: -fromPercent(situation.slopeAcross)
			}}
			onfound={level}
			onclose={() => (levelling = false)}
		/>
	{/await}
{/if}
