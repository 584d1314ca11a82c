<script lang="ts">
	import { LETTERS } from '$lib/io/fields/ranges';
	import GripVertical from '@lucide/svelte/icons/grip-vertical';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { dragHandle } from 'svelte-dnd-action';
	import type { ClubDraft, ClubKind } from '$lib/io/work/club';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import TextField from '$lib/ui/controls/TextField.svelte';

	interface Props {
		club: ClubDraft;
		/** Why a name cannot be taken, or nothing. */
		refuse: (name: string) => string | undefined;
		onchange: (change: (club: ClubDraft) => void) => void;
		onretire: () => void;
	}
	const { club, refuse, onchange, onretire }: Props = $props();

	const KINDS: readonly { value: ClubKind; label: string }[] = [
		{ value: 'wood', label: 'Wood' },
		{ value: 'hybrid', label: 'Hybrid' },
		{ value: 'iron', label: 'Iron' },
		{ value: 'wedge', label: 'Wedge' },
		{ value: 'putter', label: 'Putter' }
	];
	const DEGREES = { symbol: '°', low: 0, step: 1 };
</script>

<span
	use:dragHandle
	class="btn btn-ghost w-9 cursor-grab touch-none px-0"
	aria-label={`Move ${club.name}: space, then arrow keys`}
>
	<GripVertical size={18} aria-hidden="true" />
</span>
<TextField
	unseen
	label={`Name of ${club.name}`}
	value={club.name}
	most={LETTERS.name}
	{refuse}
	onchange={(name) => onchange((c) => (c.name = name))}
/>
<ChoiceField
	unseen
	label={`Kind of ${club.name}`}
	value={club.kind}
	options={KINDS}
	onchange={(kind) => onchange((c) => (c.kind = kind))}
/>
<div class="max-md:col-start-2">
	<NumberField
		{...DEGREES}
		unseen
		label={`Loft of ${club.name}`}
		value={club.loft}
		high={75}
		decimals={1}
		onchange={(loft) => onchange((c) => (c.loft = loft))}
	/>
</div>
<NumberField
	{...DEGREES}
	unseen
	label={`Bounce of ${club.name}`}
	value={club.bounce}
	high={20}
	decimals={0}
	onchange={(bounce) => onchange((c) => (c.bounce = bounce))}
/>
<button
	type="button"
	class="btn btn-ghost btn-square max-md:col-4 max-md:row-1"
	aria-label={`Retire the ${club.name}`}
	onclick={onretire}
>
	<Trash2 size={18} aria-hidden="true" />
</button>
