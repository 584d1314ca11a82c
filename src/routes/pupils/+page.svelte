<script lang="ts">
	import PupilsView from '$lib/ui/pupils/PupilsView.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
</script>

{#if playing.ready}
	<PupilsView />
{/if}
