import type { Round } from '$lib/io/log/play';
import { dayWords, noonOf } from '$lib/ui/format/dates';

/** A round by its day and where it was. */
export const roundWords = ({ day, name }: Round): string =>
	`Round of ${dayWords(noonOf(day))}${name ? `, ${name}` : ''}`;
