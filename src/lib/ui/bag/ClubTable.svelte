<script lang="ts">
	import GripVertical from '@lucide/svelte/icons/grip-vertical';
	import Plus from '@lucide/svelte/icons/plus';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { dragHandle, dragHandleZone } from 'svelte-dnd-action';
	import { MOST_CLUBS, type ClubDraft, type ClubKind } from '$lib/io/club';
	import { clubsInBag } from '$lib/io/pupil';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import TextField from '$lib/ui/controls/TextField.svelte';
	import type { PupilBench } from '$lib/ui/state/pupilBench.svelte';
	import { byLoft, CLUB_SETS, outOfOrder, withSet } from './clubSets';
	import { nextClub } from './nextClub';

	interface Props {
		bench: PupilBench;
	}
	const { bench }: Props = $props();

	const KINDS: readonly { value: ClubKind; label: string }[] = [
		{ value: 'wood', label: 'Wood' },
		{ value: 'hybrid', label: 'Hybrid' },
		{ value: 'iron', label: 'Iron' },
		{ value: 'wedge', label: 'Wedge' },
		{ value: 'putter', label: 'Putter' }
	];
	const ROW =
		'grid items-center gap-x-2 grid-cols-[36px_minmax(0,1fr)_minmax(0,1.3fr)_minmax(0,1.3fr)_44px] md:grid-cols-[36px_minmax(0,1fr)_6.5rem_9rem_9rem_44px]';
	const clubs = $derived(bench.file.clubs);
	const inBag = $derived(clubsInBag(clubs));
	const retired = $derived(clubs.filter(({ retiredAt }) => retiredAt !== null));
	const wrong = $derived(outOfOrder(inBag));
	/** The order while a club is dragged; null at rest. */
	let dragged = $state.raw<ClubDraft[] | null>(null);
	let set = $state(CLUB_SETS[0]!.id);
	const shown = $derived(dragged ?? inBag);

	const change = (id: string, apply: (club: ClubDraft) => void) =>
		bench.change((file) => apply(file.clubs.find((club) => club.id === id)!));
	const reorder = (order: readonly ClubDraft[]) =>
		bench.change((file) => {
			for (const club of file.clubs) {
				const place = order.findIndex(({ id }) => id === club.id);
				if (place >= 0) club.order = place;
			}
		});
	const refuse = (club: ClubDraft) => (name: string) =>
		inBag.some((other) => other.id !== club.id && other.name === name)
			? `Another club in this bag is called ${name}.`
			: undefined;
	const retire = (id: string) => change(id, (club) => (club.retiredAt = new Date().toISOString()));

	function bringBack({ id, name }: ClubDraft) {
		const taken = inBag.some((club) => club.name === name);
		change(id, (club) => {
			club.retiredAt = null;
			club.order = inBag.length;
			if (taken) club.name = `${name} (2)`.slice(0, 60);
		});
	}

	function take() {
		const chosen = CLUB_SETS.find(({ id }) => id === set)!;
		const { pupil } = bench.file;
		bench.change(
			(file) => (file.clubs = withSet(clubs, chosen, pupil.id, new Date().toISOString()))
		);
	}
</script>

{#if inBag.length === 0}
	<p class="problem">The bag is empty: add a club or take one of the sets.</p>
{/if}
<div class={[ROW, 'pb-1 text-[0.8125rem] text-(--faint)']} aria-hidden="true">
	<span></span><span>Club</span><span class="max-md:hidden">Kind</span>
	<span>Loft</span><span>Bounce</span><span></span>
</div>
<ul
	class="grid border-t-2 border-(--ink)"
	aria-label="Clubs in the bag"
	use:dragHandleZone={{ items: shown, flipDurationMs: 120, dropTargetStyle: {} }}
	onconsider={(event) => (dragged = event.detail.items)}
	onfinalize={(event) => {
		dragged = null;
		reorder(event.detail.items);
	}}
>
	{#each shown as club (club.id)}
		<li aria-label={club.name} class={[ROW, 'bg-base-100 border-b border-(--rule)']}>
			<span
				use:dragHandle
				class="btn btn-ghost w-9 cursor-grab touch-none px-0"
				aria-label={`Move ${club.name}: space, then arrow keys`}
			>
				<GripVertical size={18} aria-hidden="true" />
			</span>
			<TextField
				unseen
				label={`Name of ${club.name}`}
				value={club.name}
				most={60}
				refuse={refuse(club)}
				onchange={(name) => change(club.id, (c) => (c.name = name))}
			/>
			<span class="max-md:hidden">
				<ChoiceField
					unseen
					label={`Kind of ${club.name}`}
					value={club.kind}
					options={KINDS}
					onchange={(kind) => change(club.id, (c) => (c.kind = kind))}
				/>
			</span>
			<NumberField
				unseen
				label={`Loft of ${club.name}`}
				value={club.loft}
				symbol="°"
				low={0}
				high={75}
				step={1}
				decimals={1}
				onchange={(v) => change(club.id, (c) => (c.loft = v))}
			/>
			<NumberField
				unseen
				label={`Bounce of ${club.name}`}
				value={club.bounce}
				symbol="°"
				low={0}
				high={20}
				step={1}
				decimals={0}
				onchange={(v) => change(club.id, (c) => (c.bounce = v))}
			/>
			<button
				type="button"
				class="btn btn-ghost btn-square"
				aria-label={`Retire the ${club.name}`}
				onclick={() => retire(club.id)}
			>
				<Trash2 size={18} aria-hidden="true" />
			</button>
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
		<button type="button" class="btn" onclick={() => reorder(byLoft(inBag))}>Put in order</button>
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
		<ul>
			{#each retired as club (club.id)}
				<li class="flex items-center justify-between gap-3 border-b border-(--rule) py-1">
					<span class="min-w-0 wrap-anywhere"><b>{club.name}</b> {club.loft}°</span>
					<button
						type="button"
						class="btn"
						aria-label={`Put the ${club.name} back in the bag`}
						disabled={inBag.length >= MOST_CLUBS}
						onclick={() => bringBack(club)}>Back in the bag</button
					>
				</li>
			{/each}
		</ul>
	</details>
{/if}
