<script lang="ts">
	import { onMount } from 'svelte';
	import { toast } from 'svelte-sonner';
	import { page } from '$app/state';
	import FirstShot from '$lib/ui/shot/FirstShot.svelte';
	import ShotView from '$lib/ui/shot/ShotView.svelte';
	import { openingShot } from '$lib/ui/state/openingShot';
	import { ShotBench } from '$lib/ui/state/shotBench.svelte';

	const { data } = $props();
	let bench = $state.raw<ShotBench | null>(null);
	let ready = $state(false);

	function begin(opening: Parameters<ShotBench['open']>[0]) {
		bench = new ShotBench();
		bench.open(opening);
	}

	onMount(() => {
		void openingShot(page.url.searchParams.get('shot'), data.demo).then((opening) => {
			ready = true;
			if (opening.kind === 'broken')
				toast.error(
					'The last shot could not be read. Your saved shots are kept; start a new one here.'
				);
			if (opening.kind === 'shot') begin(opening);
		});
		return () => bench?.close();
	});
</script>

{#if bench}
	<ShotView {bench} />
{:else if ready}
	<FirstShot onstart={(shot) => begin({ shot, id: null, name: '' })} />
{/if}
