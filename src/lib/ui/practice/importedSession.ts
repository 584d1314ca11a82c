import { median } from '$lib/core/math/robust';
import type { Ball } from '$lib/io/work/pupil';
import { isOf, type SessionTask } from '$lib/io/practice/session';

/** What balls of a file were hit for: one task for every club, swing and flight, meant where they landed in the middle. */
export function tasksFrom(balls: readonly Ball[]): SessionTask[] {
	const kinds: Ball[][] = [];
	for (const ball of balls) {
		const kind = kinds.find(([first]) => isOf(first!, ball));
		if (kind) kind.push(ball);
		else kinds.push([ball]);
	}
	return kinds.map((kind) => {
		const { clubId, swing, flight, shape } = kind[0]!;
		const landing = median(kind.map(({ carry }) => carry));
		const ends = kind.flatMap(({ finished }) => finished?.[0] ?? []);
		return {
			clubId,
			swing,
			flight,
			shape,
			balls: kind.length,
			landing,
			finish: ends.length > 0 ? median(ends) : landing
		};
	});
}
