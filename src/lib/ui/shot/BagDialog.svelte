<script lang="ts">
	import Plus from '@lucide/svelte/icons/plus';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { STANDARD_BAG_WIRE } from '$lib/io/club';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import SheetDialog from '$lib/ui/shell/SheetDialog.svelte';
	import type { ShotBench } from '$lib/ui/state/shotBench.svelte';
	import { nextClub } from './nextClub';

	interface Props {
		bench: ShotBench;
		open: boolean;
	}
	let { bench, open = $bindable() }: Props = $props();

	const bag = $derived(bench.shot.bag);
	const MOST = 20;
	const standard = () => bench.change((shot) => (shot.bag = [...STANDARD_BAG_WIRE]));
</script>

<SheetDialog
	bind:open
	title="The bag"
	description="Lofts and bounce decide flight and strike. Take out what this player would not use around a green."
>
	{#if bag.length === 0}
		<p class="problem">The bag is empty: add a club or take the standard set.</p>
	{/if}
	<ul>
		{#each bag as club, i (club.id)}
			<li class="grid grid-cols-[5.5rem_minmax(0,1fr)_minmax(0,1fr)_44px] items-end gap-2 py-1">
				<label class="grid min-w-0 content-start gap-0.5">
					<span class="label text-[0.8125rem]">Club</span>
					<input
						class="h-11 w-full min-w-0 border-b-(length:--border) border-b-(--rule) bg-transparent font-bold"
						value={club.name}
						maxlength="60"
						onchange={(event) => {
							const name = event.currentTarget.value.trim();
							if (name && !bag.some((other, j) => j !== i && other.name === name))
								bench.change((shot) => (shot.bag[i]!.name = name));
							else event.currentTarget.value = club.name;
						}}
					/>
				</label>
				<NumberField
					label="Loft"
					value={club.loft}
					symbol="°"
					low={0}
					high={75}
					step={1}
					decimals={1}
					onchange={(v) => bench.change((shot) => (shot.bag[i]!.loft = v))}
				/>
				<NumberField
					label="Bounce"
					value={club.bounce}
					symbol="°"
					low={0}
					high={20}
					step={1}
					decimals={0}
					onchange={(v) => bench.change((shot) => (shot.bag[i]!.bounce = v))}
				/>
				<button
					type="button"
					class="btn btn-ghost btn-square"
					aria-label={`Take out the ${club.name}`}
					onclick={() => bench.change((shot) => shot.bag.splice(i, 1))}
				>
					<Trash2 size={18} aria-hidden="true" />
				</button>
			</li>
		{/each}
	</ul>
	<div class="mt-4 flex flex-wrap gap-2">
		<button
			type="button"
			class="btn"
			disabled={bag.length >= MOST}
			onclick={() => bench.change((shot) => shot.bag.push(nextClub(shot.bag)))}
		>
			<Plus size={18} aria-hidden="true" /> Add a club
		</button>
		<button type="button" class="btn" onclick={standard}>Standard set</button>
	</div>
</SheetDialog>
