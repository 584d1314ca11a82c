<script lang="ts">
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { plannedMinutes, type LessonPlan } from '$lib/io/lessons/lesson';
	import { SHIPPED_PLANS } from '$lib/io/lessons/plans';
	import { BLOCK_WORDS } from '$lib/io/lessons/words';
	import { removeLessonPlan } from '$lib/store/shelves/lessons';
	import { removeWithUndo } from '$lib/ui/shell/attempt';

	interface Props {
		own: readonly LessonPlan[];
	}
	const { own }: Props = $props();
</script>

{#snippet plan(one: LessonPlan, isOwn: boolean)}
	<li class="border-b border-(--rule) py-3">
		<details>
			<summary class="flex min-h-11 cursor-pointer flex-wrap items-baseline gap-x-3">
				<span class="text-lg font-extrabold wrap-anywhere">{one.name}</span>
				<span class="figure">{plannedMinutes(one)} min</span>
				<span class="wrap-anywhere text-(--faint)">{one.aim}</span>
			</summary>
			<ol class="list-decimal pt-1 pl-6">
				{#each one.blocks as block (block.id)}
					<li class="wrap-anywhere">
						<b>{block.title}</b>
						<span class="text-(--faint)">{BLOCK_WORDS[block.kind]}, {block.minutes} min</span>
						{block.cue}
					</li>
				{/each}
			</ol>
			{#if isOwn}
				<button
					type="button"
					class="btn mt-2"
					onclick={() =>
						void removeWithUndo(`Removed the plan “${one.name}”.`, () => removeLessonPlan(one.id))}
					><Trash2 size={18} aria-hidden="true" /> Remove it</button
				>
			{/if}
		</details>
	</li>
{/snippet}

<p class="max-w-[70ch]">
	A plan is a lesson without pupil and day: choose one when a lesson is put in, or on its page. Any
	lesson can be kept as a plan of your own.
</p>
{#if own.length > 0}
	<h2 class="ruled-heading mt-3">Your own</h2>
	<ul>
		{#each own as one (one.id)}{@render plan(one, true)}{/each}
	</ul>
{/if}
<h2 class="ruled-heading mt-3">For the usual complaints</h2>
<ul>
	{#each SHIPPED_PLANS as one (one.id)}{@render plan(one, false)}{/each}
</ul>
