import { describe, expect, it } from 'vitest';
import { STANDARD_BAG } from '$lib/core/club/standardBag';
import type { Play } from '$lib/core/player/intent';
import { radians } from '$lib/core/units';
import { playWords } from './play';
import { reasonWords } from './reason';
import { rejectionWords } from './rejection';
import type { SchoolAdvice } from '$lib/core/schools/school';
import { SAY_METRIC, soMany } from './say';
import { workingWords } from './school';

const club = (name: string) => STANDARD_BAG.find((item) => item.name === name)!;
const play = (name: string, flight: Play['flight'], open = 0): Play => ({
	club: club(name),
	flight,
	faceOpen: radians(open),
	shape: 'straight'
});

describe('words', () => {
	it('names a play in few words', () => {
		expect(playWords(play('7i', 'standard'))).toBe('7i standard');
		expect(playWords(play('LW', 'open', 30))).toBe('LW 30° open');
		expect(playWords(play('SW', 'splash', 20))).toBe('SW splash 20° open');
		expect(playWords(play('Putter', 'putt'))).toBe('Putter');
		expect(playWords({ ...play('SW', 'standard'), shape: 'outside' })).toBe(
			'SW standard, path from outside'
		);
	});

	it('says why a shot is out, with its number', () => {
		expect(rejectionWords({ code: 'shortOfGreen', by: 0.42 }, SAY_METRIC)).toBe(
			'lands 0.4 m short of where it may land on the green'
		);
		expect(rejectionWords({ code: 'notClear', hazard: 'sand', by: 0.3 }, SAY_METRIC)).toBe(
			'does not clear the sand: 0.3 m too little'
		);
		expect(rejectionWords({ code: 'bounceOnTight', bounce: radians(12) }, SAY_METRIC)).toContain(
			'12° of bounce'
		);
		expect(rejectionWords({ code: 'notInSchool', school: 'rule-of-twelve' }, SAY_METRIC)).toContain(
			'Rule of twelve'
		);
	});

	it('rounds strokes to what can be meant', () => {
		const reason = reasonWords(
			{ code: 'runnerUp', play: play('PW', 'standard'), more: 0.137 },
			SAY_METRIC
		);
		expect(reason).toBe('PW standard is next and costs 0.15 strokes more.');
		expect(
			reasonWords({ code: 'runnerUp', play: play('PW', 'low'), more: 0.01 }, SAY_METRIC)
		).toContain('no more');
	});

	it('names the first of the plays that tie, and counts the rest', () => {
		const tie = (tied: number, other: Play | null = play('SW', 'low')) =>
			reasonWords({ code: 'tieLeastAir', play: play('PW', 'standard'), other, tied }, SAY_METRIC);
		expect(tie(1)).toBe('PW standard is as good as SW low and flies least.');
		expect(tie(2)).toContain('as good as SW low and one other way');
		expect(tie(4)).toContain('as good as SW low and 3 other ways');
		expect(tie(0, null)).toContain('with the ball left elsewhere');
	});

	it('says of the cheapest how often it goes wrong, since its strokes stand in the ladder', () => {
		expect(
			reasonWords(
				{ code: 'fewestStrokes', play: play('SW', 'high'), fourOrMore: 0.124 },
				SAY_METRIC
			)
		).toBe('SW high costs this player the fewest strokes; it takes four or more 12 % of the time.');
		expect(
			reasonWords(
				{ code: 'fewestStrokes', play: play('SW', 'high'), fourOrMore: 0.004 },
				SAY_METRIC
			)
		).toContain('; it hardly ever takes four.');
	});

	it('tells past from short', () => {
		expect(
			reasonWords(
				{ code: 'playedSafe', past: -1.5, side: 0, onGreen: true, runOn: 0.1, saves: 0.1 },
				SAY_METRIC
			)
		).toContain('1.5 m short of the pin: going at the pin costs');
		expect(
			reasonWords(
				{ code: 'playedSafe', past: -9, side: 0, onGreen: false, runOn: 0, saves: null },
				SAY_METRIC
			)
		).toContain('off the green: nothing that goes for the pin costs less');
		expect(
			reasonWords(
				{ code: 'playedSafe', past: -8, side: 0, onGreen: true, runOn: 0.4, saves: 0.1 },
				SAY_METRIC
			)
		).toContain('8.0 m short of the pin: 40 % of the balls run on toward it');
		expect(
			reasonWords(
				{ code: 'watch', what: 'slope', by: 1, lie: 'first-cut', change: -0.8 },
				SAY_METRIC
			)
		).toContain('0.8 m shorter');
	});
});

it('says one of something as one', () => {
	expect([0, 1, 2].map((count) => soMany(count, 'ball'))).toEqual(['0 balls', '1 ball', '2 balls']);
	expect(soMany(2, 'carry', 'carries')).toBe('2 carries');
});

describe('the working of a school', () => {
	const words = (working: SchoolAdvice['working'], carry = 3) =>
		workingWords({ play: play('PW', 'standard'), carry, working, beyond: null }, SAY_METRIC);

	it('is reckoned as a coach would aloud', () => {
		expect(words({ by: 'units', carry: 4, roll: 8, units: 2, number: 10 })).toBe(
			'Carry 4 paces, roll 8: 2 units; 12 − 2 = 10'
		);
		expect(words({ by: 'units', carry: 4, roll: 6, units: 1.5, number: 11 })).toBe(
			'Carry 4 paces, roll 6: 1.5 units, taken as 1; 12 − 1 = 11'
		);
		expect(words({ by: 'share', share: 1 / 3, total: 12 }, 4)).toBe(
			'A third of 12.0 m flies: 4.0 m'
		);
		expect(words({ by: 'share', share: 0.57, total: 10 }, 7)).toContain('57 % of 10.0 m');
		expect(words({ by: 'share', share: 0.57, total: 10 }, 7)).toContain('landed just on');
		expect(words({ by: 'gaps', roll: 9, gap: 3, rung: 3 })).toContain('about 3 gaps of 3.0 m');
		expect(words({ by: 'carries', carries: 4, limit: 3 })).toBe('Roll 4 carries, more than 3');
	});
});
