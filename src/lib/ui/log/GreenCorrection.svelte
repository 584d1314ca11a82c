<script lang="ts">
	import type { Correction } from '$lib/core/log/corrections';
	import type { Play } from '$lib/io/log/play';
	import type { GreenBook } from '$lib/store/shelves/greens';
	import { keepReading } from '$lib/ui/measure/keepReading';
	import { isReadAlready, playedReading } from './playedReading';

	interface Props {
		correction: Extract<Correction, { what: 'speed' }>;
		words: string;
		/** The green and its readings; undefined where it is gone. */
		book: GreenBook | undefined;
		plays: readonly Play[];
	}
	const { correction, words, book, plays }: Props = $props();

	const reading = $derived(playedReading(correction, plays));
</script>

{#if book && reading && !isReadAlready(book.readings, correction)}
	<p>
		{book.green.name}: {words}
		<button
			type="button"
			class="btn"
			onclick={() => void keepReading(correction.green, reading.found)}
			>Read it as {reading.found.stimpFeet.toFixed(1)} ft<span class="max-sm:sr-only"
				>, not {reading.before.toFixed(1)}</span
			></button
		>
	</p>
{/if}
