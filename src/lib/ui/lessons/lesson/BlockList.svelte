<script lang="ts">
	import { dragHandleZone } from 'svelte-dnd-action';
	import {
		beginsAt,
		freshBlock,
		MOST_BLOCKS,
		plannedMinutes,
		unplayed,
		type Block,
		type BlockKind,
		type LessonPlan
	} from '$lib/io/lessons/lesson';
	import { SHIPPED_PLANS } from '$lib/io/lessons/plans';
	import { laterByClock } from '$lib/io/lessons/wallTime';
	import { BLOCK_WORDS } from '$lib/io/lessons/words';
	import type { DrillDraft } from '$lib/io/practice/drill';
	import type { SavedShot } from '$lib/io/work/shot';
	import { newId } from '$lib/store/base/newId';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import { rowFocus } from '$lib/ui/controls/rowFocus';
	import type { LessonBench } from '../state/lessonBench.svelte';
	import BlockRow from './BlockRow.svelte';

	interface Props {
		bench: LessonBench;
		plans: readonly LessonPlan[];
		drills: readonly DrillDraft[];
		shots: readonly SavedShot[];
	}
	const { bench, plans, drills, shots }: Props = $props();

	const KINDS = Object.keys(BLOCK_WORDS) as BlockKind[];
	const USUAL: Record<BlockKind, { title: string; minutes: number }> = {
		drill: { title: '', minutes: 15 },
		test: { title: '', minutes: 10 },
		shot: { title: 'A shot to talk through', minutes: 10 },
		talk: { title: 'Talk', minutes: 5 },
		free: { title: 'Free', minutes: 10 }
	};
	const TEST_DRILL = 'up-and-down';
	const { lesson } = $derived(bench);
	/** The order while a block is dragged; null at rest. */
	let dragged = $state.raw<Block[] | null>(null);
	const shown = $derived(dragged ?? lesson.blocks);
	const begins = $derived(beginsAt({ blocks: [...shown] }));
	const planned = $derived(plannedMinutes(lesson));
	const over = $derived(planned - lesson.minutes);
	const allPlans = $derived([...plans, ...SHIPPED_PLANS]);

	const change = (id: string, apply: (block: Block) => void) =>
		bench.change((one) => apply(one.blocks.find((block) => block.id === id)!));

	function add(kind: BlockKind) {
		const drill =
			kind === 'drill'
				? drills[0]
				: kind === 'test'
					? drills.find(({ id }) => id === TEST_DRILL)
					: undefined;
		const { title, minutes } = USUAL[kind];
		const block = freshBlock(newId(), {
			kind,
			minutes,
			title: drill?.name ?? title,
			...(drill && { drillId: drill.id })
		});
		bench.change((one) => one.blocks.push(block));
	}
	function fromPlan(id: string) {
		const plan = allPlans.find((one) => one.id === id);
		if (!plan) return;
		bench.change((one) => {
			one.blocks.push(...unplayed(plan.blocks, newId));
			one.aim ||= plan.aim;
		});
	}
</script>

<p class="flex flex-wrap items-baseline gap-x-3">
	<span class="text-lg font-bold">{planned} of {lesson.minutes} min</span>
	{#if over > 0}<span class="font-bold text-(--clay)">{over} min too long</span>
	{:else if over < 0 && lesson.blocks.length > 0}<span class="text-(--faint)"
			>{-over} min are free</span
		>{/if}
</p>
{#if lesson.blocks.length === 0}
	<p class="max-w-[60ch]">
		Nothing is planned yet. Let the app propose a plan, begin with one for a usual complaint, or put
		it together block by block.
	</p>
{/if}
<ul
	{@attach rowFocus}
	class={['grid', shown.length > 0 && 'border-t-2 border-(--ink)']}
	aria-label="Blocks of the lesson"
	use:dragHandleZone={{ items: [...shown], flipDurationMs: 120, dropTargetStyle: {} }}
	onconsider={(event) => (dragged = event.detail.items)}
	onfinalize={(event) => {
		dragged = null;
		const order = event.detail.items.map(({ id }) => id);
		bench.change((one) => one.blocks.sort((a, b) => order.indexOf(a.id) - order.indexOf(b.id)));
	}}
>
	{#each shown as block, i (block.id)}
		<li aria-label={block.title} class="bg-base-100 border-b border-(--rule) py-1">
			<BlockRow
				{block}
				begins={laterByClock(lesson, begins[i] ?? 0).time}
				{drills}
				{shots}
				onchange={(apply) => change(block.id, apply)}
				onremove={() =>
					bench.change((one) => {
						one.blocks = one.blocks.filter(({ id }) => id !== block.id);
					})}
			/>
		</li>
	{/each}
</ul>
<div class="flex flex-wrap items-end gap-2">
	{#each KINDS as kind (kind)}
		<button
			type="button"
			class="btn"
			disabled={lesson.blocks.length >= MOST_BLOCKS}
			onclick={() => add(kind)}>+ {BLOCK_WORDS[kind]}</button
		>
	{/each}
	<div class="w-56">
		<!-- Whoever chose one chooses from the beginning again. -->
		{#key lesson.blocks.length}<ChoiceField
				label="From a plan"
				value=""
				options={[
					{ value: '', label: 'Choose a plan' },
					...allPlans.map(({ id, name }) => ({ value: id, label: name }))
				]}
				onchange={fromPlan}
			/>{/key}
	</div>
</div>
