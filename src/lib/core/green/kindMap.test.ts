import { describe, expect, it } from 'vitest';
import { SURFACE } from '../ground/surfaces';
import { contains, distanceToEdge, type Point } from '../math/polygon';
import { createRng } from '../math/random';
import type { Area } from './green';
import { createKindMap } from './kindMap';

const outline: Point[] = [
	[0, 0],
	[10, 1],
	[12, 8],
	[5, 11],
	[-1, 6]
];
const area = (kind: Area['kind'], u: number, v: number, size: number): Area => ({
	kind,
	lip: 0,
	outline: [
		[u, v],
		[u + size, v],
		[u + size, v + size],
		[u, v + size]
	]
});
const green = {
	outline,
	collar: 1.5,
	fringe: 'grainy' as const,
	areas: [
		area('fringe', 2, -8, 6),
		area('sand', 9, 5, 5),
		area('water', 12, 6, 3),
		area('rough', -6, 2, 2)
	]
};

/** The same question answered straight from the polygons. */
function expected(u: number, v: number): number {
	const holds = (item: Area) => contains(item.outline, u, v);
	const top = green.areas.findLast((item) => item.kind !== 'fringe' && holds(item));
	if (top)
		return { sand: SURFACE.sand, water: SURFACE.water, rough: SURFACE.rough, fringe: -1 }[top.kind];
	if (contains(outline, u, v)) return SURFACE.green;
	const mown = distanceToEdge(outline, u, v) <= green.collar || holds(green.areas[0]!);
	return mown ? SURFACE.grainyFringe : SURFACE.rough;
}

describe('createKindMap', () => {
	it('says what the polygons say, away from their edges by a cell', () => {
		const { kindAt } = createKindMap(green);
		const rng = createRng(2);
		const edges = [outline, ...green.areas.map((item) => item.outline)];
		let tested = 0;
		for (let seed = 0; seed < 3000; seed++) {
			const u = -8 + 26 * rng.uniform();
			const v = -10 + 24 * rng.uniform();
			const near = edges.some((edge) => distanceToEdge(edge, u, v) < 0.15);
			const onCollar = Math.abs(distanceToEdge(outline, u, v) - green.collar) < 0.15;
			if (near || onCollar) continue;
			tested++;
			expect(kindAt(u, v), `seed ${seed}: ${u}, ${v}`).toBe(expected(u, v));
		}
		expect(tested).toBeGreaterThan(2000);
	});

	it('lets sand cut into the green, water into sand, and the green into a mown approach', () => {
		const { kindAt } = createKindMap(green);
		expect(kindAt(10, 6)).toBe(SURFACE.sand);
		expect(kindAt(13, 7)).toBe(SURFACE.water);
		expect(kindAt(4, 3)).toBe(SURFACE.green);
		expect(kindAt(5, -5)).toBe(SURFACE.grainyFringe);
	});

	it('grows rough on every side of what is drawn, however far out', () => {
		const { kindAt } = createKindMap({ ...green, areas: [] });
		for (const far of [4, 40, 4000])
			for (const [u, v] of [
				[-1 - far, 5],
				[12 + far, 5],
				[5, -far],
				[5, 11 + far],
				[-far, -far]
			] as const)
				expect(kindAt(u, v)).toBe(SURFACE.rough);
	});

	it('grows rough everywhere without an outline', () => {
		const bare = createKindMap({ outline: [], collar: 0, fringe: 'smooth', areas: [] });
		expect(bare.kindAt(0, 0)).toBe(SURFACE.rough);
		expect(bare.kindAt(1e6, -1e6)).toBe(SURFACE.rough);
	});
});
