<script lang="ts">
	import { RANGE } from '$lib/io/fields/ranges';
	import Plus from '@lucide/svelte/icons/plus';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import { rowFocus } from '$lib/ui/controls/rowFocus';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const MOST = 6;
	const KINDS = [
		{ value: 'smooth' as const, label: 'Smooth, mown short' },
		{ value: 'grainy' as const, label: 'Grainy, it grabs' },
		{ value: 'rough' as const, label: 'Rough' }
	];
	const situation = $derived(bench.shot.situation);
	const grass = $derived(situation.grass ?? []);
	const change = (apply: (s: typeof situation) => void) =>
		bench.change((shot) => apply(shot.situation));

	/** Two stretches of equal length: what grows at the ball, and the fringe. */
	function cut() {
		const length = Math.max(0.1, Math.round(situation.toEdge * 5) / 10);
		change((s) => (s.grass = [s.fringe, s.fringe].map((kind) => ({ kind, length }))));
	}
	function remove(i: number) {
		change((s) => {
			s.grass!.splice(i, 1);
			if (s.grass!.length > 1) return;
			s.fringe = s.grass![0]?.kind ?? s.fringe;
			delete s.grass;
		});
	}
</script>

{#if grass.length === 0}
	<div class="field-grid">
		<ChoiceField
			label="Between ball and edge"
			value={situation.fringe}
			options={KINDS}
			onchange={(v) => change((s) => (s.fringe = v))}
		/>
		<button type="button" class="btn self-end" onclick={cut}>More than one kind</button>
	</div>
{:else}
	<ol aria-label="Between ball and edge, from the ball on" {@attach rowFocus}>
		{#each grass as stretch, i (i)}
			<li
				class="grid grid-cols-[repeat(2,minmax(0,1fr))_2.75rem] items-end gap-x-3 gap-y-1 border-b-(length:--border) border-b-(--rule) py-2"
			>
				<ChoiceField
					label={`Stretch ${i + 1}`}
					value={stretch.kind}
					options={KINDS}
					onchange={(v) => change((s) => (s.grass![i]!.kind = v))}
				/>
				{#if i < grass.length - 1}
					<LengthField
						label="Length"
						metres={stretch.length}
						{...RANGE.stretchOfGrass}
						onchange={(v) => change((s) => (s.grass![i]!.length = v))}
					/>
				{:else}
					<p class="self-center text-sm text-(--faint)">on to the edge</p>
				{/if}
				<button
					type="button"
					class="btn btn-ghost btn-square"
					aria-label={`Remove stretch ${i + 1}`}
					onclick={() => remove(i)}
				>
					<Trash2 size={18} aria-hidden="true" />
				</button>
			</li>
		{/each}
	</ol>
	<button
		type="button"
		class="btn"
		disabled={grass.length >= MOST}
		onclick={() => change((s) => s.grass!.push({ kind: 'smooth', length: 1 }))}
	>
		<Plus size={18} aria-hidden="true" /> Add a stretch
	</button>
{/if}
