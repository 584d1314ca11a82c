<script lang="ts">
	import { ASSUMPTION_WORDS, SCHOOL_WORDS, schoolAdviceWords } from '$lib/io/words/school';
	import { SCHOOLS } from '$lib/core/schools/registry';
	import { toFeet } from '$lib/core/units';
	import { formatLength } from '$lib/ui/format/lengths';
	import { preferences } from '$lib/ui/state/preferences.svelte';
	import type { ShotBench } from '$lib/ui/state/shotBench.svelte';

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
				: `${formatLength(Math.abs(miss), preferences.style)} ${miss > 0 ? 'past' : 'short'}`;
	const assumes = (id: string) =>
		ASSUMPTION_WORDS[SCHOOLS.find((school) => school.id === id)!.assumes];
</script>

{#if calls.length > 0}
	<p class="lead">
		What each rule of thumb says here, and where its ball would end on today’s green.
	</p>
	<ul data-testid="schools">
		{#each calls as call (call.id)}
			<li>
				<div class="top">
					<b>{SCHOOL_WORDS[call.id].name}</b>
					<span class="figure">{ends(call.missAtHole, call.blocked)}</span>
				</div>
				<div class="strip" aria-hidden="true">
					<span class="pin"></span><span class="dot" style:left={offset(call.missAtHole)}></span>
				</div>
				<p>{schoolAdviceWords(call, preferences.say)}.</p>
				<p class="faint">
					{call.holdsAt === null
						? 'Right here at no green speed'
						: `Right here when the green runs at ${toFeet(call.holdsAt).toFixed(1)} ft`}; {assumes(
						call.id
					)}.
				</p>
				<details>
					<summary>The rule</summary>
					<p>{SCHOOL_WORDS[call.id].rule}</p>
				</details>
			</li>
		{/each}
	</ul>
{:else}
	<p>The schools answer with the strokes, in a moment.</p>
{/if}

<style>
	.lead {
		margin-bottom: 8px;
	}
	li {
		padding-block: 10px;
		border-bottom: 1px solid var(--rule);
		font-size: 0.9375rem;
	}
	.top {
		display: flex;
		justify-content: space-between;
		gap: 8px;
	}
	.top .figure {
		font-weight: 700;
		white-space: nowrap;
	}
	.strip {
		position: relative;
		height: 14px;
		margin-block: 4px;
		border-bottom: 3px solid var(--turf);
	}
	.pin {
		position: absolute;
		left: 50%;
		bottom: 0;
		height: 14px;
		border-left: 2px solid var(--ink);
	}
	.dot {
		position: absolute;
		bottom: -1px;
		width: 10px;
		height: 10px;
		margin-left: -5px;
		border-radius: 50%;
		background: var(--paper);
		border: 2px solid var(--ink);
	}
	.faint {
		color: var(--faint);
		font-size: 0.8125rem;
	}
	summary {
		cursor: pointer;
		font-size: 0.8125rem;
		padding-block: 4px;
		text-decoration: underline;
	}
</style>
