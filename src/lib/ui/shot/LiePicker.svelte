<script lang="ts">
	import type { LieId } from '$lib/core/lie/lies';
	import LiePicture from '$lib/ui/drawing/LiePicture.svelte';
	import { LIE_WORDS } from './lieWords';

	interface Props {
		value: LieId;
		onchange: (lie: LieId) => void;
	}
	const { value, onchange }: Props = $props();
</script>

<fieldset>
	<legend class="field-label">How does it sit?</legend>
	<div class="lies">
		{#each LIE_WORDS as { id, name } (id)}
			<label class:chosen={value === id}>
				<input
					class="sr-only"
					type="radio"
					name="lie"
					checked={value === id}
					onchange={() => onchange(id)}
				/>
				<LiePicture lie={id} />
				<span>{name}</span>
			</label>
		{/each}
	</div>
</fieldset>

<style>
	.lies {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(86px, 1fr));
		gap: 4px;
	}
	label {
		cursor: pointer;
		display: grid;
		justify-items: center;
		font-size: 0.8125rem;
		font-weight: 600;
		border-bottom: 4px solid transparent;
		padding-bottom: 4px;
		text-align: center;
	}
	label:hover {
		background: var(--shade);
	}
	label:focus-within {
		outline: 3px solid var(--clay);
	}
	.chosen {
		border-bottom-color: var(--clay);
		background: var(--shade);
	}
</style>
