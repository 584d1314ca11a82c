<script lang="ts">
	import type { ClubWire } from '$lib/io/work/club';
	import type { ReadingWire } from '$lib/io/work/reading';
	import type { PlannerPool } from '$lib/workers/plannerPool';
	import type { FoundReading } from './keepReading';

	interface Props {
		/** The reading to begin with. */
		newest: ReadingWire | undefined;
		bag: readonly ClubWire[];
		pool: PlannerPool;
		/** Keeps what was found; false where it could not be. */
		onkeep: (found: FoundReading) => Promise<boolean>;
	}
	const { newest, bag, pool, onkeep }: Props = $props();

	let open = $state<'ramp' | 'timed' | 'balls' | 'judge' | null>(null);
	const given = $derived({ newest, onkeep, onclose: () => (open = null) });
</script>

<div class="flex flex-wrap gap-2 py-2" role="group" aria-label="Measure the green speed">
	<button type="button" class="btn btn-neutral" onclick={() => (open = 'timed')}
		>Time a few putts</button
	>
	<button type="button" class="btn" onclick={() => (open = 'ramp')}>Roll a ramp</button>
	<button type="button" class="btn" onclick={() => (open = 'balls')}>Chip a few balls</button>
	<button type="button" class="btn" onclick={() => (open = 'judge')}>Judge by eye</button>
</div>
{#if open === 'ramp'}
	{#await import('./SpeedWizard.svelte') then { default: SpeedWizard }}
		<SpeedWizard {...given} />
	{/await}
{:else if open === 'timed'}
	{#await import('./TimedPuttDialog.svelte') then { default: TimedPuttDialog }}
		<TimedPuttDialog {...given} />
	{/await}
{:else if open === 'balls'}
	{#await import('./BallsDialog.svelte') then { default: BallsDialog }}
		<BallsDialog {...given} {pool} {bag} />
	{/await}
{:else if open === 'judge'}
	{#await import('./JudgeDialog.svelte') then { default: JudgeDialog }}
		<JudgeDialog {...given} />
	{/await}
{/if}
