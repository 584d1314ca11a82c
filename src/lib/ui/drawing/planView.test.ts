import { describe, expect, it } from 'vitest';
import type { Point } from '$lib/core/math/polygon';
import { outlinePath } from './mapPicture';
import { planView } from './planView';
import { trueScale } from './scale';

const outline: Point[] = [
	[4, 3],
	[16, 3],
	[16, 12],
	[4, 12]
];
const same = (u: number, v: number): [number, number] => [u, v];

describe('planView', () => {
	it('shows everything with the top of the map up', () => {
		const { project, factor } = planView.whole(outline, [[30, 3]], 400, 300);
		const corners = [...outline, [30, 3] as Point].map(([u, v]) => project(u, v));
		for (const [x, y] of corners) {
			expect(x).toBeGreaterThanOrEqual(0);
			expect(x).toBeLessThanOrEqual(400);
			expect(y).toBeGreaterThanOrEqual(0);
			expect(y).toBeLessThanOrEqual(300);
		}
		expect(project(4, 12)[1]).toBeLessThan(project(4, 3)[1]);
		expect(project(5, 3)[0] - project(4, 3)[0]).toBeCloseTo(factor, 9);
	});

	it('turns the line of play to the right, under the stations of the section', () => {
		const scale = trueScale(-1, 20, 800, 200, 100, 8);
		const placement = { u: 3, v: 4, heading: Math.PI / 2 };
		const view = planView.along(placement, scale, 240);
		expect(view.project(3, 4)).toEqual([scale.x(0), 120]);
		expect(view.project(3, 14)[0]).toBeCloseTo(scale.x(10), 9);
		// To the right of the line is down the paper.
		expect(view.project(5, 4)[1]).toBeCloseTo(120 + 2 * scale.factor, 9);
		expect(view.turn).toBeCloseTo(90, 9);
	});

	it('draws outlines closed, and nothing for none', () => {
		expect(outlinePath([], same)).toBe('');
		expect(outlinePath(outline, same)).toBe('M4.0,3.0L16.0,3.0L16.0,12.0L4.0,12.0Z');
	});
});
