<script lang="ts">
	import { untrack } from 'svelte';
	import Shown from '$lib/ui/shell/Shown.svelte';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import { resolve } from '$app/paths';
	import type { GreenWire } from '$lib/io/work/green';
	import type { SavedShot } from '$lib/io/work/shot';
	import { shotFile } from '$lib/store/files/fileOf';
	import {
		copyForPupil,
		duplicateShot,
		renameShot,
		shotShelf
	} from '$lib/store/shelves/savedShots';
	import type { Shelved } from '$lib/store/base/shelf';
	import Later from '$lib/ui/controls/Later.svelte';
	import SortHeading from '$lib/ui/controls/SortHeading.svelte';
	import { rowFocus } from '$lib/ui/controls/rowFocus';
	import { SortedTable } from '$lib/ui/controls/sortedTable.svelte';
	import { fileNameOf } from '$lib/ui/files/download';
	import { handOver } from '$lib/ui/files/share';
	import { attempt, removeWithUndo } from '$lib/ui/shell/attempt';
	import { tell } from '$lib/ui/shell/messages.svelte';
	import { LIE_WORDS } from '$lib/io/words/lie';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { NO_MAP, passes, savedColumns, type SavedFilter } from './savedColumns';
	import WindowedRows from '$lib/ui/controls/WindowedRows.svelte';
	import SavedShotRow from './SavedShotRow.svelte';

	interface Props {
		shelved: Shelved<SavedShot>;
		greens: readonly Pick<GreenWire, 'id' | 'name'>[];
		/** Id of the green whose shots are asked for; empty for all. */
		on: string;
	}
	const { shelved, greens, on }: Props = $props();

	const asked = untrack(() => (greens.some(({ id }) => id === on) ? on : ''));
	let filter = $state<SavedFilter>({ pupil: '', green: asked, lie: '' });
	const pupils = $derived(playing.files.map(({ pupil }) => pupil));
	const GONE = 'gone';
	const names = {
		pupil: (id: string) => pupils.find((pupil) => pupil.id === id)?.name ?? GONE,
		green: (id: string) => greens.find((green) => green.id === id)?.name ?? GONE
	};
	const shown = $derived(shelved.rows.filter((saved) => passes(saved, filter)));
	const choices = (all: string, rows: readonly { id: string; name: string }[]) => [
		{ value: '', label: all },
		...rows.map(({ id, name }) => ({ value: id, label: name }))
	];
	const used = $derived(new Set(shelved.rows.map(({ shot }) => shot.situation.lie)));

	const table = new SortedTable(savedColumns(names), () => shown);
	const FIGURES = ['edge', 'pin', 'speed'];
	/** Columns that a narrow screen leaves out; the row says the most telling of them in its second line. */
	const WIDE: Record<string, string> = {
		pupil: 'max-lg:hidden',
		lie: 'max-lg:hidden',
		edge: 'max-lg:hidden',
		pin: 'max-lg:hidden',
		over: 'max-lg:hidden',
		speed: 'max-2xl:hidden',
		saved: 'max-xl:hidden'
	};
	/** A copy stands somewhere in the list: it is said where, and can be taken back. */
	const copy = (make: () => Promise<SavedShot>) =>
		attempt(async () => {
			const { id, name } = await make();
			tell(`Saved as “${name}”.`, {
				label: 'Undo',
				run: () => void attempt(() => shotShelf.remove(id))
			});
		});
	const remove = (key: Parameters<typeof shotShelf.remove>[0], name: string) =>
		removeWithUndo(`Removed “${name}”.`, () => shotShelf.remove(key));
</script>

<section class="mx-auto grid max-w-7xl gap-4 p-4">
	<div class="flex flex-wrap items-center justify-between gap-2">
		<ViewHeading text="Saved shots" />
		{#if shelved.rows.length > 0}<a class="btn" href={resolve('/?new')}>New shot</a>{/if}
	</div>
	{#if shelved.rows.length === 0 && shelved.broken.length === 0}
		<p>Nothing saved yet. Work out a shot and save it under a name.</p>
		<a class="btn btn-neutral justify-self-start" href={resolve('/')}>Work out a shot</a>
	{:else}
		<div class="grid max-w-3xl grid-cols-3 gap-4 max-sm:grid-cols-1 max-sm:gap-1">
			<ChoiceField
				label="Whose"
				value={filter.pupil}
				options={choices('Everybody', pupils)}
				onchange={(pupil) => (filter.pupil = pupil)}
			/>
			<ChoiceField
				label="On"
				value={filter.green}
				options={[...choices('Any ground', greens), { value: NO_MAP, label: 'Without a map' }]}
				onchange={(green) => (filter.green = green)}
			/>
			<ChoiceField
				label="Lie"
				value={filter.lie}
				options={choices(
					'Any lie',
					LIE_WORDS.filter(({ id }) => used.has(id))
				)}
				onchange={(lie) => (filter.lie = lie)}
			/>
		</div>
		{#if shown.length === 0 && shelved.rows.length > 0}
			<p>No saved shot is like that.</p>
		{/if}
		<table class="table border-t-2 border-(--ink)" aria-rowcount={table.rows.length + 1}>
			<thead>
				<tr>
					{#each table.columns as column (column.id)}
						<SortHeading
							{table}
							{column}
							class="{WIDE[column.id] ?? ''} {FIGURES.includes(column.id) ? 'text-right' : ''}"
						/>
					{/each}
					<th class="max-lg:p-0"><span class="sr-only">Open, duplicate, delete</span></th>
				</tr>
			</thead>
			<tbody {@attach rowFocus}>
				<Later>
					<WindowedRows items={table.rows} keyOf={({ id }) => id} columns={9}>
						{#snippet row(saved, place)}
							<Shown what={saved.name} columns={9}>
								<SavedShotRow
									{saved}
									{place}
									whose={names.pupil(saved.shot.pupilId)}
									onforother={(pupil) => void copy(() => copyForPupil(saved, pupil))}
									onrename={(name) => void attempt(() => renameShot(saved.id, name))}
									onshare={() =>
										void attempt(async () => {
											await handOver(`${fileNameOf(saved.name)}.json`, await shotFile(saved.id));
										})}
									onduplicate={() => void copy(() => duplicateShot(saved))}
									onremove={() => void remove(saved.id, saved.name)}
								/>
							</Shown>
						{/snippet}
					</WindowedRows>
				</Later>
			</tbody>
		</table>
		{#each shelved.broken as broken (broken.keyText)}
			<div class="flex items-center justify-between gap-4 border-b border-(--rule) py-3">
				<p class="wrap-anywhere">
					<b>{broken.name}</b> cannot be read: it was written by another release or damaged. It is kept
					until you remove it.
				</p>
				<button type="button" class="btn" onclick={() => void remove(broken.key, broken.name)}
					>Remove<span class="sr-only"> {broken.name}</span></button
				>
			</div>
		{/each}
	{/if}
</section>
