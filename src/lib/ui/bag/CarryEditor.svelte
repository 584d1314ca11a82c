<script lang="ts">
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import type { CarryCell } from '$lib/core/player/carryTable';
	import type { LevelGreen } from '$lib/core/solve/levelScene';
	import type { CarryFlight } from '$lib/core/solve/measuredSwings';
	import type { ClubDraft } from '$lib/io/work/club';
	import { PLAIN_BALL } from '$lib/io/work/pupil';
	import { rollOutOf } from '$lib/io/work/rollOut';
	import { markWords } from '$lib/io/words/swing';
	import { newId } from '$lib/store/base/newId';
	import CarriesForm from '$lib/ui/controls/CarriesForm.svelte';
	import { rowFocus } from '$lib/ui/controls/rowFocus';
	import { formatFigure, formatLength } from '$lib/ui/format/lengths';
	import SheetDialog from '$lib/ui/shell/SheetDialog.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { PupilBench } from '$lib/ui/state/pupilBench.svelte';
	import type { CarryColumn } from './carryGrid';
	import { FLIGHT_WORDS, daysWords } from './bagWords';

	interface Props {
		bench: PupilBench;
		club: ClubDraft;
		column: CarryColumn;
		flight: CarryFlight;
		cell: CarryCell<CarryFlight> | undefined;
		/** Today's green; null until it is known. */
		green: LevelGreen | null;
		/** Which green that is, as “on Kiln green as read yesterday”. */
		greenName: string;
		onclose: () => void;
	}
	const { bench, club, column, flight, cell, green, greenName, onclose }: Props = $props();
	let open = $state(true);

	const MOST_IN_CELL = 200;
	const style = $derived(playing.style);
	const say = (metres: number) => formatLength(metres, style);
	const title = $derived(`${club.name}, ${markWords(column.name, bench.file.pupil.vocabulary)}`);
	const flown = $derived(FLIGHT_WORDS.find(({ value }) => value === flight)!.label.toLowerCase());
	const balls = $derived(
		bench.file.balls.filter(
			(ball) => ball.clubId === club.id && ball.flight === flight && ball.swing === column.name
		)
	);

	/** How far this carry runs on; only an ordinary flight is worked out. */
	const roll = $derived(
		cell && green && flight === 'standard'
			? rollOutOf(bench.file.pupil, club, cell.mean, green)
			: null
	);

	$effect(() => {
		if (!open) onclose();
	});

	const tooMany = (carries: readonly number[]) =>
		balls.length + carries.length > MOST_IN_CELL
			? `This swing has ${balls.length} balls; ${MOST_IN_CELL} are the most.`
			: undefined;

	function add(carries: readonly number[], source: 'typed' | 'stated') {
		const at = new Date().toISOString();
		bench.change((file) => {
			for (const carry of carries)
				file.balls.push({
					...PLAIN_BALL,
					tags: [],
					id: newId(),
					pupilId: file.pupil.id,
					clubId: club.id,
					at,
					swing: column.name,
					flight,
					carry,
					source
				});
		});
	}

	const remove = (ball: string) =>
		bench.change((file) => {
			file.balls = file.balls.filter((other) => other.id !== ball);
		});
</script>

<SheetDialog
	bind:open
	{title}
	description={`Carries with this swing, ${flown} flight. Balls far off the others are kept and left out of the mean.`}
>
	<CarriesForm
		label={`Carries in ${style.symbol}`}
		{style}
		ways={[
			{ label: 'Add as balls', refuse: tooMany, onnote: (carries) => add(carries, 'typed') },
			{
				label: 'This is what it carries',
				refuse: (carries) =>
					carries.length > 1 ? 'Say one carry, or add these as balls.' : tooMany(carries),
				onnote: (carries) => add(carries, 'stated')
			}
		]}
	/>
	{#if cell}
		<p class="finding mt-4">
			{say(cell.mean)}
			<span class="text-base font-normal"
				>between {say(cell.low)} and {say(cell.high)}, nine times in ten</span
			>
		</p>
		<p class="hint">
			{cell.n}
			{cell.n === 1 ? 'reading counts' : 'balls count'}{cell.wild > 0
				? `, ${cell.wild} far off`
				: ''}{daysWords(cell)}{cell.spread === null
				? '; how far single balls spread is presumed from the skill'
				: `; single balls spread by ${say(cell.spread)}, with what the skill presumes by ${say(cell.posterior)}`}.
		</p>
	{/if}
	{#if roll !== null}
		<p>Then it rolls about <b>{say(roll)}</b> {greenName}, taken for level (model).</p>
	{/if}
	<ul class="mt-3" {@attach rowFocus}>
		{#each balls as ball (ball.id)}
			<li class="flex items-center justify-between border-b border-(--rule)">
				<span class="figure"
					>{formatFigure(ball.carry, style)}
					{style.symbol}{ball.source === 'stated' ? ' · stated' : ''}</span
				>
				<button
					type="button"
					class="btn btn-ghost btn-square"
					aria-label={`Remove ${say(ball.carry)}`}
					onclick={() => remove(ball.id)}
				>
					<Trash2 size={18} aria-hidden="true" />
				</button>
			</li>
		{/each}
	</ul>
</SheetDialog>
