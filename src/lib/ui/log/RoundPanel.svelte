<script lang="ts">
	import { LETTERS } from '$lib/io/fields/ranges';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import type { Round } from '$lib/io/log/play';
	import { keepRound, removeRound } from '$lib/store/shelves/log';
	import TextField from '$lib/ui/controls/TextField.svelte';
	import { attempt, removeWithUndo } from '$lib/ui/shell/attempt';
	import { roundWords } from './roundWords';

	interface Props {
		round: Round;
		/** How many shots are of it. */
		shots: number;
		ongone: () => void;
	}
	const { round, shots, ongone }: Props = $props();

	const change = (part: Partial<Round>) =>
		void attempt(() => keepRound({ ...round, ...part }, round));

	async function remove() {
		const words =
			shots === 0
				? 'Removed the round.'
				: `Removed the round; its ${shots === 1 ? 'shot stays' : `${shots} shots stay`}, as practice.`;
		if (await removeWithUndo(words, () => removeRound(round.id))) ongone();
	}
</script>

<section
	class="grid gap-3 border-l-4 border-(--turf) pl-4 md:grid-cols-[1fr_10rem_2fr_auto]"
	aria-label={roundWords(round)}
>
	<TextField
		label="Where the round was"
		most={LETTERS.name}
		value={round.name || 'Round'}
		onchange={(name) => change({ name })}
	/>
	<label class="grid content-start gap-0.5">
		<span class="label text-[0.8125rem]">Day of the round</span>
		<input
			class="input w-full"
			type="date"
			value={round.day}
			onchange={(event) => {
				const day = event.currentTarget.value;
				if (day) change({ day });
			}}
		/>
	</label>
	<TextField
		label="Notes of the round"
		long
		most={LETTERS.notes}
		value={round.notes}
		onchange={(notes) => change({ notes })}
	/>
	<button type="button" class="btn self-center" onclick={() => void remove()}
		><Trash2 size={18} aria-hidden="true" /> Remove the round</button
	>
</section>
