<script lang="ts">
	import type { Correction } from '$lib/core/log/corrections';
	import { median } from '$lib/core/math/robust';
	import type { Play } from '$lib/io/log/play';
	import { playedDay } from '$lib/io/log/scored';
	import type { GreenBook } from '$lib/store/shelves/greens';
	import { keepReading } from '$lib/ui/measure/keepReading';

	interface Props {
		correction: Extract<Correction, { what: 'speed' }>;
		words: string;
		/** The green and its readings; undefined where it is gone. */
		book: GreenBook | undefined;
		plays: readonly Play[];
	}
	const { correction, words, book, plays }: Props = $props();

	const NOTE = 'From played shots';
	const SPEEDS = { least: 3, most: 18 };
	const own = $derived(
		plays.filter(
			(play) => play.shot.place?.greenId === correction.green && playedDay(play) === correction.day
		)
	);
	/** What was read off played shots is read once. */
	const isRead = $derived(
		book?.readings.some(
			({ note, takenAt }) => note === NOTE && playedDay({ at: takenAt }) === correction.day
		) ?? false
	);
	const before = $derived(median(own.map(({ shot }) => shot.situation.stimpFeet)));
	const after = $derived(
		Math.max(SPEEDS.least, Math.min(SPEEDS.most, Math.round(before * correction.factor * 10) / 10))
	);
	const keep = () =>
		void keepReading(correction.green, {
			method: 'balls',
			stimpFeet: after,
			errorFeet: Math.min(6, Math.round(before * correction.offset.error * 100) / 100),
			takenAt: own
				.map(({ at }) => at)
				.sort()
				.at(-1)!,
			note: NOTE
		});
</script>

{#if book && !isRead && own.length > 0}
	<p>
		{book.green.name}: {words}
		<button type="button" class="btn" onclick={keep}
			>Read it as {after.toFixed(1)} ft<span class="max-sm:sr-only">, not {before.toFixed(1)}</span
			></button
		>
	</p>
{/if}
