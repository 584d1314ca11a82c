<script lang="ts">
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
	}
	const { bench, clubs }: Props = $props();

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
