import { grouped } from '$lib/core/math/grouped';
import { median } from '$lib/core/math/robust';
import type { Ball } from '$lib/io/work/pupil';
import { kindOf, type SessionTask } from '$lib/io/practice/session';

/** What balls of a file were hit for: one task for every club, swing and flight, meant where they landed in the middle. */
export function tasksFrom(balls: readonly Ball[]): SessionTask[] {
	return [...grouped(balls, kindOf).values()].map((kind) => {
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
