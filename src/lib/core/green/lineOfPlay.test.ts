import { describe, expect, it } from 'vitest';
import { SURFACE } from '../ground/surfaces';
import { lineOn } from '../plan/question/onGreen';
import type { Green } from './green';
import type { LineOfPlay, LineProblem } from './lineOfPlay';

/** 20 × 10 m, rising 2 % to the right and falling 1 % up the map; sand in front of its left side. */
const heightAt = (u: number, v: number) => 0.02 * u - 0.01 * v;
const green: Green = {
	outline: [
		[0, 0],
		[20, 0],
		[20, 10],
		[0, 10]
	],
	collar: 1,
	fringe: 'smooth',
	areas: [
		{
			kind: 'sand',
			lip: 0.4,
			outline: [
				[-5, 3],
				[-2, 3],
				[-2, 7],
				[-5, 7]
			]
		}
	],
	spots: [],
	tilts: [],
	grid: {
		originU: -20,
		originV: -20,
		cell: 1,
		columns: 70,
		rows: 60,
		heights: Array.from({ length: 70 * 60 }, (_, at) =>
			heightAt(-20 + (at % 70), -20 + Math.floor(at / 70))
		)
	}
};

const line = (ball: [number, number], pin: [number, number]): LineOfPlay => {
	const found = lineOn(green, ball, pin);
	if (typeof found === 'string') throw new Error(found);
	return found;
};

describe('lineOfPlay', () => {
	it('measures to the edge, to the pin and to the back', () => {
		const found = line([-8, 5], [12, 5]);
		expect(found.toEdge).toBeCloseTo(8, 0);
		expect(found.edgeToPin).toBeCloseTo(12, 0);
		expect(found.toEdge + found.edgeToPin).toBeCloseTo(20, 9);
		expect(found.beyondPin).toBeCloseTo(8, 0);
		expect(found.ballOn).toBe(SURFACE.rough);
	});

	it('reads rise and slopes in the frame of the line, right being right', () => {
		const along = line([-8, 5], [12, 5]);
		expect(along.rise).toBeCloseTo(0.16, 2);
		expect(along.segments[3]!.slopeAlong).toBeCloseTo(0.02, 3);
		// Up the map is left of a line to the right: it falls 1 % to the left.
		expect(along.segments[3]!.slopeAcross).toBeCloseTo(-0.01, 3);
		const back = line([26, 5], [12, 5]);
		expect(back.segments[2]!.slopeAlong).toBeCloseTo(-0.02, 3);
		expect(back.segments[2]!.slopeAcross).toBeCloseTo(0.01, 3);
	});

	it('finds the sand on the line with the height of its far lip above the ball', () => {
		const [sand] = line([-8, 5], [12, 5]).hazards;
		expect(sand).toMatchObject({ kind: 'sand' });
		expect(sand!.from).toBeCloseTo(3, 0);
		expect(sand!.to).toBeCloseTo(6, 0);
		expect(sand!.height).toBeCloseTo(heightAt(-2, 5) + 0.4 - heightAt(-8, 5), 1);
		// From the other side it lies behind the green, within reach of a ball that runs off.
		expect(line([26, 5], [12, 5]).hazards.map(({ from }) => Math.round(from))).toEqual([28]);
		expect(line([12, -6], [12, 5]).hazards).toEqual([]);
	});

	it('tells what lies between ball and edge', () => {
		expect(line([-0.6, 8], [12, 8]).fringe).toBe('smooth');
		expect(line([-8, 8], [12, 8]).fringe).toBe('rough');
		for (const fringe of ['grainy', 'rough'] as const) {
			const found = lineOn({ ...green, fringe }, [-0.9, 8], [12, 8]);
			expect(found).toMatchObject({ fringe });
		}
	});

	it.each<[LineProblem, [number, number], [number, number]]>([
		['pinOffGreen', [-8, 5], [-7, 8]],
		['pinOffGreen', [-8, 5], [-4, 5]],
		['tooNear', [12.2, 5], [12, 5]]
	])('says %s', (problem, ball, pin) => {
		expect(lineOn(green, ball, pin)).toBe(problem);
	});
});
