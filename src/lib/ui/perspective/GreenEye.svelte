<script lang="ts">
	import { STILL_AIR } from '$lib/core/ball/aerodynamics';
	import { surfaceInSteps } from '$lib/core/green/surface';
	import { expectedLie, lineOn, situationOn } from '$lib/core/plan/question/onGreen';
	import type { Situation } from '$lib/core/plan/question/situation';
	import { fromFeet } from '$lib/core/units';
	import { reasonOf } from '$lib/io/fields/reason';
	import { greenToCore, type GreenWire } from '$lib/io/work/green';
	import type { ReadingWire } from '$lib/io/work/reading';
	import { lineProblemWords } from '$lib/io/words/line';
	import BehindBall from './BehindBall.svelte';
	import { finishInSlices } from '$lib/ui/state/slices';

	interface Props {
		green: GreenWire;
		ball: readonly [number, number];
		pin: readonly [number, number] | undefined;
		reading: ReadingWire | undefined;
		height: number;
	}
	const { green, ball, pin, reading, height }: Props = $props();

	const NOTHING = { path: [], balls: [], mark: null };
	const USUAL_FEET = 10;
	let seen = $state.raw<Situation | null>(null);
	let problem = $state('');

	/** The ground is worked out in steps: the page answers meanwhile. */
	$effect(() => {
		const [core, from, to, feet] = [greenToCore(green), ball, pin, reading?.stimpFeet];
		let left = false;
		const work = async () => {
			const surface = await finishInSlices(surfaceInSteps(core));
			if (left) return;
			const line = to ? lineOn(core, from, to) : 'pinOffGreen';
			problem = typeof line === 'string' ? lineProblemWords(line) : '';
			if (typeof line === 'string') return;
			const lie = expectedLie(surface.kindAt(...from)) ?? 'fringe';
			seen = situationOn(core, line, lie, {
				wet: reading?.wet ?? false,
				ball: 'soft',
				greenSpeed: fromFeet(feet ?? USUAL_FEET),
				firmness: reading?.firmness ?? 'medium',
				air: STILL_AIR,
				grain: null
			});
		};
		work().catch((error: unknown) => (problem = reasonOf(error)));
		return () => (left = true);
	});
</script>

{#if problem}
	<p class="problem m-4" role="status">{problem}</p>
{:else if seen}
	<BehindBall situation={seen} laid={NOTHING} ball={null} {height} />
{:else}
	<p class="p-4" role="status">Working out the ground…</p>
{/if}
