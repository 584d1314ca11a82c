<script lang="ts">
	import { onMount, untrack } from 'svelte';
	import type { GreenWire } from '$lib/io/work/green';
	import type { Ball } from '$lib/io/work/pupil';
	import { hitsOf, type Session } from '$lib/io/practice/session';
	import { readSessionBalls, sessionShelf } from '$lib/store/shelves/practice';
	import Later from '$lib/ui/controls/Later.svelte';
	import { Followed } from '$lib/ui/state/followed.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { SessionBench } from '$lib/ui/practice/state/sessionBench.svelte';
	import SessionReview from './SessionReview.svelte';
	import SessionRunner from './SessionRunner.svelte';

	interface Props {
		session: Session;
		balls: readonly Ball[];
		/** The last session with the same drill, and its balls. */
		before: { session: Session; balls: readonly Ball[] } | null;
		/** Null for a plain line, or where the green is gone. */
		green: GreenWire | null;
	}
	const { session, balls, before, green }: Props = $props();

	const bench = untrack(() => {
		const fileOf = (id: string) => playing.files.find(({ pupil }) => pupil.id === id);
		const last = before && hitsOf(before.session, before.balls);
		return new SessionBench(session, balls, fileOf, last);
	});
	const stored = new Followed(
		async () => ({
			session: await sessionShelf.get(bench.session.id),
			balls: await readSessionBalls(bench.session.id)
		}),
		(now) => bench.follow(now.session, now.balls)
	);
	onMount(() => {
		const stop = stored.start();
		return () => {
			stop();
			void bench.close();
		};
	});
	const ended = $derived(bench.session.endedAt !== null);
</script>

{#if stored.failure}
	<p class="problem" role="alert">
		The browser’s store cannot be read at the moment: {stored.failure} Balls noted meanwhile are kept
		here and written when it answers.
	</p>
{/if}
{#if ended}
	<Later><SessionReview {bench} {green} /></Later>
{:else}
	<SessionRunner
		{bench}
		{green}
		onfinish={() => bench.change((one) => (one.endedAt = new Date().toISOString()))}
	/>
{/if}
