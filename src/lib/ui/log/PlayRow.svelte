<script lang="ts">
	import Pencil from '@lucide/svelte/icons/pencil';
	import { resolve } from '$app/paths';
	import type { Lesson } from '$lib/io/lessons/lesson';
	import { leaveOf, strokesOf, type Play } from '$lib/io/log/play';
	import { LIE_WORDS } from '$lib/io/words/lie';
	import { TAG_WORDS } from '$lib/io/words/practice';
	import type { RowPlace } from '$lib/ui/controls/WindowedRows.svelte';
	import { shortDayWords } from '$lib/ui/format/dates';
	import { formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { LogNames } from './logFilter';

	interface Props {
		play: Play;
		place: RowPlace;
		names: LogNames;
		/** In which it was played; undefined outside of any. */
		lesson: Lesson | undefined;
		/** Whether several pupils are listed. */
		several: boolean;
		picked: boolean;
		onpick: (picked: boolean) => void;
		onedit: () => void;
	}
	const { play, place, names, lesson, several, picked, onpick, onedit }: Props = $props();

	const lie = $derived(LIE_WORDS.find(({ id }) => id === play.lie)?.name ?? play.lie);
	const say = (metres: number) => formatLength(metres, playing.style);
	const what = $derived(play.played?.words ?? names.club(play.clubId));
	const leave = $derived(leaveOf(play));
	const strokes = $derived(strokesOf(play));
	const over = $derived(
		strokes === null || !play.forecast ? null : strokes - play.forecast.strokes
	);
	const overWords = $derived(
		over === null ? '' : `${over > 0 ? '+' : '−'}${Math.abs(over).toFixed(1)}`
	);
	const situation = $derived(play.shot.situation);
	const where = $derived(
		play.shot.place ? names.green(play.shot.place.greenId) : (play.saved?.name ?? '')
	);
	const left = $derived(play.holed ? 'holed' : leave === null ? '–' : say(leave));
	const otherwise = $derived(play.called && play.played?.words !== play.called.words);
	const label = $derived(`${what}, ${shortDayWords(play.at)}`);
</script>

<tr
	data-index={place.index}
	aria-rowindex={place.index === undefined ? undefined : place.index + 2}
	{@attach place.measure}
>
	<td class="w-11 p-0 align-middle max-md:w-10 max-md:align-top">
		<label class="grid size-11 place-items-center">
			<span class="sr-only">Pick {label}</span>
			<input
				type="checkbox"
				class="checkbox"
				checked={picked}
				onchange={(event) => onpick(event.currentTarget.checked)}
			/>
		</label>
	</td>
	<td class="px-1 whitespace-nowrap max-md:hidden">{shortDayWords(play.at)}</td>
	<th scope="row" class="min-w-0 px-2">
		<span class="font-bold">{what}</span>
		<p class="hint">
			<span class="md:hidden">{shortDayWords(play.at)} ·&nbsp;</span>{several
				? `${names.pupil(play.pupilId)} · `
				: ''}{lie} ·
			<span class="whitespace-nowrap">{say(situation.toEdge)} + {say(situation.edgeToPin)}</span
			>{where ? ` · ${where}` : ''}{#if left !== '–'}<span class="whitespace-nowrap md:hidden"
					>&nbsp;· {play.holed ? left : `left ${left}`}</span
				>{/if}
		</p>
		{#if otherwise || play.tags.length > 0 || play.notes}
			<p class="hint wrap-anywhere">
				{[
					otherwise ? `called ${play.called!.words}` : '',
					play.tags.map((tag) => TAG_WORDS[tag].toLowerCase()).join(', '),
					play.notes
				]
					.filter(Boolean)
					.join(' · ')}
			</p>
		{/if}
	</th>
	<td class="max-w-52 truncate max-lg:hidden">
		{#if play.sessionId !== undefined}
			<a class="underline" href={resolve('/practice/[id]', { id: play.sessionId })}>Practice</a>
		{:else}
			{play.roundId === null ? 'Practice' : names.round(play.roundId)}
		{/if}
		{#if lesson}
			· <a class="underline" href={resolve('/lessons/[id]', { id: lesson.id })}>Lesson</a>
		{/if}
	</td>
	<td class="figure text-right whitespace-nowrap max-md:hidden">{left}</td>
	<td class="figure text-right whitespace-nowrap max-md:px-1.5"
		>{strokes ?? '–'}<span class="hint block">{overWords}</span></td
	>
	<td class="p-0 text-right">
		<button
			type="button"
			class="btn btn-ghost btn-square"
			aria-label={`Change ${label}`}
			onclick={onedit}><Pencil size={18} aria-hidden="true" /></button
		>
	</td>
</tr>
