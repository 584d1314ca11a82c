<script lang="ts">
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import type { CarryCell } from '$lib/core/player/carryTable';
	import type { LevelGreen } from '$lib/core/solve/levelScene';
	import type { CarryFlight } from '$lib/core/solve/measuredSwings';
	import { readCarries } from '$lib/io/carries';
	import type { ClubDraft } from '$lib/io/club';
	import { PLAIN_BALL, rollOutOf } from '$lib/io/pupil';
	import { markWords } from '$lib/io/words/swing';
	import { newId } from '$lib/store/newId';
	import { rowFocus } from '$lib/ui/controls/rowFocus';
	import { formatFigure, formatLength } from '$lib/ui/format/lengths';
	import SheetDialog from '$lib/ui/shell/SheetDialog.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { PupilBench } from '$lib/ui/state/pupilBench.svelte';
	import type { CarryColumn } from './carryGrid';
	import { FLIGHT_WORDS } from './bagWords';

	interface Props {
		bench: PupilBench;
		club: ClubDraft;
		column: CarryColumn;
		flight: CarryFlight;
		cell: CarryCell<CarryFlight> | undefined;
		/** Today's green; null until it is known. */
		green: LevelGreen | null;
		onclose: () => void;
	}
	const { bench, club, column, flight, cell, green, onclose }: Props = $props();
	let open = $state(true);
	let text = $state('');
	let problem = $state('');
	const id = $props.id();

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

	function add(source: 'typed' | 'stated') {
		const read = readCarries(text, style.size, style.symbol);
		problem =
			'problem' in read
				? read.problem
				: source === 'stated' && read.carries.length > 1
					? 'Say one carry, or add these as balls.'
					: balls.length + read.carries.length > MOST_IN_CELL
						? `This swing has ${balls.length} balls; ${MOST_IN_CELL} are the most.`
						: '';
		if (problem || !('carries' in read)) return;
		const at = new Date().toISOString();
		bench.change((file) => {
			for (const carry of read.carries)
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
		text = '';
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
	<form
		class="grid gap-2"
		onsubmit={(event) => {
			event.preventDefault();
			add('typed');
		}}
	>
		<label class="label text-[0.8125rem]" for={id}>Carries in {style.symbol}</label>
		<input
			{id}
			class="figure input w-full text-lg"
			inputmode="decimal"
			autocomplete="off"
			placeholder="14, 15, 13"
			aria-invalid={problem ? 'true' : undefined}
			aria-describedby={problem ? `${id}-problem` : undefined}
			bind:value={text}
		/>
		{#if problem}<p id={`${id}-problem`} class="problem" role="alert">{problem}</p>{/if}
		<div class="flex flex-wrap gap-2">
			<button type="submit" class="btn btn-neutral">Add as balls</button>
			<button type="button" class="btn" onclick={() => add('stated')}
				>This is what it carries</button
			>
		</div>
	</form>
	{#if cell}
		<p class="finding mt-4">
			{say(cell.mean)}
			<span class="text-base font-normal"
				>between {say(cell.low)} and {say(cell.high)} with 90 %</span
			>
		</p>
		<p class="hint">
			{cell.n}
			{cell.n === 1 ? 'reading counts' : 'balls count'}{cell.wild > 0
				? `, ${cell.wild} far off`
				: ''}{cell.spread === null
				? '; the spread is presumed from the skill'
				: `; spread ± ${say(cell.spread)} by these balls, ± ${say(cell.posterior)} with what the skill presumes`}.
		</p>
	{/if}
	{#if roll !== null}
		<p>Then it rolls about <b>{say(roll)}</b> on today’s green, taken for level (model).</p>
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
