<script lang="ts">
	import type { Measure } from '$lib/core/practice/drill';
	import type { Proposal } from '$lib/core/practice/propose';
	import { degrees } from '$lib/core/units';
	import type { PupilFile } from '$lib/io/work/pupil';
	import { MEASURE_WORDS } from '$lib/io/words/drill';
	import { ratioFigure } from '$lib/io/words/ratio';
	import { leftOutWords } from '$lib/io/words/practice';
	import { whom } from '$lib/io/words/whose';
	import { formatFigure } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { clubName, taskWords } from '$lib/ui/practice/practiceWords';

	interface Props {
		proposal: Proposal;
		file: PupilFile;
		measure: Measure;
		/** Why it cannot be begun; empty where it can. */
		problem: string;
	}
	const { proposal, file, measure, problem }: Props = $props();

	const style = $derived(playing.style);
	const empty = $derived(proposal.tasks.length === 0);
	const name = (id: string | null, loft: number) =>
		id ? clubName(file.clubs, id) : `${Math.round(degrees(loft))}°`;
</script>

<div class="grid gap-1">
	<h2 class="ruled-heading">For {whom(file.pupil.name)}: {MEASURE_WORDS[measure]}</h2>
	{#if file.pupil.minding}<p class="problem">Mind: {file.pupil.minding}</p>{/if}
	{#if !empty}
		<table class="table-sm table w-full max-w-lg">
			<thead>
				<tr>
					<th scope="col">Club, {style.symbol}</th>
					<th scope="col">Balls</th>
					<th scope="col">Lands</th>
					<th scope="col">Ends</th>
					<th scope="col">Air to ground</th>
				</tr>
			</thead>
			<tbody>
				{#each proposal.tasks as task, i (i)}
					<tr>
						<th scope="row">
							<b>{clubName(file.clubs, task.club)}</b>
							<span class="text-(--faint)">{taskWords(task, file.pupil.vocabulary)}</span>
						</th>
						<td class="figure">{task.balls}</td>
						<td class="figure">{formatFigure(task.landing, style)}</td>
						<td class="figure">{formatFigure(task.finish, style)}</td>
						<td class="figure whitespace-nowrap"
							>{ratioFigure(
								{ carry: task.landing, roll: Math.max(0, task.finish - task.landing) },
								file.pupil.ratios ?? 'ratio'
							)}</td
						>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
	{#if proposal.range !== null}
		<p class="problem">
			These swings carry up to {playing.say.length(proposal.range)}, past this green: hit them on a
			range, or where nobody is within that and half as far again.
		</p>
	{/if}
	{#each proposal.leftOut as left, i (i)}
		<p class="hint">{leftOutWords(left, name(left.club, left.loft), playing.say)}</p>
	{/each}
	{#if problem}<p class="problem" role="alert">{problem}</p>{/if}
</div>
