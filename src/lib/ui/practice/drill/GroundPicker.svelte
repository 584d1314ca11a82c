<script lang="ts">
	import { RANGE } from '$lib/io/fields/ranges';
	import { resolve } from '$app/paths';
	import type { SessionGround } from '$lib/io/practice/session';
	import type { GreenBook } from '$lib/store/shelves/greens';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import { agoWords } from '$lib/ui/format/dates';
	import { COMPASS } from '$lib/ui/measure/compass';
	import { groundOn, howKnown, knownAs, USUAL_SIDE } from './drillGround';

	interface Props {
		ground: SessionGround;
		books: readonly GreenBook[];
		onchange: (ground: SessionGround) => void;
	}
	const { ground, books, onchange }: Props = $props();

	const NONE = '';
	const FIRMNESS = [
		{ value: 'soft', label: 'Soft' },
		{ value: 'medium', label: 'Medium' },
		{ value: 'firm', label: 'Firm' }
	] as const;
	const KNOWN = [
		{ value: 'judged', label: 'judged by eye' },
		{ value: 'speed', label: 'speed measured today' },
		{ value: 'both', label: 'both measured today' }
	] as const;
	let pin = $state('');
	let from = $state(USUAL_SIDE);
	let problem = $state('');
	const book = $derived(books.find(({ green }) => green.id === ground.greenId));
	const greens = $derived([
		{ value: NONE, label: 'A plain line' },
		...books.map(({ green }) => ({ value: green.id, label: green.name }))
	]);
	const pins = $derived(book?.green.pins.map(({ id, name }) => ({ value: id, label: name })) ?? []);

	function place(on: GreenBook, off: number) {
		const found = groundOn(on, ground, { pin, from, off }, Date.now());
		problem = found.problem;
		onchange(found.ground);
	}

	function choose(id: string) {
		const chosen = books.find(({ green }) => green.id === id);
		pin = '';
		if (chosen) place(chosen, ground.toEdge);
		else {
			const { place: _place, ...plain } = ground;
			onchange({ ...plain, ...knownAs('judged'), greenId: null, name: '' });
		}
	}
</script>

<div class="field-grid">
	<ChoiceField label="Green" value={ground.greenId ?? NONE} options={greens} onchange={choose} />
	{#if book}
		{#if pins.length > 0}
			<ChoiceField
				label="Toward"
				value={pin || pins[0]!.value}
				options={pins}
				onchange={(id) => {
					pin = id;
					place(book, ground.toEdge);
				}}
			/>
		{/if}
		<ChoiceField
			label="From"
			value={String(from)}
			options={COMPASS.map(({ bearing, name }) => ({ value: String(bearing), label: name }))}
			onchange={(bearing) => {
				from = Number(bearing);
				place(book, ground.toEdge);
			}}
		/>
	{/if}
	<LengthField
		label="Ball to edge"
		metres={ground.toEdge}
		{...RANGE.drillToEdge}
		onchange={(toEdge) => (book ? place(book, toEdge) : onchange({ ...ground, toEdge }))}
	/>
	{#if !book}
		<LengthField
			label="Green beyond the edge"
			metres={ground.room}
			{...RANGE.room}
			onchange={(room) => onchange({ ...ground, room })}
		/>
		<NumberField
			label="Green speed"
			value={ground.stimpFeet}
			symbol="ft"
			{...RANGE.stimpFeet}
			step={0.5}
			decimals={1}
			onchange={(stimpFeet) => onchange({ ...ground, stimpFeet })}
		/>
		<NumberField
			label="Slope along (+ up)"
			value={ground.slopeAlong}
			symbol="%"
			{...RANGE.slope}
			step={0.5}
			decimals={1}
			onchange={(slopeAlong) => onchange({ ...ground, slopeAlong })}
		/>
		<ChoiceField
			label="Speed and slope are"
			value={howKnown(ground)}
			options={KNOWN}
			onchange={(how) => onchange({ ...ground, ...knownAs(how) })}
		/>
		<ChoiceField
			label="Firmness"
			value={ground.firmness}
			options={FIRMNESS}
			onchange={(firmness) => onchange({ ...ground, firmness })}
		/>
	{/if}
</div>
{#if problem}<p class="problem" role="alert">{problem}</p>{/if}
{#if book}
	<p class="hint">
		{ground.stimpFeet.toFixed(1)} ft, {ground.firmness}{ground.wet ? ', wet' : ''}, {ground.slopeAlong.toFixed(
			1
		)} % along the line.
		{book.readings[0] ? `Read ${agoWords(book.readings[0].takenAt)}.` : 'Not read yet.'}
	</p>
{/if}
{#if ground.speedError === null}
	<p class="hint">
		Where nobody measured the speed, a ball’s roll tells nothing of this player’s loft and spin.
		{#if book}
			<a class="link" href={resolve('/greens/[id]', { id: book.green.id })}>Measure this green</a>
		{/if}
	</p>
{/if}
