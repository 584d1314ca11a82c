<script lang="ts">
	import { reasonOf } from '$lib/io/fields/reason';
	import { openSession, type OpenedSession } from '$lib/ui/practice/session/openSession';
	import SessionPart from '$lib/ui/practice/session/SessionPart.svelte';

	interface Props {
		/** Of the session. */
		id: string;
	}
	const { id }: Props = $props();
	let opened = $state.raw<OpenedSession | 'missing' | null>(null);
	let failure = $state('');
	$effect(() => {
		openSession(id).then(
			(found) => (opened = found ?? 'missing'),
			(error: unknown) => (failure = reasonOf(error))
		);
	});
</script>

{#if failure || opened === 'missing'}
	<p class="problem" role="alert">
		The balls of this block are not here{failure ? `: ${failure}` : ' any more'}.
	</p>
{:else if opened}
	<SessionPart {...opened} />
{/if}
