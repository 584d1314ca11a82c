<script lang="ts">
	import Plus from '@lucide/svelte/icons/plus';
	import { dragHandleZone } from 'svelte-dnd-action';
	import { MOST_CLUBS, type ClubDraft } from '$lib/io/work/club';
	import { clubsInBag } from '$lib/io/work/pupil';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import { rowFocus } from '$lib/ui/controls/rowFocus';
	import type { PupilBench } from '$lib/ui/state/pupilBench.svelte';
	import { bringBack, refuseName, reorder, retire } from './clubEdits';
	import ClubRow from './ClubRow.svelte';
	import { byLoft, CLUB_SETS, outOfOrder, withSet } from './clubSets';
	import { nextClub } from './nextClub';

	interface Props {
		bench: PupilBench;
	}
	const { bench }: Props = $props();

	/** A row of five columns; on a small screen two lines of two. */
	const ROW =
		'grid grid-cols-[36px_minmax(0,1fr)_minmax(0,1fr)_2.75rem] items-end gap-x-2 md:grid-cols-[36px_minmax(0,1fr)_6.5rem_9rem_9rem_2.75rem] md:items-center';
	const clubs = $derived(bench.file.clubs);
	const inBag = $derived(clubsInBag(clubs));
	const retired = $derived(clubs.filter(({ retiredAt }) => retiredAt !== null));
	const wrong = $derived(outOfOrder(inBag));
	/** The order while a club is dragged; null at rest. */
	let dragged = $state.raw<ClubDraft[] | null>(null);
	let set = $state(CLUB_SETS[0]!.id);
	const shown = $derived(dragged ?? inBag);
	const now = () => new Date().toISOString();

	const change = (id: string, apply: (club: ClubDraft) => void) =>
		bench.change((file) => apply(file.clubs.find((club) => club.id === id)!));
	const order = (list: readonly ClubDraft[]) => bench.change((file) => reorder(file.clubs, list));

	function take() {
		const chosen = CLUB_SETS.find(({ id }) => id === set)!;
		bench.change((file) => {
			file.clubs = withSet(clubs, chosen, file.pupil.id, now());
		});
	}
</script>

{#if inBag.length === 0}
	<p class="problem">The bag is empty: add a club or take one of the sets.</p>
{/if}
<div class={[ROW, 'pb-1 text-[0.8125rem] text-(--faint) max-md:hidden']} aria-hidden="true">
	<span></span><span>Club</span><span>Kind</span><span>Loft</span><span>Bounce</span><span></span>
</div>
<ul
	{@attach rowFocus}
	class="grid border-t-2 border-(--ink)"
	aria-label="Clubs in the bag"
	use:dragHandleZone={{ items: shown, flipDurationMs: 120, dropTargetStyle: {} }}
	onconsider={(event) => (dragged = event.detail.items)}
	onfinalize={(event) => {
		dragged = null;
		order(event.detail.items);
	}}
>
	{#each shown as club (club.id)}
		<li aria-label={club.name} class={[ROW, 'bg-base-100 border-b border-(--rule) max-md:py-2']}>
			<ClubRow
				{club}
				refuse={(name) => refuseName(inBag, club, name)}
				onchange={(apply) => change(club.id, apply)}
				onretire={() => bench.change((file) => retire(file.clubs, club.id, now()))}
			/>
		</li>
	{/each}
</ul>
{#if inBag.some(({ kind }) => kind === 'wood')}
	<p class="hint pt-2">Woods stay in the bag; shots around the green are not planned with them.</p>
{/if}
{#if wrong}
	<p class="flex flex-wrap items-center gap-2 py-2" role="status">
		{wrong[1].name} ({wrong[1].loft}°) stands after {wrong[0].name} ({wrong[0].loft}°). Is that
		meant?
		<button type="button" class="btn" onclick={() => order(byLoft(inBag))}>Put in order</button>
	</p>
{/if}
<div class="flex flex-wrap items-end gap-2 py-3">
	<button
		type="button"
		class="btn"
		disabled={inBag.length >= MOST_CLUBS}
		onclick={() => bench.change((file) => file.clubs.push(nextClub(file.pupil.id, file.clubs)))}
	>
		<Plus size={18} aria-hidden="true" /> Add a club
	</button>
	<span class="w-48">
		<ChoiceField
			label="Set to start from"
			value={set}
			options={CLUB_SETS.map(({ id, label }) => ({ value: id, label }))}
			onchange={(value) => (set = value)}
		/>
	</span>
	<button type="button" class="btn" onclick={take}>Take this set</button>
</div>
{#if retired.length > 0}
	<details>
		<summary class="min-h-11 cursor-pointer py-3 font-semibold"
			>Retired: {retired.length}, with what was measured</summary
		>
		<ul {@attach rowFocus}>
			{#each retired as club (club.id)}
				<li class="flex items-center justify-between gap-3 border-b border-(--rule) py-1">
					<span class="min-w-0 wrap-anywhere"><b>{club.name}</b> {club.loft}°</span>
					<button
						type="button"
						class="btn"
						aria-label={`Put the ${club.name} back in the bag`}
						disabled={inBag.length >= MOST_CLUBS}
						onclick={() => bench.change((file) => bringBack(file.clubs, club.id))}
						>Back in the bag</button
					>
				</li>
			{/each}
		</ul>
	</details>
{/if}
