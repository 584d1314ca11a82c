import { quantileSorted } from '$lib/core/math/quantiles';
import type { Share } from '$lib/core/math/share';
import { grouped } from '$lib/core/math/grouped';
import { leaveOf, strokesOf, type Play } from '$lib/io/log/play';
import { reckoned } from '$lib/io/log/reckoned';
import { playedDay } from '$lib/io/log/scored';
import { NINE_IN_TEN } from '$lib/ui/format/plusMinus';

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

/** Plays by month, or by day where there is only one month; the oldest first. */
function stretches(plays: readonly Play[]): [string, Play[]][] {
	const months = new Set(plays.map((play) => playedDay(play).slice(0, MONTH)));
	const length = months.size > 1 ? MONTH : undefined;
	const found = grouped(plays, (play) => playedDay(play).slice(0, length));
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
		const share = reckoned(own).upAndDown;
		return share.of === 0 ? [] : [{ when, share }];
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
