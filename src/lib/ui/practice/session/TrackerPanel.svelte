<script lang="ts">
	import Radio from '@lucide/svelte/icons/radio';
	import { onDestroy } from 'svelte';
	import { simulatedDevice } from '$lib/devices/simulation/simulatedDevice';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { SessionBench } from '$lib/ui/practice/state/sessionBench.svelte';
	import { TrackerReader } from '$lib/ui/practice/state/trackerReader.svelte';

	interface Props {
		bench: SessionBench;
	}
	const { bench }: Props = $props();

	const INTERVAL = 900;
	const MOST_SHOTS = 200;

	/** What is left to hit, ball by ball, as the stand-in is told it. */
	function shots(): string {
		const clubs = (bench.pupil ?? playing.file).clubs;
		return bench.tasks
			.flatMap(({ task, balls }) => {
				const loft = clubs.find(({ id }) => id === task.clubId)?.loft ?? 56;
				const left = Math.max(0, task.balls - balls.length);
				return Array.from({ length: left }, () => `${loft}/${task.landing.toFixed(1)}`);
			})
			.slice(0, MOST_SHOTS)
			.join(',');
	}

	// svelte-ignore state_referenced_locally
	const reader = new TrackerReader(bench, (onlost) =>
		simulatedDevice(
			'tracker',
			{
				shots: shots(),
				stimpFeet: bench.session.ground.stimpFeet,
				slope: 0,
				interval: INTERVAL,
				seed: Date.now() % 1_000_000,
				faults: 'yes'
			},
			{ onlost }
		)
	);
	onDestroy(() => reader.stop());
	const WORDS = {
		off: '',
		connecting: 'Looking for the tracker …',
		on: 'The tracker notes every ball.',
		lost: 'The line to the tracker is lost; it is taken up again where it broke.',
		failed: ''
	} as const;
</script>

<div class="grid gap-1">
	<div class="flex flex-wrap items-center gap-2">
		{#if reader.status === 'off' || reader.status === 'failed'}
			<button
				type="button"
				class="btn"
				disabled={!bench.current || bench.session.rules.measure === 'strokes'}
				onclick={() => void reader.start()}
			>
				<Radio size={18} aria-hidden="true" /> Ball tracker (simulated)
			</button>
		{:else}
			<button type="button" class="btn" onclick={() => reader.stop()}>Disconnect the tracker</button
			>
		{/if}
		{#if reader.noted > 0}
			<span class="hint"
				>{reader.noted} noted{reader.again > 0 ? `, ${reader.again} came twice` : ''}</span
			>
		{/if}
	</div>
	<p class="hint" role="status">{WORDS[reader.status]}</p>
	{#if reader.failure}<p class="problem" role="alert">{reader.failure}</p>{/if}
</div>
