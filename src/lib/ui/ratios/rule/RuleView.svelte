<script lang="ts">
	import Printer from '@lucide/svelte/icons/printer';
	import { onDestroy } from 'svelte';
	import { resolve } from '$app/paths';
	import { createRng } from '$lib/core/math/random';
	import { SCHOOL_WORDS } from '$lib/io/words/school';
	import type { SavedShot } from '$lib/io/work/shot';
	import { YOU } from '$lib/io/words/whose';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import WorkBar from '$lib/ui/controls/WorkBar.svelte';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { PlannerPool, startPlanner } from '$lib/workers/plannerPool';
	import { RuleFinder, type Speeds } from './ruleFinder.svelte';
	import { FORM_WORDS, lossWords, ownRuleWords, ruleShotWords } from './ruleWords';

	interface Props {
		/** Saved shots, whoever's they are. */
		saved: readonly SavedShot[];
	}
	const { saved }: Props = $props();

	const TRIED = 5;
	const SPEEDS = [
		['slow', 'Slow greens'],
		['usual', 'Usual greens'],
		['quick', 'Quick greens']
	] as const;
	const pool = new PlannerPool(startPlanner);
	const finder = new RuleFinder(pool);
	onDestroy(() => {
		finder.clear();
		pool.close();
	});

	let speeds = $state<Speeds>({ slow: 8, usual: 10, quick: 12 });
	/** Other five situations at every touch. */
	let seed = $state(1);
	/** What was answered, by the place of the situation. */
	let answers = $state.raw<Record<number, number>>({});
	const file = $derived(playing.file);
	/** Where this player was with a shot from grass. */
	const own = $derived(
		saved
			.filter(({ shot }) => shot.pupilId === file.pupil.id && shot.situation.lie !== 'sand')
			.map(({ shot }) => shot.situation)
	);
	const yours = $derived(file.pupil.name === YOU);
	const { say } = $derived(playing);
	const club = (place: number) => finder.clubs[place]?.name ?? '';
	const best = $derived(finder.found?.rules[0]);
	const tried = $derived.by(() => {
		const rng = createRng(seed);
		return finder.shots.length === 0
			? []
			: Array.from(
					{ length: TRIED },
					() => finder.shots[Math.floor(rng.uniform() * finder.shots.length)]!
				);
	});
	const verdict = (at: number) => {
		const { strokes } = tried[at]!;
		const least = Math.min(...strokes);
		const lost = strokes[answers[at]!]! - least;
		return lost < 0.02
			? 'As good as any.'
			: `Costs ${lost.toFixed(2)} strokes; the ${club(strokes.indexOf(least))} is best.`;
	};
</script>

<article class="mx-auto grid max-w-4xl gap-5 p-4 print:p-0">
	<div class="flex flex-wrap items-end justify-between gap-3">
		<div class="min-w-0 flex-1">
			<ViewHeading text="A rule to take along" />
			<p>
				During a round no device may advise; a rule in the head may. This looks through every rule
				of the trade’s own forms for the one that loses least with {yours
					? 'your clubs and swing'
					: `the clubs and the swing of ${file.pupil.name}`}.
			</p>
		</div>
		{#if best}
			<button type="button" class="btn print:hidden" onclick={() => print()}
				><Printer size={18} aria-hidden="true" /> Print</button
			>
		{/if}
	</div>
	<div class="grid gap-2 print:hidden">
		<div class="field-grid">
			{#each SPEEDS as [pace, label] (pace)}
				<NumberField
					{label}
					value={speeds[pace]}
					symbol="ft"
					low={5}
					high={16}
					step={0.5}
					decimals={1}
					onchange={(feet) => (speeds = { ...speeds, [pace]: feet })}
				/>
			{/each}
		</div>
		<WorkBar
			status={finder.status}
			progress={finder.progress}
			failure={finder.failure}
			label="Find the rule"
			onstart={() => {
				answers = {};
				void finder.start(file, speeds, own);
			}}
			onstop={() => finder.cancel()}
		/>
		<p class="hint">
			Tried on usual distances{own.length > 0
				? ` and on ${own.length} saved ${own.length === 1 ? 'shot' : 'shots'} of this player`
				: ''}.
			<a class="link" href={resolve('/ratios')}>Today’s ratios</a> say what each club does on one day’s
			greens.
		</p>
	</div>
	{#if !finder.found}
		<section class="grid gap-2">
			<h2 class="ruled-heading">What such a rule is like</h2>
			<dl class="grid gap-x-6 gap-y-3 md:grid-cols-2">
				{#each Object.values(FORM_WORDS) as { name, asks } (name)}
					<div>
						<dt class="font-bold">{name}</dt>
						<dd>{asks}</dd>
					</div>
				{/each}
			</dl>
			<p>
				Each may take a club or two more loft downhill and on quick greens, or less uphill and on
				slow ones, where that is worth remembering.
			</p>
		</section>
	{/if}
	{#if finder.found && best}
		<section class="grid gap-2" data-testid="own-rule">
			<p class="text-2xl font-extrabold">{ownRuleWords(best.rule, club)}</p>
			<p>
				It {lossWords(best.loses, best.worst)}, beside the best of these clubs landed on the same
				spot. It fails most from {ruleShotWords(finder.shots[best.failsAt]!, say)}
			</p>
			<h2 class="ruled-heading">Beside the others, on the same shots</h2>
			<table class="table-sm table">
				<thead>
					<tr>
						<th scope="col">Rule</th>
						<th scope="col">Loses</th>
						<th scope="col">At worst</th>
					</tr>
				</thead>
				<tbody>
					{#each finder.found.rules as { rule, loses, worst } (rule.form)}
						<tr>
							<th scope="row"
								><b>{FORM_WORDS[rule.form].name}, yours</b><span class="block text-sm font-normal"
									>{ownRuleWords(rule, club)}</span
								></th
							>
							<td class="figure">{loses.toFixed(2)}</td>
							<td class="figure">{worst.toFixed(2)}</td>
						</tr>
					{/each}
					{#each finder.found.schools as { id, loses, worst } (id)}
						<tr>
							<th scope="row">{SCHOOL_WORDS[id].name}</th>
							<td class="figure">{loses.toFixed(2)}</td>
							<td class="figure">{worst.toFixed(2)}</td>
						</tr>
					{/each}
				</tbody>
			</table>
		</section>
		<section class="grid gap-3 print:hidden">
			<h2 class="ruled-heading">Try it on five</h2>
			<ol class="grid gap-3">
				{#each tried as shot, i (i)}
					<li class="grid gap-1">
						<p class="font-semibold">{i + 1}. {ruleShotWords(shot, say)}</p>
						<div
							class="flex flex-wrap gap-1"
							role="group"
							aria-label={`Club for situation ${i + 1}`}
						>
							{#each finder.clubs as one, place (one.id)}
								<button
									type="button"
									class="btn min-w-14 px-2"
									aria-pressed={answers[i] === place}
									onclick={() => (answers = { ...answers, [i]: place })}>{one.name}</button
								>
							{/each}
						</div>
						<p role="status">{answers[i] === undefined ? '' : verdict(i)}</p>
					</li>
				{/each}
			</ol>
			<div>
				<button
					type="button"
					class="btn"
					onclick={() => {
						seed += 1;
						answers = {};
					}}>Five others</button
				>
			</div>
		</section>
	{/if}
	<p class="hint">
		Ordinary flights from short grass. During a round the Rules of Golf (4.3, 10.2) and local rules
		come first.
	</p>
</article>
