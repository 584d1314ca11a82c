<script lang="ts">
	import { onMount } from 'svelte';
	import { shotShelf } from '$lib/store/shelves/savedShots';
	import RuleView from '$lib/ui/ratios/rule/RuleView.svelte';
	import StoreTrouble from '$lib/ui/shell/trouble/StoreTrouble.svelte';
	import { seedDemo } from '$lib/ui/state/demo';
	import { Followed } from '$lib/ui/state/followed.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';

	const { data } = $props();
	const shots = new Followed(() => shotShelf.read());
	onMount(() => {
		if (data.demo) void seedDemo();
		return shots.start();
	});
	const found = $derived(shots.valueOr({ rows: [], broken: [] }));
</script>

<StoreTrouble
	followed={shots}
	can="Saved shots cannot be read: the rule is looked for over situations of its own."
/>
{#if playing.ready && found}<RuleView saved={found.rows} />{/if}
