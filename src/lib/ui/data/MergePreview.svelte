<script lang="ts">
	import type { ArchiveOffer } from '$lib/workers/fileProtocol';

	interface Props {
		name: string;
		offer: ArchiveOffer;
		ontake: (bringBack: boolean) => void;
		onleave: () => void;
	}
	const { name, offer, ontake, onleave }: Props = $props();
	const { rows, gone } = $derived(offer);
	let bringBack = $state(false);
	const nothing = $derived(rows.every(({ writes }) => !writes) && !bringBack);
	const MOST_NAMES = 8;
</script>

<section class="grid gap-2 border-2 border-(--ink) p-4" aria-labelledby="preview">
	<h2
		id="preview"
		class="text-xl font-bold wrap-anywhere outline-none"
		tabindex="-1"
		{@attach (heading) => heading.focus()}
	>
		What {name} brings
	</h2>
	{#if rows.length === 0}
		<p>There is nothing in this file.</p>
	{:else}
		<table class="table">
			<thead><tr><th>What happens</th><th class="text-right">Rows</th><th>Which</th></tr></thead>
			<tbody>
				{#each rows as { id, what, items, count } (id)}
					<tr>
						<th scope="row" class="align-top font-bold">{what}</th>
						<td class="figure text-right align-top">{count}</td>
						<td class="align-top wrap-anywhere">
							{items.slice(0, MOST_NAMES).join(', ')}{items.length > MOST_NAMES
								? ` and ${items.length - MOST_NAMES} more`
								: ''}
						</td>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
	{#if gone > 0}
		<label class="flex min-h-11 items-center gap-2">
			<input class="checkbox" type="checkbox" bind:checked={bringBack} />
			Bring back what was removed here
		</label>
	{/if}
	<div class="flex flex-wrap gap-2">
		{#if !nothing}
			<button type="button" class="btn btn-neutral" onclick={() => ontake(bringBack)}
				>Take it in</button
			>
			<button type="button" class="btn" onclick={onleave}>Leave it</button>
		{:else}
			<p class="font-semibold">There is nothing new in it; nothing needs to be done.</p>
			<button type="button" class="btn" onclick={onleave}>Done</button>
		{/if}
	</div>
</section>
