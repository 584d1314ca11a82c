<script lang="ts" module>
	import type { Attachment } from 'svelte/attachments';

	/** What a row's `tr` carries where not all are shown: its number (`data-index`), and what measures it. */
	export interface RowPlace {
		index?: number;
		measure?: Attachment<HTMLElement>;
	}

	/** So many rows are shown as they are; of more only those near what is seen. */
	const MOST_AT_ONCE = 120;
	/** Height of a row before it is seen, px, and how many are kept on either side of what is: few until the first are there. */
	const ABOUT = 68;
	const BESIDE_FIRST = 2;
	const BESIDE = 12;
</script>

<script lang="ts" generics="T">
	import {
		defaultRangeExtractor,
		measureElement,
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
	/** The row that has the focus is kept, however far it is from what is seen: taken away, it would take the focus along. */
	let held = -1;
	$effect(() => {
		const rows = head?.parentElement;
		const hold = ({ target }: FocusEvent) =>
			(held = Number((target as Element).closest('tr')?.dataset.index ?? -1));
		const release = ({ relatedTarget }: FocusEvent) => {
			if (relatedTarget) held = -1;
		};
		rows?.addEventListener('focusin', hold);
		rows?.addEventListener('focusout', release);
		return () => {
			rows?.removeEventListener('focusin', hold);
			rows?.removeEventListener('focusout', release);
		};
	});
	/** Counts what the library says has changed. */
	let changes = $state(0);
	const list = new Virtualizer<Window, HTMLElement>({
		count: 0,
		estimateSize: () => ABOUT,
		overscan: BESIDE_FIRST,
		rangeExtractor: (range) => {
			const near = defaultRangeExtractor(range);
			const far = held >= 0 && held < range.count && !near.includes(held);
			return far ? [...near, held].sort((a, b) => a - b) : near;
		},
		getScrollElement: () => window,
		observeElementRect: observeWindowRect,
		observeElementOffset: observeWindowOffset,
		// The browser tells a row's height once it has laid it out: asked before, it would lay the page out for each.
		measureElement: (node, entry, instance) =>
			entry
				? measureElement(node, entry, instance)
				: (instance.itemSizeCache.get(
						instance.options.getItemKey(instance.indexFromElement(node))
					) ?? ABOUT),
		// Nor is it scrolled to where it is.
		scrollToFn: (...to) => begun && windowScroll(...to),
		onChange: () => changes++
	});
	let begun = false;
	onMount(() => {
		const rest = setTimeout(() => {
			list.setOptions({ ...list.options, overscan: BESIDE });
			changes++;
		}, 100);
		const unmount = list._didMount();
		return () => {
			clearTimeout(rest);
			unmount();
		};
	});
	$effect(() => {
		const count = windowed ? items.length : 0;
		const scrollMargin = head ? head.getBoundingClientRect().top + window.scrollY : 0;
		const keys = items.map(keyOf);
		const getItemKey = (i: number) => keys[i] ?? i;
		untrack(() => {
			list.setOptions({ ...list.options, count, scrollMargin, getItemKey });
			list._willUpdate();
			begun = true;
			changes++;
		});
	});
	/** The rows that are there, each with the room before it that those take which are not, and the room after the last, px. */
	const { seen, after } = $derived.by(() => {
		void changes;
		let end = list.options.scrollMargin;
		const rows = list.getVirtualItems().flatMap((place) => {
			const gap = place.start - end;
			end = place.end;
			const { index, key } = place;
			return items.slice(index, index + 1).map((item) => ({ item, index, key, gap }));
		});
		return { seen: rows, after: list.getTotalSize() + list.options.scrollMargin - end };
	});
	const measure = (node: HTMLElement) => list.measureElement(node);
</script>

{#if !windowed}
	{#each items as item (keyOf(item))}{@render row(item, {})}{/each}
{:else}
	<tr bind:this={head} aria-hidden="true" class="border-0"></tr>
	{#each seen as { item, index, key, gap } (key)}
		{#if gap > 0}{@render room(gap)}{/if}
		{@render row(item, { index, measure })}
	{/each}
	{@render room(after)}
{/if}

{#snippet room(height: number)}
	<tr aria-hidden="true" class="border-0" style:height={`${Math.max(0, height)}px`}>
		<td colspan={columns} class="p-0"></td>
	</tr>
{/snippet}
