<script lang="ts">
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { toast } from 'svelte-sonner';
	import type { ClubWire } from '$lib/io/contract/club';
	import type { ReadingWire } from '$lib/io/reading';
	import { removeReading } from '$lib/store/greens';
	import type { GreenBench } from '$lib/ui/state/greenBench.svelte';
	import BallsDialog from './BallsDialog.svelte';
	import JudgeDialog from './JudgeDialog.svelte';
	import { speedWords, turfWords, whenWords } from './readingWords';
	import SpeedTrend from './SpeedTrend.svelte';
	import SpeedWizard from './SpeedWizard.svelte';

	interface Props {
		bench: GreenBench;
		/** Newest first. */
		readings: ReadingWire[];
		bag: readonly ClubWire[];
	}
	const { bench, readings, bag }: Props = $props();

	let open = $state<'ramp' | 'balls' | 'judge' | null>(null);
	const newest = $derived(readings[0]);

	async function remove(reading: ReadingWire) {
		const undo = await removeReading(reading.id);
		toast(`Removed the reading of ${whenWords(reading)}.`, {
			action: { label: 'Undo', onClick: () => void undo() }
		});
	}
</script>

<div class="panel">
	{#if newest}
		<p class="speed figure">{speedWords(newest)}</p>
		<p>{turfWords(newest)}</p>
		<p class="hint">Read {whenWords(newest)}. New shots on this green use it.</p>
	{:else}
		<p class="speed">Not read yet</p>
		<p>
			Measure before play: six rolls of a ramp, or a few balls chipped with one club, tell how far
			everything will run today.
		</p>
	{/if}
	<div class="actions">
		<button type="button" class="plain-button strong" onclick={() => (open = 'ramp')}>
			Roll a ramp
		</button>
		<button type="button" class="plain-button" onclick={() => (open = 'balls')}>
			Chip a few balls
		</button>
		<button type="button" class="plain-button" onclick={() => (open = 'judge')}>
			Judge by eye
		</button>
	</div>
	{#if readings.length > 0}
		<h3 class="ruled-heading">How it has run</h3>
		{#if readings.length > 1}<SpeedTrend {readings} />{/if}
		<table class="figures">
			<thead class="sr-only"><tr><th>When</th><th>Speed</th><th>Turf</th><th>Remove</th></tr></thead
			>
			<tbody>
				{#each readings as reading (reading.id)}
					<tr>
						<th scope="row">{whenWords(reading)}<br /><small>{turfWords(reading)}</small></th>
						<td class="figure">{speedWords(reading)}</td>
						<td>
							<button
								type="button"
								class="quiet-button"
								aria-label={`Remove the reading of ${whenWords(reading)}`}
								onclick={() => void remove(reading)}
							>
								<Trash2 size={18} aria-hidden="true" />
							</button>
						</td>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
</div>
{#if open === 'ramp'}
	<SpeedWizard {bench} {newest} onclose={() => (open = null)} />
{:else if open === 'balls'}
	<BallsDialog {bench} {newest} {bag} onclose={() => (open = null)} />
{:else if open === 'judge'}
	<JudgeDialog {bench} {newest} onclose={() => (open = null)} />
{/if}

<style>
	.panel {
		display: grid;
		gap: 8px;
	}
	.speed {
		font-size: 1.75rem;
		font-weight: 800;
	}
	.actions {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
		padding-block: 8px;
	}
	th {
		text-align: left;
		font-weight: 600;
		padding-block: 6px;
	}
	td {
		white-space: nowrap;
	}
	small {
		font-weight: 400;
		color: var(--faint);
		font-size: 0.8125rem;
	}
</style>
