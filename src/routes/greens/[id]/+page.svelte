<script lang="ts">
	import { page } from '$app/state';
	import OpenGreen from './OpenGreen.svelte';

	const { data } = $props();
	const id = $derived(page.params['id'] ?? '');
</script>

{#key id}<OpenGreen {id} demo={data.demo} />{/key}
