<script lang="ts">
	import { packageWords } from '$lib/io/lessons/words';
	import type { PackageState } from '$lib/io/lessons/schedule';
	import { newId } from '$lib/store/base/newId';
	import { keepPackage } from '$lib/store/shelves/lessons';
	import { attempt } from '$lib/ui/shell/attempt';
	import { tell } from '$lib/ui/shell/messages.svelte';

	interface Props {
		pupilId: string;
		/** From which day on a new package counts. */
		day: string;
		had: PackageState | null;
	}
	const { pupilId, day, had }: Props = $props();

	const SIZES = [5, 10] as const;
	const through = $derived(had === null || had.had >= had.of);

	const begin = (lessons: number) =>
		attempt(async () => {
			const undo = await keepPackage({ id: newId(), pupilId, from: day, lessons });
			tell(`A package of ${lessons} lessons begins.`, {
				label: 'Undo',
				run: () => void attempt(undo)
			});
		});
</script>

{#if had}
	<p>
		Package of lessons: {packageWords(had)}.
	</p>
{/if}
{#if through}
	<details>
		<summary class="min-h-11 cursor-pointer py-2 text-(--faint)"
			>{had ? 'The package is through: begin another' : 'No package of lessons'}</summary
		>
		<div class="flex flex-wrap gap-2">
			{#each SIZES as size (size)}
				<button type="button" class="btn" onclick={() => void begin(size)}
					>{size} lessons from here</button
				>
			{/each}
		</div>
	</details>
{/if}
