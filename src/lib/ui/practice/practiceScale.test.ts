import { describe, expect, it } from 'vitest';
import { practisedSession } from '../../../../tests/support/sessions';
import { farthest, isTooFine, mapProject, practiceScale, touchErrorOf } from './practiceScale';

describe('a line of practice on the paper', () => {
	const scale = practiceScale(390, 420, 16);

	it('is true to scale, the ball below, and finds the place under a finger', () => {
		const [x0, y0] = scale.at(0, 0);
		const [x1, y1] = scale.at(4, 2);
		expect(y0 - y1).toBeCloseTo(4 * scale.factor, 9);
		expect(x1 - x0).toBeCloseTo(2 * scale.factor, 9);
		const [along, right] = scale.spotAt(x1, y1);
		expect([along, right]).toEqual([expect.closeTo(4, 9), expect.closeTo(2, 9)]);
		expect(scale.at(16, 0)[1]).toBeGreaterThan(0);
	});

	it('reaches past everything that is to be seen', () => {
		expect(farthest(practisedSession())).toBe(20);
		expect(farthest(practisedSession({ mark: 30 }))).toBe(32);
		expect(farthest(practisedSession({ turns: [], mark: 2 }))).toBe(6);
	});

	it('turns a map so that the line runs up', () => {
		const project = mapProject({ ball: [10, 5], heading: 90 }, scale)!;
		expect(project(10, 5)).toEqual(scale.at(0, 0));
		const [x, y] = project(12, 11);
		const [onX, onY] = scale.at(6, 2);
		expect([x, y]).toEqual([expect.closeTo(onX, 6), expect.closeTo(onY, 6)]);
		expect(mapProject(undefined, scale)).toBeNull();
	});

	it('says what a touch on it is worth, and when typing is better', () => {
		expect(touchErrorOf('finger', scale)).toBeCloseTo(3 / scale.factor, 2);
		expect(touchErrorOf('pointer', scale)).toBeLessThan(touchErrorOf('finger', scale));
		expect(isTooFine(scale, 0.8)).toBe(false);
		expect(isTooFine(practiceScale(390, 420, 76), 0.8)).toBe(true);
	});
});
