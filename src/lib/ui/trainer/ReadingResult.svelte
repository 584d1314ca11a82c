<script lang="ts">
	import Check from '@lucide/svelte/icons/check';
	import X from '@lucide/svelte/icons/x';
	import { nameSwing } from '$lib/core/player/swingLength';
	import type { ShotReading } from '$lib/core/trainer/reading';
	import type { Committed } from '$lib/core/trainer/shotJudge';
	import type { ReadStep } from '$lib/core/trainer/steps';
	import {
		costWords,
		HEIGHT_WORDS,
		LIE_ANSWER_WORDS,
		lossWords,
		ruleWords,
		STEP_WORDS,
		swingBeside,
		teaching
	} from '$lib/io/trainer/words';
	import { ratioFigure } from '$lib/io/words/ratio';
	import type { PupilFile } from '$lib/io/work/pupil';
	import { formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';

	interface Props {
		reading: ShotReading;
		/** Ball to the edge of the green. */
		toEdge: number;
		committed: Committed;
		/** The steps that were asked. */
		steps: readonly ReadStep[];
		file: PupilFile;
	}
	const { reading, toEdge, committed, steps, file }: Props = $props();

	const say = (metres: number) => formatLength(metres, playing.style);
	const club = (id: string) => file.clubs.find((one) => one.id === id)?.name ?? id;
	const swing = (angle: number) => nameSwing(angle, file.pupil.vocabulary).name;
	const aside = (metres: number) =>
		Math.abs(metres) < 0.05
			? 'straight'
			: `${say(Math.abs(metres))} ${metres > 0 ? 'right' : 'left'}`;
	const ratioSaid = (ratio: number) => ratioFigure({ carry: 1, roll: ratio }, 'ratio');
	const words = { length: say, club, swing, ratio: ratioSaid };
	const { best } = $derived(reading);
	const rows = $derived(
		reading.steps
			.filter(({ step }) => steps.includes(step))
			.map((cost) => ({ cost, yours: chosen(cost.step), better: bestOf(cost.step) }))
	);
	function chosen(step: ReadStep): string {
		switch (step) {
			case 'lie':
				return LIE_ANSWER_WORDS[committed.lie];
			case 'height':
				return HEIGHT_WORDS[committed.height];
			case 'landing':
				return say(committed.landing);
			case 'ratio':
				return ratioSaid(committed.ratio);
			case 'club':
				return club(committed.club);
			case 'swing':
				return swing(committed.swing);
			case 'aim':
				return aside(committed.aside);
		}
	}
	function bestOf(step: ReadStep): string {
		switch (step) {
			case 'lie':
				return reading.lie.map((one) => LIE_ANSWER_WORDS[one]).join('; or: ');
			case 'height':
				return HEIGHT_WORDS[best.height];
			case 'landing':
				return say(best.landing);
			case 'ratio':
				return ratioSaid(best.ratio);
			case 'club':
				return club(best.club);
			case 'swing':
				return swingBeside(best.swing, committed.swing, swing);
			case 'aim':
				return aside(best.aside);
		}
	}
	const lesson = $derived(
		teaching(
			{ ...reading, steps: reading.steps.filter(({ step }) => steps.includes(step)) },
			committed,
			words
		)
	);
</script>

<section class="grid gap-2" aria-label="What came of it">
	<h2 class="text-xl font-bold" role="status">{lossWords(reading)}</h2>
	{#if lesson}<p class="text-lg wrap-anywhere">{lesson}</p>{/if}
	{#if reading.rule}
		<p class="wrap-anywhere" data-testid="rule">
			{ruleWords(reading.rule, toEdge, playing.say)}
		</p>
	{/if}
	<div class="overflow-x-auto">
		<table class="table-sm table">
			<thead>
				<tr>
					<th scope="col" class="text-left">Step</th>
					<th scope="col" class="text-left">You</th>
					<th scope="col" class="text-left">Best</th>
					<th scope="col" class="text-left">Cost</th>
				</tr>
			</thead>
			<tbody>
				{#each rows as { cost, yours, better } (cost.step)}
					<tr>
						<th scope="row" class="text-left font-semibold">{STEP_WORDS[cost.step]}</th>
						<td class="text-left">{yours}</td>
						<td class="text-left">{cost.right ? '' : better}</td>
						<td class="text-left">
							<span class="inline-flex items-center gap-1">
								{#if cost.right}<Check
										size={16}
										aria-hidden="true"
										class="shrink-0 text-(--turf)"
									/>{:else}<X size={16} aria-hidden="true" class="shrink-0 text-(--clay)" />{/if}
								{costWords(cost)}
							</span>
						</td>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
	<p class="hint">
		Each step is charged with what it loses when all before it is as you chose and all after it as
		good as can be. Less than 0.05 strokes is a tie and counts as right.
	</p>
</section>
