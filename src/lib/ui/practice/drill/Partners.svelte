<script lang="ts">
	import type { PupilFile } from '$lib/io/work/pupil';

	interface Props {
		/** Who could take turns. */
		others: readonly PupilFile[];
		/** Ids of those who do. */
		chosen: readonly string[];
	}
	let { others, chosen = $bindable() }: Props = $props();
</script>

{#if others.length > 0}
	<details>
		<summary class="cursor-pointer py-2 font-semibold"
			>Taking turns{chosen.length > 0 ? `: ${chosen.length + 1} pupils` : ''}</summary
		>
		<div class="flex flex-wrap gap-x-6 gap-y-1">
			{#each others as { pupil } (pupil.id)}
				<label class="flex min-h-11 items-center gap-2">
					<input
						class="checkbox"
						type="checkbox"
						checked={chosen.includes(pupil.id)}
						onchange={(event) =>
							(chosen = event.currentTarget.checked
								? [...chosen, pupil.id]
								: chosen.filter((id) => id !== pupil.id))}
					/>
					{pupil.name}
				</label>
			{/each}
		</div>
	</details>
{/if}
