<script lang="ts">
	import { onMount } from 'svelte';
	import DataView from '$lib/ui/data/DataView.svelte';
	import { seedDemo } from '$lib/ui/state/demo';

	const { data } = $props();
	onMount(() => {
		if (data.demo) void seedDemo();
	});
</script>

<DataView />
