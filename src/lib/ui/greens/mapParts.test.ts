import { describe, expect, it } from 'vitest';
import { blankArea, blankGreen } from '$lib/ui/greens/state/greenEdits';
import { GREEN_TABS } from './greenTabs';
import { markOf, partName, partsFor, placeParts, placesFor } from './mapParts';

describe('parts of the map', () => {
	const green = blankGreen('g', 'New');
	green.areas.push(blankArea('water', [30, 8]));
	green.spots.push({ at: [1, 2], height: 0, leftOut: false });

	it('can be taken hold of where they are worked on', () => {
		expect(partsFor('survey', green).map(({ kind }) => kind)).toEqual(['spot']);
		expect(
			partsFor('survey', {
				...green,
				grid: { originU: 0, originV: 0, cell: 1, columns: 2, rows: 2, heights: [0, 0, 0, 0] }
			})
		).toEqual([]);
		expect(new Set(partsFor('shape', green).map(({ kind }) => kind))).toEqual(
			new Set(['corner', 'areaCorner', 'area', 'whole'])
		);
		for (const { id } of GREEN_TABS)
			for (const part of partsFor(id, green)) {
				expect(markOf(green, part)).toHaveLength(2);
				expect(partName(green, part)).not.toBe('');
			}
	});

	it('are all in view where they are worked on', () => {
		expect(placesFor('survey', green).length).toBeGreaterThan(placesFor('pins', green).length);
		expect(partName(green, { kind: 'areaCorner', index: 0, corner: 2 })).toBe(
			'Corner 3 of water 1'
		);
	});
});

it('keeps everything that is written on a map off the flag of a pin, its own name included', () => {
	const green = blankGreen('g', 'New');
	const pin = { kind: 'pin', index: 0 } as const;
	const no = () => false;
	const { words, taken } = placeParts(green, [pin], () => [100, 100], no, no);
	expect(
		taken.some(
			({ left, right, top, bottom }) => left < 106 && right > 106 && top < 85 && bottom > 85
		)
	).toBe(true);
	const [, down] = words.get(pin)!;
	expect(down > 12 || down < -20).toBe(true);
});
