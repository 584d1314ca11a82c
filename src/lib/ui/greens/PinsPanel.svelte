<script lang="ts">
	import { LETTERS } from '$lib/io/fields/ranges';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { resolve } from '$app/paths';
	import { tell } from '$lib/ui/shell/messages.svelte';
	import { createHeightField } from '$lib/core/green/heightGrid';
	import { bearingOf } from '$lib/io/work/green';
	import { toPercent } from '$lib/core/units';
	import { rowFocus } from '$lib/ui/controls/rowFocus';
	import { fallLineAt } from '$lib/ui/drawing/mapPicture';
	import type { GreenBench } from '$lib/ui/greens/state/greenBench.svelte';
	import { compassWords } from '$lib/ui/measure/compass';

	interface Props {
		bench: GreenBench;
		adding: string | null;
		onadding: (what: string | null) => void;
	}
	const { bench, adding, onadding }: Props = $props();

	const MOST_PINS = 40;
	const pins = $derived(bench.green.pins);
	const field = $derived(bench.report && createHeightField(bench.report.grid));

	function fallWords(at: readonly [number, number]): string {
		const fall = field && fallLineAt(field, at, 1);
		if (!fall) return 'level here';
		return `falls ${toPercent(fall.slope).toFixed(1)} % toward ${compassWords(bearingOf(fall.towards))}`;
	}

	function remove(index: number) {
		const { name } = pins[index]!;
		bench.change((green) => green.pins.splice(index, 1));
		bench.selected = null;
		tell(`Removed pin “${name}”.`, { label: 'Undo', run: () => bench.undo() });
	}
</script>

<div class="grid justify-items-start gap-3">
	<button
		type="button"
		class="btn"
		aria-pressed={adding === 'pin'}
		disabled={pins.length >= MOST_PINS}
		onclick={() => onadding(adding === 'pin' ? null : 'pin')}>Add pins</button
	>
	{#if adding}
		<p class="hint" role="status">Click on the green where the hole is cut. Esc ends it.</p>
	{/if}
	{#if pins.length === 0}<p>No pins yet: add the holes you play to most.</p>{/if}
	<ul class="w-full" {@attach rowFocus}>
		{#each pins as pin, i (`${pin.id} ${i}`)}
			<li
				class="grid grid-cols-[1fr_auto_2.75rem] items-center gap-2 border-b border-b-(--rule) py-2"
			>
				<div>
					<input
						class="min-h-[36px] w-full bg-transparent font-bold"
						aria-label="Name of the pin"
						value={pin.name}
						maxlength={LETTERS.name}
						onfocus={() => (bench.selected = { kind: 'pin', index: i })}
						onchange={(event) => {
							const name = event.currentTarget.value.trim();
							if (name) bench.change((green) => (green.pins[i]!.name = name));
							else event.currentTarget.value = pin.name;
						}}
					/>
					<p class="hint">{fallWords(pin.at)}</p>
				</div>
				<a
					class="btn"
					href={resolve(
						`/?green=${encodeURIComponent(bench.green.id)}&pin=${encodeURIComponent(pin.id)}`
					)}>Plan a shot</a
				>
				<button
					type="button"
					class="btn btn-ghost btn-square"
					aria-label={`Remove pin ${pin.name}`}
					onclick={() => remove(i)}><Trash2 size={18} aria-hidden="true" /></button
				>
			</li>
		{/each}
	</ul>
	<p class="hint">
		Drag a pin on the map. The blue line through the chosen pin runs straight down: a putt along it
		does not break.
	</p>
</div>
