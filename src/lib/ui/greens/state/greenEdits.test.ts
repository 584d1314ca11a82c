import { describe, expect, it } from 'vitest';
import { areaOf, contains } from '$lib/core/math/polygon';
import { createHeightField } from '$lib/core/green/heightGrid';
import { surfaceOf } from '$lib/core/green/surface';
import { greenDraftSchema, greenToCore } from '$lib/io/work/green';
import {
	blankArea,
	blankGreen,
	insertCorner,
	mapPointNear,
	moveParts,
	placesOf,
	quickGreen,
	removePart,
	resize,
	sizeMark,
	sizeOf,
	withPin
} from './greenEdits';
import type { GreenPart } from './greenBench.svelte';

const green = () => {
	const made = blankGreen('g', 'New');
	made.areas.push(blankArea('sand', [30, 8]));
	made.spots.push({ at: [4, 5], height: 0.2, leftOut: false });
	made.tilts.push({ at: [6, 7], percent: 2, fallsTowards: 90, leftOut: false });
	return made;
};

describe('blank green', () => {
	it('is one that can be kept, with a pin on it', () => {
		const made = green();
		expect(greenDraftSchema.safeParse(made).success).toBe(true);
		expect(contains(made.outline, ...made.pins[0]!.at)).toBe(true);
	});
});

describe('a green told in four touches', () => {
	const told = { wide: 12, long: 20, slope: 2, fallsTowards: 90 };

	it.each(['oval', 'square', 'kidney', 'pear'] as const)(
		'is as long and as wide as it was said to be, with its pin on it (%s)',
		(shape) => {
			const made = quickGreen('g', 'Quick', { ...told, shape });
			expect(greenDraftSchema.safeParse(made).success).toBe(true);
			expect(sizeOf(made).wide).toBeCloseTo(12, 1);
			expect(sizeOf(made).long).toBeCloseTo(20, 1);
			expect(contains(made.outline, ...made.pins[0]!.at)).toBe(true);
			for (const { at } of made.tilts) expect(contains(made.outline, ...at)).toBe(true);
		}
	);

	it('falls as it was said to fall, everywhere, or is level', () => {
		const surface = (slope: number) => {
			const { grid } = surfaceOf(
				greenToCore(quickGreen('g', 'Q', { ...told, shape: 'oval', slope }))
			);
			const field = createHeightField(grid);
			const drop = (u: number, v: number, u2: number, v2: number) =>
				field.height(u, v) - field.height(u2, v2);
			return [drop(4, 9, 8, 9), drop(6, 6, 6, 12)];
		};
		const [across, along] = surface(2);
		expect(across).toBeCloseTo(0.08, 2);
		expect(along).toBeCloseTo(0, 2);
		for (const level of surface(0)) expect(level).toBeCloseTo(0, 6);
	});
});

describe('the size of a green', () => {
	it('is changed with everything that lies on it, and back', () => {
		const made = green();
		const before = structuredClone(made);
		const { wide, long } = sizeOf(made);
		resize(made, { wide: 2 * wide, long });
		expect(sizeOf(made)).toEqual({ wide: 2 * wide, long });
		expect(made.spots[0]!.at).toEqual([8, 5]);
		expect(made.areas[0]!.outline[0]![1]).toBe(before.areas[0]!.outline[0]![1]);
		resize(made, { wide, long });
		expect(made).toEqual(before);
	});

	it('is dragged from its corner, never to nothing', () => {
		const made = green();
		const part: GreenPart = { kind: 'whole', index: 0 };
		const from = structuredClone(placesOf(made, part));
		expect(from[0]).toEqual(sizeMark(made));
		moveParts(made, part, from, 4, -100);
		expect(sizeOf(made)).toEqual({ wide: 24, long: 3 });
		expect(removePart(made, part)).toBe(false);
	});
});

describe('moving parts', () => {
	const parts: GreenPart[] = [
		{ kind: 'spot', index: 0 },
		{ kind: 'tilt', index: 0 },
		{ kind: 'pin', index: 0 },
		{ kind: 'corner', index: 3 },
		{ kind: 'areaCorner', index: 0, corner: 2 },
		{ kind: 'area', index: 0 }
	];

	it.each(parts)('moves $kind and nothing else', (part) => {
		const made = green();
		const before = structuredClone(made);
		const from = structuredClone(placesOf(made, part));
		moveParts(made, part, from, 1.5, -0.5);
		placesOf(made, part).forEach(([u, v], i) => {
			expect(u).toBeCloseTo(from[i]![0] + 1.5, 1);
			expect(v).toBeCloseTo(from[i]![1] - 0.5, 1);
		});
		moveParts(made, part, from, 0, 0);
		expect(made).toEqual(before);
	});

	it('moves a whole bunker without changing its shape', () => {
		const made = green();
		const part: GreenPart = { kind: 'area', index: 0 };
		const size = areaOf(made.areas[0]!.outline);
		moveParts(made, part, structuredClone(placesOf(made, part)), -4, 3);
		expect(areaOf(made.areas[0]!.outline)).toBeCloseTo(size, 6);
	});

	it('keeps to what a tape reads', () => {
		expect(mapPointNear(1.2345, -6.789)).toEqual([1.25, -6.8]);
	});
});

describe('corners', () => {
	it('bends the nearest side', () => {
		const square: [number, number][] = [
			[0, 0],
			[4, 0],
			[4, 4],
			[0, 4]
		];
		expect(insertCorner(square, [5, 2])).toBe(2);
		expect(square).toEqual([
			[0, 0],
			[4, 0],
			[5, 2],
			[4, 4],
			[0, 4]
		]);
		expect(insertCorner(square, [-1, 2])).toBe(5);
	});

	it('goes down to three and no further', () => {
		const made = green();
		let removed = 0;
		while (removePart(made, { kind: 'corner', index: 0 })) removed++;
		expect(made.outline).toHaveLength(3);
		expect(removed).toBe(13);
	});
});

describe('removing and naming', () => {
	it('takes away one of its kind', () => {
		const made = green();
		removePart(made, { kind: 'spot', index: 0 });
		removePart(made, { kind: 'area', index: 0 });
		expect([made.spots, made.areas, made.tilts]).toEqual([[], [], [expect.anything()]]);
	});

	it('gives a pin a name that is free', () => {
		const made = green();
		made.pins[0]!.name = 'Pin 2';
		withPin(made, 'a', [3, 3]);
		withPin(made, 'b', [5, 3]);
		expect(made.pins.map(({ name }) => name)).toEqual(['Pin 2', 'Pin 3', 'Pin 4']);
	});
});
