<script lang="ts">
	import { reasonOf } from '$lib/io/fields/reason';
	import Radio from '@lucide/svelte/icons/radio';
	import { onDestroy } from 'svelte';
	import type { Spot } from '$lib/core/practice/practised';
	import { simulatedDevice } from '$lib/devices/simulation/simulatedDevice';
	import { SHIPPED_DRILLS } from '$lib/io/practice/drill';
	import { plainGround } from '$lib/io/practice/practiceSetup';
	import PracticeGreen from '$lib/ui/practice/PracticeGreen.svelte';
	import { practiceScale } from '$lib/ui/practice/practiceScale';
	import X from '@lucide/svelte/icons/x';
	import { degrees, toFeet } from '$lib/core/units';
	import type { ClubWire } from '$lib/io/work/club';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import { rowFocus } from '$lib/ui/controls/rowFocus';
	import { plusMinus } from '$lib/ui/format/plusMinus';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { NotedChip, RatiosBench } from './ratiosBench.svelte';

	interface Props {
		bench: RatiosBench;
		/** Without putters. */
		clubs: readonly ClubWire[];
		/** Of the green, for the stand-in of a tracker. */
		stimpFeet: number;
	}
	const { bench, clubs, stimpFeet }: Props = $props();

	/** Nothing lies on the line that a ball is touched on. */
	const PLAIN_LINE = { ...SHIPPED_DRILLS.find(({ id }) => id === 'swing-matrix')!.rules };
	/** A touch nearer to the ball than this is none. */
	const LEAST = 0.3;
	const NINE_IN_TEN = 1.645;
	/** Less loft than this is no difference worth a word. */
	const SLIGHT = 0.5;
	let chip = $state.raw<NotedChip>({ clubId: '', carry: 3, total: 9, slope: 0 });
	const clubId = $derived(
		clubs.some(({ id }) => id === chip.clubId)
			? chip.clubId
			: (clubs.find(({ loft }) => loft >= 44)?.id ?? clubs[0]?.id ?? '')
	);
	const name = (id: string) => clubs.find((club) => club.id === id)?.name ?? id;
	const problem = $derived(
		chip.total > chip.carry ? '' : 'It cannot stop before it has landed: type where it stopped.'
	);
	const { say } = $derived(playing);
	/** A ball that was touched: first where it landed, then where it stopped. */
	let touching = $state(false);
	let half = $state.raw<Spot | null>(null);
	let width = $state(0);
	const FARTHEST = 24;
	const line = $derived({
		ground: { ...plainGround(), toEdge: 0, room: FARTHEST },
		mark: chip.carry,
		rules: PLAIN_LINE
	});
	const scale = $derived(practiceScale(Math.max(240, width), 360, FARTHEST));
	function touch(spot: Spot) {
		if (spot[0] < LEAST) return;
		if (!half) {
			half = spot;
			return;
		}
		const [carry, total] = [half[0], spot[0]];
		half = null;
		if (total > carry) bench.note({ clubId, carry, total, slope: chip.slope });
		else trouble = 'It cannot stop before it has landed: touch it again.';
	}

	let tracking = $state(false);
	let trouble = $state('');
	const listening = new AbortController();
	onDestroy(() => listening.abort());
	/** Three balls of the club at hand, as the stand-in sees them. */
	async function track() {
		const loft = clubs.find(({ id }) => id === clubId)?.loft ?? 46;
		const shots = Array.from({ length: 3 }, () => `${loft}/${chip.carry.toFixed(1)}`).join(',');
		tracking = true;
		trouble = '';
		try {
			const device = simulatedDevice('tracker', {
				shots,
				stimpFeet,
				slope: chip.slope,
				interval: 300,
				seed: Date.now() % 1_000_000,
				faults: 'no'
			});
			for await (const reading of device.readings(listening.signal)) {
				if (reading.device !== 'tracker' || !reading.finished) continue;
				const [carry, total] = [reading.landed[0], reading.finished[0]];
				if (total > carry) bench.note({ clubId, carry, total, slope: chip.slope });
			}
		} catch (error) {
			if (!listening.signal.aborted) trouble = reasonOf(error);
		} finally {
			tracking = false;
		}
	}
	const moved = $derived.by(() => {
		const { answer, before, balls } = bench;
		if (!answer || !before || balls.length === 0) return '';
		const speed = plusMinus(toFeet(answer.speed), toFeet(answer.known.speed), 1);
		const loft = degrees(answer.loft);
		const off = (NINE_IN_TEN * degrees(answer.known.loft)).toFixed(0);
		const delivers =
			Math.abs(loft) < SLIGHT
				? `the loft that was taken for this player, give or take ${off}°`
				: `${Math.abs(loft).toFixed(0)}° ${loft < 0 ? 'less' : 'more'} loft than was taken for this player, give or take ${off}°`;
		return `By these balls the green runs ${speed} ft, and the club delivers ${delivers}.`;
	});
</script>

<section class="grid gap-2 print:hidden" data-testid="few-balls">
	<h2 class="ruled-heading">Three balls make it yours</h2>
	<p class="hint">
		Chip three to five with any club, ordinary flight, from short grass. Look up before each ball.
	</p>
	<div class="field-grid">
		<ChoiceField
			label="Club"
			value={clubId}
			options={clubs.map(({ id, name: label }) => ({ value: id, label }))}
			onchange={(id) => (chip = { ...chip, clubId: id })}
		/>
		<LengthField
			label="Landed after"
			metres={chip.carry}
			low={0.5}
			high={40}
			onchange={(carry) => (chip = { ...chip, carry })}
		/>
		<LengthField
			label="Stopped after"
			metres={chip.total}
			low={0.6}
			high={80}
			onchange={(total) => (chip = { ...chip, total })}
		/>
		<NumberField
			label="Slope (+ up)"
			value={chip.slope}
			symbol="%"
			low={-8}
			high={8}
			step={0.5}
			decimals={1}
			onchange={(slope) => (chip = { ...chip, slope })}
		/>
	</div>
	{#if problem}<p class="problem" role="alert">{problem}</p>{/if}
	{#if touching}
		<div class="min-w-0 overflow-hidden" bind:clientWidth={width}>
			<PracticeGreen
				session={line}
				green={null}
				{scale}
				description="A plain line, true to scale, the ball below."
				asks={half ? 'Touch where it stopped.' : 'Touch where it landed.'}
				ontouch={touch}
			>
				{#if half}
					{@const [x, y] = scale.at(...half)}
					<circle cx={x} cy={y} r="6" fill="var(--clay)" stroke="var(--paper)" />
				{/if}
			</PracticeGreen>
		</div>
		<p class="font-semibold" aria-live="polite">
			{half ? 'Now touch where it stopped.' : 'Touch where it landed.'}
		</p>
	{/if}
	<div class="flex flex-wrap gap-2">
		<button type="button" class="btn" aria-pressed={touching} onclick={() => (touching = !touching)}
			>Touch it on a line</button
		>
		<button
			type="button"
			class="btn h-auto min-h-11 shrink"
			disabled={tracking || clubs.length === 0}
			onclick={track}
			><Radio size={18} aria-hidden="true" /> Three by the ball tracker (simulated)</button
		>
	</div>
	{#if trouble}<p class="problem" role="alert">{trouble}</p>{/if}
	<button
		type="button"
		class="btn btn-neutral min-h-12 w-full max-w-sm"
		disabled={problem !== '' || clubs.length === 0}
		onclick={() => bench.note({ ...chip, clubId })}>Note this ball</button
	>
	{#if bench.balls.length > 0}
		<ol {@attach rowFocus}>
			{#each bench.balls as ball, i (i)}
				<li
					class="grid min-h-11 grid-cols-[3rem_1fr_2.75rem] items-center gap-3 border-b border-b-(--shade)"
				>
					<b>{name(ball.clubId)}</b>
					<span class="figure"
						>{say.length(ball.carry)} in the air, {say.length(ball.total - ball.carry)} on the ground</span
					>
					<button
						type="button"
						class="btn btn-ghost btn-square"
						aria-label={`Take out ball ${i + 1}`}
						onclick={() => bench.take(i)}><X size={18} aria-hidden="true" /></button
					>
				</li>
			{/each}
		</ol>
		<p class="font-semibold" role="status">{moved}</p>
		<div>
			<button type="button" class="btn" onclick={() => (bench.balls = [])}
				>Take all back: the table as it was</button
			>
		</div>
	{/if}
</section>
