<script lang="ts">
	import PocketCardView from '$lib/ui/lessons/handout/PocketCardView.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
</script>

{#if playing.ready}
	{#key playing.file.pupil.id}<PocketCardView file={playing.file} />{/key}
{/if}
