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

<fieldset class="layers">
	<legend class="sr-only">Show on the map</legend>
	{#each LAYER_WORDS as { id, label } (id)}
		<label><input type="checkbox" bind:checked={shown[id]} /> {label}</label>
	{/each}
	<span class="hint">{hints}</span>
</fieldset>

<style>
	.layers {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0 16px;
		padding-inline: 16px;
	}
	.layers label {
		display: flex;
		align-items: center;
		gap: 6px;
		min-height: 44px;
		font-size: 0.9375rem;
		font-weight: 600;
		cursor: pointer;
	}
	.layers input {
		width: 20px;
		height: 20px;
		accent-color: var(--ink);
	}
</style>
