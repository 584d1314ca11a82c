<script lang="ts">
	import Plus from '@lucide/svelte/icons/plus';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { toast } from 'svelte-sonner';
	import { attempt } from '$lib/ui/shell/attempt';
	import { removeGreen, saveGreen, type GreenShelf } from '$lib/store/greens';
	import { blankGreen } from '$lib/ui/state/greenEdits';
	import GreenThumb from './GreenThumb.svelte';
	import { speedWords, turfWords, whenWords } from './readingWords';

	interface Props {
		shelf: GreenShelf;
	}
	const { shelf }: Props = $props();

	const survey = () =>
		attempt(async () => {
			const id = crypto.randomUUID();
			await saveGreen(blankGreen(id, `Green ${shelf.books.length + 1}`));
			await goto(resolve('/greens/[id]', { id }));
		});

	const remove = (id: string, name: string) =>
		attempt(async () => {
			const undo = await removeGreen(id);
			toast(`Removed “${name}” and its readings.`, {
				action: { label: 'Undo', onClick: () => void attempt(undo) }
			});
		});
</script>

<section class="greens">
	<h1>Today’s greens</h1>
	{#if shelf.books.length === 0}
		<p class="lead">
			The ground decides what a ball does after it lands. Measure a green once, with a tape, a staff
			and a level, and its speed each day: every shot can then be planned on it.
		</p>
	{:else}
		<ul>
			{#each shelf.books as { green, readings } (green.id)}
				{@const newest = readings[0]}
				<li>
					<GreenThumb {green} />
					<div class="what">
						<h2>
							<a href={resolve('/greens/[id]', { id: green.id })}>{green.name}</a>
						</h2>
						<p>{green.note}</p>
						<p class="hint">
							{green.grid
								? 'Height grid'
								: `${green.spots.length} heights, ${green.tilts.length} tilts`} · {green.pins
								.length}
							pins
						</p>
					</div>
					<div class="today">
						{#if newest}
							<p class="speed figure">{speedWords(newest)}</p>
							<p class="hint">{turfWords(newest)}<br />{whenWords(newest)}</p>
						{:else}
							<p class="speed">Not read yet</p>
						{/if}
					</div>
					<a class="plain-button strong" href={resolve('/greens/[id]', { id: green.id })}>Open</a>
					<button
						type="button"
						class="quiet-button"
						aria-label={`Remove ${green.name}`}
						onclick={() => void remove(green.id, green.name)}
						><Trash2 size={20} aria-hidden="true" /></button
					>
				</li>
			{/each}
		</ul>
	{/if}
	{#if shelf.broken > 0}
		<p class="problem">
			{shelf.broken}
			{shelf.broken === 1 ? 'green' : 'greens'} cannot be read: written by another version or damaged.
			Kept as they are.
		</p>
	{/if}
	<button type="button" class="plain-button strong" onclick={() => void survey()}>
		<Plus size={18} aria-hidden="true" /> Survey a new green
	</button>
</section>

<style>
	.greens {
		max-width: 64rem;
		margin-inline: auto;
		padding: 16px;
		display: grid;
		gap: 16px;
		justify-items: start;
	}
	h1 {
		font-size: 1.75rem;
		font-weight: 800;
	}
	.lead {
		max-width: 60ch;
	}
	ul {
		width: 100%;
		border-top: 2px solid var(--ink);
	}
	li {
		display: grid;
		grid-template-columns: 132px minmax(0, 1fr) 15rem auto 44px;
		gap: 16px;
		align-items: center;
		padding-block: 12px;
		border-bottom: 1px solid var(--rule);
	}
	h2 a {
		font-size: 1.25rem;
		font-weight: 800;
		text-decoration: underline;
		text-decoration-color: var(--rule);
	}
	.speed {
		font-size: 1.25rem;
		font-weight: 700;
	}
	@media (max-width: 860px) {
		li {
			grid-template-columns: 96px minmax(0, 1fr) 44px;
			gap: 8px 12px;
		}
		.today {
			grid-column: 2 / -1;
		}
		li > a {
			grid-column: 1;
			grid-row: 2;
			align-self: start;
		}
		li > button {
			grid-column: 3;
			grid-row: 1;
		}
	}
</style>
