<script lang="ts">
	import Shown from '$lib/ui/shell/Shown.svelte';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import { onDestroy } from 'svelte';
	import type { GreenWire } from '$lib/io/work/green';
	import { newId } from '$lib/store/base/newId';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { PlannerPool, startPlanner } from '$lib/workers/plannerPool';
	import { keepReading, type FoundReading } from '$lib/ui/measure/keepReading';
	import SpeedTests from '$lib/ui/measure/SpeedTests.svelte';
	import Plus from '@lucide/svelte/icons/plus';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { rowFocus } from '$lib/ui/controls/rowFocus';
	import { attempt, removeWithUndo } from '$lib/ui/shell/attempt';
	import { removeGreen, saveGreen, type GreenBooks } from '$lib/store/shelves/greens';
	import { blankGreen } from '$lib/ui/greens/state/greenEdits';
	import GreenThumb from './GreenThumb.svelte';
	import { agoWords } from '$lib/ui/format/dates';
	import { speedWords, turfWords } from '$lib/ui/measure/readingWords';

	const { books, broken }: GreenBooks = $props();

	let quick = $state(false);
	const pool = new PlannerPool(startPlanner);
	onDestroy(() => pool.close());
	const freshName = $derived(`Green ${books.length + 1}`);

	const make = (green: GreenWire) =>
		attempt(async () => {
			await saveGreen(green);
			await goto(resolve('/greens/[id]', { id: green.id }));
		});
	const survey = () => make(blankGreen(newId(), freshName));

	/** A speed measured before there is a green makes one, level until somebody looks. */
	async function keepFirst(found: FoundReading): Promise<boolean> {
		const green = blankGreen(newId(), freshName);
		if (!(await attempt(() => saveGreen(green)))) return false;
		const kept = await keepReading(green.id, found);
		if (kept) await goto(resolve('/greens/[id]', { id: green.id }));
		return kept;
	}

	const remove = (id: string, name: string) =>
		removeWithUndo(`Removed “${name}” and its readings.`, () => removeGreen(id));
</script>

<section class="mx-auto grid max-w-5xl justify-items-start gap-4 p-4">
	<ViewHeading text="Greens" />
	{#if books.length === 0}
		<p class="max-w-[60ch]">
			The ground decides what a ball does after it lands. Its speed is what matters most: measure it
			now, without surveying anything. A quick green takes four touches; a survey with tape, staff
			and level takes an hour, once.
		</p>
		<SpeedTests newest={undefined} bag={playing.playing.bag} {pool} onkeep={keepFirst} />
	{:else}
		<ul class="w-full border-t-2 border-(--ink)" {@attach rowFocus}>
			{#each books as { green, readings } (green.id)}
				<Shown what={green.name}>
					{@const newest = readings[0]}
					<li
						class="grid grid-cols-[96px_minmax(0,1fr)_2.75rem] items-center gap-x-3 gap-y-2 border-b border-(--rule) py-3 md:grid-cols-[132px_minmax(0,3fr)_minmax(10.5rem,2fr)_auto_2.75rem] md:gap-4"
					>
						<GreenThumb {green} />
						<div class="min-w-0 wrap-anywhere">
							<h2>
								<a
									class="text-xl font-extrabold underline decoration-(--rule)"
									href={resolve('/greens/[id]', { id: green.id })}>{green.name}</a
								>
							</h2>
							<p>{green.note}</p>
							<p class="hint">
								{green.grid
									? 'Height grid'
									: `${green.spots.length} heights, ${green.tilts.length} tilts`} · {green.pins
									.length}
								pins
							</p>
						</div>
						<div class="max-md:col-[2/-1]">
							{#if newest}
								<p class="figure text-xl font-bold whitespace-nowrap">{speedWords(newest)}</p>
								<p class="hint">{turfWords(newest)}<br />read {agoWords(newest.takenAt)}</p>
							{:else}
								<p class="text-xl font-bold">Not read yet</p>
							{/if}
						</div>
						<a
							class="btn btn-neutral max-md:col-1 max-md:row-2 max-md:self-start"
							aria-label={`Open ${green.name}`}
							href={resolve('/greens/[id]', { id: green.id })}>Open</a
						>
						<button
							type="button"
							class="btn btn-ghost btn-square max-md:col-3 max-md:row-1"
							aria-label={`Remove ${green.name}`}
							onclick={() => void remove(green.id, green.name)}
							><Trash2 size={20} aria-hidden="true" /></button
						>
					</li>
				</Shown>
			{/each}
		</ul>
	{/if}
	{#if broken.length > 0}
		<p class="problem">
			{broken.length}
			{broken.length === 1 ? 'row' : 'rows'} of greens or readings cannot be read. They are kept:
			<a class="underline" href={resolve('/data')}>see Data</a>.
		</p>
	{/if}
	<div class="flex flex-wrap gap-2">
		<a class="btn" href={resolve('/ratios')}>Today’s ratios</a>
		<button type="button" class="btn btn-neutral" onclick={() => (quick = true)}>
			<Plus size={18} aria-hidden="true" /> A quick green
		</button>
		<button type="button" class="btn" onclick={() => void survey()}>
			<Plus size={18} aria-hidden="true" /> Survey a new green
		</button>
	</div>
</section>
{#if quick}
	{#await import('./QuickGreenDialog.svelte') then { default: QuickGreenDialog }}
		<QuickGreenDialog
			id={newId()}
			name={freshName}
			onmake={(green) => void make(green)}
			onclose={() => (quick = false)}
		/>
	{/await}
{/if}
