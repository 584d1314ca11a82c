<script lang="ts">
	import { RANGE } from '$lib/io/fields/ranges';
	import { resolve } from '$app/paths';
	import type { Paced } from '$lib/core/today/paces';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import { movedAlong } from '$lib/io/work/placedShot';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const LINE = 'line';
	const OWN = 'own';
	const situation = $derived(bench.shot.situation);
	const place = $derived(bench.shot.place);
	const grounds = $derived([
		{ value: LINE, label: 'Straight, no map' },
		...bench.greens.map(({ green }) => ({ value: green.id, label: green.name }))
	]);
	const pins = $derived(bench.book?.green.pins ?? []);
	const pinId = $derived(
		pins.find(({ at }) => at[0] === place?.pin[0] && at[1] === place.pin[1])?.id ?? OWN
	);
	const lost = $derived(place !== undefined && !bench.book);

	function choose(id: string) {
		const book = bench.greens.find(({ green }) => green.id === id);
		if (book) bench.placeOnGreen(book);
		else bench.leaveGreen();
	}

	function choosePin(id: string) {
		const pin = pins.find((candidate) => candidate.id === id);
		if (pin && place) bench.moveTo({ ...place, pin: [...pin.at] });
	}

	/** On a map a distance is changed by walking along the line. */
	function along(ball: number, pin: number, apply: () => void) {
		if (bench.line && place) bench.moveTo(movedAlong(place, ball, pin));
		else apply();
	}
	const change = (apply: (s: typeof situation) => void) =>
		bench.change((shot) => apply(shot.situation));

	let pacing = $state(false);
	function paced([toEdge, edgeToPin]: readonly Paced[]) {
		const tenth = (found: Paced | undefined, least: number) =>
			Math.max(least, Number((found?.distance ?? 0).toFixed(1)));
		const [edge, pin] = [tenth(toEdge, 0), tenth(edgeToPin, 0.5)];
		along(situation.toEdge - edge, pin - situation.edgeToPin, () =>
			change((s) => {
				s.toEdge = edge;
				s.edgeToPin = pin;
			})
		);
	}
</script>

<div class="field-grid">
	<ChoiceField
		label="Ground"
		value={place && !lost ? place.greenId : LINE}
		options={grounds}
		onchange={choose}
	/>
	{#if bench.book}
		<ChoiceField
			label="Pin"
			value={pinId}
			options={[
				...pins.map(({ id, name }) => ({ value: id, label: name })),
				...(pinId === OWN ? [{ value: OWN, label: 'Where you dragged it' }] : [])
			]}
			onchange={choosePin}
		/>
	{/if}
	<LengthField
		label="Ball to edge"
		metres={situation.toEdge}
		{...RANGE.toEdge}
		onchange={(v) => along(situation.toEdge - v, 0, () => change((s) => (s.toEdge = v)))}
	/>
	<LengthField
		label="Edge to pin"
		metres={situation.edgeToPin}
		{...RANGE.edgeToPin}
		onchange={(v) => along(0, v - situation.edgeToPin, () => change((s) => (s.edgeToPin = v)))}
	/>
	<button type="button" class="btn self-end" onclick={() => (pacing = true)}>Pace both</button>
	{#if !bench.line}
		<LengthField
			label="Green behind pin"
			metres={situation.beyondPin}
			{...RANGE.beyondPin}
			onchange={(v) => change((s) => (s.beyondPin = v))}
		/>
		<LengthField
			label="Green above ball"
			metres={situation.rise}
			{...RANGE.rise}
			onchange={(v) => change((s) => (s.rise = v))}
		/>
	{/if}
</div>
{#if lost}
	<p class="hint">
		The green this shot was planned on is no longer here: it is planned on the line that was read
		off it.
	</p>
{:else if bench.greens.length === 0}
	<p class="hint">
		<a class="underline" href={resolve('/greens')}>Survey a green</a> and shots can be planned on its
		map.
	</p>
{/if}
{#if pacing}
	{#await import('$lib/ui/measure/PaceDialog.svelte') then { default: PaceDialog }}
		<PaceDialog
			legs={['Ball to edge', 'Edge to pin']}
			onfound={paced}
			onclose={() => (pacing = false)}
		/>
	{/await}
{/if}
