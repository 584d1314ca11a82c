<script lang="ts">
	import type { Token, Tokens } from 'marked';
	import Self from './HandbookPart.svelte';
	import { pictureOf } from './pictures';

	interface Props {
		part: Token;
	}
	const { part }: Props = $props();

	const inner = $derived('tokens' in part ? (part.tokens ?? []) : []);
	const table = $derived(part.type === 'table' ? (part as Tokens.Table) : null);
	const picture = $derived(part.type === 'image' ? (part as Tokens.Image) : null);
</script>

{#if part.type === 'heading'}
	<h2 class="mt-4 text-xl font-extrabold">{part.text}</h2>
{:else if part.type === 'paragraph'}
	<p class="max-w-[70ch]">
		{#each inner as one, i (i)}<Self part={one} />{/each}
	</p>
{:else if picture}
	<img
		class="h-auto w-full border border-(--rule)"
		src={pictureOf(picture.href)}
		alt={picture.text}
	/>
{:else if part.type === 'em'}
	<em class="font-semibold not-italic">{part.text}</em>
{:else if part.type === 'strong'}
	<strong>{part.text}</strong>
{:else if table}
	<table class="table-sm table w-full">
		<thead>
			<tr
				>{#each table.header as cell, i (i)}<th scope="col" class="text-left!">{cell.text}</th
					>{/each}</tr
			>
		</thead>
		<tbody>
			{#each table.rows as row, i (i)}
				<tr>
					{#each row as cell, k (k)}
						{#if k === 0}<th scope="row" class="whitespace-nowrap">{cell.text}</th>
						{:else}<td class="text-left! font-normal!">{cell.text}</td>{/if}
					{/each}
				</tr>
			{/each}
		</tbody>
	</table>
{:else if 'text' in part}{part.text}{/if}
