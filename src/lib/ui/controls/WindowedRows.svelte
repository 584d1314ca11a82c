<script lang="ts" module>
	/** What a row carries so that it can be measured, and found by its number; to be spread on its `tr`. */
	export type RowPlace = Record<string | symbol, unknown>;

	/** So many rows are shown as they are; of more only those near what is seen. */
	const MOST_AT_ONCE = 120;
	/** Height of a row before it is seen, px, and how many are kept on either side of what is. */
	const ABOUT = 68;
	const BESIDE = 12;
</script>

<script lang="ts" generics="T">
	import { createWindowVirtualizer } from '@tanstack/svelte-virtual';
	import { untrack, type Snippet } from 'svelte';
	import { createAttachmentKey } from 'svelte/attachments';

	interface Props {
		items: readonly T[];
		keyOf: (item: T) => string;
		/** Of the table. */
		columns: number;
		row: Snippet<[T, RowPlace]>;
	}
	const { items, keyOf, columns, row }: Props = $props();

	let head = $state<HTMLElement>();
	const windowed = $derived(items.length > MOST_AT_ONCE);
	const list = createWindowVirtualizer<HTMLElement>({
		count: 0,
		estimateSize: () => ABOUT,
		overscan: BESIDE
	});
	const measured = createAttachmentKey();
	$effect(() => {
		const count = windowed ? items.length : 0;
		const scrollMargin = head ? head.getBoundingClientRect().top + window.scrollY : 0;
		untrack(() => $list.setOptions({ count, scrollMargin, getItemKey: (i) => keyOf(items[i]) }));
	});
	const seen = $derived($list.getVirtualItems().filter(({ index }) => index < items.length));
	const before = $derived((seen[0]?.start ?? 0) - $list.options.scrollMargin);
	const after = $derived(
		$list.getTotalSize() + $list.options.scrollMargin - (seen.at(-1)?.end ?? 0)
	);
	const placeOf = (index: number): RowPlace => ({
		'data-index': index,
		'aria-rowindex': index + 2,
		[measured]: (node: HTMLElement) => $list.measureElement(node)
	});
</script>

{#if !windowed}
	{#each items as item (keyOf(item))}{@render row(item, {})}{/each}
{:else}
	<tr
		bind:this={head}
		aria-hidden="true"
		class="border-0"
		style:height={`${Math.max(0, before)}px`}
	>
		<td colspan={columns} class="p-0"></td>
	</tr>
	{#each seen as { index, key } (key)}
		{@render row(items[index], placeOf(index))}
	{/each}
	<tr aria-hidden="true" class="border-0" style:height={`${Math.max(0, after)}px`}>
		<td colspan={columns} class="p-0"></td>
	</tr>
{/if}
