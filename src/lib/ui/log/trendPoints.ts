import { quantileSorted } from '$lib/core/math/quantiles';
import { shareOf, type Share } from '$lib/core/math/share';
import { leaveOf, strokesOf, type Play } from '$lib/io/log/play';
import { playedDay } from '$lib/io/log/scored';

/** What balls of one stretch of time left. */
export interface LeavePoint {
	/** 2026-10, or a day where all lie in one month. */
	when: string;
	n: number;
	low: number;
	median: number;
	high: number;
}

/** Up and down in one stretch of time. */
export interface SharePoint {
	when: string;
	share: Share;
}

/** Strokes more than forecast, added up shot by shot, with what luck alone adds up to nine times in ten. */
export interface DebtPoint {
	at: string;
	sum: number;
	band: number;
}

const MONTH = 7;
const NINE_IN_TEN = 1.645;
const UP_AND_DOWN = 2;

/** Plays by month, or by day where there is only one month; the oldest first. */
function stretches(plays: readonly Play[]): [string, Play[]][] {
	const days = plays.map((play) => ({ play, day: playedDay(play) }));
	const months = new Set(days.map(({ day }) => day.slice(0, MONTH)));
	const found = new Map<string, Play[]>();
	for (const { play, day } of days) {
		const when = months.size > 1 ? day.slice(0, MONTH) : day;
		found.set(when, [...(found.get(when) ?? []), play]);
	}
	return [...found].sort(([a], [b]) => (a < b ? -1 : 1));
}

/** How far from the hole balls were left: the middle one, and the quarter on either side. */
export const leavePoints = (plays: readonly Play[]): LeavePoint[] =>
	stretches(plays).flatMap(([when, own]) => {
		const leaves = own.flatMap((play) => leaveOf(play) ?? []).sort((a, b) => a - b);
		if (leaves.length === 0) return [];
		const [low, median, high] = [0.25, 0.5, 0.75].map((p) => quantileSorted(leaves, p));
		return [{ when, n: leaves.length, low: low!, median: median!, high: high! }];
	});

/** How many were up and down. */
export const upAndDownPoints = (plays: readonly Play[]): SharePoint[] =>
	stretches(plays).flatMap(([when, own]) => {
		const strokes = own.flatMap((play) => strokesOf(play) ?? []);
		if (strokes.length === 0) return [];
		const share = shareOf(strokes.filter((n) => n <= UP_AND_DOWN).length, strokes.length);
		return [{ when, share }];
	});

/** Strokes against forecast, shot by shot from the oldest on; only shots that have both. */
export function debtPoints(plays: readonly Play[]): DebtPoint[] {
	const both = plays
		.flatMap((play) => {
			const strokes = strokesOf(play);
			const { forecast, at } = play;
			return strokes === null || !forecast ? [] : [{ at, over: strokes - forecast.strokes }];
		})
		.sort((a, b) => (a.at < b.at ? -1 : 1));
	const middle = both.reduce((total, { over }) => total + over, 0) / Math.max(1, both.length);
	const spread = Math.sqrt(
		both.reduce((total, { over }) => total + (over - middle) ** 2, 0) / Math.max(1, both.length - 1)
	);
	let sum = 0;
	return both.map(({ at, over }, i) => ({
		at,
		sum: (sum += over),
		band: NINE_IN_TEN * spread * Math.sqrt(i + 1)
	}));
}
