<script lang="ts">
	import { onMount, untrack } from 'svelte';
	import { tellTrouble } from '$lib/ui/shell/messages.svelte';
	import { replaceState } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { freshShot } from '$lib/io/work/freshShot';
	import type { WorkingShot } from '$lib/io/work/shot';
	import FirstShot from './FirstShot.svelte';
	import ShotView from './ShotView.svelte';
	import type { StartedShot } from '$lib/ui/shot/state/firstCall.svelte';
	import { openingShot } from '$lib/ui/shot/state/openingShot';
	import { answering } from '$lib/store/base/answering';
	import { readGreens, type GreenBook } from '$lib/store/shelves/greens';
	import { follow } from '$lib/store/base/follow';
	import { nextTask } from '$lib/ui/state/slices';
	import { warmSurface } from '$lib/ui/shot/state/warmSurface';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { preferences } from '$lib/ui/state/preferences.svelte';
	import { ShotBench, type Opened } from '$lib/ui/shot/state/shotBench.svelte';
	import type { PlannerPool } from '$lib/workers/plannerPool';

	interface Props {
		/** Whether this server shows the demo. */
		demo: boolean;
		/** The shot of a first visit, where one was begun already. */
		started?: StartedShot | undefined;
	}
	const { demo, started }: Props = $props();

	let bench = $state.raw<ShotBench | null>(null);
	/** Whether there is nothing to go on with: a first shot is asked for. */
	let isFirst = $state(false);
	let books: GreenBook[] = [];
	let left = false;

	async function begin(opening: Opened, pool?: PlannerPool) {
		const { pupilId } = opening.shot;
		await playing.read(pupilId);
		// A shot that is asked for brings its pupil; the last one is gone on with by whoever plays now.
		const goesOn = opening.line !== undefined;
		if (!goesOn && playing.of(pupilId).pupil.id === pupilId) playing.choose(pupilId);
		const opened = new ShotBench((id) => playing.of(id), pool);
		opened.knowGreens(books);
		opened.open(opening);
		placeAsked(opened);
		if (goesOn) opened.playFor(playing.file);
		// Reading the line off a large map and drawing it are two pieces of work: the page answers in between.
		await nextTask();
		if (left) void opened.close();
		else bench = opened;
	}

	const greenOf = ({ place }: WorkingShot) =>
		books.find(({ green }) => green.id === place?.greenId)?.green;

	/** What is asked for in the address: a green, one of its pins, and where the ball lies. */
	function placeAsked(on: ShotBench) {
		const { searchParams } = page.url;
		const book = books.find(({ green }) => green.id === searchParams.get('green'));
		if (!book) return;
		const pin = book.green.pins.find(({ id }) => id === searchParams.get('pin'));
		on.placeOnGreen(book, pin?.at);
		// A shot of its own: saving it must not overwrite the one that was on the bench.
		on.detach(pin ? `${book.green.name}: ${pin.name}`.slice(0, 60) : book.green.name);
		const ball = (searchParams.get('ball') ?? '').split(',').map(Number);
		const place = on.shot.place;
		if (place && ball.length === 2 && ball.every(Number.isFinite))
			on.moveTo({ ...place, ball: [ball[0]!, ball[1]!] });
	}

	/** What to begin with; a store that does not answer is told of, and a shot can still be worked out. */
	async function opening() {
		try {
			books = (await answering(readGreens())).books;
			const { searchParams } = page.url;
			const [saved, played] = [searchParams.get('shot'), searchParams.get('play')];
			return await answering(openingShot(saved, demo, played));
		} catch (error) {
			preferences.storeFailed(error);
			return { kind: 'first-visit' as const };
		}
	}

	async function open() {
		const { searchParams } = page.url;
		const found = await opening();
		await nextTask();
		if (found.kind === 'shot') await warmSurface(greenOf(found.shot));
		if (left) return;
		if (found.kind === 'broken')
			tellTrouble(
				'The last shot could not be read. Your saved shots are kept; start a new one here.'
			);
		if (searchParams.has('new'))
			await begin({ shot: freshShot(playing.file.pupil.id), name: '', origin: null });
		else if (found.kind === 'shot') await begin(found);
		// Who comes from a green wants to plan on it, first visit or not.
		else if (searchParams.has('green'))
			await begin({ shot: freshShot(playing.file.pupil.id), name: '', origin: null });
		else isFirst = true;
		// From here on the last shot counts, also over a reload.
		if (page.url.search) replaceState(resolve('/'), {});
	}

	// Who plays and whose shot it is are one thing here, whichever of the two is changed.
	$effect(() => {
		const { file, ready } = playing;
		if (ready) untrack(() => bench?.playFor(file));
	});
	$effect(() => {
		const id = bench?.shot.pupilId;
		untrack(() => {
			if (id && playing.of(id).pupil.id === id) playing.choose(id);
		});
	});
	$effect(() => {
		void playing.files;
		untrack(() => bench?.knowPupils());
	});
	const start = ({ shot, pool }: StartedShot) => begin({ shot, name: '', origin: null }, pool);

	// The first shot waits for its pupil, unless it was begun before anybody was known.
	let begun = false;
	$effect(() => {
		if (!playing.ready || begun) return;
		begun = true;
		untrack(() => void open());
	});

	onMount(() => {
		if (started) {
			begun = true;
			void start(started);
		}
		const unfollow = follow(
			readGreens,
			(found) => {
				books = found.books;
				bench?.knowGreens(books);
			},
			(error) => preferences.storeFailed(error)
		);
		return () => {
			left = true;
			unfollow();
			void bench?.close();
		};
	});
</script>

{#if bench}
	<ShotView {bench} />
{:else if isFirst}
	<FirstShot onstart={start} />
{/if}
