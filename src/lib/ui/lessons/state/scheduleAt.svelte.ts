/** Where one stands in the schedule: whoever opens a lesson and comes back finds it as it was left. */
class ScheduleAt {
	tab = $state<'today' | 'week' | 'month' | 'agenda' | 'plans'>('today');
	/** The day that is looked at; null for today. */
	day = $state<string | null>(null);
	coach = $state('');
}

export const scheduleAt = new ScheduleAt();
