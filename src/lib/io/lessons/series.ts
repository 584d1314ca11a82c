import { appointmentOf, type Lesson, type Series } from './lesson';
import { repeatsOf, ruleOf, ruleUntil, weekdayOf, type Repeats } from './recurrence';

/** A lesson and those that come after it by a rule. */
export const seriesOf = (lesson: Lesson, id: string, repeats: Repeats): Series => {
	return { ...appointmentOf(lesson), id, rule: ruleOf(repeats), without: [] };
};

/** The rule of a series from a later day on, with another weekday where it had one only. */
function ruleFrom(rule: string, from: string, to: string): string {
	const repeats = repeatsOf(rule);
	if (!repeats) return rule;
	const single = repeats.days.length < 2;
	const moved = weekdayOf(from) !== weekdayOf(to);
	return ruleOf({ ...repeats, days: single && moved ? [weekdayOf(to)] : repeats.days });
}

/**
 * Cuts a series in two: what was before a day stays as it was, what comes from it on is as a changed lesson of it is.
 *
 * @param lesson of the series, changed
 * @param id of the second part
 */
export function splitSeries(series: Series, lesson: Lesson, id: string): [Series, Series] {
	const from = lesson.occurrence ?? lesson.day;
	return [
		{ ...series, rule: ruleUntil(series.rule, from) },
		{
			...series,
			...appointmentOf(lesson),
			id,
			rule: ruleFrom(series.rule, from, lesson.day),
			without: series.without.filter((one) => one >= from)
		}
	];
}

/** A series that has no lesson from a day on. */
export const endedBefore = (series: Series, day: string): Series => ({
	...series,
	rule: ruleUntil(series.rule, day)
});
