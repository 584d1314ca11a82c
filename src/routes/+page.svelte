<script lang="ts">
	import { onMount } from 'svelte';
	import { toast } from 'svelte-sonner';
	import { page } from '$app/state';
	import FirstShot from '$lib/ui/shot/FirstShot.svelte';
	import ShotView from '$lib/ui/shot/ShotView.svelte';
	import { openingShot } from '$lib/ui/state/openingShot';
	import { watchGreens, type GreenBook } from '$lib/store/greens';
	import { freshShot, ShotBench } from '$lib/ui/state/shotBench.svelte';

	const { data } = $props();
	let bench = $state.raw<ShotBench | null>(null);
	let ready = $state(false);
	let books: GreenBook[] = [];

	function begin(opening: Parameters<ShotBench['open']>[0]) {
		const opened = new ShotBench();
		opened.knowGreens(books);
		opened.open(opening);
		placeAsked(opened);
		bench = opened;
	}

	/** What is asked for in the address: a green, one of its pins, and where the ball lies. */
	function placeAsked(on: ShotBench) {
		const { searchParams } = page.url;
		const book = books.find(({ green }) => green.id === searchParams.get('green'));
		if (!book) return;
		const pin = book.green.pins.find(({ id }) => id === searchParams.get('pin'))?.at;
		on.placeOnGreen(book, pin);
		const ball = (searchParams.get('ball') ?? '').split(',').map(Number);
		const place = $state.snapshot(on.shot.place);
		if (place && ball.length === 2 && ball.every(Number.isFinite))
			on.moveTo({ ...place, ball: [ball[0]!, ball[1]!] });
	}

	onMount(() => {
		const greens = watchGreens().subscribe((shelf) => {
			books = shelf.books;
			bench?.knowGreens(books);
		});
		void openingShot(page.url.searchParams.get('shot'), data.demo).then((opening) => {
			ready = true;
			if (opening.kind === 'broken')
				toast.error(
					'The last shot could not be read. Your saved shots are kept; start a new one here.'
				);
			if (opening.kind === 'shot') begin(opening);
			// Who comes from a green wants to plan on it, first visit or not.
			else if (page.url.searchParams.has('green')) begin({ shot: freshShot(), id: null, name: '' });
		});
		return () => {
			greens.unsubscribe();
			bench?.close();
		};
	});
</script>

{#if bench}
	<ShotView {bench} />
{:else if ready}
	<FirstShot onstart={(shot) => begin({ shot, id: null, name: '' })} />
{/if}
