import { describe, expect, it } from 'vitest';
import { cloudOf, ellipseOf } from './ellipse';
import { createRng } from './random';

describe('ellipse of a cloud', () => {
	it('has the axes and the turn of a cloud that was stretched and turned', () => {
		const turn = 0.6;
		const [long, short] = [3, 1.2];
		const rng = createRng(3);
		const points = Array.from({ length: 40_000 }, () => {
			const [a, b] = [long * rng.normal(), short * rng.normal()];
			return [
				5 + a * Math.cos(turn) - b * Math.sin(turn),
				-2 + a * Math.sin(turn) + b * Math.cos(turn)
			] as const;
		});
		const found = ellipseOf(cloudOf(points), 0.8);
		const reach = Math.sqrt(-2 * Math.log(0.2));
		expect(found.x).toBeCloseTo(5, 1);
		expect(found.y).toBeCloseTo(-2, 1);
		expect(found.long / reach).toBeCloseTo(long, 1);
		expect(found.short / reach).toBeCloseTo(short, 1);
		expect(found.turn).toBeCloseTo(turn, 1);
	});

	it('holds the share it says', () => {
		const rng = createRng(9);
		const points = Array.from(
			{ length: 20_000 },
			() => [2 * rng.normal(), 0.5 * rng.normal()] as const
		);
		const cloud = cloudOf(points);
		for (const share of [0.5, 0.8, 0.95]) {
			const { long, short } = ellipseOf({ ...cloud, x: 0, y: 0, xy: 0 }, share);
			const inside = points.filter(([x, y]) => (x / long) ** 2 + (y / short) ** 2 <= 1).length;
			expect(inside / points.length).toBeCloseTo(share, 1);
		}
	});

	it('is a point for one ball, a line for balls on a line', () => {
		expect(ellipseOf(cloudOf([[3, 4]]), 0.8)).toMatchObject({ x: 3, y: 4, long: 0, short: 0 });
		const line = ellipseOf(
			cloudOf([
				[0, 0],
				[1, 2],
				[2, 4]
			]),
			0.8
		);
		expect(line.short).toBeCloseTo(0, 6);
		expect(Math.tan(line.turn)).toBeCloseTo(2, 9);
	});
});
