import { describe, expect, it } from 'vitest';
import { STANDARD_BAG } from '$lib/core/club/standardBag';
import type { Play } from '$lib/core/player/intent';
import { radians } from '$lib/core/units';
import { playWords } from './play';
import { reasonWords } from './reason';
import { rejectionWords } from './rejection';
import { SAY_METRIC } from './say';

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
			'lands 0.4 m short of the safe part of the green'
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
	});

	it('tells past from short', () => {
		expect(
			reasonWords({ code: 'playedSafe', past: -1.5, side: 0, saves: 0.1 }, SAY_METRIC)
		).toContain('1.5 m short of the pin');
		expect(
			reasonWords(
				{ code: 'watch', what: 'slope', by: 1, lie: 'first-cut', change: -0.8 },
				SAY_METRIC
			)
		).toContain('0.8 m shorter');
	});
});
