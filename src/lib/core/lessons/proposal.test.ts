import { describe, expect, it } from 'vitest';
import { proposeFor, rested, treatingGain, type Candidate } from './proposal';

const thing = (about: string, over: Partial<Candidate<string>> = {}): Candidate<string> => ({
	about,
	first: false,
	least: 10,
	minutes: 20,
	gain: { strokes: 0.02, error: 0.01 },
	since: null,
	...over
});
const names = (candidates: Candidate<string>[], minutes: number) =>
	proposeFor(candidates, minutes).map(({ candidate, minutes: given }) => [candidate.about, given]);

describe('what a lesson is about', () => {
	it('does first what has to be, then what saves most strokes a minute', () => {
		const much = thing('much', { gain: { strokes: 0.05, error: 0 } });
		const quick = thing('quick', { least: 4, minutes: 4, gain: { strokes: 0.03, error: 0 } });
		const due = thing('due', { first: true, gain: null, least: 5, minutes: 5 });
		expect(names([much, quick, due], 60)).toEqual([
			['due', 5],
			['quick', 4],
			['much', 20]
		]);
	});

	it('gives each what it needs before it gives any more', () => {
		const one = thing('one', { gain: { strokes: 0.05, error: 0 } });
		const other = thing('other');
		expect(names([other, one], 24)).toEqual([
			['one', 14],
			['other', 10]
		]);
	});

	it('leaves out what there is no time for, and what gains nothing', () => {
		const long = thing('long', { least: 30, minutes: 40, gain: { strokes: 1, error: 0 } });
		const nothing = thing('nothing', { gain: { strokes: 0, error: 0 } });
		const unknown = thing('unknown', { gain: null });
		expect(names([long, nothing, unknown], 25)).toEqual([['unknown', 20]]);
		expect(names([thing('a')], 9)).toEqual([]);
	});

	it('lets rest what was worked on yesterday', () => {
		const fresh = thing('fresh', { gain: { strokes: 0.03, error: 0 }, since: 1 });
		const old = thing('old', { gain: { strokes: 0.02, error: 0 }, since: 20 });
		expect(names([fresh, old], 60).map(([about]) => about)).toEqual(['old', 'fresh']);
		expect(rested(null)).toBe(1);
		expect(rested(0)).toBe(0);
		expect(rested(4)).toBeCloseTo(1 - 1 / Math.E, 6);
		expect(rested(-3)).toBe(0);
	});
});

describe('what treating a habit saves', () => {
	it('is the part that is more than the skill has, times what such a ball costs', () => {
		const gain = treatingGain({ hits: 20, of: 50, expected: 10 }, 0.8);
		// A quarter of two tenths of the balls, at 0.8 strokes each.
		expect(gain.strokes).toBeCloseTo(0.25 * 0.2 * 0.8, 9);
		expect(gain.error).toBeCloseTo(0.25 * Math.sqrt((0.4 * 0.6) / 50) * 0.8, 9);
	});

	it('is nothing for what is usual, for what costs nothing and for nobody', () => {
		expect(treatingGain({ hits: 5, of: 50, expected: 10 }, 0.8).strokes).toBe(0);
		expect(treatingGain({ hits: 20, of: 50, expected: 10 }, -0.1).strokes).toBe(0);
		expect(treatingGain({ hits: 0, of: 0, expected: 0 }, 1)).toEqual({ strokes: 0, error: 0 });
	});
});
