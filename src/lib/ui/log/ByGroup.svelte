<script lang="ts">
	import type { Play } from '$lib/io/log/play';
	import { playedDay, slopeOf } from '$lib/io/log/scored';
	import { shareWords } from '$lib/io/log/words';
	import { LIE_WORDS } from '$lib/io/words/lie';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import { noonOf, shortMonthWords } from '$lib/ui/format/dates';
	import { formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { overWords } from './overWords';
	import { playGroups } from './playGroups';

	interface Props {
		plays: readonly Play[];
		/** Name of a club. */
		club: (id: string) => string;
	}
	const { plays, club }: Props = $props();

	const SLOPE = { up: 'Uphill', level: 'Level', down: 'Downhill' };
	const BY = {
		lie: (play: Play) => LIE_WORDS.find(({ id }) => id === play.lie)?.name ?? play.lie,
		shot: (play: Play) => play.played?.words ?? club(play.clubId),
		month: (play: Play) => shortMonthWords(noonOf(`${playedDay(play).slice(0, 7)}-01`)),
		slope: (play: Play) => SLOPE[slopeOf(play)],
		saved: (play: Play) => play.saved?.name ?? 'not a saved shot'
	};
	const CHOICES = [
		{ value: 'lie', label: 'Lie' },
		{ value: 'shot', label: 'Club and flight' },
		{ value: 'month', label: 'Month' },
		{ value: 'slope', label: 'Slope' },
		{ value: 'saved', label: 'Saved shot' }
	] as const;
	const MOST = 20;
	let by = $state<keyof typeof BY>('lie');

	const groups = $derived(playGroups(plays, BY[by]).slice(0, MOST));
</script>

<section class="grid gap-2" aria-labelledby="by-group">
	<h2 id="by-group" class="text-lg font-bold">One by one</h2>
	<div class="max-w-xs">
		<ChoiceField label="By" value={by} options={CHOICES} onchange={(value) => (by = value)} />
	</div>
	<table class="table w-auto max-sm:[&_:is(td,th)]:px-1.5">
		<thead>
			<tr>
				<th><span class="sr-only">What</span></th>
				<th scope="col">Shots</th>
				<th scope="col" class="max-sm:hidden">Strokes</th>
				<th scope="col">Over the forecast</th>
				<th scope="col">Up and down</th>
				<th scope="col" class="max-sm:hidden">Left</th>
			</tr>
		</thead>
		<tbody>
			{#each groups as group (group.name)}
				<tr>
					<th scope="row">{group.name}</th>
					<td class="figure">{group.n}</td>
					<td class="figure max-sm:hidden">{group.counted > 0 ? group.strokes.toFixed(2) : '–'}</td>
					<td class="figure sm:whitespace-nowrap">{overWords(group.over)}</td>
					<td class="figure sm:whitespace-nowrap">{shareWords(group.upAndDown)}</td>
					<td class="figure whitespace-nowrap"
						>{Number.isNaN(group.leave) ? '–' : formatLength(group.leave, playing.style)}</td
					>
				</tr>
			{/each}
		</tbody>
	</table>
</section>
