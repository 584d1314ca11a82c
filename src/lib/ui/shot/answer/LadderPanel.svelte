<script lang="ts">
	import Term from '$lib/ui/controls/Term.svelte';
	import ChevronDown from '@lucide/svelte/icons/chevron-down';
	import { freeWords } from '$lib/io/words/wanted';
	import { rejectionWords } from '$lib/io/words/rejection';
	import { playWords } from '$lib/io/words/play';
	import { whose } from '$lib/io/words/whose';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
	import LadderRow from './LadderRow.svelte';
	import { clubsThatAreOut, groupByClub, type ClubWays } from './ladderRows';

	interface Props {
		bench: ShotBench;
		onCompare: (key: string) => void;
	}
	const { bench, onCompare }: Props = $props();

	const choices = $derived(bench.choices);
	const clubs = $derived(groupByClub(choices));
	/** Clubs whose other ways are shown. */
	let unfolded = $state<string[]>([]);
	const holds = ({ best, others }: ClubWays) =>
		[best, ...others].some(({ key }) => key === bench.chosen?.key);
	const shows = (ways: ClubWays) =>
		unfolded.includes(ways.club) || (holds(ways) && ways.best.key !== bench.chosen?.key);
	const fold = (club: string) =>
		(unfolded = unfolded.includes(club)
			? unfolded.filter((name) => name !== club)
			: [...unfolded, club]);
	const longest = $derived(
		Math.max(
			1,
			...choices.map((c) => c.candidate.solution.outcome.carry + c.candidate.solution.outcome.roll)
		)
	);
	const pin = $derived(bench.shot.situation.toEdge + bench.shot.situation.edgeToPin);
	const out = $derived(clubsThatAreOut(choices, bench.rejected));
	const otherRejected = $derived(bench.rejected.length - out.length);
	const waysWords = (count: number) =>
		count === 1 ? 'One other way with the' : `${count} other ways with the`;
	const unit = $derived(playing.style.symbol);
	const sampled = $derived(choices.some((choice) => choice.option));
</script>

<div class="grid gap-2" data-testid="ladder">
	<h2 class="sr-only">{whose(bench.file.pupil.name, 'clubs')}, best first</h2>
	{#if bench.plan?.free}
		<p class="hint" data-testid="free">{freeWords(bench.plan.free)}</p>
	{/if}
	{#if choices.length > 0}
		<div
			class="grid grid-cols-[minmax(0,1fr)_3.25rem_3.75rem_3.25rem] items-end gap-1.5 pt-0 pr-11 pb-0 pl-2 text-[0.8125rem] leading-[1.15] text-(--faint)"
		>
			<span class="min-w-0"
				><span class="block truncate">{bench.file.pupil.name}</span>air, then ground</span
			>
			{#if sampled}
				<span class="text-right"><Term of="strokes" /></span>
				<span class="text-right"><Term of="leaves" label={`Leaves, ${unit}`} /></span>
				<span class="text-right"><Term of="upAndDown" /></span>
			{:else}
				{#each [`Carry, ${unit}`, `Roll, ${unit}`, `Height, ${unit}`] as head (head)}
					<span class="text-right">{head}</span>
				{/each}
			{/if}
		</div>
	{/if}
	<ol>
		{#each clubs as ways, i (ways.club)}
			{#each [ways.best, ...(shows(ways) ? ways.others : [])] as choice, k (choice.key)}
				<LadderRow
					{choice}
					{longest}
					{pin}
					ratios={bench.file.pupil.ratios ?? 'ratio'}
					rank={k === 0 ? i + 1 : null}
					folded={k === 0 && !shows(ways) ? ways.others.length : 0}
					chosen={choice.key === bench.chosen?.key}
					onchoose={() => bench.choose(choice.key)}
					oncompare={() => onCompare(choice.key)}
				/>
			{/each}
			{#if ways.others.length > 0 && (holds(ways) || shows(ways))}
				<li class="border-b border-b-(--rule)">
					<button
						type="button"
						class="flex min-h-8 w-full cursor-pointer items-center gap-1 pl-5 text-left text-[0.8125rem] text-(--faint) hover:bg-(--shade)"
						aria-expanded={shows(ways)}
						onclick={() => fold(ways.club)}
					>
						<ChevronDown size={14} aria-hidden="true" class={shows(ways) ? 'rotate-180' : ''} />
						{shows(ways) ? 'Only the best way with the' : waysWords(ways.others.length)}
						{ways.club}
					</button>
				</li>
			{/if}
		{/each}
	</ol>
	{#if out.length > 0}
		<h2 class="mt-2 border-b-(length:--border) border-b-(--rule) font-bold">
			Clubs that do not work here
		</h2>
		<ul class="out">
			{#each out as { play, rejection }, i (i)}
				<li class="border-b border-(--shade) py-1 text-sm">
					<b>{play.club.name}</b>
					{rejectionWords(rejection, playing.say)}
				</li>
			{/each}
		</ul>
	{/if}
	{#if otherRejected > 0}
		<details>
			<summary class="cursor-pointer py-3 text-sm font-semibold"
				>{otherRejected} other ways that are out</summary
			>
			<ul class="out">
				{#each bench.rejected.filter((item) => !out.includes(item)) as { play, rejection }, i (i)}
					<li class="border-b border-(--shade) py-1 text-sm">
						<b>{playWords(play)}</b>
						{rejectionWords(rejection, playing.say)}
					</li>
				{/each}
			</ul>
		</details>
	{/if}
</div>
