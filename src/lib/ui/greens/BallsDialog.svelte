<script lang="ts">
	import X from '@lucide/svelte/icons/x';
	import { toFeet } from '$lib/core/units';
	import { clubToCore, type ClubWire } from '$lib/io/contract/club';
	import type { ReadingWire } from '$lib/io/reading';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import { formatLength } from '$lib/ui/format/lengths';
	import SheetDialog from '$lib/ui/shell/SheetDialog.svelte';
	import { BallsTest } from '$lib/ui/state/ballsTest.svelte';
	import type { GreenBench } from '$lib/ui/state/greenBench.svelte';
	import { preferences } from '$lib/ui/state/preferences.svelte';
	import { ballsWords, nextBallWords } from './ballsWords';
	import TapeButton from './TapeButton.svelte';
	import { keepReading } from './keepReading';

	interface Props {
		bench: GreenBench;
		newest: ReadingWire | undefined;
		bag: readonly ClubWire[];
		onclose: () => void;
	}
	const { bench, newest, bag, onclose }: Props = $props();

	// svelte-ignore state_referenced_locally
	const clubs = bag.filter((club) => !club.putter);
	// svelte-ignore state_referenced_locally
	const test = new BallsTest(bench.pool, clubs.map(clubToCore));
	let club = $state(clubs.find(({ loft }) => loft >= 44)?.name ?? clubs[0]?.name ?? '');
	let carry = $state(4);
	let total = $state(10);
	let slope = $state(0);
	const say = (metres: number) => formatLength(metres, preferences.style);

	async function keep() {
		const { reading } = test;
		if (!reading) return;
		const kept = await keepReading(bench.green.id, {
			stimpFeet: Number(toFeet(reading.speed).toFixed(1)),
			errorFeet: Number(toFeet(reading.error).toFixed(2)),
			firmness: reading.nearest,
			wet: newest?.wet ?? false,
			grainTowards: newest?.grainTowards ?? null,
			method: 'balls',
			balls: $state.snapshot(test.balls)
		});
		if (kept) onclose();
	}
</script>

<SheetDialog
	bind:open={() => true, (open) => !open && onclose()}
	title="Chip a few balls"
	description="One club, its ordinary flight, from short grass onto a level part. Note where each ball landed and where it stopped; leave out the ones you hit badly."
>
	{#if clubs.length === 0}
		<p class="problem">The bag has no club to chip with. Put one in on the Shot view.</p>
	{:else}
		<div class="field-grid">
			<ChoiceField
				label="Club"
				value={club}
				options={clubs.map(({ name }) => ({ value: name, label: name }))}
				onchange={(name) => (club = name)}
			/>
			<LengthField
				label="Landed after"
				metres={carry}
				low={0.5}
				high={40}
				onchange={(v) => (carry = v)}
			/>
			<LengthField
				label="Stopped after"
				metres={total}
				low={0.6}
				high={80}
				onchange={(v) => (total = v)}
			/>
			<NumberField
				label="Slope (+ up)"
				value={slope}
				symbol="%"
				low={-8}
				high={8}
				step={0.5}
				decimals={1}
				onchange={(v) => (slope = v)}
			/>
		</div>
		<TapeButton about={total} seed={test.balls.length} onread={(metres) => (total = metres)} />
		<button
			type="button"
			class="plain-button strong wide"
			disabled={total <= carry}
			onclick={() => test.add({ club, carry, total, slope })}
		>
			Note this ball
		</button>
		{#if total <= carry}<p class="problem">It cannot stop before it has landed.</p>{/if}
		<ol>
			{#each test.balls as ball, i (i)}
				<li>
					<span>{ball.club}: landed {say(ball.carry)}, stopped {say(ball.total)}</span>
					<button
						type="button"
						class="quiet-button"
						aria-label={`Take out ball ${i + 1}`}
						onclick={() => test.remove(i)}
					>
						<X size={18} aria-hidden="true" />
					</button>
				</li>
			{:else}
				<li>No balls yet: three of one club make a start.</li>
			{/each}
		</ol>
		<div aria-live="polite">
			{#if test.working}<p>Working it out …</p>{/if}
			{#if test.failure}<p class="problem" role="alert">{test.failure}</p>{/if}
			{#if test.reading}
				<p class="speed figure">
					{toFeet(test.reading.speed).toFixed(1)} ± {toFeet(test.reading.error).toFixed(1)} ft
				</p>
				<p>{ballsWords(test.reading)}</p>
				<p>{nextBallWords(test.reading, say)}</p>
			{/if}
		</div>
		<button
			type="button"
			class="plain-button strong wide"
			disabled={!test.reading}
			onclick={() => void keep()}>Keep it</button
		>
	{/if}
</SheetDialog>

<style>
	.wide {
		width: 100%;
		min-height: 56px;
		margin-block: 12px;
	}
	.speed {
		font-size: 1.75rem;
		font-weight: 800;
	}
	li {
		display: flex;
		justify-content: space-between;
		align-items: center;
		min-height: 44px;
		border-bottom: 1px solid var(--shade);
	}
</style>
