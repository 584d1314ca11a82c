<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import type { WorkingShot } from '$lib/io/savedShot';
	import { watchGreens, type GreenBook } from '$lib/store/greens';
	import GreenView from '$lib/ui/greens/GreenView.svelte';
	import { seedDemo } from '$lib/ui/state/demo';
	import { GreenBench } from '$lib/ui/state/greenBench.svelte';
	import { lastPlayer } from '$lib/ui/state/openingShot';

	const { data } = $props();
	let bench = $state.raw<GreenBench | null>(null);
	let book = $state.raw<GreenBook | null>(null);
	let last = $state.raw<WorkingShot | null>(null);
	let missing = $state(false);

	onMount(() => {
		const id = page.params['id'];
		let subscription: { unsubscribe(): void } | undefined;
		void (async () => {
			if (data.demo) await seedDemo();
			last = await lastPlayer();
			subscription = watchGreens().subscribe(({ books }) => {
				book = books.find(({ green }) => green.id === id) ?? null;
				missing = !book;
				if (!book) return;
				if (bench) bench.follow(book.green);
				else bench = new GreenBench(book.green);
			});
		})();
		const leave = () => void bench?.flush();
		window.addEventListener('pagehide', leave);
		return () => {
			window.removeEventListener('pagehide', leave);
			subscription?.unsubscribe();
			void bench?.close();
		};
	});
</script>

{#if bench && book && last}
	<GreenView {bench} readings={book.readings} {last} />
{:else if missing}
	<section class="mx-auto grid max-w-2xl justify-items-start gap-4 p-4">
		<h1 class="text-2xl font-bold">This green is not here</h1>
		<p>It was removed, or it lives in another browser.</p>
		<a class="plain-button strong" href={resolve('/greens')}>All greens</a>
	</section>
{/if}
