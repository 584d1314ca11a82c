<script lang="ts">
	import { NO_PUTT, type WantedWire } from '$lib/io/fields/wanted';
	import { missQuestion } from '$lib/io/work/greenStudy';
	import { greenToCore } from '$lib/io/work/green';
	import { centreOf } from '$lib/io/work/placedShot';
	import type { ReadingWire } from '$lib/io/work/reading';
	import type { WorkingShot } from '$lib/io/work/shot';
	import { wantedWords } from '$lib/io/words/wanted';
	import { whom } from '$lib/io/words/whose';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import { strokesWords } from '$lib/ui/format/strokes';
	import type { GreenBench } from '$lib/ui/greens/state/greenBench.svelte';
	import { MISS_SPOTS, type MissStudy } from '$lib/ui/greens/state/missStudy.svelte';
	import { missSides } from './missWords';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { skillWords } from '$lib/io/words/skill';
	import WorkBar from '$lib/ui/controls/WorkBar.svelte';

	interface Props {
		bench: GreenBench;
		study: MissStudy;
		last: Pick<WorkingShot, 'situation'>;
		reading: ReadingWire | undefined;
		pin: number;
		onpin: (pin: number) => void;
		/** The shot that is asked for, wherever the ball lies, and what was asked for to begin with. */
		wish: WantedWire;
		usual: WantedWire;
		onwish: (wish: WantedWire) => void;
	}
	const { bench, study, last, reading, pin, onpin, wish, usual, onwish }: Props = $props();

	const SEED = 4;
	const KINDS = ['chip', 'pitch', 'lob', 'flop'] as const;
	const pins = $derived(bench.green.pins);
	const wishes = $derived(
		[{}, NO_PUTT, ...KINDS.map((kind) => ({ kinds: [kind] })), usual]
			.map((wanted) => ({ label: wantedWords(wanted), wanted }))
			.filter(({ label }, i, all) => all.findIndex((other) => other.label === label) === i)
	);
	const sides = $derived(missSides(study.costs, centreOf(bench.green.outline)));

	function start() {
		const green = bench.green;
		const at = green.pins[pin]?.at;
		if (at)
			void study.start(
				missQuestion(
					{ ...last, wanted: wish },
					playing.playing,
					greenToCore(green),
					at,
					reading,
					SEED
				)
			);
	}
</script>

<div class="grid gap-3">
	<p class="font-semibold wrap-anywhere">
		For {whom(playing.file.pupil.name)}, {skillWords(playing.file.pupil)}
	</p>
	<p>
		{MISS_SPOTS} spots around the green, a ball from each played to this pin a hundred times: the larger
		the mark, the dearer the miss.
	</p>
	{#if pins.length === 0}
		<p class="problem">There is no pin to play to: add one under Pins.</p>
	{:else}
		<div class="field-grid">
			<ChoiceField
				label="Pin"
				value={String(pin)}
				options={pins.map(({ name }, i) => ({ value: String(i), label: name }))}
				onchange={(value) => onpin(Number(value))}
			/>
			<ChoiceField
				label="Which shot"
				value={wantedWords(wish)}
				options={wishes.map(({ label }) => ({ value: label, label }))}
				onchange={(value) => onwish(wishes.find(({ label }) => label === value)?.wanted ?? {})}
			/>
		</div>
	{/if}
	<WorkBar
		status={study.status}
		progress={study.progress}
		failure={study.failure}
		label="Work out where to miss"
		disabled={pins.length === 0}
		onstart={start}
		onstop={() => study.cancel()}
	/>
	{#if sides.length > 0}
		<p class="finding" data-testid="miss-call">
			Miss toward {sides[0]!.name}: {strokesWords(sides[0]!.strokes)} from there. Never toward
			{sides.at(-1)!.name}: {strokesWords(sides.at(-1)!.strokes)}.
		</p>
		<table class="table-sm table">
			<thead>
				<tr>
					<th scope="col">Side of the map</th>
					<th scope="col">Strokes</th>
					<th scope="col">Mostly played with</th>
				</tr>
			</thead>
			<tbody>
				{#each sides as side (side.name)}
					<tr>
						<th scope="row">Toward {side.name}</th>
						<td class="figure">{strokesWords(side.strokes)}</td>
						<td>{side.club}</td>
					</tr>
				{/each}
			</tbody>
		</table>
		<p class="hint">
			Good to a tenth of a stroke: fewer clubs and balls than on the Shot view. Without wind.
		</p>
	{/if}
</div>
