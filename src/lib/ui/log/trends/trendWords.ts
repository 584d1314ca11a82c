import { soMany } from '$lib/io/words/say';
import { shareWords } from '$lib/io/log/words';
import { noonOf, shortDayWords, shortMonthWords } from '$lib/ui/format/dates';
import { figure } from '$lib/ui/format/figure';
import type { DebtPoint, LeavePoint, SharePoint } from './trendPoints';

/** A stretch of time: a month, or a day. */
export const whenWords = (when: string): string =>
	when.length > 7 ? shortDayWords(noonOf(when)) : shortMonthWords(noonOf(`${when}-01`));

/** How the last stretch stands to the first; careful where their bands overlap. */
export function leaveWords(leaves: readonly LeavePoint[], say: (metres: number) => string): string {
	const [first, last] = [leaves[0], leaves.at(-1)];
	if (!first || !last) return 'No ball is noted that stopped.';
	if (first === last)
		return `Half of ${soMany(last.n, 'ball')} were left within ${say(last.median)} of the hole.`;
	const now = `In ${whenWords(last.when)} half were left within ${say(last.median)}, in ${whenWords(first.when)} within ${say(first.median)}`;
	const apart = last.high < first.median || last.low > first.median;
	return `${now}${apart ? '.' : ': the balls lie too far apart to call that a change.'}`;
}

/** How many were up and down in the last stretch. */
export function upAndDownWords(shares: readonly SharePoint[]): string {
	const last = shares.at(-1);
	return last
		? `Up and down in ${whenWords(last.when)}: ${shareWords(last.share)}.`
		: 'No shot was counted to the hole.';
}

/** What strokes against the forecast add up to, and whether luck alone may do that. */
export function debtWords(debts: readonly DebtPoint[]): string {
	const last = debts.at(-1);
	if (!last) return 'No shot that was counted to the hole has a forecast.';
	const shots = soMany(debts.length, 'shot');
	const all = `${shots} took ${figure(Math.abs(last.sum), 1)} strokes ${last.sum > 0 ? 'more' : 'fewer'} than forecast`;
	return Math.abs(last.sum) > last.band
		? `${all}: more than luck adds up to.`
		: `${all}: luck alone may do that.`;
}
