import { describe, expect, it } from 'vitest';
import type { ReadingWire } from '../work/reading';
import { asRead, readToday, speedErrorNow } from './asRead';

const NOW = Date.parse('2026-10-20T12:00:00.000Z');
const reading = (takenAt: string, change: Partial<ReadingWire> = {}): ReadingWire => ({
	id: 'r',
	greenId: 'g',
	takenAt,
	stimpFeet: 11,
	errorFeet: 0.3,
	firmness: 'firm',
	wet: true,
	grainTowards: null,
	method: 'ramp',
	rolls: [],
	balls: [],
	note: '',
	...change
});

describe('a reading', () => {
	it('is known as well as it was measured, and worse day by day for a week', () => {
		expect(speedErrorNow(reading('2026-10-20T12:00:00.000Z'), NOW)).toBe(0.3);
		expect(speedErrorNow(reading('2026-10-16T12:00:00.000Z'), NOW)).toBeCloseTo(
			Math.hypot(0.3, 1),
			2
		);
		expect(speedErrorNow(reading('2026-10-13T12:00:00.000Z'), NOW)).not.toBeNull();
		expect(speedErrorNow(reading('2026-10-13T11:59:00.000Z'), NOW)).toBeNull();
	});

	it('that was only judged measures nothing, and a clock that was ahead is no age', () => {
		expect(speedErrorNow(reading('2026-10-20T12:00:00.000Z', { errorFeet: null }), NOW)).toBeNull();
		expect(speedErrorNow(reading('2026-10-21T12:00:00.000Z'), NOW)).toBe(0.3);
		expect(speedErrorNow(reading('no date'), NOW)).toBeNull();
	});
});

it('makes the ground: the newest counts, none is none', () => {
	const now = reading('2026-10-20T11:00:00.000Z');
	const found = asRead([now, reading('2026-10-01T11:00:00.000Z', { stimpFeet: 8 })], NOW);
	expect(found).toEqual({ stimpFeet: 11, firmness: 'firm', wet: true, speedError: 0.32 });
	expect(asRead([], NOW)).toBeNull();
});

it('is where one stands only within half a day', () => {
	const book = (takenAt: string) => ({ readings: [reading(takenAt)] });
	const [old, fresh] = [book('2026-10-19T12:00:00.000Z'), book('2026-10-20T08:00:00.000Z')];
	expect(readToday([{ readings: [] }, old, fresh], NOW)).toBe(fresh);
	expect(readToday([old], NOW)).toBeUndefined();
	expect(readToday([book('2026-10-20T13:00:00.000Z')], NOW)).toBeUndefined();
});
