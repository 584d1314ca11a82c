<script lang="ts">
	import Shown from '$lib/ui/shell/Shown.svelte';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import Plus from '@lucide/svelte/icons/plus';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { tellTrouble } from '$lib/ui/shell/messages.svelte';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { SCHOOL_WORDS } from '$lib/io/words/school';
	import { playsWords } from '$lib/io/words/whose';
	import { newPupilFile } from '$lib/store/shelves/newPupilFile';
	import { addPupil, removePupil } from '$lib/store/shelves/pupils';
	import SortHeading from '$lib/ui/controls/SortHeading.svelte';
	import { rowFocus } from '$lib/ui/controls/rowFocus';
	import { SortedTable } from '$lib/ui/controls/sortedTable.svelte';
	import { attempt, removeWithUndo } from '$lib/ui/shell/attempt';
	import { skillName } from '$lib/io/words/skill';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { PUPIL_COLUMNS } from './pupilColumns';
	import { isLookedFor, measuredWords } from './pupilWords';

	let looked = $state('');
	let archived = $state(false);
	const found = $derived(
		playing.files.filter((file) => isLookedFor(file, looked) && (archived || !file.pupil.archived))
	);
	const table = new SortedTable(PUPIL_COLUMNS, () => found);
	const put = $derived(playing.files.filter(({ pupil }) => pupil.archived).length);
	const HIDDEN: Record<string, string> = {
		hand: 'max-lg:hidden',
		school: 'max-lg:hidden',
		skill: 'max-md:hidden',
		measured: 'max-md:hidden'
	};

	const add = () =>
		attempt(async () => {
			const file = await addPupil(newPupilFile(`Pupil ${playing.files.length + 1}`));
			await goto(resolve('/pupils/[id]', { id: file.pupil.id }));
		});

	function remove(id: string, name: string) {
		if (playing.files.length === 1)
			tellTrouble(`${name} is the only pupil: add another one before removing this one.`);
		else
			void removeWithUndo(`Removed ${name} with bag and carries. Shots are kept.`, () =>
				removePupil(id)
			);
	}
</script>

<section class="mx-auto grid max-w-5xl gap-4 p-4">
	<div class="flex flex-wrap items-end justify-between gap-3">
		<ViewHeading text="Pupils" />
		<button type="button" class="btn btn-neutral" onclick={() => void add()}>
			<Plus size={18} aria-hidden="true" /> Add a pupil
		</button>
	</div>
	<div class="flex flex-wrap items-center gap-4">
		<label class="flex min-w-0 flex-1 items-center gap-2">
			<span class="text-(--faint)">Find</span>
			<input
				class="h-11 w-full max-w-80 border-b-(length:--border) border-b-(--frame) bg-transparent"
				type="search"
				bind:value={looked}
			/>
		</label>
		{#if put > 0}
			<label class="flex items-center gap-2">
				<input class="checkbox" type="checkbox" bind:checked={archived} /> Also the {put} hidden
			</label>
		{/if}
	</div>
	{#if playing.files.length === 0}
		<p>
			The pupils of this browser cannot be read at the moment, nor new ones kept. You can play as a
			middling golfer with a standard bag.
		</p>
	{:else if found.length === 0}
		<p>Nobody is called that.</p>
	{:else}
		<table class="table border-t-2 border-(--ink)">
			<thead>
				<tr>
					{#each table.columns as column (column.id)}
						<SortHeading {table} {column} class={HIDDEN[column.id] ?? ''} />
					{/each}
					<th><span class="sr-only">Play, remove</span></th>
				</tr>
			</thead>
			<tbody {@attach rowFocus}>
				{#each table.rows as file (file.pupil.id)}
					<Shown what={file.pupil.name} columns={6}>
						{@const { pupil } = file}
						{@const measured = playing.isAwaited(pupil.id) ? '…' : measuredWords(file)}
						<tr>
							<th scope="row" class="min-w-0">
								<a
									class="text-lg font-bold wrap-anywhere underline decoration-(--rule)"
									href={resolve('/pupils/[id]', { id: pupil.id })}>{pupil.name}</a
								>
								{#if pupil.archived}<span class="text-(--faint)"> · hidden</span>{/if}
								<p class="hint md:hidden">{skillName(pupil)} · {measured}</p>
								{#if pupil.minding}<p class="hint wrap-anywhere">Mind: {pupil.minding}</p>{/if}
							</th>
							<td class="whitespace-nowrap max-md:hidden">{skillName(pupil)}</td>
							<td class="max-lg:hidden">{pupil.hand === 'left' ? 'Left' : 'Right'}</td>
							<td class="max-lg:hidden"
								>{pupil.school === 'free' ? 'Free choice' : SCHOOL_WORDS[pupil.school].name}</td
							>
							<td class="max-md:hidden">{measured}</td>
							<td class="text-right whitespace-nowrap">
								{#if pupil.id === playing.file.pupil.id}
									<span class="px-3 font-bold">Playing</span>
								{:else if !pupil.archived}
									<button
										type="button"
										class="btn"
										aria-label={playsWords(pupil.name)}
										onclick={() => playing.choose(pupil.id)}>Plays</button
									>
								{/if}
								<button
									type="button"
									class="btn btn-ghost btn-square"
									aria-label={`Remove ${pupil.name}`}
									onclick={() => remove(pupil.id, pupil.name)}
								>
									<Trash2 size={20} aria-hidden="true" />
								</button>
							</td>
						</tr>
					</Shown>
				{/each}
			</tbody>
		</table>
	{/if}
</section>
