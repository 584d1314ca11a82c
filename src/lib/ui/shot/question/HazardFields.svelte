<script lang="ts">
	import { RANGE } from '$lib/io/fields/ranges';
	import Plus from '@lucide/svelte/icons/plus';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import { rowFocus } from '$lib/ui/controls/rowFocus';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
	import { hazardName } from '$lib/io/words/hazard';
	import { hazardBefore } from './newHazard';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const MOST = 8;
	/** A hazard put to one side begins this far from the line. */
	const BESIDE = 4;
	const hazards = $derived(bench.shot.situation.hazards);
	type Hazard = (typeof hazards)[number];
	const change = (i: number, apply: (hazard: Hazard) => void) =>
		bench.change((shot) => apply(shot.situation.hazards[i]!));
	function placeBeside(hazard: Hazard, side: NonNullable<Hazard['side']>) {
		hazard.side = side;
		if (side === 'across') delete hazard.offset;
		else hazard.offset ??= BESIDE;
	}
	const add = () =>
		bench.change(({ situation }) => situation.hazards.push(hazardBefore(situation.toEdge)));
</script>

{#if hazards.length === 0}
	<p class="py-2 text-(--faint)">
		Nothing to carry. Add sand, water, rough or a mound and drag it on the drawing.
	</p>
{/if}
<div class="contents" {@attach rowFocus}>
	{#each hazards as hazard, i (i)}
		<div class="grid grid-cols-2 items-end gap-2 border-b-(length:--border) border-b-(--rule) py-2">
			<ChoiceField
				label="What"
				value={hazard.kind}
				options={[
					{ value: 'sand', label: 'Sand' },
					{ value: 'water', label: 'Water' },
					{ value: 'rough', label: 'Rough' },
					{ value: 'mound', label: 'Mound' }
				]}
				onchange={(v) => change(i, (h) => (h.kind = v))}
			/>
			<ChoiceField
				label="Where"
				value={hazard.side ?? 'across'}
				options={[
					{ value: 'across', label: 'Across the line' },
					{ value: 'left', label: 'Left of the line' },
					{ value: 'right', label: 'Right of the line' }
				]}
				onchange={(v) => change(i, (h) => placeBeside(h, v))}
			/>
			<LengthField
				label="From ball"
				metres={hazard.from}
				low={0}
				high={hazard.to - 0.1}
				onchange={(v) => change(i, (h) => (h.from = v))}
			/>
			<LengthField
				label="To"
				metres={hazard.to}
				low={hazard.from + 0.1}
				high={120}
				onchange={(v) => change(i, (h) => (h.to = v))}
			/>
			{#if (hazard.side ?? 'across') === 'across'}
				<LengthField
					label="Height"
					metres={hazard.height}
					{...RANGE.hazardHeight}
					onchange={(v) => change(i, (h) => (h.height = v))}
				/>
			{:else}
				<LengthField
					label="Off the line"
					metres={hazard.offset ?? BESIDE}
					{...RANGE.hazardBeside}
					onchange={(v) => change(i, (h) => (h.offset = v))}
				/>
			{/if}
			<button
				type="button"
				class="btn btn-ghost btn-square"
				aria-label={`Remove the ${hazardName(hazards, i)}`}
				onclick={() => bench.change((shot) => shot.situation.hazards.splice(i, 1))}
			>
				<Trash2 size={18} aria-hidden="true" />
			</button>
		</div>
	{/each}
</div>
{#if hazards.length < MOST}
	<button type="button" class="btn" onclick={add}
		><Plus size={18} aria-hidden="true" /> Add something in the way</button
	>
{/if}
