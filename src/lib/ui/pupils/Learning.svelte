<script lang="ts">
	import { resolve } from '$app/paths';
	import type { Session } from '$lib/io/practice/session';
	import type { PupilBench } from '$lib/ui/state/pupilBench.svelte';
	import Later from '$lib/ui/controls/Later.svelte';
	import Habits from './Habits.svelte';
	import type { HabitStudy } from './habitStudy.svelte';
	import OwnSpread from './OwnSpread.svelte';
	import RollOutStudy from './RollOutStudy.svelte';

	interface Props {
		bench: PupilBench;
		sessions: readonly Session[];
		study: HabitStudy;
	}
	const { bench, sessions, study }: Props = $props();

	const practised = $derived(bench.file.balls.filter(({ sessionId }) => sessionId !== undefined));
	const practisedIn = $derived(new Set(practised.map(({ sessionId }) => sessionId)));
	const own = $derived(sessions.filter(({ id }) => practisedIn.has(id)));
</script>

<section class="grid gap-4" aria-labelledby="learned">
	<h2 id="learned" class="ruled-heading">Learned from {practised.length} practised balls</h2>
	{#if practised.length === 0}
		<p>
			Nothing yet. A <a class="underline" href={resolve('/practice')}>session</a> tells how this player
			spreads, what goes wrong and how the ball really runs.
		</p>
	{:else}
		<div class="grid gap-x-10 gap-y-6 lg:grid-cols-2">
			<div class="grid content-start gap-6">
				<OwnSpread {bench} />
				<Later><RollOutStudy {bench} sessions={own} /></Later>
			</div>
			<Later><Habits file={bench.file} {study} /></Later>
		</div>
	{/if}
</section>
