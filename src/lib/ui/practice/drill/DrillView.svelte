<script lang="ts">
	import { RANGE } from '$lib/io/fields/ranges';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import Copy from '@lucide/svelte/icons/copy';
	import { untrack } from 'svelte';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { drillRulesSchema, type DrillDraft } from '$lib/io/practice/drill';
	import { freshSession } from '$lib/io/practice/freshSession';
	import { proposalFor } from '$lib/io/practice/practiceSetup';
	import { clubsInBag } from '$lib/io/work/pupil';
	import { startingGround } from './drillGround';
	import { inFormat, taskOf, type Session, type SessionGround } from '$lib/io/practice/session';
	import { FORMAT_WORDS, PRACTICE_CAUTIONS } from '$lib/io/words/drill';
	import { YOU } from '$lib/io/words/whose';
	import { newId } from '$lib/store/base/newId';
	import { drillShelf, keepSession } from '$lib/store/shelves/practice';
	import type { GreenBook } from '$lib/store/shelves/greens';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import { attempt } from '$lib/ui/shell/attempt';
	import { playing } from '$lib/ui/state/playing.svelte';
	import DrillFields from './DrillFields.svelte';
	import DrillPicture from './DrillPicture.svelte';
	import DrillSteps from './DrillSteps.svelte';
	import DrillTasks from './DrillTasks.svelte';
	import Partners from './Partners.svelte';
	import GroundPicker from './GroundPicker.svelte';
	import PracticeGreen from '$lib/ui/practice/PracticeGreen.svelte';
	import { farthest, practiceScale } from '$lib/ui/practice/practiceScale';
	import { clubName } from '$lib/ui/practice/practiceWords';
	import ScoreTrend from './ScoreTrend.svelte';

	interface Props {
		drill: DrillDraft;
		/** Whether it is somebody's own and can be changed. */
		own: boolean;
		books: readonly GreenBook[];
		/** Of every drill and pupil. */
		sessions: readonly Session[];
	}
	const { drill, own, books, sessions }: Props = $props();

	const FORMATS = Object.entries(FORMAT_WORDS).map(([value, { name }]) => ({
		value: value as DrillDraft['rules']['format'],
		label: name
	}));
	// Where one stood when the drill was opened; from then on it is chosen.
	let ground = $state.raw<SessionGround>(untrack(() => startingGround(books, Date.now())));
	let format = $state<DrillDraft['rules']['format'] | null>(null);
	let each = $state<number | null>(null);
	let mark = $state<number | null>(null);
	let others = $state.raw<readonly string[]>([]);
	/** Clubs touched one by one; null leaves the choice to the drill. */
	let clubIds = $state.raw<readonly string[] | null>(null);
	let width = $state(0);

	const file = $derived(playing.file);
	const rules = $derived({
		...inFormat(drill.rules, format ?? drill.rules.format),
		...(clubIds && clubIds.length > 0 && { clubs: { kind: 'chosen' as const, ids: [...clubIds] } }),
		ballsEach: each ?? drill.rules.ballsEach
	});
	const proposal = $derived(proposalFor({ rules }, file, ground, mark ?? undefined));
	const swings = $derived(rules.swings.kind === 'lengths');
	const shown = $derived(proposal.mark);
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
	const chippers = $derived(
		clubsInBag(file.clubs).filter(({ kind }) => kind !== 'putter' && kind !== 'wood')
	);
	const isChosen = (id: string) =>
		clubIds ? clubIds.includes(id) : proposal.tasks.some(({ club }) => club === id);
	/** The first touch begins a choice of one's own: any four clubs are four touches. */
	function toggle(id: string) {
		const before = clubIds ?? [];
		const next = before.includes(id) ? before.filter((one) => one !== id) : [...before, id];
		clubIds = next.length > 0 ? next : null;
	}
	const asked = $derived(page.url.searchParams.get('homework'));
	const practised = $derived(
		sessions.filter(
			({ drillId, turns }) =>
				drillId === drill.id && turns.some(({ pupilId }) => pupilId === file.pupil.id)
		)
	);
	const partners = $derived(playing.active.filter(({ pupil }) => pupil.id !== file.pupil.id));
	const empty = $derived(proposal.tasks.length === 0);
	const problem = $derived(
		clubsInBag(file.clubs).length === 0
			? 'The bag is empty: put a club into it first.'
			: empty
				? 'No club has room here: take another mark or a longer green, or hit the drill on a range.'
				: drillRulesSchema.safeParse(rules).success
					? ''
					: 'A number of this drill is out of its range.'
	);

	const start = () =>
		attempt(async () => {
			const id = newId();
			const turnOf = (pupilId: string) => ({
				pupilId,
				tasks: proposalFor({ rules }, playing.of(pupilId), ground, shown).tasks.map(taskOf)
			});
			const begun = {
				drill,
				rules: $state.snapshot<DrillDraft['rules']>(rules),
				ground,
				mark: shown,
				turns: [file.pupil.id, ...others].map(turnOf),
				homeworkId: asked
			};
			await keepSession(freshSession(id, begun, Date.now()));
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
		<div class="flex min-w-0 flex-[1_1_22rem] items-center gap-3">
			<DrillPicture {rules} width={96} />
			<div class="min-w-0 flex-1">
				<ViewHeading text={drill.name} />
				<p>{drill.purpose}</p>
			</div>
		</div>
		<div class="flex flex-wrap items-center gap-3 max-md:w-full">
			<button
				type="button"
				class="btn btn-neutral btn-lg max-md:w-full"
				disabled={problem !== ''}
				onclick={() => void start()}
				>{file.pupil.name === YOU ? 'Start' : `Start with ${file.pupil.name}`}</button
			>
			{#if !own}
				<button type="button" class="btn max-md:w-full" onclick={() => void copy()}>
					<Copy size={18} aria-hidden="true" /> Make one of my own
				</button>
			{/if}
		</div>
	</div>
	<div class="grid content-start gap-5">
		{#if own}<DrillFields {drill} />{/if}
		<div class="grid gap-1">
			<h2 class="ruled-heading">Clubs</h2>
			<div class="flex flex-wrap gap-1" role="group" aria-label="Clubs of this drill">
				{#each chippers as club (club.id)}
					<button
						type="button"
						class="btn min-w-14 px-2"
						aria-pressed={isChosen(club.id)}
						onclick={() => toggle(club.id)}>{club.name}</button
					>
				{/each}
				{#if clubIds}
					<button type="button" class="btn btn-ghost" onclick={() => (clubIds = null)}
						>As the drill has it</button
					>
				{/if}
			</div>
			<p class="hint">
				{clubIds ? 'Your choice.' : 'The drill’s own choice; touch clubs to make another.'}
			</p>
		</div>
		<DrillSteps {drill} {rules} skill={file.pupil.skill} />
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
						{...RANGE.mark}
						onchange={(metres) => (mark = metres)}
					/>
				{/if}
			</div>
			<p class="hint">{FORMAT_WORDS[rules.format].means}</p>
		</div>
		<DrillTasks {proposal} {file} measure={rules.measure} {problem} />
		{#if practised.length > 0}
			<div class="grid gap-1">
				<h2 class="ruled-heading">How it has gone</h2>
				<ScoreTrend sessions={practised} balls={file.balls} />
			</div>
		{/if}
		<Partners others={partners} bind:chosen={others} />
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
