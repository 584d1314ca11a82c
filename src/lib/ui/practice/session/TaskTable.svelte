<script lang="ts">
	import Term from '$lib/ui/controls/Term.svelte';
	import { ballsToGo, goodPaces, meanReach } from '$lib/core/practice/goodEnough';
	import type { Measure } from '$lib/core/practice/drill';
	import type { Ball, PupilFile } from '$lib/io/work/pupil';
	import { ratioFigure } from '$lib/io/words/ratio';
	import { formatFigure } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { TaskState } from '$lib/ui/practice/state/sessionBench.svelte';
	import { clubName, taskWords } from '$lib/ui/practice/practiceWords';

	interface Props {
		tasks: readonly TaskState[];
		file: PupilFile;
		/** Which is at hand. */
		at: number | null;
		/** What the balls are hit for. */
		measure: Measure;
		/** Whether a ball did what it was meant to do. */
		hit: (ball: Ball) => boolean;
		/** How many balls a task asks for, where it is not its own number. */
		asked?: (task: TaskState['task']) => number;
		onchoose?: (index: number) => void;
	}
	const { tasks, file, at, measure, hit, asked, onchoose }: Props = $props();

	const rolls = $derived(measure === 'roll-out');
	/** Otherwise only whether they did what was meant says anything. */
	const lands = $derived(rolls || measure === 'carry');
	const style = $derived(playing.style);
	const figure = (metres: number) => formatFigure(metres, style);
	/** How well what is measured is known: the middle lies within so much of it with 90 %. */
	const measured = ({ group }: TaskState) => (rolls && group?.roll ? group.roll : group?.carry);
	const known = (state: TaskState) => {
		const found = measured(state);
		return found ? figure(meanReach(found.posterior, found.n)) : '–';
	};
	const isGood = (state: TaskState) => {
		const found = measured(state);
		const { pace } = file.pupil;
		return found ? ballsToGo(found, pace * goodPaces(found.centre, pace)) === 0 : false;
	};
</script>

<table class="table-sm table w-full">
	<thead>
		<tr>
			<th scope="col">Club{lands ? `, ${style.symbol}` : ''}</th>
			<th scope="col">Balls</th>
			{#if lands}
				<th scope="col">Lands</th>
				<th scope="col"><Term of="spread" /></th>
				{#if rolls}<th scope="col">Rolls</th><th scope="col">Spread</th>{/if}
				<th scope="col"><Term of="plusMinus" /></th>
			{:else}
				<th scope="col"><Term of="asMeant" /></th>
			{/if}
		</tr>
	</thead>
	<tbody>
		{#each tasks as state, i (i)}
			{@const { task, group, balls, wild } = state}
			{@const out = wild.filter(Boolean).length}
			<tr class={[at === i && 'bg-(--shade)']} aria-current={at === i ? 'true' : undefined}>
				<th scope="row">
					{#if onchoose}
						<button
							type="button"
							class="btn btn-ghost btn-sm h-auto min-h-11 justify-start px-1 text-left font-normal aria-pressed:bg-transparent aria-pressed:text-(--ink)"
							aria-pressed={at === i}
							onclick={() => onchoose(i)}
						>
							<span
								><b>{clubName(file.clubs, task.clubId)}</b>
								<span class="hint block">{taskWords(task, file.pupil.vocabulary)}</span></span
							>
						</button>
					{:else}
						<b>{clubName(file.clubs, task.clubId)}</b>
						<span class="hint block">{taskWords(task, file.pupil.vocabulary)}</span>
					{/if}
				</th>
				<td class="figure"
					>{balls.length}/{asked ? asked(task) : task.balls}{#if out > 0}<span class="hint block"
							>{out} wild</span
						>{/if}</td
				>
				{#if lands}
					<td class="figure">{group ? figure(group.carry.centre) : '–'}</td>
					<td class="figure">{group && group.n > 1 ? figure(group.carry.spread) : '–'}</td>
					{#if rolls}
						<td class="figure whitespace-nowrap"
							>{#if group?.roll}{figure(group.roll.centre)}<span class="hint block"
									>{ratioFigure(
										{ carry: group.carry.centre, roll: Math.max(0, group.roll.centre) },
										file.pupil.ratios ?? 'ratio'
									)}</span
								>{:else}–{/if}</td
						>
						<td class="figure"
							>{group?.roll && group.roll.n > 1 ? figure(group.roll.spread) : '–'}</td
						>
					{/if}
					<td class="figure whitespace-nowrap"
						>{known(state)}{#if isGood(state)}<span class="hint block">good</span>{/if}</td
					>
				{:else}
					<td class="figure">{balls.filter(hit).length}</td>
				{/if}
			</tr>
		{/each}
	</tbody>
</table>
