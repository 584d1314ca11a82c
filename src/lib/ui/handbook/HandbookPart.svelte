<script lang="ts">
	import type { Token, Tokens } from 'marked';
	import { pictureOf } from './pictures';

	interface Props {
		part: Token;
	}
	const { part }: Props = $props();

	const inner = $derived('tokens' in part ? (part.tokens ?? []) : []);
	const table = $derived(part.type === 'table' ? (part as Tokens.Table) : null);
</script>

{#snippet inline(one: Token)}
	{#if one.type === 'image'}
		<img
			class="h-auto w-full border border-(--rule)"
			src={pictureOf((one as Tokens.Image).href)}
			alt={(one as Tokens.Image).text}
		/>
	{:else if one.type === 'em'}<em class="font-semibold not-italic">{(one as Tokens.Em).text}</em
		>{:else if 'text' in one}{one.text}{/if}
{/snippet}

{#if part.type === 'heading'}
	<h2 class="mt-4 text-xl font-extrabold">{(part as Tokens.Heading).text}</h2>
{:else if table}
	<table class="table-sm table w-full">
		<thead>
			<tr>
				{#each table.header as cell, i (i)}<th scope="col" class="text-left!">{cell.text}</th
					>{/each}
			</tr>
		</thead>
		<tbody>
			{#each table.rows as [first, ...others], i (i)}
				<tr>
					<th scope="row" class="whitespace-nowrap">{first?.text}</th>
					{#each others as cell, k (k)}<td class="text-left! font-normal!">{cell.text}</td>{/each}
				</tr>
			{/each}
		</tbody>
	</table>
{:else}
	<p class="max-w-[70ch]">
		{#each inner as one, i (i)}{@render inline(one)}{/each}
	</p>
{/if}
