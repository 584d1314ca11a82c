import { describe, expect, it } from 'vitest';
import { areaOf, boundsOf, contains, distanceToEdge, distanceToPiece, type Point } from './polygon';
import { createRng, type Rng } from './random';

/** An L: 4 wide, 3 high, with the top right 2 × 2 cut away. */
const L: Point[] = [
	[0, 0],
	[4, 0],
	[4, 1],
	[2, 1],
	[2, 3],
	[0, 3]
];

describe('polygon', () => {
	it('tells inside from outside, in the notch too', () => {
		expect(contains(L, 1, 2)).toBe(true);
		expect(contains(L, 3, 0.5)).toBe(true);
		expect(contains(L, 3, 2)).toBe(false);
		expect(contains(L, -0.1, 1)).toBe(false);
	});

	it('says the same whichever way round and wherever it begins', () => {
		const turned = [...L.slice(2), ...L.slice(0, 2)].reverse();
		for (const [u, v] of [
			[1, 2],
			[3, 2],
			[3.9, 0.9]
		] as const)
			expect(contains(turned, u, v)).toBe(contains(L, u, v));
		expect(areaOf(turned)).toBe(areaOf(L));
	});

	it('encloses the area of two rectangles', () => {
		expect(areaOf(L)).toBeCloseTo(4 * 1 + 2 * 2, 12);
	});

	it('measures to the nearest side or corner', () => {
		expect(distanceToEdge(L, 1, 2)).toBeCloseTo(1, 12);
		expect(distanceToEdge(L, 3, 2)).toBeCloseTo(1, 12);
		expect(distanceToEdge(L, -3, -4)).toBeCloseTo(5, 12);
		expect(distanceToPiece([1, 1], [1, 1], 4, 5)).toBeCloseTo(5, 12);
	});

	it('has declared answers for nothing, a point and a line', () => {
		expect(contains([], 0, 0)).toBe(false);
		expect(
			contains(
				[
					[0, 0],
					[2, 2]
				],
				1,
				1
			)
		).toBe(false);
		expect(distanceToEdge([], 0, 0)).toBe(Infinity);
		expect(boundsOf([])).toEqual([Infinity, Infinity, -Infinity, -Infinity]);
		expect(boundsOf([[2, -3]])).toEqual([2, -3, 2, -3]);
	});
});

/** A skewed star-shaped polygon around a place, no two corners alike. */
function skewed(rng: Rng): [number, number][] {
	const corners = 3 + Math.floor(6 * rng.uniform());
	return Array.from({ length: corners }, (_, i) => {
		const angle = (2 * Math.PI * (i + 0.6 * rng.uniform())) / corners;
		const far = 1 + 4 * rng.uniform();
		return [7 + 2 * far * Math.cos(angle), -3 + far * Math.sin(angle)];
	});
}

/** Whether a polygon winds around a place: the angle under which it is seen, added up. */
function winds(polygon: readonly Point[], u: number, v: number): boolean {
	let turned = 0;
	polygon.forEach(([au, av], i) => {
		const [bu, bv] = polygon[(i + 1) % polygon.length]!;
		let angle = Math.atan2(bv - v, bu - u) - Math.atan2(av - v, au - u);
		if (angle > Math.PI) angle -= 2 * Math.PI;
		if (angle < -Math.PI) angle += 2 * Math.PI;
		turned += angle;
	});
	return Math.abs(turned) > Math.PI;
}

describe('against a second way to the answer', () => {
	it('contains what the polygon winds around', () => {
		for (let seed = 1; seed <= 40; seed++) {
			const rng = createRng(seed);
			const polygon = skewed(rng);
			for (let i = 0; i < 40; i++) {
				const [u, v] = [-4 + 22 * rng.uniform(), -9 + 12 * rng.uniform()];
				expect(contains(polygon, u, v), `seed ${seed}, ${u}, ${v}`).toBe(winds(polygon, u, v));
			}
		}
	});

	it('is as far from a piece as from the nearest of many points on it', () => {
		for (let seed = 1; seed <= 60; seed++) {
			const rng = createRng(seed);
			const point = (): Point => [9 * rng.uniform() - 2, 5 * rng.uniform() + 1];
			const [a, b, [u, v]] = [point(), point(), point()];
			let nearest = Infinity;
			for (let s = 0; s <= 1; s += 1 / 4096)
				nearest = Math.min(
					nearest,
					Math.hypot(a[0] + s * (b[0] - a[0]) - u, a[1] + s * (b[1] - a[1]) - v)
				);
			expect(distanceToPiece(a, b, u, v), `seed ${seed}`).toBeCloseTo(nearest, 2);
		}
		expect(distanceToPiece([2, 5], [2, 5], 5, 9)).toBe(5);
	});

	it('encloses the area of its triangles, either way round', () => {
		for (let seed = 1; seed <= 20; seed++) {
			const polygon = skewed(createRng(seed));
			const fan = polygon.map((a, i) => {
				const b = polygon[(i + 1) % polygon.length]!;
				return ((a[0] - 7) * (b[1] + 3) - (b[0] - 7) * (a[1] + 3)) / 2;
			});
			const area = fan.reduce((sum, part) => sum + part, 0);
			expect(areaOf(polygon), `seed ${seed}`).toBeCloseTo(Math.abs(area), 9);
			expect(areaOf([...polygon].reverse()), `seed ${seed}`).toBeCloseTo(Math.abs(area), 9);
		}
	});
});
