<script lang="ts">
	import { onDestroy } from 'svelte';
	import type { SurfaceTilt, Tilt } from '$lib/core/today/phoneTilt';
	import { toPercent } from '$lib/core/units';
	import { phoneTilt } from '$lib/devices/phone/phoneSensors';
	import { simulatedTilt } from '$lib/devices/simulation/simulatedTilt';
	import { surfaceTiltWords } from '$lib/io/words/tilt';
	import SheetDialog from '$lib/ui/shell/SheetDialog.svelte';
	import { TiltReader } from '$lib/ui/measure/state/tiltReader.svelte';
	import HoldPicture from './HoldPicture.svelte';

	interface Props {
		/** Where the top edge of the phone is to point, as in “toward the pin”. */
		pointing: string;
		/** What the simulated phone is to find. */
		simulated: Tilt;
		onfound: (found: SurfaceTilt) => void;
		onclose: () => void;
	}
	const { pointing, simulated, onfound, onclose }: Props = $props();

	const reader = new TiltReader();
	onDestroy(() => reader.stop());
	const percent = (rise: number) => `${toPercent(Math.abs(rise)).toFixed(1)} %`;
	const turned = $derived(reader.step === 'turned');
	const rows = $derived.by((): [string, string][] => {
		const { found } = reader;
		if (!found) return [];
		const { along, across, offset } = found;
		return [
			[`${along < 0 ? 'Down' : 'Up'} ${pointing}`, percent(along)],
			['Falls to the ' + (across < 0 ? 'right' : 'left'), percent(across)],
			['The phone itself is off by', percent(Math.hypot(offset.along, offset.across))]
		];
	});
</script>

<SheetDialog
	bind:open={() => true, (open) => !open && onclose()}
	title="Lay the phone down"
	description="Twice at one place: turning it half around takes out what the phone itself is off by."
>
	<div class="grid content-start gap-4">
		{#if reader.found}
			<p class="finding" data-testid="tilt">{surfaceTiltWords(reader.found, pointing)}</p>
			<table class="table-sm table">
				<tbody>
					{#each rows as [what, value] (what)}
						<tr><th scope="row">{what}</th><td class="figure text-right">{value}</td></tr>
					{/each}
				</tbody>
			</table>
			<div class="flex gap-2">
				<button
					type="button"
					class="btn btn-neutral min-h-14 flex-1"
					onclick={() => {
						if (reader.found) onfound(reader.found);
						onclose();
					}}>Take it</button
				>
				<button type="button" class="btn min-h-14 flex-1" onclick={() => reader.reset()}
					>Again</button
				>
			</div>
		{:else}
			<HoldPicture
				kind={turned ? 'turned' : 'first'}
				label={turned
					? 'The phone lies on the green, its top edge away from the flag.'
					: 'The phone lies on the green, its top edge toward the flag.'}
			/>
			<p class="text-lg font-bold">
				{turned
					? 'Now turn it half around, at the same place.'
					: `Lay it flat on the green, screen up, its top edge ${pointing}.`}
			</p>
			<p>Touch the button lightly and let go: it reads once the phone lies still.</p>
			<button
				type="button"
				class="btn btn-neutral min-h-16 text-lg"
				onclick={() => (reader.measuring ? reader.stop() : void reader.measure(phoneTilt()))}
			>
				{reader.measuring ? 'Stop' : turned ? 'Read it turned' : 'Read the slope'}
			</button>
			{#if reader.measuring}
				<progress
					class="progress progress-primary h-3"
					max="1"
					value={reader.progress}
					aria-label="Reading the slope"
				></progress>
				<p class="hint" role="status">
					{reader.progress < 1 ? 'Reading.' : 'It still moves: leave it alone for a moment.'}
				</p>
			{/if}
			{#if reader.failure}<p class="problem" role="alert">{reader.failure}</p>{/if}
			<button
				type="button"
				class="btn"
				disabled={reader.measuring}
				onclick={() => void reader.measure(simulatedTilt(simulated, turned, turned ? 2 : 1))}
				>Use the simulated phone</button
			>
			<p class="hint">
				Take a case with a stand off. The grass under it alone makes 0.3 %; longer grass and a
				camera bump more.
			</p>
		{/if}
	</div>
</SheetDialog>
