<script lang="ts">
	import { resolve } from '$app/paths';
	import { toast } from 'svelte-sonner';
	import { attempt } from '$lib/ui/shell/attempt';
	import { duplicateShot, removeShot, renameShot, type ShotShelf } from '$lib/store/savedShots';
	import SavedShotRow from './SavedShotRow.svelte';

	interface Props {
		shelf: ShotShelf;
	}
	const { shelf }: Props = $props();

	const remove = (id: string, name: string) =>
		attempt(async () => {
			const undo = await removeShot(id);
			toast(`Removed “${name}”.`, { action: { label: 'Undo', onClick: () => void attempt(undo) } });
		});
</script>

<section class="saved">
	<h1>Saved shots</h1>
	{#if shelf.shots.length === 0 && shelf.broken.length === 0}
		<p>Nothing saved yet. Work out a shot and save it under a name.</p>
		<a class="plain-button strong" href={resolve('/')}>Work out a shot</a>
	{:else}
		<ul>
			{#each shelf.shots as saved (saved.id)}
				<SavedShotRow
					{saved}
					onrename={(name) => attempt(() => renameShot(saved.id, name))}
					onduplicate={() => attempt(() => duplicateShot(saved))}
					onremove={() => remove(saved.id, saved.name)}
				/>
			{/each}
			{#each shelf.broken as broken (broken.id)}
				<li class="broken">
					<p>
						<b>{broken.name}</b> cannot be read: it was written by another version or damaged. It is kept
						until you remove it.
					</p>
					<button type="button" class="plain-button" onclick={() => remove(broken.id, broken.name)}
						>Remove</button
					>
				</li>
			{/each}
		</ul>
	{/if}
</section>

<style>
	.saved {
		max-width: 60rem;
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
	ul {
		width: 100%;
		border-top: 2px solid var(--ink);
	}
	.broken {
		display: flex;
		justify-content: space-between;
		align-items: center;
		gap: 16px;
		padding-block: 12px;
		border-bottom: 1px solid var(--rule);
	}
</style>
