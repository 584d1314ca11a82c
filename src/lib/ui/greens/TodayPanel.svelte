<script lang="ts">
	import Shown from '$lib/ui/shell/Shown.svelte';
	import { resolve } from '$app/paths';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { tell } from '$lib/ui/shell/messages.svelte';
	import type { ClubWire } from '$lib/io/work/club';
	import type { ReadingWire } from '$lib/io/work/reading';
	import { removeReading } from '$lib/store/shelves/greens';
	import { rowFocus } from '$lib/ui/controls/rowFocus';
	import type { GreenBench } from '$lib/ui/greens/state/greenBench.svelte';
	import { keepReading } from '$lib/ui/measure/keepReading';
	import { agoWords } from '$lib/ui/format/dates';
	import SpeedTests from '$lib/ui/measure/SpeedTests.svelte';
	import { speedWords, turfWords, whenWords } from '$lib/ui/measure/readingWords';
	import SpeedTrend from '$lib/ui/measure/SpeedTrend.svelte';

	interface Props {
		bench: GreenBench;
		/** Newest first. */
		readings: ReadingWire[];
		bag: readonly ClubWire[];
	}
	const { bench, readings, bag }: Props = $props();

	const newest = $derived(readings[0]);
	/** A reading of another day is none of today's. */
	const isOld = $derived(newest !== undefined && agoWords(newest.takenAt) !== 'today');

	async function remove(reading: ReadingWire) {
		const undo = await removeReading(reading.id);
		tell(`Removed the reading of ${whenWords(reading)}.`, {
			label: 'Undo',
			run: () => void undo()
		});
	}
</script>

<div class="grid gap-2">
	{#if newest}
		<p class="figure text-3xl font-extrabold" data-testid="speed">{speedWords(newest)}</p>
		<p>{turfWords(newest)}</p>
		<p class="hint">
			Read {agoWords(newest.takenAt)}, {whenWords(newest)}. New shots on this green use it{isOld
				? ': it may well run otherwise today'
				: ''}.
		</p>
	{:else}
		<p class="text-3xl font-extrabold">Not read yet</p>
		<p>
			Measure before play: six rolls of a ramp, a few putts timed with the thumb, or a few balls
			chipped with one club tell how far everything will run today.
		</p>
	{/if}
	<SpeedTests
		{newest}
		{bag}
		pool={bench.pool}
		onkeep={(found) => keepReading(bench.green.id, found)}
	/>
	<p>
		<a class="link font-semibold" href={resolve(`/ratios?green=${bench.green.id}`)}
			>What each club does at this speed</a
		>
		·
		<a class="link font-semibold" href={resolve(`/saved?green=${bench.green.id}`)}
			>Shots on this green</a
		>
	</p>
	{#if readings.length > 0}
		<h2 class="ruled-heading">How it has run</h2>
		{#if readings.length > 1}<SpeedTrend {readings} />{/if}
		<table class="table-sm table">
			<thead class="sr-only">
				<tr>
					{#each ['When and turf', 'Speed', 'Remove'] as heading (heading)}
						<th scope="col">{heading}</th>
					{/each}
				</tr>
			</thead>
			<tbody {@attach rowFocus}>
				{#each readings as reading (reading.id)}
					<Shown what="A reading" columns={3}>
						<tr>
							<th class="py-1.5 text-left font-semibold" scope="row"
								>{whenWords(reading)}<br /><small
									class="text-[0.8125rem] font-normal text-(--faint)">{turfWords(reading)}</small
								></th
							>
							<td class="figure whitespace-nowrap">{speedWords(reading)}</td>
							<td class="whitespace-nowrap">
								<button
									type="button"
									class="btn btn-ghost btn-square"
									aria-label={`Remove the reading of ${whenWords(reading)}`}
									onclick={() => void remove(reading)}
								>
									<Trash2 size={18} aria-hidden="true" />
								</button>
							</td>
						</tr>
					</Shown>
				{/each}
			</tbody>
		</table>
	{/if}
</div>
