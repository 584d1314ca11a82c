<script lang="ts">
	import type { Block, Lesson } from '$lib/io/lessons/lesson';
	import type { PupilFile } from '$lib/io/work/pupil';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import type { LessonDesk } from '../state/lessonState.svelte';
	import ProposePanel from './ProposePanel.svelte';

	interface Props {
		lesson: Lesson;
		/** Those who come. */
		files: readonly PupilFile[];
		desk: LessonDesk;
		ontake: (blocks: readonly Block[], instead: boolean) => void;
	}
	const { lesson, files, desk, ontake }: Props = $props();

	let asked = $state('');
	const file = $derived(files.find(({ pupil }) => pupil.id === asked) ?? files[0]);
</script>

{#if files.length > 1 && file}
	<div class="w-60">
		<ChoiceField
			label="A proposal for"
			value={file.pupil.id}
			options={files.map(({ pupil }) => ({ value: pupil.id, label: pupil.name }))}
			onchange={(id) => (asked = id)}
		/>
	</div>
{/if}
{#if file}
	{#key file.pupil.id}<ProposePanel {lesson} {file} {desk} {ontake} />{/key}
{/if}
