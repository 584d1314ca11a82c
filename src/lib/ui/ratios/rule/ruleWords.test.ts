import { describe, expect, it } from 'vitest';
import { SAY_METRIC } from '$lib/io/words/say';
import { lossWords, ownRuleWords, ruleShotWords } from './ruleWords';

const CLUBS = ['7i', '9i', 'GW', 'LW'];
const club = (place: number) => CLUBS[place]!;
const NONE = { uphill: 0, downhill: 0, slow: 0, quick: 0 };

describe('a rule', () => {
	it('is said in the form it has, with its corrections', () => {
		expect(ownRuleWords({ ...NONE, form: 'minus', from: 11, uphill: 1, quick: 2 }, club)).toMatch(
			/^11 minus units: .*take it from 11 .*; one club less loft uphill, two clubs more loft on quick ones\.$/
		);
		const clubs = [
			{ club: 0, share: 1 / 4 },
			{ club: 2, share: 1 / 2 }
		];
		expect(ownRuleWords({ ...NONE, form: 'fractions', clubs, slow: 1, downhill: 1 }, club)).toBe(
			'A fraction each: 7i flies a quarter, GW flies half; one club more loft downhill, one club less loft on slow greens.'
		);
		expect(ownRuleWords({ ...NONE, form: 'ladder', clubs: [3, 1], first: 2, gap: 2.5 }, club)).toBe(
			'Every second club: the LW rolls 2 paces, each next one (9i) 2.5 more.'
		);
	});

	it('says what it loses, and where', () => {
		expect(lossWords(0.041, 0.2)).toBe('loses 0.04 strokes a shot, 0.20 at worst');
		const shot = { carry: 3, roll: 9, strokes: [], schools: [] };
		expect(ruleShotWords({ ...shot, slope: 0.02, pace: 'quick' }, SAY_METRIC)).toBe(
			'3.0 m to the landing spot, 9.0 m from there, 2 % up, on a quick green.'
		);
		expect(ruleShotWords({ ...shot, slope: 0, pace: 'usual' }, SAY_METRIC)).toContain('level');
	});
});
