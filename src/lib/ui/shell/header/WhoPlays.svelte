<script lang="ts">
	import { onMount } from 'svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { shortcuts } from '$lib/ui/shell/shortcuts.svelte';

	let select = $state<HTMLSelectElement>();
	const chosen = $derived(playing.file.pupil);
	/** Whoever is playing can be seen, archived or not. */
	const listed = $derived(
		playing.active.some(({ pupil }) => pupil.id === chosen.id)
			? playing.active
			: [playing.file, ...playing.active]
	);

	onMount(() =>
		shortcuts.use({
			heading: 'Who plays',
			shortcuts: [
				{ keys: ['u'], shown: 'U', does: 'Go to who is playing', run: () => select?.focus() }
			]
		})
	);
</script>

<label class="flex min-w-0 items-center gap-1.5">
	<span class="text-[0.8125rem] text-(--faint) max-lg:sr-only">Player</span>
	<select
		bind:this={select}
		class="select field-sizing-content w-auto max-w-56 min-w-24 truncate font-bold max-lg:max-w-40 md:max-lg:max-w-36 md:max-lg:pe-7 md:max-lg:text-sm"
		aria-label="Who plays"
		value={chosen.id}
		onchange={(event) => playing.choose(event.currentTarget.value)}
	>
		{#each listed as { pupil } (pupil.id)}
			<option value={pupil.id}>{pupil.name}</option>
		{/each}
	</select>
</label>
