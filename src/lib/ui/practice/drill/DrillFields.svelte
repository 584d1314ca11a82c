<script lang="ts">
	import { LETTERS, RANGE } from '$lib/io/fields/ranges';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { onMount, untrack } from 'svelte';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import type { DrillDraft, DrillRules } from '$lib/io/practice/drill';
	import { drillShelf } from '$lib/store/shelves/practice';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import TextField from '$lib/ui/controls/TextField.svelte';
	import { removeWithUndo } from '$lib/ui/shell/attempt';
	import RowNotes from '$lib/ui/shell/RowNotes.svelte';
	import { historyShortcuts, shortcuts } from '$lib/ui/shell/shortcuts.svelte';
	import UndoButtons from '$lib/ui/shell/UndoButtons.svelte';
	import { DrillBench } from '../state/drillBench.svelte';

	interface Props {
		drill: DrillDraft;
	}
	const { drill: kept }: Props = $props();

	const bench = untrack(() => new DrillBench(kept));
	$effect(() => {
		const stored = kept;
		untrack(() => bench.follow(stored));
	});
	onMount(() => {
		const stop = shortcuts.use({ heading: 'This drill', shortcuts: historyShortcuts(bench) });
		return () => {
			stop();
			void bench.close();
		};
	});
	const drill = $derived(bench.drill);

	const CLUBS = [
		{ value: 'spread', label: 'Four, spread out' },
		{ value: 'wedges', label: 'The three most lofted' },
		{ value: 'every', label: 'Every club' },
		{ value: 'lofts', label: 'By loft' }
	] as const;
	const MARKS = [
		{ value: 'box', label: 'A box' },
		{ value: 'stick', label: 'A stick' },
		{ value: 'flag', label: 'A flag' },
		{ value: 'none', label: 'Nothing' }
	] as const;
	const MEASURES = [
		{ value: 'carry', label: 'Where it lands' },
		{ value: 'roll-out', label: 'Landing and roll' },
		{ value: 'finish', label: 'Where it ends' },
		{ value: 'strokes', label: 'Strokes to hole out' },
		{ value: 'strike', label: 'The strike' }
	] as const;
	/** Which clubs are chosen one by one is decided where the drill is begun. */
	type TypedKind = (typeof CLUBS)[number]['value'];
	const RULES: Record<TypedKind, DrillRules['clubs']> = {
		spread: { kind: 'spread', count: 4 },
		wedges: { kind: 'wedges', count: 3 },
		every: { kind: 'every' },
		lofts: { kind: 'lofts', lofts: [56, 46] }
	};
	const lofts = $derived(
		drill.rules.clubs.kind === 'lofts' ? drill.rules.clubs.lofts.join(', ') : ''
	);

	const remove = () =>
		removeWithUndo(`Removed the drill “${drill.name}”. Its sessions are kept.`, async () => {
			await bench.flush();
			const undo = await drillShelf.remove(drill.id);
			await goto(resolve('/practice'));
			return undo;
		});
</script>

<div class="grid gap-2">
	<div class="flex items-end justify-between gap-2">
		<h2 class="ruled-heading flex-1">This drill</h2>
		<UndoButtons {bench} />
		<button
			type="button"
			class="btn btn-ghost btn-square"
			aria-label={`Remove ${drill.name}`}
			onclick={() => void remove()}><Trash2 size={20} aria-hidden="true" /></button
		>
	</div>
	<TextField
		label="Name"
		value={drill.name}
		most={LETTERS.name}
		onchange={(name) => bench.change((next) => (next.name = name))}
	/>
	<TextField
		long
		label="What it is for"
		value={drill.purpose}
		most={LETTERS.paragraph}
		onchange={(purpose) => bench.change((next) => (next.purpose = purpose))}
	/>
	<TextField
		long
		label="Steps, one a line"
		value={drill.steps.join('\n')}
		most={LETTERS.notes}
		onchange={(text) =>
			bench.change(
				(next) =>
					(next.steps = text
						.split('\n')
						.map((step) => step.trim())
						.filter(Boolean))
			)}
	/>
	<div class="field-grid">
		<ChoiceField
			label="Clubs"
			value={drill.rules.clubs.kind === 'chosen' ? 'spread' : drill.rules.clubs.kind}
			options={CLUBS}
			onchange={(kind) => bench.change((next) => (next.rules.clubs = RULES[kind]))}
		/>
		<ChoiceField
			label="On the green"
			value={drill.rules.mark}
			options={MARKS}
			onchange={(mark) => bench.change((next) => (next.rules.mark = mark))}
		/>
		<ChoiceField
			label="What is noted"
			value={drill.rules.measure}
			options={MEASURES}
			onchange={(measure) => bench.change((next) => (next.rules.measure = measure))}
		/>
		<LengthField
			label="Counts within"
			metres={drill.rules.tolerance}
			{...RANGE.tolerance}
			onchange={(tolerance) => bench.change((next) => (next.rules.tolerance = tolerance))}
		/>
	</div>
	{#if drill.rules.clubs.kind === 'lofts'}
		<TextField
			label="Lofts in degrees"
			value={lofts}
			most={80}
			hint="The club of the bag nearest to each is taken"
			refuse={(text) =>
				text.split(/[ ,;]+/).every((part) => Number(part) >= 10 && Number(part) <= 75)
					? undefined
					: 'Lofts from 10 to 75 degrees, such as 60, 52, 41.'}
			onchange={(text) =>
				bench.change(
					(next) => (next.rules.clubs = { kind: 'lofts', lofts: text.split(/[ ,;]+/).map(Number) })
				)}
		/>
	{/if}
	{#if bench.problem}
		<p class="problem" role="alert">{bench.problem} It stays as it was.</p>
	{/if}
	<RowNotes {bench} />
</div>
