<script lang="ts">
	import { soMany } from '$lib/io/words/say';
	import { LETTERS } from '$lib/io/fields/ranges';
	import GripVertical from '@lucide/svelte/icons/grip-vertical';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { dragHandle } from 'svelte-dnd-action';
	import { MOST_MINUTES, type Block } from '$lib/io/lessons/lesson';
	import { BLOCK_WORDS } from '$lib/io/lessons/words';
	import type { DrillDraft } from '$lib/io/practice/drill';
	import type { SavedShot } from '$lib/io/work/shot';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import FreeText from '$lib/ui/controls/FreeText.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import TextField from '$lib/ui/controls/TextField.svelte';

	interface Props {
		block: Block;
		/** When it begins, by the clock. */
		begins: string;
		drills: readonly DrillDraft[];
		shots: readonly SavedShot[];
		onchange: (change: (block: Block) => void) => void;
		onremove: () => void;
	}
	const { block, begins, drills, shots, onchange, onremove }: Props = $props();

	const MOST_BALLS = 200;
	const withBalls = $derived(block.kind === 'drill' || block.kind === 'test');
	const shotChoices = $derived([
		{ value: '', label: 'None yet' },
		...shots.map(({ id, name }) => ({ value: id, label: name }))
	]);

	function pickDrill(id: string) {
		const drill = drills.find((one) => one.id === id);
		if (!drill) return;
		onchange((one) => {
			// A name of one's own stays.
			if (drills.some(({ name }) => name === one.title)) one.title = drill.name;
			one.drillId = drill.id;
			delete one.cells;
		});
	}
	function pickShot(id: string) {
		const shot = shots.find((one) => one.id === id);
		onchange((one) => {
			if (shot) {
				one.shotId = shot.id;
				one.title = shot.name.slice(0, 60);
			} else delete one.shotId;
		});
	}
</script>

<div class="flex min-w-0 items-start gap-1">
	<span
		use:dragHandle
		class="btn btn-ghost w-9 cursor-grab touch-none px-0"
		aria-label={`Move ${block.title}: space, then arrow keys`}
	>
		<GripVertical size={18} aria-hidden="true" />
	</span>
	<details class="min-w-0 flex-1">
		<summary class="grid min-h-11 cursor-pointer content-center">
			<span class="flex flex-wrap items-baseline gap-x-3">
				<span class="figure text-(--faint)">{begins}</span>
				<span
					class={['text-lg font-bold wrap-anywhere', block.state === 'skipped' && 'line-through']}
					>{block.title}</span
				>
				<span class="text-(--faint)"
					>{BLOCK_WORDS[block.kind]} · {block.minutes} min{block.balls
						? ` · ${soMany(block.balls, 'ball')}`
						: ''}</span
				>
			</span>
			{#if block.cue}<span class="wrap-anywhere">{block.cue}</span>{/if}
		</summary>
		<div class="grid gap-3 py-2">
			{#if block.why}<p class="border-l-4 border-l-(--clay) pl-3 wrap-anywhere">{block.why}</p>{/if}
			<div class="grid gap-3 md:grid-cols-2">
				<TextField
					label="What it is called"
					value={block.title}
					most={LETTERS.name}
					onchange={(title) => onchange((one) => (one.title = title))}
				/>
				<NumberField
					label="Minutes"
					value={block.minutes}
					symbol="min"
					low={1}
					high={MOST_MINUTES}
					step={1}
					decimals={0}
					onchange={(minutes) => onchange((one) => (one.minutes = Math.round(minutes)))}
				/>
				{#if withBalls}
					<ChoiceField
						label={block.kind === 'test' ? 'Which test' : 'Which drill'}
						value={block.drillId ?? drills[0]!.id}
						options={drills.map(({ id, name }) => ({ value: id, label: name }))}
						onchange={pickDrill}
					/>
					<NumberField
						label="Balls in all"
						value={block.balls ?? null}
						symbol=""
						low={1}
						high={MOST_BALLS}
						step={1}
						decimals={0}
						hint={block.balls ? undefined : 'Empty: as many as the drill has'}
						onchange={(balls) => onchange((one) => (one.balls = Math.round(balls)))}
					/>
				{:else if block.kind === 'shot'}
					<ChoiceField
						label="Which saved shot"
						value={block.shotId ?? ''}
						options={shotChoices}
						onchange={pickShot}
					/>
				{/if}
			</div>
			<FreeText
				label="The one thing to say"
				value={block.cue}
				most={LETTERS.line}
				onchange={(cue) => onchange((one) => (one.cue = cue))}
			/>
			<div>
				<button type="button" class="btn" onclick={onremove}
					><Trash2 size={18} aria-hidden="true" /> Take it out</button
				>
			</div>
		</div>
	</details>
</div>
