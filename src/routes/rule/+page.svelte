<script lang="ts">
	import { onMount } from 'svelte';
	import RuleView from '$lib/ui/ratios/rule/RuleView.svelte';
	import { attempt } from '$lib/ui/shell/attempt';
	import { seedDemo } from '$lib/ui/state/demo';
	import { playing } from '$lib/ui/state/playing.svelte';

	const { data } = $props();
	onMount(() => {
		if (data.demo) void attempt(seedDemo);
	});
</script>

{#if playing.ready}<RuleView />{/if}
