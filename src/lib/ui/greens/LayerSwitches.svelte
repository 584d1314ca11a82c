<script lang="ts">
	import { LAYER_WORDS, type MapLayers } from '$lib/ui/drawing/mapLayers';

	interface Props {
		shown: MapLayers;
	}
	let { shown = $bindable() }: Props = $props();

	const hints = $derived(
		[
			shown.steepness && 'Shaded from 2, 4, 6 and 10 % on.',
			shown.doubt && 'Hatched: height unsure by 3 cm or more.',
			shown.contours && 'Heights in metres.'
		]
			.filter(Boolean)
			.join(' ')
	);
</script>

<fieldset class="flex flex-wrap items-center gap-x-4 gap-y-0 px-4">
	<legend class="sr-only">Show on the map</legend>
	{#each LAYER_WORDS as { id, label } (id)}
		<label class="flex min-h-11 cursor-pointer items-center gap-1.5 text-[0.9375rem] font-semibold"
			><input class="checkbox checkbox-sm" type="checkbox" bind:checked={shown[id]} />
			{label}</label
		>
	{/each}
	<span class="hint">{hints}</span>
</fieldset>
