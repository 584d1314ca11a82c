<script lang="ts">
	import { RANGE } from '$lib/io/fields/ranges';
	import { resolve } from '$app/paths';
	import Download from '@lucide/svelte/icons/download';
	import Printer from '@lucide/svelte/icons/printer';
	import { onDestroy, untrack } from 'svelte';
	import { toFeet } from '$lib/core/units';
	import { formatRatios } from '$lib/io/files/ratiosCsv';
	import { drillPlace } from '$lib/io/practice/drillPlace';
	import { greenToCore } from '$lib/io/work/green';
	import { playingOf } from '$lib/io/work/playing';
	import type { GreenBook } from '$lib/store/shelves/greens';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import { download } from '$lib/ui/files/download';
	import { agoWords } from '$lib/ui/format/dates';
	import { COMPASS } from '$lib/ui/measure/compass';
	import { keepReading } from '$lib/ui/measure/keepReading';
	import { attempt } from '$lib/ui/shell/attempt';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { PlannerPool, startPlanner } from '$lib/workers/plannerPool';
	import FewBalls from './FewBalls.svelte';
	import { askedFrom, RatiosBench, ratioQuestion, USUAL_SLOPES } from './ratiosBench.svelte';
	import RatiosTable from './RatiosTable.svelte';

	interface Props {
		books: readonly GreenBook[];
		/** A green to begin with; empty for a plain one. */
		greenId: string;
	}
	const { books, greenId }: Props = $props();

	const NONE = '';
	const NO_LINE = 'none';
	const FIRMNESS = [
		{ value: 'soft', label: 'Soft' },
		{ value: 'medium', label: 'Medium' },
		{ value: 'firm', label: 'Firm' }
	] as const;
	const pool = new PlannerPool(startPlanner, 1);
	const bench = new RatiosBench(pool);
	onDestroy(() => {
		bench.clear();
		pool.close();
	});

	// Where it was opened from; from then on it is chosen here.
	let chosen = $state(untrack(() => greenId));
	const book = $derived(books.find(({ green }) => green.id === chosen));
	let asked = $state.raw(
		untrack(() =>
			askedFrom(books.find(({ green }) => green.id === greenId)?.readings[0], Date.now())
		)
	);
	/** The carry whose table is shown, by its place in the row. */
	let shown = $state(0);
	let wanted = $state(3);
	let line = $state(NO_LINE);
	const file = $derived(playing.file);
	const { say } = $derived(playing);
	const style = $derived(file.pupil.ratios ?? 'ratio');
	const bag = $derived(playingOf(file).bag);
	const chippers = $derived(bag.filter((club) => !club.putter));
	const lines = $derived([
		{ value: NO_LINE, label: 'none' },
		...(book?.green.pins.flatMap(({ id, name }) =>
			COMPASS.map((side) => ({
				value: `${id} ${side.bearing}`,
				label: `to ${name}, from ${side.name}`
			}))
		) ?? [])
	]);
	/** Slope of the line that was chosen on the map, percent; null without one. */
	const lineSlope = $derived.by(() => {
		const [pinId, bearing] = line.split(' ');
		const pin = book?.green.pins.find(({ id }) => id === pinId);
		if (!book || !pin) return null;
		const placed = drillPlace(greenToCore(book.green), pin.at, Number(bearing), 0);
		return 'ground' in placed ? placed.ground.slopeAlong : null;
	});
	const whole = $derived({
		...asked,
		slopes: [...new Set([...USUAL_SLOPES, ...(lineSlope === null ? [] : [lineSlope])])]
	});
	$effect(() => {
		const [question, balls] = [ratioQuestion(whole, file), bench.balls];
		void balls;
		untrack(() => void bench.ask(question));
	});

	function choose(id: string) {
		chosen = id;
		line = NO_LINE;
		const next = books.find(({ green }) => green.id === id);
		asked = { ...askedFrom(next?.readings[0], Date.now()), carries: asked.carries };
	}
	const carry = $derived(asked.carries[shown] ?? asked.carries[0]!);
	const rows = $derived(bench.answer?.rows.filter((row) => row.carry === carry) ?? []);
	const clubName = (id: string) => bag.find((club) => club.id === id)?.name ?? id;
	/** Read the other way: the club that comes nearest on the level, carry by carry. */
	const reversed = $derived(
		asked.carries.flatMap((length) => {
			const level =
				bench.answer?.rows.filter((row) => row.carry === length && row.slope === 0) ?? [];
			if (level.length === 0) return [];
			const best = level.reduce((a, b) =>
				Math.abs(Math.log(b.ratio / wanted)) < Math.abs(Math.log(a.ratio / wanted)) ? b : a
			);
			return [`from ${say.length(length)} the ${clubName(best.club)}`];
		})
	);
	const newest = $derived(book?.readings[0]);
	const known = $derived.by(() => {
		const off = (feet: number) => `± ${(1.645 * feet).toFixed(1)} ft`;
		if (asked.errorFeet !== null)
			return `Measured ${newest ? `${agoWords(newest.takenAt)}, by now ` : ''}good to ${off(asked.errorFeet)}.`;
		return newest && newest.stimpFeet === asked.stimpFeet
			? `Read ${agoWords(newest.takenAt)}: too long ago, or only by eye. The figures are as wide as that.`
			: 'Nobody measured this speed: the figures are as wide as that.';
	});

	const keepSpeed = () =>
		attempt(async () => {
			const { answer, balls } = bench;
			if (!book || !answer) return;
			await keepReading(book.green.id, {
				stimpFeet: Number(toFeet(answer.speed).toFixed(1)),
				errorFeet: Number(toFeet(answer.known.speed).toFixed(2)),
				firmness: asked.firmness,
				wet: asked.wet,
				method: 'balls',
				balls: balls.map(({ clubId, carry: flown, total, slope }) => ({
					club: clubName(clubId),
					carry: flown,
					total,
					slope
				}))
			});
		});
</script>

<article
	class="mx-auto grid max-w-5xl grid-cols-[minmax(0,1fr)] gap-5 p-4 print:max-w-none print:p-0"
>
	<div class="flex flex-wrap items-end justify-between gap-3">
		<div>
			<ViewHeading text="Today’s ratios" />
			<p>
				How far each club of {file.pupil.name} runs for what it flies,
				{book ? `on ${book.green.name}` : 'on a plain green'} at {asked.stimpFeet.toFixed(1)} ft.
			</p>
		</div>
		<div class="flex gap-2 print:hidden">
			<button type="button" class="btn btn-neutral" onclick={() => print()}
				><Printer size={18} aria-hidden="true" /> Print</button
			>
			<button
				type="button"
				class="btn"
				disabled={!bench.answer}
				onclick={() =>
					bench.answer &&
					download('todays-ratios.csv', formatRatios(bench.answer.rows, clubName), 'text/csv')}
				><Download size={18} aria-hidden="true" /> CSV</button
			>
		</div>
	</div>
	<div class="grid gap-1 print:hidden">
		<div class="field-grid">
			<ChoiceField
				label="Green"
				value={chosen}
				options={[
					{ value: NONE, label: 'A plain green' },
					...books.map(({ green }) => ({ value: green.id, label: green.name }))
				]}
				onchange={choose}
			/>
			<NumberField
				label="Green speed"
				value={asked.stimpFeet}
				symbol="ft"
				{...RANGE.stimpFeet}
				step={0.5}
				decimals={1}
				onchange={(stimpFeet) => (asked = { ...asked, stimpFeet, errorFeet: null })}
			/>
			<ChoiceField
				label="Firmness"
				value={asked.firmness}
				options={FIRMNESS}
				onchange={(firmness) => (asked = { ...asked, firmness })}
			/>
			{#if book && book.green.pins.length > 0}
				<ChoiceField
					label="And along the line"
					value={line}
					options={lines}
					onchange={(value) => (line = value)}
				/>
			{/if}
		</div>
		<p class="hint">{known}</p>
	</div>
	<section class="grid gap-2">
		<div class="flex flex-wrap items-end gap-2 print:hidden">
			<div class="flex flex-wrap gap-1" role="group" aria-label="Carry">
				{#each asked.carries as length, i (i)}
					<button
						type="button"
						class="btn px-3"
						aria-pressed={shown === i}
						onclick={() => (shown = i)}>{say.length(length)}</button
					>
				{/each}
			</div>
			<div class="w-44">
				<LengthField
					label="This carry"
					metres={carry}
					{...RANGE.carryOfRatio}
					onchange={(metres) =>
						(asked = {
							...asked,
							carries: asked.carries.map((length, i) => (i === shown ? metres : length))
						})}
				/>
			</div>
		</div>
		<p class="font-bold">Carried {say.length(carry)}, from short grass</p>
		{#if bench.failure}<p class="problem" role="alert">{bench.failure}</p>{/if}
		{#if rows.length > 0}
			<RatiosTable {rows} {bag} {style} />
			<!-- On paper every carry has its table. -->
			{#each asked.carries as length, i (i)}
				{#if i !== shown}
					<div class="hidden print:block">
						<p class="font-bold">Carried {say.length(length)}, from short grass</p>
						<RatiosTable
							rows={bench.answer?.rows.filter((row) => row.carry === length) ?? []}
							{bag}
							{style}
						/>
					</div>
				{/if}
			{/each}
			<p class="hint">
				Ground over air. Small: where it lies nine times in ten, by what is known of the speed and
				of this player’s loft ({rows[0]?.source === 'measured' ? 'measured' : 'by the model'}).
			</p>
		{:else}<p>Working it out.</p>{/if}
	</section>
	<section class="grid gap-1 print:hidden">
		<h2 class="ruled-heading">The other way round</h2>
		<div class="flex flex-wrap items-end gap-4">
			<div class="w-40">
				<NumberField
					label="For one of air, of ground"
					value={wanted}
					symbol=""
					low={0.1}
					high={12}
					step={0.5}
					decimals={1}
					onchange={(value) => (wanted = value)}
				/>
			</div>
			<p class="min-w-0 flex-1">
				{reversed.length > 0 ? `On the level: ${reversed.join(', ')}.` : 'Working it out.'}
			</p>
		</div>
	</section>
	<FewBalls {bench} clubs={chippers} stimpFeet={asked.stimpFeet} />
	<p class="print:hidden">
		<a class="link font-semibold" href={resolve('/rule')}>A rule to take along, for a round</a>
	</p>
	{#if book && bench.balls.length > 0 && bench.answer}
		<div class="print:hidden">
			<button type="button" class="btn" onclick={() => void keepSpeed()}
				>Keep this as today’s speed of {book.green.name}</button
			>
		</div>
	{/if}
</article>
