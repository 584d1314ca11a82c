<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import HomeworkSheet from '$lib/ui/practice/homework/HomeworkSheet.svelte';
	import { followPractice } from '$lib/ui/practice/state/practiceState.svelte';
	import StoreTrouble from '$lib/ui/shell/trouble/StoreTrouble.svelte';
	import NotHere from '$lib/ui/shell/NotHere.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { pupilsRead } from '$lib/ui/state/pupilsRead.svelte';

	const practice = followPractice();
	onMount(() => practice.start());
	const homework = $derived(practice.value?.homework.find(({ id }) => id === page.params['id']));
	const practised = $derived({
		sessions: practice.value?.sessions ?? [],
		ownDrills: practice.value?.drills ?? []
	});
	const read = pupilsRead(() => (homework ? [homework.pupilId] : []));
	const file = $derived(
		playing.files.find(({ pupil }) => pupil.id === homework?.pupilId) ?? playing.file
	);
</script>

<StoreTrouble
	followed={practice}
	can="The homework of this browser cannot be read. The file or the page you were given still says what is asked."
/>
{#if homework && playing.ready && read.done}
	<HomeworkSheet {homework} {file} {...practised} />
{:else if practice.failure}
	<NotHere
		what="This homework"
		reason={practice.failure}
		href={resolve('/practice')}
		label="Practice"
	/>
{:else if practice.value && !homework}
	<NotHere what="This homework" href={resolve('/practice')} label="Practice" />
{/if}
