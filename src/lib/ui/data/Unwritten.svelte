<script lang="ts">
	import { onMount } from 'svelte';
	import { database } from '$lib/store/base/database';
	import { notesAsText, senselessNotes, takeNotesOut } from '$lib/store/base/journal';
	import { tryNotes } from '$lib/store/base/unwritten';
	import { download } from '$lib/ui/files/download';
	import { attempt } from '$lib/ui/shell/attempt';
	import { tell } from '$lib/ui/shell/messages.svelte';

	let changes = $state(0);
	let senseless = $state(0);

	/** Writes what can be written now; what is under way is no trouble, and is not counted. */
	async function count() {
		const left = await tryNotes(database);
		senseless = senselessNotes().length;
		changes = left + senseless;
	}
	onMount(() => void count().catch(() => {}));

	const again = () =>
		attempt(async () => {
			await count();
			if (changes === 0) tell('All of it is kept now.');
		});

	function takeOut() {
		const putBack = takeNotesOut();
		changes = 0;
		tell('Taken out: those changes are gone from this browser.', {
			label: 'Undo',
			run: () => {
				putBack();
				void attempt(count);
			}
		});
	}
</script>

{#if changes > 0}
	<h2 class="ruled-heading">Not written yet</h2>
	<p>
		{changes === 1 ? 'A change is' : `${changes} changes are`} noted in this browser that could not be
		written into the data when a page was left.
		{#if senseless > 0}
			{senseless === changes
				? 'Nobody can make sense of it.'
				: `${senseless} of them make no sense.`}
		{/if}
		{changes === 1 ? 'It stays until it is' : 'They stay until they are'} written or taken out.
	</p>
	<div class="flex flex-wrap gap-2">
		<button type="button" class="btn" onclick={() => void again()}>Try again</button>
		<button
			type="button"
			class="btn"
			onclick={() => download('crisp-landing-not-written.json', notesAsText(), 'application/json')}
			>Save them as a file</button
		>
		<button type="button" class="btn" onclick={takeOut}>Take them out</button>
	</div>
{/if}
