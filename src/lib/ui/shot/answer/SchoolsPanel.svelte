<script lang="ts">
	import {
		ASSUMPTION_WORDS,
		SCHOOL_WORDS,
		schoolAdviceWords,
		workingWords
	} from '$lib/io/words/school';
	import type { SchoolCall } from '$lib/core/plan/explain/schoolCalls';
	import { ratioWords } from '$lib/io/words/ratio';
	import { SCHOOLS } from '$lib/core/schools/registry';
	import { toFeet } from '$lib/core/units';
	import { formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const calls = $derived(bench.plan?.schools ?? []);
	const farthest = $derived(Math.max(1, ...calls.map((call) => Math.abs(call.missAtHole))));
	const offset = (miss: number) => `${50 + (48 * miss) / farthest}%`;
	const ends = (miss: number, blocked: boolean) =>
		blocked
			? 'stopped on the way'
			: Math.abs(miss) < 0.3
				? 'at the hole'
				: `${formatLength(Math.abs(miss), playing.style)} ${miss > 0 ? 'past' : 'short'}`;
	/** What its ball does here, as air and ground. */
	const ratioOf = ({ advice: { carry }, ratio }: SchoolCall) => {
		const { ratios = 'ratio', pace } = bench.file.pupil;
		return ratio === null
			? ''
			: `; here it would be ${ratioWords({ carry, roll: ratio * carry }, ratios, pace)}`;
	};
	const assumes = (id: string) =>
		ASSUMPTION_WORDS[SCHOOLS.find((school) => school.id === id)!.assumes];
</script>

{#if calls.length > 0}
	<p class="mb-2">What each rule of thumb says here, and where its ball would end on this green.</p>
	<ul data-testid="schools">
		{#each calls as call (call.id)}
			<li class="border-b border-b-(--rule) py-2.5 text-[0.9375rem]">
				<div class="flex justify-between gap-2">
					<b>{SCHOOL_WORDS[call.id].name}</b>
					<span class="figure font-bold whitespace-nowrap"
						>{ends(call.missAtHole, call.blocked)}</span
					>
				</div>
				<div
					class="relative my-1 h-[14px] border-b-[length:3px] border-b-(--turf)"
					aria-hidden="true"
				>
					<span class="absolute bottom-0 left-[50%] h-[14px] border-l-2 border-l-(--ink)"
					></span><span
						class="absolute bottom-px -ml-[5px] h-2.5 w-2.5 rounded-[50%] border-2 border-(--ink) bg-(--paper)"
						style:left={offset(call.missAtHole)}
					></span>
				</div>
				<p>{schoolAdviceWords(call, bench.shot.situation.toEdge, playing.say)}.</p>
				<p class="text-sm">{workingWords(call.advice, playing.say)}{ratioOf(call)}.</p>
				<p class="text-[0.8125rem] text-(--faint)">
					{call.holdsAt === null
						? 'No green speed would bring this ball to the hole'
						: `This ball would reach the hole on a green of ${toFeet(call.holdsAt).toFixed(1)} ft`};
					the rule {assumes(call.id)}.
				</p>
				<details>
					<summary class="cursor-pointer py-1 text-[0.8125rem] underline">The rule</summary>
					<p>{SCHOOL_WORDS[call.id].rule}</p>
				</details>
			</li>
		{/each}
	</ul>
{:else}
	<p>The schools answer with the strokes, in a moment.</p>
{/if}
