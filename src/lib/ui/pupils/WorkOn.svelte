<script lang="ts">
	import { resolve } from '$app/paths';
	import { SHIPPED_DRILLS } from '$lib/io/practice/drill';
	import type { PupilFile } from '$lib/io/work/pupil';
	import type { Session } from '$lib/io/practice/session';
	import { MISS_WORDS } from '$lib/io/words/practice';
	import { dayWords } from '$lib/ui/format/dates';
	import type { HabitStudy } from './habitStudy.svelte';
	import { forPupil } from '$lib/ui/shell/pupilAsked.svelte';

	interface Props {
		file: PupilFile;
		sessions: readonly Session[];
		study: HabitStudy;
	}
	const { file, sessions, study }: Props = $props();

	const habit = $derived(study.habits.find(({ stands }) => stands));
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

{#if study.done && study.balls.length > 0}
	<p class="border-l-4 border-l-(--clay) pl-3 text-lg">
		{#if habit && drill}
			More often than others of this skill: <b>{MISS_WORDS[habit.miss].name.toLowerCase()}</b>, {habit
				.share.hits} of {habit.share.of} balls. Worth a try:
			<a
				class="font-bold underline"
				href={resolve(`/practice/drill/${drill.id}${forPupil(file.pupil.id)}`)}>{drill.name}</a
			>.
		{:else}
			No habit stands out: what misses there are, others of this skill have, too.
		{/if}
		{#if last}
			<span class="text-base text-(--faint)"
				>Last practised: <a class="underline" href={resolve('/practice/[id]', { id: last.id })}
					>{last.name}</a
				>, {dayWords(last.startedAt)}.</span
			>
		{/if}
	</p>
{/if}
