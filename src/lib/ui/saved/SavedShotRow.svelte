<script lang="ts">
	import Copy from '@lucide/svelte/icons/copy';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { resolve } from '$app/paths';
	import type { SavedShot } from '$lib/io/savedShot';
	import { formatLength } from '$lib/ui/format/lengths';
	import { preferences } from '$lib/ui/state/preferences.svelte';
	import { LIE_WORDS } from '$lib/ui/shot/lieWords';

	interface Props {
		saved: SavedShot;
		onrename: (name: string) => void;
		onduplicate: () => void;
		onremove: () => void;
	}
	const { saved, onrename, onduplicate, onremove }: Props = $props();

	const situation = $derived(saved.shot.situation);
	const say = (metres: number) => formatLength(metres, preferences.style);
	const lie = $derived(LIE_WORDS.find(({ id }) => id === situation.lie)?.name ?? situation.lie);
	const over = $derived(
		situation.hazards.length > 0
			? `, over ${situation.hazards.map((h) => h.kind).join(' and ')}`
			: ''
	);
</script>

<li>
	<div class="what">
		<input
			aria-label="Name of the saved shot"
			value={saved.name}
			maxlength="60"
			onchange={(event) => {
				const name = event.currentTarget.value.trim();
				if (name) onrename(name);
				else event.currentTarget.value = saved.name;
			}}
		/>
		<p>
			{lie} · {say(situation.toEdge)} to the edge, {say(situation.edgeToPin)} on to the pin{over} · green
			{situation.stimpFeet.toFixed(1)} ft
		</p>
	</div>
	<a class="plain-button strong" href={resolve(`/?shot=${encodeURIComponent(saved.id)}`)}>Open</a>
	<button
		type="button"
		class="quiet-button"
		aria-label={`Duplicate ${saved.name}`}
		onclick={onduplicate}
	>
		<Copy size={20} aria-hidden="true" />
	</button>
	<button type="button" class="quiet-button" aria-label={`Delete ${saved.name}`} onclick={onremove}>
		<Trash2 size={20} aria-hidden="true" />
	</button>
</li>

<style>
	li {
		display: flex;
		align-items: center;
		gap: 8px;
		padding-block: 8px;
		border-bottom: 1px solid var(--rule);
	}
	.what {
		flex: 1;
		min-width: 0;
	}
	input {
		width: 100%;
		font-weight: 700;
		font-size: 1.125rem;
		background: transparent;
		min-height: 32px;
	}
	p {
		font-size: 0.875rem;
		color: var(--faint);
	}
</style>
