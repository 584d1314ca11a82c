<script lang="ts">
	import { reasonOf } from '$lib/io/fields/reason';
	import { practiserOf } from '$lib/io/practice/practiceSetup';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { openSession, type OpenedSession } from '$lib/ui/practice/session/openSession';
	import SessionView from '$lib/ui/practice/session/SessionView.svelte';
	import NotHere from '$lib/ui/shell/NotHere.svelte';
	import { nextTask } from '$lib/ui/state/slices';
	import { warmSurface } from '$lib/ui/shot/state/warmSurface';
	import { playing } from '$lib/ui/state/playing.svelte';

	const id = $derived(page.params['id'] ?? '');
	let opened = $state.raw<OpenedSession | 'missing' | null>(null);
	let failure = $state('');

	async function open(which: string) {
		try {
			const found = (await openSession(which)) ?? 'missing';
			await nextTask();
			if (found !== 'missing') {
				for (const { pupilId } of found.session.turns) {
					await playing.read(pupilId);
					// What somebody can do with their bag takes a moment with many carries, and is remembered.
					await nextTask();
					practiserOf(playing.of(pupilId));
				}
				await warmSurface(found.green);
			}
			if (which === id) opened = found;
		} catch (error) {
			failure = reasonOf(error);
		}
	}
	$effect(() => {
		opened = null;
		failure = '';
		// The demo's data comes in before the pupils are read.
		if (playing.ready) void open(id);
	});
</script>

{#if failure || opened === 'missing'}
	<NotHere
		what="This session"
		reason={failure || undefined}
		href={resolve('/practice')}
		label="All practice"
	/>
{:else if opened && playing.ready}
	{#key opened}<SessionView {...opened} />{/key}
{/if}
