<script lang="ts">
	import { greenToCore } from '$lib/io/work/green';
	import { centreOf } from '$lib/io/work/placedShot';
	import { drillPlace } from '$lib/io/practice/drillPlace';
	import type { SessionGround } from '$lib/io/practice/session';
	import type { GreenBook } from '$lib/store/shelves/greens';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import { COMPASS } from '$lib/ui/measure/compass';

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
	let pin = $state('');
	let from = $state(180);
	let problem = $state('');
	const book = $derived(books.find(({ green }) => green.id === ground.greenId));
	const greens = $derived([
		{ value: NONE, label: 'A plain line' },
		...books.map(({ green }) => ({ value: green.id, label: green.name }))
	]);
	const pins = $derived(book?.green.pins.map(({ id, name }) => ({ value: id, label: name })) ?? []);

	function place(on: GreenBook, off: number) {
		const at = on.green.pins.find(({ id }) => id === pin)?.at ?? on.green.pins[0]?.at;
		const placed = drillPlace(greenToCore(on.green), at ?? centreOf(on.green.outline), from, off);
		problem = 'problem' in placed ? placed.problem : '';
		const newest = on.readings[0];
		onchange({
			...ground,
			...('ground' in placed && placed.ground),
			name: on.green.name,
			greenId: on.green.id,
			...(newest && {
				stimpFeet: newest.stimpFeet,
				firmness: newest.firmness,
				wet: newest.wet
			})
		});
	}

	function choose(id: string) {
		const chosen = books.find(({ green }) => green.id === id);
		pin = '';
		if (chosen) place(chosen, ground.toEdge);
		else {
			const { place: _place, ...plain } = ground;
			onchange({ ...plain, greenId: null, name: '' });
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
		low={0}
		high={60}
		onchange={(toEdge) => (book ? place(book, toEdge) : onchange({ ...ground, toEdge }))}
	/>
	{#if !book}
		<LengthField
			label="Green beyond the edge"
			metres={ground.room}
			low={1}
			high={100}
			onchange={(room) => onchange({ ...ground, room })}
		/>
		<NumberField
			label="Green speed"
			value={ground.stimpFeet}
			symbol="ft"
			low={3}
			high={18}
			step={0.5}
			decimals={1}
			onchange={(stimpFeet) => onchange({ ...ground, stimpFeet })}
		/>
		<NumberField
			label="Slope along (+ up)"
			value={ground.slopeAlong}
			symbol="%"
			low={-30}
			high={30}
			step={0.5}
			decimals={1}
			onchange={(slopeAlong) => onchange({ ...ground, slopeAlong })}
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
		)} % along the line{book.readings.length === 0 ? '; not read yet, taken as it was typed' : ''}.
	</p>
{/if}
