import { describe, expect, it } from 'vitest';
import { openFace } from '$lib/core/club/faceOpening';
import { degrees, radians } from '$lib/core/units';

/** Rigid rotation about the shaft; the values were worked out independently by matrix rotation. */
describe('opening the face', () => {
	it.each([
		[56, 10, 60.4],
		[56, 20, 64.6],
		[56, 30, 68.5],
		[56, 45, 72.9],
		[60, 15, 66.5],
		[56, -10, 51.6]
	])('turns %i° opened %i° into %f°', (loft, opening, shown) => {
		expect(degrees(openFace(radians(loft), radians(opening)).loft)).toBeCloseTo(shown, 1);
	});

	it('leaves a square face as it is and re-aims to the side it opens', () => {
		expect(openFace(radians(56), 0)).toEqual({
			loft: expect.closeTo(radians(56), 12) as number,
			reAim: 0
		});
		expect(openFace(radians(56), radians(20)).reAim).toBeGreaterThan(0);
		expect(openFace(radians(56), radians(-20)).reAim).toBeLessThan(0);
	});
});
