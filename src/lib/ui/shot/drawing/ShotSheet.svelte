<script lang="ts">
	import { untrack } from 'svelte';
	import type { Path } from '$lib/core/solve/path';
	import { heightOnPath } from '$lib/core/solve/path';
	import { playWords } from '$lib/io/words/play';
	import BehindBall from '$lib/ui/perspective/BehindBall.svelte';
	import Later from '$lib/ui/controls/Later.svelte';
	import PlacedPlan from './PlacedPlan.svelte';
	import PlanDrawing from './PlanDrawing.svelte';
	import SectionDrawing from './SectionDrawing.svelte';
	import { gateWords, groundRange, viewRange } from './section';
	import { planLayersFor } from './planLayers';
	import { preferences } from '$lib/ui/state/preferences.svelte';
	import { trueScale } from '$lib/ui/drawing/scale';
	import { formatLength } from '$lib/ui/format/lengths';
	import { BallReplay } from '$lib/ui/shot/state/ballReplay.svelte';
	import { neighbours } from '$lib/ui/call/choices';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { SectionDrag } from '$lib/ui/shot/state/sectionDrag.svelte';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
	import { PlanDrag } from '$lib/ui/shot/state/planDrag.svelte';
	import CallBanner from '$lib/ui/shot/answer/CallBanner.svelte';
	import { laidOf } from './laidOf';
	import PlanLegend from './PlanLegend.svelte';
	import { planWords } from './planWords';
	import ReplayBar from './ReplayBar.svelte';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const BELOW = 64;
	const HEAD_ROOM = 26;
	const LEAST_HEIGHT = 176;
	const MOST_HEIGHT = 300;
	/** With a map below it the section gives way a little. */
	const MOST_HEIGHT_OVER_MAP = 224;
	const MAP_HEIGHT = 256;
	const MARGIN = 8;
	const OTHERS = 3;
	const NO_PATH: Path = [];

	let width = $state(800);
	// svelte-ignore state_referenced_locally
	const drag = new SectionDrag(bench);
	// svelte-ignore state_referenced_locally
	const planDrag = new PlanDrag(bench);
	let whole = $state(false);
	let behind = $state(false);
	const inTheSun = $derived(preferences.current.theme === 'sunlight');
	let shows = $derived(planLayersFor(inTheSun));
	const replay = new BallReplay();

	const core = $derived(bench.situation);
	const mapped = $derived(bench.line !== null);
	const most = $derived(mapped ? MOST_HEIGHT_OVER_MAP : MOST_HEIGHT);
	const chosen = $derived(bench.chosen);
	const others = $derived(chosen ? neighbours(bench.choices, chosen).slice(0, OTHERS) : []);
	const range = $derived<[number, number]>(
		drag.frozen ? [drag.frozen[0] - drag.shift, drag.frozen[1] - drag.shift] : viewRange(core)
	);
	const heights = $derived(groundRange(core, range[0], range[1]));
	const top = $derived(
		Math.max(
			1.9,
			heights[1] + 0.8,
			...[chosen, ...others].map((choice) => choice?.candidate.solution.outcome.apex ?? 0)
		)
	);
	/** The drawing is true to scale: where the flight is too high for the sheet, the view is widened. */
	const shown = $derived.by<[number, number]>(() => {
		const length = range[1] - range[0];
		const needed = ((top - heights[0]) * (width - 2 * MARGIN)) / length + HEAD_ROOM + BELOW;
		const room = most;
		const stretch = Math.max(1, (needed - HEAD_ROOM - BELOW) / (room - HEAD_ROOM - BELOW));
		return [range[0] - (length * (stretch - 1)) / 3, range[1] + (length * (stretch - 1) * 2) / 3];
	});
	const factor = $derived((width - 2 * MARGIN) / (shown[1] - shown[0]));
	const height = $derived(
		Math.max(LEAST_HEIGHT, Math.min(most, (top - heights[0]) * factor + HEAD_ROOM + BELOW))
	);
	const baseline = $derived(height - BELOW + heights[0] * factor);
	const section = $derived(trueScale(shown[0], shown[1], width, height, baseline, MARGIN));
	const aside = $derived(Math.min(230, Math.max(110, 6.5 * factor)));
	const above = $derived(trueScale(shown[0], shown[1], width, aside, aside / 2, MARGIN));
	const ballAt = $derived.by<[number, number] | null>(() => {
		const at = replay.at;
		return at ? [section.x(at[0]), section.y(at[1])] : null;
	});
	const legend = $derived(
		planWords(
			chosen,
			shows.landing ? bench.region : null,
			{ pin: core.toEdge + core.edgeToPin, mapped, sloping: core.segments, shows },
			(metres) => playing.say.length(metres)
		)
	);
	const say = (metres: number) => formatLength(metres, playing.style);
	const gate = $derived(
		chosen ? gateWords(chosen.candidate.path, 2 * playing.file.pupil.pace) : null
	);
	const description = $derived(
		chosen
			? `Side view. ${playWords(chosen.candidate.play)}: carries ${say(chosen.candidate.solution.outcome.carry)}, rolls ${say(chosen.candidate.solution.outcome.roll)}, ${say(Math.max(0, heightOnPath(chosen.candidate.path, 2)))} high at 2 m. ${others.length} other shots behind it.`
			: 'Side view of the shot.'
	);

	/** What the call does, laid into the picture from behind the ball. */
	const laid = $derived(laidOf(bench, chosen, shows, 2 * playing.file.pupil.pace));

	$effect(() => {
		const path = chosen?.candidate.path ?? NO_PATH;
		untrack(() => replay.load(path));
	});
	$effect(() => {
		if (bench.status !== 'ready' || !chosen) return;
		const choice = chosen;
		untrack(() => void bench.mapLanding(choice));
	});
	$effect(() => {
		if (bench.status !== 'ready' || !bench.plan) return;
		const { plan } = bench;
		untrack(() => replay.playOnce(plan));
	});
</script>

<section
	class="min-w-0 overflow-hidden bg-(--sky-wash) [border-block:2px_solid_var(--ink)]"
	aria-label="The shot"
	bind:clientWidth={width}
>
	<CallBanner {bench} />
	<SectionDrawing
		{bench}
		{drag}
		scale={section}
		{range}
		{chosen}
		{others}
		ball={ballAt}
		{description}
	/>
	{#if behind}
		<Later>
			<BehindBall situation={core} {laid} ball={replay.place} />
		</Later>
	{:else if mapped}
		<div style:min-height={`${MAP_HEIGHT}px`}>
			<Later>
				<PlacedPlan
					{bench}
					drag={planDrag}
					{chosen}
					region={bench.region}
					scale={section}
					height={MAP_HEIGHT}
					{whole}
					{shows}
					description={legend.join('. ')}
				/>
			</Later>
		</div>
	{:else}
		<PlanDrawing
			situation={core}
			{chosen}
			region={bench.region}
			scale={above}
			{shows}
			description={legend.join('. ')}
		/>
	{/if}
	<PlanLegend words={legend} {mapped} bind:whole bind:shows bind:behind />
	<ReplayBar
		{replay}
		gate={gate ? `Two paces ahead the ball is ${say(gate.height)} up: ${gate.words}.` : ''}
	/>
</section>
