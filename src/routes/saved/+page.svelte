<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import { greenShelf } from '$lib/store/shelves/greens';
	import { shotShelf } from '$lib/store/shelves/savedShots';
	import SavedShots from '$lib/ui/saved/SavedShots.svelte';
	import StoreTrouble from '$lib/ui/shell/trouble/StoreTrouble.svelte';
	import { Followed } from '$lib/ui/state/followed.svelte';

	const shots = new Followed(async () => ({
		shelved: await shotShelf.read(),
		greens: (await greenShelf.read()).rows
	}));
	onMount(() => shots.start());
</script>

<StoreTrouble
	followed={shots}
	can="Saved shots cannot be read, nor new ones kept. A shot can be worked out all the same; it is gone when you leave the page."
/>
{#if shots.failure}
	<section class="mx-auto grid max-w-7xl justify-items-start gap-4 p-4">
		<ViewHeading text="Saved shots" />
		<a class="btn btn-neutral" href={resolve('/')}>Work out a shot</a>
	</section>
{/if}
{#if shots.value}
	<SavedShots {...shots.value} on={page.url.searchParams.get('green') ?? ''} />
{/if}
