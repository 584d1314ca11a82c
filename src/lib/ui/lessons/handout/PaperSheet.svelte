<script lang="ts">
	import { scrolledByKeys } from '$lib/ui/controls/scrolledByKeys';
	import type { Snippet } from 'svelte';
	import type { Drawing, Paper } from './paper';

	interface Props {
		paper: Paper;
		/** Draws what a section shows. */
		drawing: Snippet<[Drawing]>;
	}
	const { paper, drawing }: Props = $props();
</script>

<article class="sheet grid gap-4 p-8 max-md:p-4 print:p-0">
	<header>
		<h2 class="text-3xl font-extrabold wrap-anywhere">{paper.title}</h2>
		{#each paper.lines as line (line)}<p class="wrap-anywhere">{line}</p>{/each}
	</header>
	{#each paper.sections as section (section.heading)}
		<section class="grid break-inside-avoid gap-1">
			<h3 class="border-b border-(--ink) font-bold">{section.heading}</h3>
			{#if section.kind === 'text'}
				{#each section.paragraphs as text, i (i)}<p class="wrap-anywhere">{text}</p>{/each}
			{:else if section.kind === 'numbers'}
				<div class="grid grid-cols-3 gap-3 max-md:grid-cols-1">
					{#each section.numbers as { figure, words }, i (i)}
						<p><span class="block text-2xl font-extrabold">{figure}</span>{words}</p>
					{/each}
				</div>
			{:else if section.kind === 'table'}
				<div
					class="overflow-x-auto"
					role="region"
					aria-label={section.heading}
					{@attach scrolledByKeys}
				>
					<table class="border-collapse text-sm">
						<thead>
							<tr>
								{#each section.columns as column, i (i)}
									<th scope="col" class="pr-4 text-left">{column}</th>
								{/each}
							</tr>
						</thead>
						<tbody>
							{#each section.rows as cells, row (row)}
								<tr class="border-t border-(--rule)">
									{#each cells as cell, i (i)}
										{#if i === 0}<th scope="row" class="py-0.5 pr-4 text-left">{cell}</th>
										{:else}<td class="py-0.5 pr-4 whitespace-nowrap">{cell}</td>{/if}
									{/each}
								</tr>
							{/each}
						</tbody>
					</table>
				</div>
				<p class="text-xs text-(--faint)">{section.note}</p>
			{:else if section.kind === 'steps'}
				<div class="flex flex-wrap items-start gap-4">
					{#if section.drawing}{@render drawing(section.drawing)}{/if}
					<ol class="min-w-52 flex-1 list-decimal pl-5">
						{#each section.steps as step, i (i)}<li class="wrap-anywhere">{step}</li>{/each}
					</ol>
				</div>
			{:else}
				{#each section.items as { words, boxes }, i (i)}
					<div class="flex flex-wrap items-center gap-1">
						<span class="w-36">{words}</span>
						{#each { length: boxes } as _, box (box)}
							<span class="h-7 w-7 border border-(--ink)" aria-hidden="true"></span>
						{/each}
					</div>
				{/each}
				{#if section.note}<p class="text-xs wrap-anywhere text-(--faint)">{section.note}</p>{/if}
			{/if}
		</section>
	{/each}
	<footer class="text-xs text-(--faint)">{paper.foot}</footer>
</article>

<style>
	/* Paper is white whatever the screen's look. */
	.sheet {
		--paper: #ffffff;
		--shade: #f2efe6;
		--ink: #1f2429;
		--faint: #4f565c;
		--rule: #c9bfa8;
		--turf: #2f6b33;
		--sky: #1d5f8f;
		--clay: #a83a22;
		--sky-wash: #edf3f7;
		--turf-wash: #d9e4d4;
		background: var(--paper);
		color: var(--ink);
		border: 1px solid var(--rule);
	}
	@media print {
		.sheet {
			border: 0;
			font-size: 10pt;
		}
	}
</style>
