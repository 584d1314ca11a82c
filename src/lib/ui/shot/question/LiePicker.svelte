<script lang="ts">
	import type { LieId } from '$lib/core/lie/lies';
	import LiePicture from '$lib/ui/drawing/LiePicture.svelte';
	import { LIE_WORDS } from '$lib/io/words/lie';

	interface Props {
		value: LieId;
		onchange: (lie: LieId) => void;
	}
	const { value, onchange }: Props = $props();
</script>

<fieldset>
	<legend class="label text-[0.8125rem]">How does it sit?</legend>
	<div class="grid grid-cols-[repeat(auto-fit,minmax(86px,1fr))] gap-1">
		{#each LIE_WORDS as { id, name } (id)}
			<label
				class={[
					'grid cursor-pointer justify-items-center border-2 pb-1 text-center text-[0.8125rem] font-semibold focus-within:outline-3 focus-within:outline-(--clay)',
					value === id
						? 'border-(--ink) bg-(--ink) text-(--paper)'
						: 'border-transparent hover:bg-(--shade)'
				]}
			>
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
