<script lang="ts">
	import Copy from '@lucide/svelte/icons/copy';
	import Save from '@lucide/svelte/icons/save';
	import { onMount } from 'svelte';
	import { toast } from 'svelte-sonner';
	import { shortcuts } from '$lib/ui/shell/shortcuts.svelte';
	import UndoButtons from '$lib/ui/shell/UndoButtons.svelte';
	import type { ShotBench } from '$lib/ui/state/shotBench.svelte';
	import { clashWords } from './clashWords';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const UNTITLED = 'New shot';

	async function save(asCopy: boolean) {
		const name = bench.name.trim() || UNTITLED;
		try {
			const copied = asCopy && bench.id;
			const saved = await bench.save(copied ? `${name} (copy)`.slice(0, 60) : name, asCopy);
			toast.success(`Saved “${saved.name}”.`);
		} catch (error) {
			toast.error(
				`Not saved; the shot on the screen is as it was. ${error instanceof Error ? error.message : ''}`
			);
		}
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
				}
			]
		})
	);
</script>

<div class="flex flex-wrap items-center gap-2 px-4 py-1 max-md:gap-1">
	<label class="flex-[1_1_8rem] max-md:[flex-basis:5rem]">
		<span class="sr-only">Name of the shot</span>
		<input
			class="h-11 w-full border-b-(length:--border) border-b-(--rule) bg-transparent font-bold"
			placeholder={UNTITLED}
			maxlength="60"
			bind:value={bench.name}
		/>
	</label>
	<button type="button" class="btn" onclick={() => save(false)}
		><Save size={18} aria-hidden="true" /> Save</button
	>
	<button type="button" class="btn" disabled={!bench.id} onclick={() => save(true)}>
		<Copy size={18} aria-hidden="true" />
		<span
			class="max-md:absolute max-md:h-px max-md:w-px max-md:overflow-hidden max-md:[clip-path:inset(50%)]"
			>Save as copy</span
		>
	</button>
	<UndoButtons {bench} />
</div>
{#if bench.notKept}
	<p class="problem px-4 py-1" role="alert">
		This shot is not kept yet; it is here as you see it and is tried again. {bench.notKept}
	</p>
{/if}
{#each bench.clashes as clash (clash.path.join('.'))}
	<p
		class="flex flex-wrap items-center gap-x-3 border-l-4 border-l-(--clay) px-4 py-1"
		role="status"
	>
		Another tab had changed {clashWords(clash)}; what is here counts.
		<button type="button" class="btn btn-ghost" onclick={() => bench.takeTheirs(clash)}
			>Take the other</button
		>
		<button type="button" class="btn btn-ghost" onclick={() => bench.forgetClash(clash)}
			>Keep this</button
		>
	</p>
{/each}
