<script lang="ts">
	import { resolve } from '$app/paths';
	import { untrack } from 'svelte';
	import { flightWindows, type WindowId } from '$lib/core/plan/studies/flightWindows';
	import type { SpotWay } from '$lib/core/plan/studies/spotStudy';
	import { playWords } from '$lib/io/words/play';
	import { ratioFigure, ratioWords } from '$lib/io/words/ratio';
	import { rejectionWords } from '$lib/io/words/rejection';
	import { SCHOOL_WORDS } from '$lib/io/words/school';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import { gateWords } from '$lib/ui/shot/drawing/section';
	import { strokesWords } from '$lib/ui/format/strokes';
	import { choicesOfPlan } from '$lib/ui/call/choices';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
	import { SpotReader } from '$lib/ui/shot/state/spotReader.svelte';
	import WindowsPicture from './WindowsPicture.svelte';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const MOST_WAYS = 5;
	const NAMES: Record<WindowId, string> = { low: 'Low', middle: 'Middle', high: 'High' };
	const pupil = $derived(bench.file.pupil);
	const style = $derived(pupil.ratios ?? 'ratio');
	const { say } = $derived(playing);
	const { toEdge, edgeToPin } = $derived(bench.shot.situation);
	const pin = $derived(toEdge + edgeToPin);

	const gate = $derived(2 * pupil.pace);
	const windows = $derived(
		bench.plan ? flightWindows(bench.plan.options, bench.plan.rejected, gate) : []
	);
	const isAsked = $derived(bench.shot.wanted !== undefined || pupil.noPutt === true);
	const keyOf = (at: number) => bench.plan && choicesOfPlan(bench.plan)[at]?.key;

	// The spot is the call's own until another is chosen: typed, nudged or dragged on the section.
	const reader = new SpotReader(untrack(() => bench));
	const called = $derived(bench.chosen?.candidate.solution.outcome.landingX ?? null);
	const spot = $derived(bench.spot ?? called ?? toEdge + 0.9);
	$effect(() => {
		const [at, ready] = [spot, bench.status === 'ready'];
		if (ready && at > 0 && at < pin) untrack(() => void reader.study(at));
	});
	const study = $derived(reader.found?.spot === spot ? reader.found : null);
	const needed = $derived({ carry: spot, roll: pin - spot });
	const missWords = (miss: number) =>
		Math.abs(miss) < 0.3
			? 'at the hole'
			: `${say.length(Math.abs(miss))} ${miss > 0 ? 'past' : 'short'}`;
	const ownWay = ({ roll }: SpotWay) => ratioFigure({ carry: spot, roll }, style);
	const standard = $derived(study?.ways.filter(({ play }) => play.flight === 'standard') ?? []);
	const others = $derived(
		(study?.ways.filter(({ play }) => play.flight !== 'standard') ?? []).slice(0, MOST_WAYS)
	);
	/** The two clubs between whose natural ratios the one that is needed lies. */
	const between = $derived.by(() => {
		const byRatio = [...standard].sort((a, b) => a.ratio - b.ratio);
		const need = needed.roll / needed.carry;
		const above = byRatio.find(({ ratio }) => ratio >= need);
		const below = byRatio.findLast(({ ratio }) => ratio < need);
		if (!above || !below) return '';
		const one = (way: SpotWay) => `${way.play.club.name} runs ${ownWay(way)}`;
		const nearer = Math.abs(above.miss) < Math.abs(below.miss) ? above : below;
		return `${one(below)}, ${one(above)}: between them the ${nearer.play.club.name} is nearer.`;
	});
</script>

<div class="grid gap-5">
	<section class="grid gap-2">
		<h2 class="ruled-heading">Low, middle or high</h2>
		{#if bench.plan}
			<WindowsPicture {windows} {gate} {toEdge} {pin} />
			<div class="grid grid-cols-3 gap-1">
				{#each windows as { id, best, height, closed } (id)}
					{@const key = best && keyOf(bench.plan.options.indexOf(best))}
					{#if best && key}
						{@const { heavy, thin } = best.statistics.ends}
						<button
							type="button"
							class="btn h-auto flex-col items-start gap-0.5 px-2 py-2 text-left text-sm font-normal"
							aria-pressed={bench.chosen?.key === key}
							onclick={() => bench.choose(key)}
						>
							<b class="text-base">{NAMES[id]}</b>
							<span class="font-semibold">{playWords(best.candidate.play)}</span>
							<span
								>{best.candidate.play.flight === 'putt'
									? 'rolls'
									: ratioFigure(best.candidate.solution.outcome, style)} · {strokesWords(
									best.statistics.expectedStrokes
								)}</span
							>
							<span
								>{say.length(height)} up, {gateWords(best.candidate.path, gate)?.words ??
									'on the ground'}</span
							>
							{#if heavy !== null}<span>heavy: {missWords(heavy)}</span>{/if}
							{#if thin !== null}<span>thin: {missWords(thin)}</span>{/if}
						</button>
					{:else}
						<div class="px-2 py-2 text-sm">
							<b class="text-base">{NAMES[id]}</b>
							<p>
								{closed
									? `Closed: ${playWords(closed.play)} ${rejectionWords(closed.rejection, say)}.`
									: isAsked
										? 'Nothing that is asked for flies so here.'
										: 'No club of this bag flies so here.'}
							</p>
						</div>
					{/if}
				{/each}
			</div>
		{:else}
			<p>The windows come with the strokes, in a moment.</p>
		{/if}
	</section>
	<section class="grid gap-2" data-testid="spot">
		<h2 class="ruled-heading">What the landing spot needs</h2>
		<div class="flex items-end justify-between gap-3">
			<p>
				<span class="figure block text-3xl font-extrabold">{ratioFigure(needed, style)}</span>
				<span class="hint"
					>{style === 'ratio'
						? 'air to ground, from there to the pin'
						: ratioWords(needed, style, pupil.pace)}</span
				>
			</p>
			<LengthField
				label="Land it, from the ball"
				metres={spot}
				low={0.3}
				high={Math.max(0.5, pin - 0.3)}
				onchange={(metres) => (bench.spot = metres)}
			/>
		</div>
		{#if reader.failure}<p class="problem">{reader.failure}</p>{/if}
		{#if study}
			{#if between}<p>{between}</p>{/if}
			<table class="table-sm table">
				<thead>
					<tr>
						<th scope="col">Landed there</th>
						<th scope="col">Runs</th>
						<th scope="col">Ends</th>
					</tr>
				</thead>
				<tbody>
					{#each standard.slice(0, MOST_WAYS) as way (way.play.club.id)}
						<tr>
							<th scope="row">{way.play.club.name}</th>
							<td class="figure">{ownWay(way)}</td>
							<td class="figure">{missWords(way.miss)}</td>
						</tr>
					{/each}
				</tbody>
			</table>
			{#if others.length > 0}
				<h3 class="font-bold">With another flight</h3>
				<ul class="grid gap-1 pl-5 [list-style:square]">
					{#each others as way (playWords(way.play))}
						<li>{playWords(way.play)} runs {ownWay(way)}: {missWords(way.miss)}</li>
					{/each}
				</ul>
			{/if}
			<p>
				<a class="link" href={resolve(`/ratios?green=${bench.shot.place?.greenId ?? ''}`)}
					>Today’s ratios of every club</a
				>
			</p>
			{#if study.schools.length > 0}
				<h3 class="font-bold">Who is right</h3>
				<ul class="grid gap-1 pl-5 [list-style:square]">
					{#each study.schools.slice(0, MOST_WAYS) as { id, play, miss } (id)}
						<li>{SCHOOL_WORDS[id].name}: {play.club.name}, {missWords(miss)}</li>
					{/each}
				</ul>
			{/if}
		{:else if !reader.failure}
			<p>Working it out.</p>
		{/if}
	</section>
</div>
