<script lang="ts">
	import { LETTERS, RANGE } from '$lib/io/fields/ranges';
	import Plus from '@lucide/svelte/icons/plus';
	import { centreOf } from '$lib/io/work/placedShot';
	import type { AreaWire } from '$lib/io/work/green';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import type { GreenBench } from '$lib/ui/greens/state/greenBench.svelte';
	import { blankArea, resize, sizeOf } from '$lib/ui/greens/state/greenEdits';
	import PartEditor from './PartEditor.svelte';
	import SizeFields from './SizeFields.svelte';

	interface Props {
		bench: GreenBench;
		adding: string | null;
		onadding: (what: string | null) => void;
	}
	const { bench, adding, onadding }: Props = $props();

	const green = $derived(bench.green);
	const size = $derived(sizeOf(green));
	const MOST_AREAS = 30;
	const KINDS: readonly { kind: AreaWire['kind']; label: string }[] = [
		{ kind: 'sand', label: 'Sand' },
		{ kind: 'water', label: 'Water' },
		{ kind: 'rough', label: 'Rough' },
		{ kind: 'fringe', label: 'Mown approach' }
	];
	const shaped = $derived(
		bench.selected && ['corner', 'areaCorner', 'area'].includes(bench.selected.kind)
			? bench.selected
			: null
	);

	function add(kind: AreaWire['kind']) {
		const [u, v] = centreOf(green.outline);
		bench.change((g) => g.areas.push(blankArea(kind, [u, v])));
		bench.selected = { kind: 'area', index: green.areas.length - 1 };
	}
</script>

<div class="grid gap-3">
	<p>
		Drag the corners, the arrow at the upper right for the whole green, the middle of a bunker or
		pond to move it.
	</p>
	{#if !green.grid}
		<div class="field-grid">
			<SizeFields
				{size}
				along="up the map"
				onchange={(wanted) => bench.change((g) => resize(g, wanted))}
			/>
		</div>
	{/if}
	<div class="flex flex-wrap gap-2">
		<button
			type="button"
			class="btn"
			aria-pressed={adding === 'corner'}
			onclick={() => onadding(adding === 'corner' ? null : 'corner')}>Add corners</button
		>
		{#each KINDS as { kind, label } (kind)}
			<button
				type="button"
				class="btn"
				disabled={green.areas.length >= MOST_AREAS}
				onclick={() => add(kind)}><Plus size={18} aria-hidden="true" /> {label}</button
			>
		{/each}
	</div>
	{#if adding}
		<p class="hint" role="status">Click near a side of the green: it bends there. Esc ends it.</p>
	{/if}
	{#if shaped}<PartEditor {bench} part={shaped} />{/if}
	<h2 class="ruled-heading">Around the green</h2>
	<div class="field-grid">
		<LengthField
			label="Width of the collar"
			metres={green.collar}
			{...RANGE.collar}
			onchange={(v) => bench.change((g) => (g.collar = v))}
		/>
		<ChoiceField
			label="Collar and approach"
			value={green.fringe}
			options={[
				{ value: 'smooth', label: 'Smooth' },
				{ value: 'grainy', label: 'Grainy' },
				{ value: 'rough', label: 'Rough' }
			]}
			onchange={(v) => bench.change((g) => (g.fringe = v))}
		/>
	</div>
	<label class="grid min-w-0 content-start gap-0.5">
		<span class="label text-[0.8125rem]">Note</span>
		<textarea
			class="w-full border-(length:--border) border-(--frame) bg-transparent p-2"
			rows="3"
			maxlength={LETTERS.paragraph}
			value={green.note}
			onchange={(event) => {
				const note = event.currentTarget.value;
				bench.change((g) => (g.note = note));
			}}></textarea>
	</label>
</div>
