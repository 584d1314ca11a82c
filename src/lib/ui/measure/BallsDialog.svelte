<script lang="ts">
	import { plusMinus } from '$lib/ui/format/plusMinus';
	import X from '@lucide/svelte/icons/x';
	import { createForm } from '@tanstack/svelte-form';
	import { toFeet } from '$lib/core/units';
	import { clubToCore, type ClubWire } from '$lib/io/work/club';
	import { typedBallSchema, type ReadingWire } from '$lib/io/work/reading';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import { rowFocus } from '$lib/ui/controls/rowFocus';
	import { formatLength } from '$lib/ui/format/lengths';
	import SheetDialog from '$lib/ui/shell/SheetDialog.svelte';
	import { BallsReader } from '$lib/ui/measure/state/ballsReader.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { ballsWords, nextBallWords } from './ballsWords';
	import TapeButton from './TapeButton.svelte';
	import type { FoundReading } from './keepReading';
	import type { PlannerPool } from '$lib/workers/plannerPool';

	interface Props {
		pool: PlannerPool;
		newest: ReadingWire | undefined;
		bag: readonly ClubWire[];
		/** Keeps what was found; false where it could not be. */
		onkeep: (found: FoundReading) => Promise<boolean>;
		onclose: () => void;
	}
	const { pool, newest, bag, onkeep, onclose }: Props = $props();

	// svelte-ignore state_referenced_locally
	const clubs = bag.filter((club) => !club.putter);
	// svelte-ignore state_referenced_locally
	const test = new BallsReader(pool, clubs.map(clubToCore));
	const form = createForm(() => ({
		defaultValues: {
			club: clubs.find(({ loft }) => loft >= 44)?.name ?? clubs[0]?.name ?? '',
			carry: 4,
			total: 10,
			slope: 0
		},
		validators: { onChange: typedBallSchema },
		onSubmit: ({ value }) => test.add({ ...value })
	}));
	const typed = form.useSelector(({ values, canSubmit }) => ({ values, canSubmit }));
	const say = (metres: number) => formatLength(metres, playing.style);

	async function keep() {
		const { reading } = test;
		if (!reading) return;
		const kept = await onkeep({
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
		<p class="problem">The bag has no club to chip with. Put one in on the Bag view.</p>
	{:else}
		<form
			onsubmit={(event) => {
				event.preventDefault();
				void form.handleSubmit();
			}}
		>
			<div class="field-grid">
				<form.Field name="club">
					{#snippet children(field)}
						<ChoiceField
							label="Club"
							value={field.state.value}
							options={clubs.map(({ name }) => ({ value: name, label: name }))}
							onchange={(name) => field.handleChange(name)}
						/>
					{/snippet}
				</form.Field>
				<form.Field name="carry">
					{#snippet children(field)}
						<LengthField
							label="Landed after"
							metres={field.state.value}
							low={0.5}
							high={40}
							onchange={(metres) => field.handleChange(metres)}
						/>
					{/snippet}
				</form.Field>
				<form.Field name="total">
					{#snippet children(field)}
						<LengthField
							label="Stopped after"
							metres={field.state.value}
							low={0.6}
							high={80}
							onchange={(metres) => field.handleChange(metres)}
						/>
						{#each field.state.meta.errors as error, i (i)}
							<p class="problem col-span-full">{error?.message}</p>
						{/each}
					{/snippet}
				</form.Field>
				<form.Field name="slope">
					{#snippet children(field)}
						<NumberField
							label="Slope (+ up)"
							value={field.state.value}
							symbol="%"
							low={-8}
							high={8}
							step={0.5}
							decimals={1}
							onchange={(percent) => field.handleChange(percent)}
						/>
					{/snippet}
				</form.Field>
			</div>
			<TapeButton
				about={typed.current.values.total}
				seed={test.balls.length}
				onread={(metres) => form.setFieldValue('total', metres)}
			/>
			<button
				type="submit"
				class="btn btn-neutral my-3 min-h-14 w-full"
				disabled={!typed.current.canSubmit}
			>
				Note this ball
			</button>
		</form>
		<ol {@attach rowFocus}>
			{#each test.balls as ball, i (i)}
				<li class="flex min-h-11 items-center justify-between border-b border-b-(--shade)">
					<span>{ball.club}: landed {say(ball.carry)}, stopped {say(ball.total)}</span>
					<button
						type="button"
						class="btn btn-ghost btn-square"
						aria-label={`Take out ball ${i + 1}`}
						onclick={() => test.remove(i)}
					>
						<X size={18} aria-hidden="true" />
					</button>
				</li>
			{:else}
				<li class="flex min-h-11 items-center justify-between border-b border-b-(--shade)">
					No balls yet: three of one club make a start.
				</li>
			{/each}
		</ol>
		<div aria-live="polite">
			{#if test.working}<p>Working it out …</p>{/if}
			{#if test.failure}<p class="problem" role="alert">{test.failure}</p>{/if}
			{#if test.reading}
				<p class="figure text-3xl font-extrabold">
					{plusMinus(toFeet(test.reading.speed), toFeet(test.reading.error), 1)} ft
				</p>
				<p>{ballsWords(test.reading)}</p>
				<p>{nextBallWords(test.reading, say)}</p>
			{/if}
		</div>
		<button
			type="button"
			class="btn btn-neutral my-3 min-h-14 w-full"
			disabled={!test.reading}
			onclick={() => void keep()}>Keep it</button
		>
	{/if}
</SheetDialog>
