import { describe, expect, it } from 'vitest';
import type { MissCost } from '$lib/core/plan/whereToMiss';
import { readingDraftSchema } from '$lib/io/reading';
import { blankGreen, blankArea } from '$lib/ui/state/greenEdits';
import type { DuelSide } from '$lib/ui/state/pinDuel.svelte';
import { ballsWords, nextBallWords } from './ballsWords';
import { compassOf, compassWords } from './compass';
import { duelCall, duelRows } from './duelRows';
import { GREEN_TABS } from './greenTabs';
import { markOf, partName, partsFor, placeParts, placesFor } from './mapParts';
import { byCost, missSides } from './missWords';
import { speedWords, turfWords, whenWords } from './readingWords';
import { residualFigure, residualWords } from './residualWords';

const say = (metres: number) => `${metres.toFixed(1)} m`;

describe('readings', () => {
	const reading = readingDraftSchema.parse({
		id: 'r',
		greenId: 'g',
		takenAt: '2026-05-04T08:00:00.000Z',
		stimpFeet: 9.46,
		errorFeet: 0.02,
		wet: true,
		grainTowards: 200,
		method: 'ramp',
		rolls: [{ place: 1, way: 'up', rollOut: 2.7 }]
	});

	it('say when they were taken, and that a date ahead of this clock is one', () => {
		const taken = Date.parse(reading.takenAt);
		expect(whenWords(reading, taken + 1000)).toMatch(/\d{4}.*\d\d:\d\d/);
		expect(whenWords(reading, taken - 3_500_000)).not.toContain('future');
		expect(whenWords(reading, taken - 3_700_000)).toContain('(in the future by this clock)');
	});

	it('are said with what they may be off by, never less than a ramp can tell', () => {
		expect(speedWords(reading)).toBe('9.5 ± 0.1 ft');
		expect(speedWords({ ...reading, errorFeet: null })).toBe('about 9.5 ft');
		expect(turfWords(reading)).toBe(
			'medium turf · wet · grain toward the bottom · from 1 ramp rolls'
		);
		expect(turfWords({ ...reading, rolls: [], grainTowards: null })).toBe(
			'medium turf · wet · no grain · ramp rolls'
		);
	});

	it('name eight directions of the map, all round', () => {
		expect([0, 44, 46, 359, -90, 725].map((bearing) => compassOf(bearing).bearing)).toEqual([
			0, 45, 45, 0, 270, 0
		]);
		expect(compassWords(135)).toBe('the bottom right');
	});

	it('say what balls tell, and what one more would', () => {
		const club = { id: 'PW', name: 'PW', loft: 0.8, bounce: 0.1, putter: false };
		const found = {
			speed: 3,
			error: 0.3,
			firmness: 0.2,
			firmnessError: 0.2,
			nearest: 'medium' as const,
			airShare: 0.364,
			next: { club, carry: 4, errorAfter: 0.18288 }
		};
		expect(ballsWords(found)).toBe(
			'Today’s percentage: 36 % in the air, 64 % rolling · medium turf.'
		);
		expect(ballsWords({ ...found, firmnessError: 0.6 })).toContain('hardly tell');
		expect(nextBallWords(found, say)).toBe(
			'One more with the PW, landed after 4.0 m, would bring it to ± 1.0 ft.'
		);
		expect(nextBallWords({ ...found, next: null }, say)).toContain('enough balls');
	});
});

describe('residuals', () => {
	it('are centimetres for heights and percent for slopes, and say what to do about a bad one', () => {
		const spot = { kind: 'spot' as const, index: 0, difference: -0.023, bad: false };
		expect(residualFigure(spot)).toBe('−2.3 cm');
		expect(residualWords(spot)).toBe('Reads 2.3 cm lower than what the readings around it say.');
		const tilt = { kind: 'tilt' as const, index: 0, difference: 0.031, bad: true };
		expect(residualFigure(tilt)).toBe('3.1 %');
		expect(residualWords(tilt)).toContain('read it again, or leave it out');
	});
});

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

describe('where to miss', () => {
	const cost = (u: number, v: number, strokes: number): MissCost => ({
		spot: [u, v],
		strokes,
		play: null
	});

	it('is summed up by the side of the green, cheapest first', () => {
		const sides = missSides(
			[cost(9, 0, 3), cost(9, 1, 3.2), cost(-9, 0, 2.5), cost(0, 9, 2.8)],
			[0, 0]
		);
		expect(sides.map(({ name, spots }) => [name, spots])).toEqual([
			['the left', 1],
			['the top', 1],
			['the right', 2]
		]);
		expect(sides[2]!.strokes).toBeCloseTo(3.1, 9);
		expect(byCost([cost(0, 0, 3), cost(0, 1, 2)])[0]!.strokes).toBe(2);
		expect(missSides([], [0, 0])).toEqual([]);
	});
});

describe('two pins', () => {
	const side = (strokes: number): DuelSide => ({
		toEdge: 3,
		pin: 12,
		problem: null,
		best: {
			key: 'k',
			aimOffset: -0.4,
			swing: {} as never,
			setup: {} as never,
			rung: {
				play: {
					club: { id: 'GW', name: 'SW', loft: 1, bounce: 0.1, putter: false },
					flight: 'standard',
					faceOpen: 0,
					shape: 'straight'
				},
				solution: { outcome: { landingX: 4.2 } }
			} as never,
			option: {
				statistics: {
					expectedStrokes: strokes,
					leave: { median: 1.5, p90: 4 },
					chances: { upAndDown: 0.44, missGreen: 0.02, hazard: 0, fourOrMore: 0.1 }
				}
			} as never
		}
	});

	it('are set side by side, with the dearer one named', () => {
		const sides: [DuelSide, DuelSide] = [side(2.6), side(3)];
		const rows = duelRows(sides, say);
		expect(rows.find(([label]) => label === 'Land it past the edge')).toEqual([
			'Land it past the edge',
			'1.2 m',
			'1.2 m'
		]);
		expect(rows.find(([label]) => label === 'Aim off')?.[1]).toBe('0.4 m left');
		expect(duelCall(sides, ['Front', 'Back'])).toBe('Back costs 0.40 of a stroke more than Front.');
		expect(duelCall([side(2.61), side(2.6)], ['Front', 'Back'])).toContain('cost the same');
	});

	it('say why one of them has no call', () => {
		const none: DuelSide = { toEdge: 0, pin: 0, best: null, problem: 'No shot works.' };
		expect(duelCall([side(2), none], ['Front', 'Back'])).toBe('Back: No shot works.');
		expect(duelRows([side(2), none], say).every(([, , second]) => second === '–')).toBe(true);
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
