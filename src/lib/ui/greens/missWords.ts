import type { MissCost } from '$lib/core/plan/studies/whereToMiss';
import type { Point } from '$lib/core/math/polygon';
import { playWords } from '$lib/io/words/play';
import { compassWords } from '$lib/ui/measure/compass';

/** Strokes of a map of misses, cheapest first. */
export const byCost = (costs: readonly MissCost[]): MissCost[] =>
	[...costs].sort((a, b) => a.strokes - b.strokes);

const SIDES = 8;
const EAST = 90;

/** One side of the green with what a miss there costs. */
export interface MissSide {
	name: string;
	bearing: number;
	spots: number;
	/** Mean over its spots. */
	strokes: number;
	/** The club that is right most often. */
	club: string;
}

/** The map side by side, cheapest first; sides without a spot are left out. */
export function missSides(costs: readonly MissCost[], middle: Point): MissSide[] {
	const groups = new Map<number, MissCost[]>();
	for (const cost of costs) {
		const [u, v] = cost.spot;
		const bearing = EAST - (Math.atan2(v - middle[1], u - middle[0]) * 180) / Math.PI;
		const side = Math.round((((bearing % 360) + 360) % 360) / (360 / SIDES)) % SIDES;
		groups.set(side, [...(groups.get(side) ?? []), cost]);
	}
	return [...groups]
		.map(([side, own]) => ({
			name: compassWords((side * 360) / SIDES),
			bearing: (side * 360) / SIDES,
			spots: own.length,
			strokes: own.reduce((sum, { strokes }) => sum + strokes, 0) / own.length,
			club: mostOften(own.map(({ play }) => (play ? playWords(play) : '–')))
		}))
		.sort((a, b) => a.strokes - b.strokes);
}

function mostOften(names: readonly string[]): string {
	const counts = new Map<string, number>();
	for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1);
	return [...counts].reduce((a, b) => (b[1] > a[1] ? b : a))[0];
}
