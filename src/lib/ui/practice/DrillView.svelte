<script lang="ts">
	import Copy from '@lucide/svelte/icons/copy';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { degrees } from '$lib/core/units';
	import { drillRulesSchema, shippedBehind, type DrillDraft } from '$lib/io/drill';
	import { plainGround, proposalFor } from '$lib/io/practiceStudy';
	import { clubsInBag } from '$lib/io/pupil';
	import { inFormat, taskOf, type SessionGround } from '$lib/io/session';
	import {
		DRILL_WORDS,
		FORMAT_WORDS,
		goodWords,
		MEASURE_WORDS,
		PRACTICE_CAUTIONS,
		STOP_WORDS
	} from '$lib/io/words/drill';
	import { leftOutWords } from '$lib/io/words/practice';
	import { newId } from '$lib/store/newId';
	import { drillShelf, keepSession } from '$lib/store/practice';
	import type { GreenBook } from '$lib/store/greens';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import { formatFigure, formatLength } from '$lib/ui/format/lengths';
	import { attempt } from '$lib/ui/shell/attempt';
	import { playing } from '$lib/ui/state/playing.svelte';
	import DrillFields from './DrillFields.svelte';
	import DrillPicture from './DrillPicture.svelte';
	import GroundPicker from './GroundPicker.svelte';
	import PracticeGreen from './PracticeGreen.svelte';
	import { farthest, practiceScale } from './practiceScale';
	import { clubName, taskWords } from './practiceWords';

	interface Props {
		drill: DrillDraft;
		/** Whether it is somebody's own and can be changed. */
		own: boolean;
		books: readonly GreenBook[];
	}
	const { drill, own, books }: Props = $props();

	const FORMATS = Object.entries(FORMAT_WORDS).map(([value, { name }]) => ({
		value: value as DrillDraft['rules']['format'],
		label: name
	}));
	let ground = $state.raw<SessionGround>(plainGround());
	let format = $state<DrillDraft['rules']['format'] | null>(null);
	let each = $state<number | null>(null);
	let mark = $state<number | null>(null);
	let others = $state.raw<readonly string[]>([]);
	let width = $state(0);

	const file = $derived(playing.file);
	const style = $derived(playing.style);
	const say = (metres: number) => formatLength(metres, style);
	const rules = $derived({
		...inFormat(drill.rules, format ?? drill.rules.format),
		ballsEach: each ?? drill.rules.ballsEach
	});
	const proposal = $derived(proposalFor({ rules }, file, ground, mark ?? undefined));
	const swings = $derived(rules.swings.kind === 'lengths');
	const shown = $derived(
		mark ??
			(swings || rules.measure === 'strike'
				? rules.distance
				: Math.max(rules.distance, ground.toEdge + 0.9))
	);
	const session = $derived({
		ground,
		rules,
		mark: shown,
		turns: [{ pupilId: file.pupil.id, tasks: proposal.tasks.map(taskOf) }]
	});
	const green = $derived(books.find((book) => book.green.id === ground.greenId)?.green ?? null);
	const scale = $derived(practiceScale(Math.max(240, width), 420, farthest(session)));
	/** Labels of balls that end close together stand in two columns. */
	const labelAt = (i: number): number => {
		const above = proposal.tasks[i - 1];
		const close = above && (above.finish - proposal.tasks[i]!.finish) * scale.factor < 16;
		return close && i % 2 === 1 ? 46 : 10;
	};
	const partners = $derived(playing.active.filter(({ pupil }) => pupil.id !== file.pupil.id));
	const name = (id: string | null, loft: number) =>
		id ? clubName(file.clubs, id) : `${Math.round(degrees(loft))}°`;
	const empty = $derived(proposal.tasks.length === 0);
	const problem = $derived(
		clubsInBag(file.clubs).length === 0
			? 'The bag is empty: put a club into it first.'
			: empty
				? 'No club fits here: move the mark nearer, or take a green with more room.'
				: drillRulesSchema.safeParse(rules).success
					? ''
					: 'A number of this drill is out of its range.'
	);

	const start = () =>
		attempt(async () => {
			const id = newId();
			const turnOf = (pupilId: string) => ({
				pupilId,
				tasks: proposalFor({ rules }, playing.of(pupilId), ground, mark ?? undefined).tasks.map(
					taskOf
				)
			});
			await keepSession({
				id,
				drillId: drill.id,
				name: drill.name,
				rules: structuredClone<DrillDraft['rules']>($state.snapshot(rules)),
				startedAt: new Date().toISOString(),
				endedAt: null,
				ground,
				mark: shown,
				turns: [file.pupil.id, ...others].map(turnOf),
				seed: Date.now() % 100_000,
				homeworkId: null,
				notes: ''
			});
			await goto(resolve('/practice/[id]', { id }));
		});

	const copy = () =>
		attempt(async () => {
			const id = newId();
			await drillShelf.put({ ...drill, id, name: `${drill.name}, own`.slice(0, 60) });
			await goto(resolve('/practice/drill/[id]', { id }));
		});
</script>

<section class="mx-auto grid max-w-6xl gap-x-10 gap-y-4 p-4 lg:grid-cols-[minmax(0,1fr)_26rem]">
	<div class="flex flex-wrap items-center gap-3 lg:col-span-2">
		<DrillPicture {rules} width={96} />
		<div class="min-w-0 flex-1">
			<h1 class="text-3xl font-extrabold wrap-anywhere max-md:text-2xl">{drill.name}</h1>
			<p>{drill.purpose}</p>
		</div>
		{#if !own}
			<button type="button" class="btn max-md:w-full" onclick={() => void copy()}>
				<Copy size={18} aria-hidden="true" /> Make one of my own
			</button>
		{/if}
	</div>
	<div class="grid content-start gap-5">
		{#if own}<DrillFields {drill} />{/if}
		<div class="grid gap-1">
			<h2 class="ruled-heading">How</h2>
			<ol class="grid gap-1 pl-5 [list-style:decimal]">
				{#each drill.steps as step, i (i)}<li>{step}</li>{/each}
			</ol>
			<p class="text-(--faint)">{DRILL_WORDS[shippedBehind(drill)].look}</p>
			<p>
				{goodWords(rules.measure, file.pupil.skill, say(rules.tolerance))}
				{STOP_WORDS[rules.measure]}
			</p>
		</div>
		<div class="grid gap-1">
			<h2 class="ruled-heading">Where</h2>
			<GroundPicker {ground} {books} onchange={(changed) => (ground = changed)} />
		</div>
		<div class="grid gap-1">
			<h2 class="ruled-heading">Balls</h2>
			<div class="field-grid">
				<ChoiceField
					label="Order"
					value={rules.format}
					options={FORMATS}
					onchange={(value) => (format = value)}
				/>
				<NumberField
					label="Balls each"
					value={rules.ballsEach}
					symbol=""
					low={1}
					high={50}
					step={1}
					decimals={0}
					onchange={(value) => (each = Math.round(value))}
				/>
				{#if !swings}
					<LengthField
						label={rules.mark === 'flag' ? 'Ball to flag' : 'Ball to mark'}
						metres={shown}
						low={0.5}
						high={80}
						onchange={(metres) => (mark = metres)}
					/>
				{/if}
			</div>
			<p class="hint">{FORMAT_WORDS[rules.format].means}</p>
		</div>
		<div class="grid gap-1">
			<h2 class="ruled-heading">For {file.pupil.name}: {MEASURE_WORDS[rules.measure]}</h2>
			{#if file.pupil.minding}<p class="problem">Mind: {file.pupil.minding}</p>{/if}
			{#if !empty}
				<table class="table-sm table w-full max-w-lg">
					<thead>
						<tr>
							<th scope="col">Club, {style.symbol}</th>
							<th scope="col">Balls</th>
							<th scope="col">Lands</th>
							<th scope="col">Ends</th>
						</tr>
					</thead>
					<tbody>
						{#each proposal.tasks as task, i (i)}
							<tr>
								<th scope="row">
									<b>{clubName(file.clubs, task.club)}</b>
									<span class="text-(--faint)">{taskWords(task, file.pupil.vocabulary)}</span>
								</th>
								<td class="figure">{task.balls}</td>
								<td class="figure">{formatFigure(task.landing, style)}</td>
								<td class="figure">{formatFigure(task.finish, style)}</td>
							</tr>
						{/each}
					</tbody>
				</table>
			{/if}
			{#each proposal.leftOut as left, i (i)}
				<p class="hint">{leftOutWords(left, name(left.club, left.loft), playing.say)}</p>
			{/each}
			{#if problem}<p class="problem" role="alert">{problem}</p>{/if}
		</div>
		{#if partners.length > 0}
			<details>
				<summary class="cursor-pointer py-2 font-semibold"
					>Taking turns{others.length > 0 ? `: ${others.length + 1} pupils` : ''}</summary
				>
				<div class="flex flex-wrap gap-x-6 gap-y-1">
					{#each partners as { pupil } (pupil.id)}
						<label class="flex min-h-11 items-center gap-2">
							<input
								class="checkbox"
								type="checkbox"
								checked={others.includes(pupil.id)}
								onchange={(event) =>
									(others = event.currentTarget.checked
										? [...others, pupil.id]
										: others.filter((id) => id !== pupil.id))}
							/>
							{pupil.name}
						</label>
					{/each}
				</div>
			</details>
		{/if}
	</div>
	<div
		class="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-2 overflow-hidden"
		bind:clientWidth={width}
	>
		<PracticeGreen
			{session}
			{green}
			{scale}
			description={`The set-up of ${drill.name}, true to scale.`}
		>
			{#each proposal.tasks as task, i (i)}
				{@const [x, y] = scale.at(task.finish, 0)}
				<circle cx={x} cy={y} r="4" fill="#fff" stroke="#1f2429" stroke-width="1.5" />
				{#if !swings && rules.mark !== 'flag'}
					<text x={x + labelAt(i)} y={y + 4} class="club">{clubName(file.clubs, task.club)}</text>
				{/if}
			{/each}
		</PracticeGreen>
		<p class="hint">
			True to scale, the ball below. White: where the balls should end by the model{ground.place
				? ''
				: ', on an even green'}.
		</p>
		<ul class="hint grid gap-0.5 pl-5 [list-style:square]">
			{#each PRACTICE_CAUTIONS as caution (caution)}<li>{caution}</li>{/each}
		</ul>
		<div>
			<button
				type="button"
				class="btn btn-neutral btn-lg"
				disabled={problem !== ''}
				onclick={() => void start()}>Start</button
			>
		</div>
	</div>
</section>

<style>
	.club {
		font: 700 12px var(--font-mono);
		fill: var(--ink);
		paint-order: stroke;
		stroke: var(--paper);
		stroke-width: 3px;
	}
</style>
