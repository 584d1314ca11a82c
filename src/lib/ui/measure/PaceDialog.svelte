<script lang="ts">
	import { NINE_IN_TEN } from '$lib/ui/format/plusMinus';
	import { onDestroy } from 'svelte';
	import type { Paced } from '$lib/core/today/paces';
	import { phoneSwings } from '$lib/devices/phone/phoneSensors';
	import { formatFigure, formatLength } from '$lib/ui/format/lengths';
	import SheetDialog from '$lib/ui/shell/SheetDialog.svelte';
	import { PaceCounter } from '$lib/ui/measure/state/paceCounter.svelte';
	import { preferences } from '$lib/ui/state/preferences.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import HoldPicture from './HoldPicture.svelte';

	interface Props {
		/** What each leg of the walk measures, in order. */
		legs: readonly string[];
		onfound: (distances: readonly Paced[]) => void;
		onclose: () => void;
	}
	const { legs, onfound, onclose }: Props = $props();

	// svelte-ignore state_referenced_locally
	const counter = new PaceCounter(legs.length, () => preferences.current.pace);
	onDestroy(() => counter.stop());
	const say = ({ distance, error }: Paced) =>
		`${formatFigure(distance, playing.style)} ± ${formatLength(NINE_IN_TEN * error, playing.style)}`;
	const last = $derived(counter.at === legs.length - 1);
</script>

<SheetDialog
	bind:open={() => true, (open) => !open && onclose()}
	title="Pace it"
	description={`Your pace is ${Math.round(preferences.current.pace * 100)} cm; it is set under Settings.`}
>
	<div class="grid content-start gap-4">
		<HoldPicture kind="walk" label="A walk from the ball to a corner and on to the flag." />
		<ol class="grid gap-1">
			{#each legs as leg, i (leg)}
				<li
					class={[
						'flex items-baseline justify-between gap-3 border-l-4 px-2 py-1',
						i === counter.at ? 'border-l-(--clay) font-bold' : 'border-l-transparent'
					]}
				>
					<span>{leg}</span>
					<span class="figure" data-testid={`leg-${i}`}
						>{counter.distances[i] ? say(counter.distances[i]) : '–'}</span
					>
				</li>
			{/each}
		</ol>
		{#if counter.done}
			<div class="flex gap-2">
				<button
					type="button"
					class="btn btn-neutral min-h-14 flex-1"
					onclick={() => {
						onfound(counter.distances);
						onclose();
					}}>Take it</button
				>
				<button type="button" class="btn min-h-14 flex-1" onclick={() => counter.back()}
					>Back</button
				>
			</div>
		{:else}
			<p class="figure text-center text-5xl font-extrabold" role="status">
				{counter.legs[counter.at]}
				<span class="text-base font-normal">paces</span>
			</p>
			<div class="grid grid-cols-[4rem_1fr] gap-2">
				<button
					type="button"
					class="btn min-h-20"
					aria-label="One pace less"
					onclick={() => counter.step(-1)}>−1</button
				>
				<button
					type="button"
					class="btn btn-neutral min-h-20 text-xl"
					onclick={() => counter.step()}>One pace</button
				>
			</div>
			<button
				type="button"
				class="btn min-h-16 text-lg"
				disabled={counter.legs[counter.at] === 0}
				onclick={() => counter.turn()}>{last ? 'Here it ends' : 'Turn here'}</button
			>
			<button
				type="button"
				class="btn"
				onclick={() => (counter.listening ? counter.stop() : void counter.listen(phoneSwings()))}
				>{counter.listening ? 'Stop counting' : 'Let the phone count my steps'}</button
			>
			{#if counter.failure}<p class="problem" role="alert">{counter.failure}</p>{/if}
			{#if counter.at > 0}
				<button type="button" class="btn btn-ghost" onclick={() => counter.back()}
					>Walk the leg before again</button
				>
			{/if}
		{/if}
	</div>
</SheetDialog>
