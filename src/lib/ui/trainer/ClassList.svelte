<script lang="ts">
	import { diagnose } from '$lib/core/trainer/diagnosis';
	import type { Read } from '$lib/io/trainer/read';
	import { classWords } from '$lib/io/trainer/words';
	import { forPupil } from '$lib/ui/shell/pupilAsked.svelte';
	import { resolve } from '$app/paths';
	import { playing } from '$lib/ui/state/playing.svelte';

	interface Props {
		/** What everybody read. */
		reads: readonly Read[];
	}
	const { reads }: Props = $props();

	const rows = $derived(
		playing.files.flatMap(({ pupil }) => {
			const own = reads.filter(({ pupilId }) => pupilId === pupil.id);
			return own.length > 0 ? [{ pupil, count: own.length, records: diagnose(own) }] : [];
		})
	);
</script>

{#if rows.length > 1}
	<section class="grid gap-1" aria-label="Everybody">
		<h2 class="ruled-heading">Everybody</h2>
		<ul>
			{#each rows as { pupil, count, records } (pupil.id)}
				<li class="border-b border-(--rule) py-1 wrap-anywhere">
					<a class="font-bold underline" href={resolve(`/practice/trainer${forPupil(pupil.id)}`)}
						>{pupil.name}</a
					>: {classWords(records, count)}
				</li>
			{/each}
		</ul>
	</section>
{/if}
