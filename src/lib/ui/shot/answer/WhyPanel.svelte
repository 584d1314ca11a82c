<script lang="ts">
	import { runTheSameWay, WORSE_LIE } from '$lib/core/plan/explain/sensitivity';
	import type { PlannedSwing } from '$lib/core/plan/ladder/swing';
	import { LIE_NAMES } from '$lib/io/words/lie';
	import { CAUTION_WORDS, reasonWords } from '$lib/io/words/reason';
	import { ratioWords } from '$lib/io/words/ratio';
	import { insteadWords } from '$lib/io/words/instead';
	import { formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const plan = $derived(bench.plan);
	const chosen = $derived(bench.chosen);
	const change = (metres: number) =>
		Math.abs(metres) < 0.05
			? 'no change'
			: `${formatLength(Math.abs(metres), playing.style)} ${metres > 0 ? 'past' : 'short'}`;
	/** More and less of one thing; where both move the ball the same way it hangs on a kink of the ground, and that is said. */
	const either = (
		more: [string, number],
		less: [string, number],
		both: string
	): [string, string][] =>
		runTheSameWay(more[1], less[1])
			? [[both, `${more[1] > 0 ? 'past' : 'short'} either way: it hangs on a kink of the ground`]]
			: [more, less].map(([label, metres]) => [label, change(metres)]);
	/** What to swing instead when the pin is a pace farther or nearer than thought; the what-ifs are about the call. */
	const instead = (swing: PlannedSwing) => {
		const called = plan?.options[0];
		return !called || called.candidate.play.flight === 'putt'
			? ''
			: `; ${insteadWords(called.swing, swing)}`;
	};
	const rows = $derived.by((): [string, string][] => {
		const found = plan?.sensitivity;
		if (!found) return [];
		const { lie } = bench.situation;
		const worse = WORSE_LIE[lie];
		return [
			...either(
				['Green a foot faster', found.stimpPlus1],
				['Green a foot slower', found.stimpMinus1],
				'Green a foot faster or slower'
			),
			...either(
				['One percent more uphill', found.slopePlus1],
				['One percent more downhill', found.slopeMinus1],
				'One percent more or less slope'
			),
			['Pin a pace farther', `${change(found.distancePlus1)}${instead(found.farther)}`],
			['Pin a pace nearer', `${change(found.distanceMinus1)}${instead(found.nearer)}`],
			...(worse === lie
				? []
				: [
						[`If it lies worse: ${LIE_NAMES[worse].toLowerCase()}`, change(found.worseLie)] as [
							string,
							string
						]
					])
		];
	});
</script>

{#if plan}
	{#if chosen && chosen.candidate.play.flight !== 'putt'}
		{@const { carry, roll } = chosen.candidate.solution.outcome}
		<p class="mb-3">
			{playing.say.length(carry)} in the air, {playing.say.length(roll)} on the ground:
			<b>{ratioWords({ carry, roll }, bench.file.pupil.ratios ?? 'ratio', bench.file.pupil.pace)}</b
			>.
		</p>
	{/if}
	<h2 class="ruled-heading">Why this one</h2>
	<ul class="grid gap-1.5 pt-2 pr-0 pb-4 pl-5 [list-style:square]">
		{#each plan.why as reason, i (i)}
			<li>{reasonWords(reason, playing.say)}</li>
		{/each}
	</ul>
	{#if rows.length > 0}
		<h2 class="ruled-heading">What if the reading is off</h2>
		<table class="table-sm table">
			<thead class="sr-only"><tr><th>If</th><th>the same swing ends</th></tr></thead>
			<tbody>
				{#each rows as [label, words] (label)}
					<tr><th scope="row">{label}</th><td class="figure">{words}</td></tr>
				{/each}
			</tbody>
		</table>
	{/if}
	<h2 class="ruled-heading">Mind</h2>
	<ul class="grid gap-1.5 pt-2 pr-0 pb-4 pl-5 [list-style:square]">
		{#each plan.cautions as caution (caution)}
			<li>{CAUTION_WORDS[caution]}</li>
		{/each}
	</ul>
{:else}
	<p>The reasons come with the strokes, in a moment.</p>
{/if}
