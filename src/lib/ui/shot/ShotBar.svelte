<script lang="ts">
	import { LETTERS } from '$lib/io/fields/ranges';
	import { reasonOf } from '$lib/io/fields/reason';
	import CircleCheckBig from '@lucide/svelte/icons/circle-check-big';
	import Copy from '@lucide/svelte/icons/copy';
	import Plus from '@lucide/svelte/icons/plus';
	import Bookmark from '@lucide/svelte/icons/bookmark';
	import Save from '@lucide/svelte/icons/save';
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { attempt } from '$lib/ui/shell/attempt';
	import { tell, tellTrouble } from '$lib/ui/shell/messages.svelte';
	import { shortcuts } from '$lib/ui/shell/shortcuts.svelte';
	import ClashLines from '$lib/ui/shell/ClashLines.svelte';
	import UndoButtons from '$lib/ui/shell/UndoButtons.svelte';
	import SheetDialog from '$lib/ui/shell/SheetDialog.svelte';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	/** Whether what came of it is being noted. */
	let noting = $state(false);
	const UNTITLED = 'New shot';
	const name = $derived(bench.name.trim() || UNTITLED);
	const over = $derived(bench.goesOver(name));
	const known = $derived(
		bench.isSaved && over
			? 'Saved'
			: over
				? 'Changed since it was saved'
				: 'Not saved under this name'
	);

	async function save(asCopy: boolean) {
		try {
			const copied = asCopy && bench.id;
			const { saved, replaced } = await bench.save(copied ? `${name} (copy)` : name, asCopy);
			if (replaced)
				tell(`Saved over “${saved.name}”.`, {
					label: 'Have the old one back',
					run: () =>
						void attempt(async () => {
							await bench.putBack(replaced);
							tell(`“${saved.name}” is as it was.`);
						})
				});
			else tell(`Saved “${saved.name}”.`);
		} catch (error) {
			tellTrouble(`Not saved; the shot on the screen is as it was. ${reasonOf(error)}`);
		}
	}

	function begin() {
		const back = bench.begin();
		tell('A new shot.', { label: 'Back to the one before', run: back });
	}

	onMount(() =>
		shortcuts.use({
			heading: 'Keeping it',
			shortcuts: [
				{
					keys: ['$mod+s'],
					shown: 'Ctrl + S',
					does: 'Save the shot',
					whileTyping: true,
					run: () => void save(false)
				},
				{ keys: ['n'], shown: 'N', does: 'New shot', run: begin }
			]
		})
	);
</script>

<div class="flex flex-wrap items-center gap-2 px-4 py-1 max-lg:gap-1 max-md:gap-0.5">
	<div class="flex flex-[1_1_8rem] items-center gap-2 max-lg:[flex-basis:100%]">
		<label class="flex-1">
			<span class="sr-only">Name of the shot</span>
			<input
				class="h-11 w-full overflow-hidden border-b-(length:--border) border-b-(--frame) bg-transparent font-bold text-ellipsis"
				placeholder="Name this shot"
				maxlength={LETTERS.name}
				aria-describedby="shot-kept"
				bind:value={bench.name}
			/>
		</label>
		<span id="shot-kept" class="text-[0.8125rem] text-(--faint) max-xl:sr-only">{known}</span>
		<UndoButtons {bench} />
	</div>
	<button type="button" class="btn max-lg:px-3 max-md:px-2.5" onclick={begin}
		><Plus size={18} aria-hidden="true" /> <span class="max-md:sr-only">New shot</span></button
	>
	<button type="button" class="btn max-lg:px-3 max-md:px-2.5" onclick={() => save(false)}
		><Save size={18} aria-hidden="true" />
		<span class="max-md:sr-only">{over || !bench.id ? 'Save' : 'Save as new'}</span></button
	>
	<button
		type="button"
		class="btn max-lg:px-3 max-md:px-2.5"
		disabled={!bench.id}
		onclick={() => save(true)}
	>
		<Copy size={18} aria-hidden="true" /> <span class="max-md:sr-only">Save as copy</span>
	</button>
	<button
		type="button"
		class="btn max-lg:px-3 max-md:px-2.5"
		disabled={bench.status !== 'ready'}
		onclick={() => (noting = true)}
		><CircleCheckBig size={18} class="max-md:hidden" aria-hidden="true" /> Played it</button
	>
	<a class="btn max-lg:px-3 max-md:px-2.5" href={resolve('/saved')}
		><Bookmark size={18} aria-hidden="true" /> <span class="max-md:sr-only">Saved shots</span></a
	>
</div>
{#if bench.notKept}
	<p class="problem px-4 py-1" role="alert">
		This shot is not kept yet; it is here as you see it and is tried again. {bench.notKept}
	</p>
{/if}
<ClashLines {bench} />
<SheetDialog
	bind:open={noting}
	title="What came of it?"
	description="Noted beside what was forecast, so that the forecast can be held to it."
>
	{#await import('./PlayedIt.svelte') then { default: PlayedIt }}
		<PlayedIt {bench} onkept={() => (noting = false)} />
	{/await}
</SheetDialog>
