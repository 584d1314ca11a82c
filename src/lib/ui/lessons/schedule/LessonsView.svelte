<script lang="ts">
	import ChevronLeft from '@lucide/svelte/icons/chevron-left';
	import ChevronRight from '@lucide/svelte/icons/chevron-right';
	import Plus from '@lucide/svelte/icons/plus';
	import { resolve } from '$app/paths';
	import { dueThings } from '$lib/io/lessons/due';
	import { isRule } from '$lib/io/lessons/recurrence';
	import { ofCoach } from '$lib/io/lessons/schedule';
	import { dayLater, laterByClock, mondayOf, ownZone, wallOf } from '$lib/io/lessons/wallTime';
	import { removeSeries } from '$lib/store/shelves/lessons';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import TabBar from '$lib/ui/controls/TabBar.svelte';
	import { dayWords, monthWords, noonOf, shortDayWords } from '$lib/ui/format/dates';
	import { removeWithUndo } from '$lib/ui/shell/attempt';
	import SheetDialog from '$lib/ui/shell/SheetDialog.svelte';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import NewLesson from '../lesson/NewLesson.svelte';
	import { whoComes, type LessonDesk } from '../state/lessonState.svelte';
	import { scheduleAt } from '../state/scheduleAt.svelte';
	import AgendaList from './AgendaList.svelte';
	import CalendarFiles from './CalendarFiles.svelte';
	import MonthGrid from './MonthGrid.svelte';
	import PlansPanel from './PlansPanel.svelte';
	import TodayPanel from './TodayPanel.svelte';
	import WeekGrid from './WeekGrid.svelte';

	interface Props {
		desk: LessonDesk;
	}
	const { desk }: Props = $props();

	const TABS = [
		{ id: 'today', label: 'Today' },
		{ id: 'week', label: 'Week' },
		{ id: 'month', label: 'Month' },
		{ id: 'agenda', label: 'Agenda' },
		{ id: 'plans', label: 'Plans' }
	] as const;
	const WEEK = 7;
	const AGENDA_DAYS = 28;
	const MINUTE = 60_000;

	let now = $state(Date.now());
	$effect(() => {
		const tick = setInterval(() => (now = Date.now()), MINUTE);
		return () => clearInterval(tick);
	});
	const today = $derived(wallOf(now, ownZone()).day);
	const day = $derived(scheduleAt.day ?? today);
	let adding = $state(false);
	const tab = $derived(scheduleAt.tab);
	const due = $derived(
		dueThings(
			desk.practice.homework,
			desk.practice.sessions,
			(at) => wallOf(Date.parse(at), ownZone()).day
		)
	);

	/** Lessons of one coach, or of all. */
	const coaches = $derived(
		[...new Set([...desk.book.lessons, ...desk.book.series].map(({ coach }) => coach))].filter(
			Boolean
		)
	);
	const coach = $derived(coaches.includes(scheduleAt.coach) ? scheduleAt.coach : '');
	const shown = $derived<LessonDesk>(
		coach ? { ...desk, book: { ...desk.book, ...ofCoach(desk.book, coach) } } : desk
	);

	/** Series without any day: a newer release, or a hand, wrote their rule. */
	const lost = $derived(desk.book.series.filter(({ rule }) => !isRule(rule)));

	const step = (by: number) => {
		if (tab === 'month') {
			const first = `${day.slice(0, 7)}-01`;
			scheduleAt.day =
				by > 0 ? `${dayLater(first, 31).slice(0, 7)}-01` : `${dayLater(first, -1).slice(0, 7)}-01`;
		} else scheduleAt.day = dayLater(day, by * (tab === 'agenda' ? AGENDA_DAYS : WEEK));
	};
	const range = $derived.by(() => {
		if (tab === 'month') return monthWords(noonOf(day));
		const [from, days] = tab === 'week' ? [mondayOf(day), WEEK] : [day, AGENDA_DAYS];
		return `${shortDayWords(noonOf(from))} to ${dayWords(noonOf(dayLater(from, days - 1)))}`;
	});
	/** The next full hour, on the day that is looked at. */
	const nextHour = $derived.by(() => {
		const { time } = laterByClock(
			{ day: today, time: `${wallOf(now, ownZone()).time.slice(0, 2)}:00` },
			60
		);
		return day === today ? time : '10:00';
	});
</script>

<section class="mx-auto grid max-w-6xl grid-cols-[minmax(0,1fr)] gap-4 p-4">
	<div class="flex flex-wrap items-end justify-between gap-3">
		<ViewHeading text="Lessons" />
		<div class="flex flex-wrap items-end gap-2">
			{#if coaches.length > 1}
				<div class="w-44">
					<ChoiceField
						label="Coach"
						value={coach}
						options={[
							{ value: '', label: 'Everybody' },
							...coaches.map((name) => ({ value: name, label: name }))
						]}
						onchange={(name) => (scheduleAt.coach = name)}
					/>
				</div>
			{/if}
			<button type="button" class="btn btn-neutral" onclick={() => (adding = true)}
				><Plus size={18} aria-hidden="true" /> New lesson</button
			>
		</div>
	</div>
	<div class="flex flex-wrap items-center justify-between gap-3">
		<div class="w-full max-w-lg">
			<TabBar
				label="Lessons"
				tabs={TABS}
				active={tab}
				panel="lessons"
				onselect={(id) => (scheduleAt.tab = id)}
			/>
		</div>
		{#if tab === 'week' || tab === 'month' || tab === 'agenda'}
			<div class="flex items-center gap-1">
				<button type="button" class="btn btn-square" aria-label="Earlier" onclick={() => step(-1)}
					><ChevronLeft size={20} aria-hidden="true" /></button
				>
				<button type="button" class="btn" onclick={() => (scheduleAt.day = null)}>Now</button>
				<button type="button" class="btn btn-square" aria-label="Later" onclick={() => step(1)}
					><ChevronRight size={20} aria-hidden="true" /></button
				>
				<span class="pl-2 font-bold" aria-live="polite">{range}</span>
			</div>
		{/if}
	</div>
	<div id="lessons" role="tabpanel" aria-labelledby={`lessons-tab-${tab}`}>
		{#if tab === 'today'}
			<TodayPanel desk={shown} {today} {now} />
		{:else if tab === 'week'}
			<WeekGrid
				schedule={shown.book}
				{due}
				greens={desk.greens}
				{day}
				{today}
				onday={(one) => {
					scheduleAt.day = one;
					scheduleAt.tab = 'agenda';
				}}
			/>
		{:else if tab === 'month'}
			<MonthGrid
				schedule={shown.book}
				{due}
				{day}
				{today}
				onday={(one) => {
					scheduleAt.day = one;
					scheduleAt.tab = 'week';
				}}
			/>
		{:else if tab === 'agenda'}
			<AgendaList schedule={shown.book} {due} greens={desk.greens} {day} days={AGENDA_DAYS} />
		{:else}
			<PlansPanel own={desk.book.lessonPlans} />
		{/if}
	</div>
	{#if tab !== 'plans'}<CalendarFiles book={desk.book} shown={shown.book} {day} {today} />{/if}
	{#each lost as series (series.id)}
		<p class="problem flex flex-wrap items-center gap-2">
			A series of {whoComes(series)} comes again by a rule that is not known ({series.rule}).
			<button
				type="button"
				class="btn"
				onclick={() => void removeWithUndo('Removed the series.', () => removeSeries(series.id))}
				>Remove it</button
			>
		</p>
	{/each}
	{#if desk.book.broken.length > 0}
		<p class="problem">
			{desk.book.broken.length}
			{desk.book.broken.length === 1 ? 'row' : 'rows'} of lessons cannot be read. They are kept:
			<a class="underline" href={resolve('/data')}>see Data</a>.
		</p>
	{/if}
</section>
<SheetDialog
	bind:open={adding}
	title="New lesson"
	description="Once or again and again; everything can be changed later."
>
	<NewLesson
		book={desk.book}
		greens={desk.greens}
		{day}
		time={nextHour}
		ondone={() => (adding = false)}
	/>
</SheetDialog>
