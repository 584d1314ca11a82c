<script lang="ts">
	import Columns2 from '@lucide/svelte/icons/columns-2';
	import { ratioFigure, type RatioStyle } from '$lib/io/words/ratio';
	import { formatFigure, formatLength } from '$lib/ui/format/lengths';
	import { strokesWords } from '$lib/ui/format/strokes';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { choiceWords } from '$lib/ui/call/callWords';
	import type { Choice } from '$lib/ui/call/choices';

	interface Props {
		choice: Choice;
		/** The longest carry and roll of the ladder, so that the bars share a scale. */
		longest: number;
		/** Distance of the pin. */
		pin: number;
		/** Null for another way with the club above. */
		rank: number | null;
		chosen: boolean;
		/** Ways with the same club that are folded away. */
		folded: number;
		/** How air and ground are said to this player. */
		ratios: RatioStyle;
		onchoose: () => void;
		oncompare: () => void;
	}
	const { choice, longest, pin, rank, chosen, folded, ratios, onchoose, oncompare }: Props =
		$props();

	const outcome = $derived(choice.candidate.solution.outcome);
	const say = (metres: number) => formatLength(metres, playing.style);
	/** The heading of the column says the unit. */
	const bare = (metres: number) => formatFigure(metres, playing.style);
	const share = (metres: number) => `${(100 * metres) / longest}%`;
	const stats = $derived(choice.option?.statistics);
	const name = $derived(choiceWords(choice, pin, say));
	const ratio = $derived(
		choice.candidate.play.flight === 'putt' ? 'rolls' : ratioFigure(outcome, ratios)
	);
</script>

<li
	class={[
		'flex items-center border-b border-l-4 border-b-(--rule)',
		chosen ? 'border-l-(--clay)' : 'border-l-transparent'
	]}
	class:bg-base-200={chosen}
>
	<button
		type="button"
		class="grid min-h-12 min-w-0 flex-1 cursor-pointer grid-cols-[minmax(0,1fr)_3.25rem_3.75rem_3.25rem] items-center gap-x-1.5 pt-1.5 pr-0 pb-1.5 pl-1 text-left"
		aria-pressed={chosen}
		onclick={onchoose}
	>
		<span class="text-[0.9375rem] leading-[1.2] font-bold" class:pl-4={rank === null}
			>{rank === null ? '' : `${rank}. `}{name}
			{#if choice.option?.tied && rank !== 1}<em class="font-normal text-(--faint)">as good</em
				>{/if}{#if folded > 0}<span
					class="ml-2 inline-block text-[0.8125rem] font-normal text-(--faint)"
					>{folded} more {folded === 1 ? 'way' : 'ways'}</span
				>{/if}</span
		>
		<span class="col-[1] row-[2] mt-[3px] flex items-center gap-1.5">
			<span class="flex h-3 min-w-0 flex-1" aria-hidden="true"
				><span
					class="border-[length:1.5px] border-(--sky) bg-[repeating-linear-gradient(135deg,var(--sky)_0_1.5px,transparent_1.5px_5px)]"
					style:width={share(outcome.carry)}
				></span>
				<span
					class="border-l-[length:3px] border-l-(--clay) bg-(--turf)"
					style:width={share(outcome.roll)}
				></span></span
			>
			<span class="figure w-13 text-right text-[0.8125rem] whitespace-nowrap"
				><span class="sr-only">, air to ground </span>{ratio}</span
			>
		</span>
		{#if stats}
			<span class="figure row-[1/span_2] text-right text-base font-bold"
				><span class="sr-only">, strokes </span>{strokesWords(stats.expectedStrokes)}</span
			>
			<span class="figure row-[1/span_2] text-right text-sm"
				><span class="sr-only">, leaves {playing.style.symbol} </span>{bare(
					stats.leave.median
				)}</span
			>
			<span class="figure row-[1/span_2] text-right text-sm"
				><span class="sr-only">, up and down </span>{playing.say.percent(
					stats.chances.upAndDown
				)}</span
			>
		{:else}
			<span class="figure row-[1/span_2] text-right text-base font-bold"
				><span class="sr-only">, carry </span>{bare(outcome.carry)}</span
			>
			<span class="figure row-[1/span_2] text-right text-sm"
				><span class="sr-only">, roll </span>{bare(outcome.roll)}</span
			>
			<span class="figure row-[1/span_2] text-right text-sm"
				><span class="sr-only">, height </span>{bare(outcome.apex)}</span
			>
		{/if}
	</button>
	<button
		type="button"
		class="btn btn-ghost btn-square"
		aria-label={`Compare ${name} with the chosen shot`}
		disabled={chosen}
		onclick={oncompare}
	>
		<Columns2 size={18} aria-hidden="true" />
	</button>
</li>
