import { describe, expect, it } from 'vitest';
import { situationSchema } from '$lib/io/contract/situation';
import { situationToCore } from '$lib/io/fields/situation';
import type { Path } from '$lib/core/solve/path';
import { trueScale, type Scale } from '$lib/ui/drawing/scale';
import {
	apexLabel,
	gateBox,
	gateWords,
	groundRange,
	splitAtLanding,
	topOfFlight,
	viewRange
} from './section';

const situation = situationToCore(
	situationSchema.parse({ toEdge: 3, edgeToPin: 9, stimpFeet: 10, slopeAlong: 2, rise: 0.4 })
);

describe('section', () => {
	it('shows ball, pin and some green behind', () => {
		const [from, to] = viewRange(situation);
		expect(from).toBeLessThan(0);
		expect(to).toBeGreaterThan(13);
	});

	it('knows the lowest and the highest ground', () => {
		const [low, high] = groundRange(situation, 0, 13);
		expect(low).toBeCloseTo(0, 6);
		expect(high).toBeCloseTo(0.6, 6);
	});

	const path: [number, number, number, number][] = [
		[0, 0, 0, 0],
		[0.3, 2, 1.2, 0],
		[0.6, 4, 0, 0],
		[2, 8, 0, 0.1]
	];

	it('says where the ball passes a gate', () => {
		expect(gateWords(path, 2)).toEqual({ height: 1.2, words: 'hip to chest' });
		expect(gateWords(path, 1)?.words).toBe('knee to hip');
		expect(gateWords(path, 5)?.words).toBe('along the ground');
		expect(gateWords([], 1)).toBeNull();
	});

	it('cuts a path at its landing', () => {
		const { air, ground } = splitAtLanding(path, 0.6);
		expect(air).toHaveLength(3);
		expect(ground).toHaveLength(2);
		expect(ground[0]).toBe(air[2]);
	});

	it('has its top in the air, however high the ball rolls up a slope afterwards', () => {
		const uphill: [number, number, number, number][] = [
			[0, 0, 0, 0],
			[0.1, 1, 0.4, 0],
			[0.2, 2, 0.1, 0],
			[3, 14, 0.9, 0]
		];
		expect(topOfFlight(splitAtLanding(uphill, 0.2).air)).toBe(uphill[1]);
	});

	it('says the height of a flight over its top, unless there is no room under the words', () => {
		const scale = trueScale(-1, 15, 816, 300, 240, 8);
		const flight = (height: number): Path => [
			[0, 0, 0, 0],
			[0.3, 2, height, 0],
			[0.6, 4, 0, 0]
		];
		const say = (metres: number) => `${metres} m`;
		const label = apexLabel(flight(0.5), scale, say)!;
		expect(label.text).toBe('0.5 m high');
		expect(label.x).toBe(scale.x(2));
		expect(label.y).toBe(scale.y(0.5) - 13);
		expect(apexLabel(flight(13.9 / scale.factor), scale, say)).toBeNull();
		expect(apexLabel(flight(14.1 / scale.factor), scale, say)).not.toBeNull();
	});
});

it('takes paper for a gate from its foot to over the head, only where its marks can be read', () => {
	const scale = (factor: number) =>
		({ factor, x: (along: number) => along * factor, y: (up: number) => -up * factor }) as Scale;
	const box = gateBox(scale(20), 2, 0.1)!;
	expect([box.right, box.bottom]).toEqual([44, -2]);
	expect(box.left).toBeLessThan(40 - 30);
	expect(box.top).toBeLessThan(-20 * 1.85);
	expect(gateBox(scale(10), 2, 0)).toBeNull();
});
