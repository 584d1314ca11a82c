<script lang="ts">
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import GreenThumb from './GreenThumb.svelte';
	import SizeFields from './SizeFields.svelte';
	import SheetDialog from '$lib/ui/shell/SheetDialog.svelte';
	import { quickGreen, type QuickGreen, type QuickShape } from '$lib/ui/greens/state/greenEdits';
	import type { GreenWire } from '$lib/io/work/green';

	interface Props {
		name: string;
		id: string;
		onmake: (green: GreenWire) => void;
		onclose: () => void;
	}
	const { name, id, onmake, onclose }: Props = $props();

	let told = $state<QuickGreen>({ wide: 14, long: 20, shape: 'oval', slope: 0, fallsTowards: 180 });
	const green = $derived(quickGreen(id, name, told));
	const SHAPES: readonly { value: QuickShape; label: string }[] = [
		{ value: 'oval', label: 'Oval' },
		{ value: 'square', label: 'Squarish' },
		{ value: 'kidney', label: 'Kidney' },
		{ value: 'pear', label: 'Narrow at the back' }
	];
	const SLOPES = [
		{ value: '0', label: 'Level' },
		{ value: '1', label: 'Gentle, 1 %' },
		{ value: '2', label: 'Plain to see, 2 %' },
		{ value: '3', label: 'Steep, 3 %' }
	];
	const FALLS = [
		{ value: '180', label: 'Toward the front' },
		{ value: '0', label: 'Away, to the back' },
		{ value: '270', label: 'To the left' },
		{ value: '90', label: 'To the right' }
	];
</script>

<SheetDialog
	bind:open={() => true, (open) => !open && onclose()}
	title="A quick green"
	description="Paced, not surveyed: as long, as wide and as steep as you would tell it to somebody. It can be surveyed later."
>
	<div class="grid gap-3">
		<div class="grid justify-center"><GreenThumb {green} /></div>
		<div class="field-grid">
			<SizeFields
				size={told}
				along="front to back"
				onchange={(size) => Object.assign(told, size)}
			/>
			<ChoiceField
				label="Shape"
				value={told.shape}
				options={SHAPES}
				onchange={(shape) => (told.shape = shape)}
			/>
			<ChoiceField
				label="Slope"
				value={String(told.slope)}
				options={SLOPES}
				onchange={(slope) => (told.slope = Number(slope))}
			/>
			{#if told.slope > 0}
				<ChoiceField
					label="It falls"
					value={String(told.fallsTowards)}
					options={FALLS}
					onchange={(bearing) => (told.fallsTowards = Number(bearing))}
				/>
			{/if}
		</div>
		<button type="button" class="btn btn-neutral min-h-14 w-full" onclick={() => onmake(green)}
			>Make this green</button
		>
	</div>
</SheetDialog>
