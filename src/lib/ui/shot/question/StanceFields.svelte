<script lang="ts">
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import { fromPercent, toPercent } from '$lib/core/units';
	import type { Tilt } from '$lib/core/today/phoneTilt';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
	import { stanceWords } from './questions';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const tenth = (value: number) => Math.round(value * 10) / 10;
	const own = $derived(bench.shot.situation.stance);
	const stance = $derived(
		own ?? {
			along: tenth(toPercent(bench.stance.along)),
			across: tenth(toPercent(bench.stance.across))
		}
	);
	const percent = { symbol: '%', low: -30, high: 30, step: 1, decimals: 1 };
	const stand = (part: 'along' | 'across', value: number) =>
		bench.change(({ situation }) => (situation.stance = { ...stance, [part]: value }));
	const said = $derived(
		stanceWords({ along: fromPercent(stance.along), across: fromPercent(stance.across) })
	);
	let levelling = $state(false);
	/** The ground rises toward the side that the ball lies on. */
	const ballSide = $derived(bench.golfer.hand === 'left' ? -1 : 1);
	const level = ({ along, across }: Tilt) =>
		bench.change(
			({ situation }) =>
				(situation.stance = {
					along: tenth(toPercent(along)),
					across: tenth(toPercent(ballSide * across))
				})
		);
</script>

<div class="field-grid">
	<NumberField
		label="Uphill to the target (+)"
		value={stance.along}
		{...percent}
		onchange={(v) => stand('along', v)}
	/>
	<NumberField
		label="Ball above the feet (+)"
		value={stance.across}
		{...percent}
		onchange={(v) => stand('across', v)}
	/>
	<button type="button" class="btn self-end" onclick={() => (levelling = true)}
		>Lay the phone down</button
	>
</div>
<p class="hint">
	{said}.
	{#if own}
		As you said it.
		<button
			type="button"
			class="cursor-pointer p-1 font-semibold text-(--ink) underline"
			onclick={() => bench.change(({ situation }) => delete situation.stance)}
			>{bench.line ? 'Read it off the map' : 'Make it level'}</button
		>
	{:else}
		{bench.line
			? 'Read off the map where the ball lies.'
			: 'Level ground unless you say otherwise.'}
	{/if}
</p>
{#if levelling}
	{#await import('$lib/ui/measure/PhoneLevelDialog.svelte') then { default: PhoneLevelDialog }}
		<PhoneLevelDialog
			pointing="toward the target"
			simulated={{
				along: fromPercent(stance.along),
				across: ballSide * fromPercent(stance.across)
			}}
			onfound={level}
			onclose={() => (levelling = false)}
		/>
	{/await}
{/if}
