<script lang="ts">
	import { onMount } from 'svelte';
	import { shotShelf } from '$lib/store/shelves/savedShots';
	import RuleView from '$lib/ui/ratios/rule/RuleView.svelte';
	import { attempt } from '$lib/ui/shell/attempt';
	import StoreTrouble from '$lib/ui/shell/trouble/StoreTrouble.svelte';
	import { seedDemo } from '$lib/ui/state/demo';
	import { Followed } from '$lib/ui/state/followed.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';

	const { data } = $props();
	const shots = new Followed(() => shotShelf.read());
	onMount(() => {
		if (data.demo) void attempt(seedDemo);
		return shots.start();
	});
</script>

<StoreTrouble followed={shots} />
{#if playing.ready && shots.value}<RuleView saved={shots.value.rows} />{/if}
