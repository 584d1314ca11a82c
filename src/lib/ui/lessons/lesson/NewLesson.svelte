<script lang="ts">
	import { untrack } from 'svelte';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { issuesOf } from '$lib/io/fields/issues';
	import {
		appointmentSchema,
		freshLesson,
		unplayed,
		type Appointment,
		type LessonPlan
	} from '$lib/io/lessons/lesson';
	import { SHIPPED_PLANS } from '$lib/io/lessons/plans';
	import { weekdayOf, type Repeats } from '$lib/io/lessons/recurrence';
	import { occurrenceId } from '$lib/io/lessons/schedule';
	import { seriesOf } from '$lib/io/lessons/series';
	import { ownZone } from '$lib/io/lessons/wallTime';
	import { newId } from '$lib/store/base/newId';
	import type { GreenBook } from '$lib/store/shelves/greens';
	import { keepLessons, type LessonBook } from '$lib/store/shelves/lessons';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import { attempt } from '$lib/ui/shell/attempt';
	import { playing } from '$lib/ui/state/playing.svelte';
	import AppointmentFields from './AppointmentFields.svelte';
	import RepeatFields from './RepeatFields.svelte';

	interface Props {
		book: LessonBook;
		greens: readonly GreenBook[];
		day: string;
		time: string;
		/** Who it is for, where that is known. */
		pupilIds?: readonly string[];
		ondone: () => void;
	}
	const { book, greens, day, time, pupilIds, ondone }: Props = $props();

	const MINUTES = 45;
	const distinct = (texts: readonly string[]) => [...new Set(texts.filter(Boolean))].sort();
	const all = $derived([...book.lessons, ...book.series]);
	// It begins with what the last lesson had and is the coach's from then on.
	let value = $state.raw<Appointment>(
		untrack(() => ({
			pupilIds: [...(pupilIds ?? [playing.file.pupil.id])],
			coach: all.at(-1)?.coach ?? '',
			day,
			time,
			zone: ownZone(),
			minutes: MINUTES,
			place: all.at(-1)?.place ?? '',
			greenIds: [],
			aim: ''
		}))
	);
	let repeats = $state.raw<Repeats | null>(null);
	let planId = $state('');
	let problems = $state.raw<readonly string[]>([]);
	const plans = $derived<readonly LessonPlan[]>([...book.lessonPlans, ...SHIPPED_PLANS]);
	const choices = $derived([
		{ value: '', label: 'Empty, to be planned' },
		...plans.map(({ id, name }) => ({ value: id, label: name }))
	]);

	function save() {
		const parsed = appointmentSchema.safeParse(value);
		if (!parsed.success) {
			problems = issuesOf(parsed.error).map(({ message }) => message);
			return;
		}
		const plan = plans.find(({ id }) => id === planId);
		const appointment = { ...parsed.data, aim: parsed.data.aim || (plan?.aim ?? '') };
		const blocks = plan ? unplayed(plan.blocks, newId) : [];
		void attempt(async () => {
			const series = repeats && seriesOf(freshLesson('', appointment), newId(), repeats);
			const id = series ? occurrenceId(series.id, appointment.day) : newId();
			const lesson = {
				...freshLesson(id, appointment, blocks),
				...(series && { seriesId: series.id, occurrence: appointment.day })
			};
			// Of a series only what was planned has a row of its own.
			const own = !series || blocks.length > 0;
			await keepLessons({ lessons: own ? [lesson] : [], series: series ? [series] : [] });
			ondone();
			await goto(resolve('/lessons/[id]', { id }));
		});
	}
</script>

<form
	class="grid gap-4 pb-6"
	onsubmit={(event) => {
		event.preventDefault();
		save();
	}}
>
	<AppointmentFields
		{value}
		{greens}
		coaches={distinct(all.map(({ coach }) => coach))}
		places={distinct(all.map(({ place }) => place))}
		onchange={(change) => (value = { ...value, ...change })}
	/>
	<RepeatFields
		value={repeats}
		weekday={weekdayOf(value.day)}
		onchange={(next) => (repeats = next)}
	/>
	<ChoiceField
		label="Begin with a plan"
		value={planId}
		options={choices}
		onchange={(id) => (planId = id)}
	/>
	{#if problems.length > 0}
		<div class="problem" role="alert">
			{#each problems as problem (problem)}<p>{problem}</p>{/each}
		</div>
	{/if}
	<div class="flex gap-2">
		<button type="submit" class="btn btn-neutral">Put it in</button>
		<button type="button" class="btn" onclick={ondone}>Not now</button>
	</div>
</form>
