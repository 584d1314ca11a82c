import { grouped } from '$lib/core/math/grouped';
import type { Reckoning } from '$lib/core/log/reckoning';
import type { Play } from '$lib/io/log/play';
import { reckoned } from '$lib/io/log/reckoned';

/** What played shots of one kind came to. */
export interface PlayGroup extends Reckoning {
	name: string;
}

/** Played shots by what they share, the most frequent first. */
export function playGroups(plays: readonly Play[], nameOf: (play: Play) => string): PlayGroup[] {
	return [...grouped(plays, nameOf)]
		.map(([name, own]) => ({ name, ...reckoned(own) }))
		.sort((a, b) => b.n - a.n);
}
