import type { Share } from '$lib/core/math/share';
import { ENOUGH_BALLS } from '$lib/core/player/carryTable';
import { trendOf } from '$lib/core/practice/trend';
import { scoresOf, type Session } from '$lib/io/practice/session';
import { carriesOf, type PupilFile } from '$lib/io/work/pupil';
import { trendWords } from '$lib/io/words/practice';

/** A drill over time. */
export interface ScoreCourse {
	drillId: string;
	name: string;
	points: { at: string; share: Share }[];
	/** What they say, luck considered. */
	words: string;
}

/** So few sessions have no course. */
const LEAST = 2;

/** How a pupil's drills and tests went, the most often done first. */
export function scoreCourses(
	sessions: readonly Session[],
	{ pupil, balls }: PupilFile
): ScoreCourse[] {
	const own = sessions.filter(({ turns }) => turns.some(({ pupilId }) => pupilId === pupil.id));
	return [...new Set(own.map(({ drillId }) => drillId))]
		.flatMap((drillId): ScoreCourse[] => {
			const scores = scoresOf(
				own.filter((session) => session.drillId === drillId),
				balls
			);
			if (scores.length < LEAST) return [];
			return [
				{
					drillId,
					name: scores.at(-1)!.session.name,
					points: scores.map(({ session, share }) => ({ at: session.startedAt, share })),
					words: trendWords(trendOf(scores.map(({ share }) => share)), scores.length)
				}
			];
		})
		.sort((a, b) => b.points.length - a.points.length);
}

/** How many swings' carries were known by the end of a month. */
export interface KnownPoint {
	/** 2026-10. */
	month: string;
	known: number;
}

const MONTH = 7;

/** Swings of which enough balls tell the carry, month by month. */
export function knownPoints(file: PupilFile): KnownPoint[] {
	const months = [...new Set(file.balls.map(({ at }) => at.slice(0, MONTH)))].sort();
	return months.map((month) => ({
		month,
		known: carriesOf({
			...file,
			balls: file.balls.filter(({ at }) => at.slice(0, MONTH) <= month)
		}).filter(({ n, stated }) => !stated && n >= ENOUGH_BALLS).length
	}));
}

/** "From 3 to 9 swings whose carry is known." */
export function knownWords(points: readonly KnownPoint[]): string {
	const [first, last] = [points[0], points.at(-1)];
	if (!first || !last) return 'No carry is known yet.';
	const swings = (count: number) => (count === 1 ? 'one swing' : `${count} swings`);
	return first === last || first.known === last.known
		? `The carry of ${swings(last.known)} is known.`
		: `The carry of ${swings(last.known)} is known, ${first.known} at the beginning.`;
}

/**
 * Where moments stand among dated points that are drawn evenly spaced: 1.5 is in the middle between the second and the third.
 *
 * @param points in order of time
 * @returns those between the first and the last
 */
export function placesAmong(points: readonly string[], moments: readonly string[]): number[] {
	const at = points.map((text) => Date.parse(text));
	return moments.flatMap((moment) => {
		const time = Date.parse(moment);
		const after = at.findIndex((one) => one >= time);
		if (after < 0 || time < at[0]!) return [];
		if (after === 0) return [0];
		const [from, to] = [at[after - 1]!, at[after]!];
		return [after - 1 + (time - from) / (to - from)];
	});
}
