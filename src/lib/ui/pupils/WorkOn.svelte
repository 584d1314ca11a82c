<script lang="ts">
	import { resolve } from '$app/paths';
	import { habitsOf } from '$lib/core/practice/habits';
	import { SHIPPED_DRILLS } from '$lib/io/practice/drill';
	import { missedBalls } from '$lib/io/practice/practiceStudy';
	import type { PupilFile } from '$lib/io/work/pupil';
	import type { Session } from '$lib/io/practice/session';
	import { MISS_WORDS } from '$lib/io/words/practice';
	import { dayWords } from '$lib/ui/format/dates';
	import { forPupil } from '$lib/ui/shell/pupilAsked.svelte';

	interface Props {
		file: PupilFile;
		sessions: readonly Session[];
	}
	const { file, sessions }: Props = $props();

	const balls = $derived(missedBalls(file, sessions, String));
	const habit = $derived(habitsOf(balls)[0]);
	const drill = $derived(habit && SHIPPED_DRILLS.find(({ id }) => id === habit.treatedBy));
	const last = $derived(
		sessions
			.filter(({ turns }) => turns.some(({ pupilId }) => pupilId === file.pupil.id))
			.reduce<Session | null>(
				(newest, one) => (newest && newest.startedAt > one.startedAt ? newest : one),
				null
			)
	);
</script>

{#if habit && drill}
	<p class="border-l-4 border-l-(--clay) pl-3 text-lg">
		Most often: <b>{MISS_WORDS[habit.miss].name.toLowerCase()}</b>, {habit.share.hits} of {habit
			.share.of} balls. Worth a try:
		<a
			class="font-bold underline"
			href={resolve(`/practice/drill/${drill.id}${forPupil(file.pupil.id)}`)}>{drill.name}</a
		>.
		{#if last}
			<span class="text-base text-(--faint)"
				>Last practised: <a class="underline" href={resolve('/practice/[id]', { id: last.id })}
					>{last.name}</a
				>, {dayWords(last.startedAt)}.</span
			>
		{/if}
	</p>
{/if}
