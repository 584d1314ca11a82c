<script lang="ts">
	import { ALL_ALONG, ratioWords } from '$lib/io/words/ratio';
	import { degrees } from '$lib/core/units';
	import { formatLength } from '$lib/ui/format/lengths';
	import { strokesWords } from '$lib/ui/format/strokes';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { choiceWords } from '$lib/ui/call/callWords';
	import type { Choice } from '$lib/ui/call/choices';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';

	interface Props {
		bench: ShotBench;
		against: string | null;
		onagainst: (key: string) => void;
	}
	const { bench, against, onagainst }: Props = $props();

	const say = (metres: number) => formatLength(metres, playing.style);
	const pin = $derived(bench.shot.situation.toEdge + bench.shot.situation.edgeToPin);
	const chosen = $derived(bench.chosen);
	const rest = $derived(bench.choices.filter((choice) => choice.key !== chosen?.key));
	const other = $derived(rest.find((choice) => choice.key === against) ?? rest[0]);

	function column(choice: Choice): string[] {
		const { outcome, speed } = choice.candidate.solution;
		const stats = choice.option?.statistics;
		const percent = (value: number | undefined) =>
			value === undefined ? '–' : playing.say.percent(value);
		return [
			stats ? strokesWords(stats.expectedStrokes) : '–',
			stats ? say(stats.leave.median) : '–',
			stats ? say(stats.leave.p90) : '–',
			percent(stats?.chances.holed),
			percent(stats?.chances.inside1m),
			percent(stats?.chances.inside2m),
			percent(stats?.chances.inside3m),
			percent(stats?.chances.upAndDown),
			percent(stats?.chances.missGreen),
			percent(stats?.chances.hazard),
			percent(stats?.chances.fourOrMore),
			percent(stats?.chances.heavy),
			percent(stats?.chances.thin),
			say(outcome.carry),
			say(outcome.roll),
			choice.candidate.play.flight === 'putt'
				? ALL_ALONG
				: ratioWords(outcome, bench.file.pupil.ratios ?? 'ratio', bench.file.pupil.pace),
			say(outcome.apex),
			`${Math.round(degrees(outcome.landingAngle))}°`,
			`${speed.toFixed(1)} m/s`
		];
	}
	const LABELS = $derived([
		'Strokes to hole out',
		'Half end within',
		'Nine in ten within',
		'Holed',
		`Inside ${say(1)}`,
		`Inside ${say(2)}`,
		`Inside ${say(3)}`,
		'Up and down',
		'Misses the green',
		'In the hazard',
		'Four or more',
		'Caught heavy',
		'Caught thin',
		'Carry',
		'Roll-out',
		'Air to ground',
		'Height',
		'Comes down at',
		'Head speed'
	]);
</script>

{#if chosen && other}
	{@const a = column(chosen)}
	{@const b = column(other)}
	<label class="mb-2 flex items-center gap-2">
		<span class="shrink-0 text-[0.8125rem] text-(--faint)">Compare with</span>
		<select
			class="select w-full min-w-0 font-semibold"
			value={other.key}
			onchange={(event) => onagainst(event.currentTarget.value)}
		>
			{#each rest as choice (choice.key)}
				<option value={choice.key}>{choiceWords(choice, pin, say)}</option>
			{/each}
		</select>
	</label>
	<table class="table-sm table w-full table-fixed">
		<thead>
			<tr>
				<th scope="col" class="w-[42%]"><span class="sr-only">Measure</span></th>
				<th scope="col" class="pb-1 pl-2 text-right align-bottom font-bold"
					>{choiceWords(chosen, pin, say)}</th
				>
				<th scope="col" class="pb-1 pl-2 text-right align-bottom font-semibold"
					>{choiceWords(other, pin, say)}</th
				>
			</tr>
		</thead>
		<tbody>
			{#each LABELS as label, i (label)}
				<tr
					><th scope="row">{label}</th><td class="figure pl-2">{a[i]}</td><td class="figure pl-2"
						>{b[i]}</td
					></tr
				>
			{/each}
		</tbody>
	</table>
{:else}
	<p>There is only one way to play this, so nothing to compare.</p>
{/if}
