<script lang="ts" module>
	import type { Attachment } from 'svelte/attachments';

	/** What a row's `tr` carries where not all are shown: its number (`data-index`), and what measures it. */
	export interface RowPlace {
		index?: number;
		measure?: Attachment<HTMLElement>;
	}

	/** So many rows are shown as they are; of more only those near what is seen. */
	const MOST_AT_ONCE = 120;
	/** Height of a row before it is seen, px, and how many are kept on either side of what is. */
	const ABOUT = 68;
	const BESIDE = 12;
</script>

<script lang="ts" generics="T">
	import {
		observeWindowOffset,
		observeWindowRect,
		Virtualizer,
		windowScroll
	} from '@tanstack/virtual-core';
	import { onMount, untrack, type Snippet } from 'svelte';

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
	/** Counts what the library says has changed. */
	let changes = $state(0);
	const list = new Virtualizer<Window, HTMLElement>({
		count: 0,
		estimateSize: () => ABOUT,
		overscan: BESIDE,
		getScrollElement: () => window,
		observeElementRect: observeWindowRect,
		observeElementOffset: observeWindowOffset,
		scrollToFn: windowScroll,
		onChange: () => changes++
	});
	onMount(() => list._didMount());
	$effect(() => {
		const count = windowed ? items.length : 0;
		const scrollMargin = head ? head.getBoundingClientRect().top + window.scrollY : 0;
		const keys = items.map(keyOf);
		const getItemKey = (i: number) => keys[i] ?? i;
		untrack(() => {
			list.setOptions({ ...list.options, count, scrollMargin, getItemKey });
			list._willUpdate();
			changes++;
		});
	});
	/** What is seen, and how much room what is not takes above and below it. */
	const { seen, before, after } = $derived.by(() => {
		void changes;
		const rows = list.getVirtualItems();
		const { scrollMargin } = list.options;
		return {
			seen: rows.flatMap(({ index, key }) =>
				items.slice(index, index + 1).map((item) => ({ item, index, key }))
			),
			before: (rows[0]?.start ?? scrollMargin) - scrollMargin,
			after: list.getTotalSize() + scrollMargin - (rows.at(-1)?.end ?? scrollMargin)
		};
	});
	const measure = (node: HTMLElement) => list.measureElement(node);
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
	{#each seen as { item, index, key } (key)}
		{@render row(item, { index, measure })}
	{/each}
	<tr aria-hidden="true" class="border-0" style:height={`${Math.max(0, after)}px`}>
		<td colspan={columns} class="p-0"></td>
	</tr>
{/if}
