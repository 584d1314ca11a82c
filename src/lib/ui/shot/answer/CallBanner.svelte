<script lang="ts">
	import { setupLine } from '$lib/io/words/setup';
	import { reasonWords } from '$lib/io/words/reason';
	import { rejectionWords } from '$lib/io/words/rejection';
	import { formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
	import CallLine from '$lib/ui/call/CallLine.svelte';
	import { callWords, linePlace } from '$lib/ui/call/callWords';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const say = (metres: number) => formatLength(metres, playing.style);
	const chosen = $derived(bench.chosen);
	const words = $derived(
		chosen && callWords(chosen, linePlace(bench.shot.situation), say, bench.file.pupil)
	);
	const isBest = $derived(chosen?.key === bench.choices[0]?.key);
	const reason = $derived(
		isBest && bench.plan?.why[0]
			? reasonWords(bench.plan.why[0], playing.say)
			: chosen?.candidate.against
				? `Damage limitation: it ${rejectionWords(chosen.candidate.against, playing.say)}.`
				: isBest && bench.first
					? 'Least air of the shots that work; weighing the strokes next.'
					: 'Your choice. The first of the clubs is what we would play.'
	);
	/** Whose swing length it is: the player's own or the model's. */
	const swingFrom = $derived(
		!chosen || chosen.candidate.play.flight === 'putt'
			? ''
			: chosen.swing.source === 'measured'
				? 'swing length from your own carries'
				: 'swing length by the model'
	);
	const status = $derived(
		{
			idle: '',
			solving: 'Working it out',
			sampling: `Playing it ${Math.round(bench.progress * 100)} %`,
			ready: '',
			stopped: 'Stopped early: least air first, no strokes yet',
			failed: bench.failure
		}[bench.status]
	);
</script>

<div class="relative min-h-[8rem] px-4 pt-3 pb-0" data-testid="call" data-status={bench.status}>
	{#if bench.problems.length > 0}
		<p class="text-[length:clamp(1.25rem,2vw,1.75rem)] leading-[1.2] font-bold">No call yet</p>
		{#each bench.problems as { path, message }, i (`${path} ${i}`)}
			<p class="problem">{path} {message}</p>
		{/each}
	{:else if words && chosen}
		<p class="text-[length:clamp(1.25rem,2vw,1.75rem)] leading-[1.2] font-bold max-lg:sr-only">
			<CallLine {words} />
		</p>
		<p class="mt-1 text-base">{setupLine(chosen.setup)}{swingFrom ? ` · ${swingFrom}` : ''}</p>
		<p class="mt-0.5 max-w-[76ch] text-(--faint)">{reason}</p>
	{:else if bench.first}
		<p class="text-[length:clamp(1.25rem,2vw,1.75rem)] leading-[1.2] font-bold">
			No shot works from here
		</p>
		<p class="mt-0.5 max-w-[76ch] text-(--faint)">
			No club works: the list says why. Move the pin, the ball or what is in the way.
		</p>
	{:else}
		<p class="text-[length:clamp(1.25rem,2vw,1.75rem)] leading-[1.2] font-bold">Working it out</p>
	{/if}
	<p class="min-h-[1.5rem] text-[0.8125rem] text-(--faint)">
		{status}
		{#if bench.status === 'sampling'}
			<button
				type="button"
				class="cursor-pointer p-1 font-semibold text-(--ink) underline"
				onclick={() => bench.cancel()}>Stop</button
			>
		{:else if bench.status === 'stopped' || bench.status === 'failed'}
			<button
				type="button"
				class="cursor-pointer p-1 font-semibold text-(--ink) underline"
				onclick={() => bench.refresh()}>Go on</button
			>
		{/if}
	</p>
</div>
