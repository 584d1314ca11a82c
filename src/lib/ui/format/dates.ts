import { differenceInCalendarDays } from 'date-fns';

const written = (options: Intl.DateTimeFormatOptions): ((at: Date | string | number) => string) => {
	let format: Intl.DateTimeFormat | undefined;
	// In the language of the browser; a date that is none is said to be unknown and breaks nothing.
	return (at) => {
		const date = new Date(at);
		if (Number.isNaN(date.getTime())) return 'at an unknown time';
		format ??= new Intl.DateTimeFormat(globalThis.navigator?.language, options);
		return format.format(date);
	};
};

/** "21 Nov 2026", as the browser's language writes it. */
export const dayWords = written({ day: 'numeric', month: 'short', year: 'numeric' });

/** "21 Nov": where the year is clear. */
export const shortDayWords = written({ day: 'numeric', month: 'short' });

/** "Saturday, 21 November 2026". */
export const longDayWords = written({
	weekday: 'long',
	day: 'numeric',
	month: 'long',
	year: 'numeric'
});

/** "Sat 21 Nov". */
export const weekdayWords = written({ weekday: 'short', day: 'numeric', month: 'short' });

/** "Sat". */
export const weekdayNameWords = written({ weekday: 'short' });

/** "November 2026". */
export const monthWords = written({ month: 'long', year: 'numeric' });

/** "Nov 2026". */
export const shortMonthWords = written({ month: 'short', year: 'numeric' });

/** "21 Nov 2026, 09:30". */
export const whenWords = written({
	day: 'numeric',
	month: 'short',
	year: 'numeric',
	hour: '2-digit',
	minute: '2-digit'
});

/** A date without a time of day, 2026-11-21, at noon here: no time zone moves it to another day. */
export const noonOf = (day: string): Date => new Date(`${day}T12:00`);

/** How long ago something was, in whole days as a person counts them: today, yesterday, 6 days ago. */
export function agoWords(at: string, now = new Date()): string {
	const days = differenceInCalendarDays(now, new Date(at));
	if (Number.isNaN(days)) return 'at an unknown time';
	if (days < 0) return `on ${dayWords(at)}`;
	if (days === 0) return 'today';
	if (days === 1) return 'yesterday';
	return days < 14 ? `${days} days ago` : `${Math.round(days / 7)} weeks ago`;
}
