<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import type { WorkingShot } from '$lib/io/work/shot';
	import { freshShot } from '$lib/io/work/freshShot';
	import { readGreens, type GreenBook } from '$lib/store/shelves/greens';
	import GreenView from '$lib/ui/greens/GreenView.svelte';
	import NotHere from '$lib/ui/shell/NotHere.svelte';
	import { seedDemo } from '$lib/ui/state/demo';
	import { Followed } from '$lib/ui/state/followed.svelte';
	import { GreenBench } from '$lib/ui/greens/state/greenBench.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { preferences } from '$lib/ui/state/preferences.svelte';
	import { warmSurface } from '$lib/ui/shot/state/warmSurface';
	import { lastAsked } from '$lib/ui/shot/state/openingShot';

	interface Props {
		id: string;
		/** Whether the demo's rows are put in where nothing is kept yet. */
		demo: boolean;
	}
	const { id, demo }: Props = $props();
	let bench = $state.raw<GreenBench | null>(null);
	let last = $state.raw<Pick<WorkingShot, 'situation' | 'wanted' | 'place'> | null>(null);
	let left = false;

	/** The green as it is kept now. A query reads and nothing else: whatever it waits for besides would end its being told of changes. */
	const followed = new Followed(
		async () => (await readGreens()).books.find(({ green }) => green.id === id) ?? 'missing',
		(book) => void show(book)
	);

	async function show(book: GreenBook | 'missing') {
		if (book === 'missing') return;
		if (bench) return bench.follow(book.green);
		await warmSurface(book.green);
		if (!left) bench ??= new GreenBench(book.green);
	}

	/** The demo's rows are put in first, and the last shot says what ball and air to take, and what is asked for. */
	async function begin() {
		try {
			if (demo) await seedDemo();
			last = await lastAsked();
		} catch (error) {
			preferences.storeFailed(error);
			last = freshShot('nobody');
		}
		if (!left) followed.start();
	}

	onMount(() => {
		void begin();
		return () => {
			left = true;
			followed.stop();
			void bench?.close();
		};
	});
</script>

{#if followed.failure && !bench}
	<NotHere
		what="This green"
		reason={followed.failure}
		href={resolve('/ratios')}
		label="Today’s ratios of a plain green"
	/>
{:else if followed.value === 'missing'}
	<NotHere what="This green" href={resolve('/greens')} label="All greens" />
{:else if bench && followed.value && last && playing.ready}
	<GreenView {bench} readings={followed.value.readings} {last} />
{/if}
