<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import type { WorkingShot } from '$lib/io/shot';
	import { readGreens } from '$lib/store/greens';
	import GreenView from '$lib/ui/greens/GreenView.svelte';
	import StoreTrouble from '$lib/ui/shell/StoreTrouble.svelte';
	import { seedDemo } from '$lib/ui/state/demo';
	import { Followed } from '$lib/ui/state/followed.svelte';
	import { GreenBench } from '$lib/ui/state/greenBench.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { warmSurface } from '$lib/ui/state/warmSurface';
	import { lastSituation } from '$lib/ui/state/openingShot';

	const { data } = $props();
	const id = page.params['id'];
	let bench = $state.raw<GreenBench | null>(null);
	let last = $state.raw<Pick<WorkingShot, 'situation'> | null>(null);
	let left = false;

	/** The green asked for, and who plays on it; the demo's rows are put in first. */
	async function readBook() {
		if (data.demo) await seedDemo();
		last ??= await lastSituation();
		const book = (await readGreens()).books.find(({ green }) => green.id === id);
		if (!bench) await warmSurface(book?.green);
		return book ?? 'missing';
	}

	const followed = new Followed(readBook, (book) => {
		if (left || book === 'missing') return;
		if (bench) bench.follow(book.green);
		else bench = new GreenBench(book.green);
	});

	onMount(() => {
		const stop = followed.start();
		return () => {
			left = true;
			stop();
			void bench?.close();
		};
	});
</script>

<StoreTrouble {followed} />
{#if followed.value === 'missing'}
	<section class="mx-auto grid max-w-2xl justify-items-start gap-4 p-4">
		<h1 class="text-2xl font-bold">This green is not here</h1>
		<p>It was removed, or it lives in another browser.</p>
		<a class="btn btn-neutral" href={resolve('/greens')}>All greens</a>
	</section>
{:else if bench && followed.value && last && playing.ready}
	<GreenView {bench} readings={followed.value.readings} {last} />
{/if}
