import { describe, expect, it } from 'vitest';
import { calibrationOf } from '$lib/core/log/calibration';
import { correctionsOf, type Correction } from '$lib/core/log/corrections';
import { PROFILE } from '$lib/core/player/player';
import { findingsOf, looksAt } from '$lib/core/log/findings';
import { reckon } from '$lib/core/log/reckoning';
import { playedShots } from '../../../../tests/support/played';
import { pupilFile } from '../../../../tests/support/pupils';
import { LOG_SAY as say, playedAs } from '../../../../tests/support/plays';
import { reckoned } from './reckoned';
import { scoredPlay, type ScoredPlay } from './scored';
import {
	calibrationWords,
	correctionWords,
	findingWords,
	reckoningWords,
	restsOnWords,
	scoreWords,
	shareWords
} from './words';

const found = (results: readonly ScoredPlay[]) => findingsOf([...looksAt(results)]);
const scoredOf = (seed: number, n: number, world = {}): ScoredPlay[] =>
	playedShots(seed, n, world).flatMap((shot) => scoredPlay(playedAs(shot)) ?? []);

describe('in words', () => {
	it('a finding says how far, which way, how sure and of how many', () => {
		const right = found(scoredOf(3, 60, { aside: 0.8 }));
		const side = right.find(
			({ grouping, direction }) => grouping === 'all' && direction === 'landingSide'
		)!;
		expect(findingWords(side, say)).toMatch(
			/^The ball lands 0\.\d ± 0\.\d m right of where it was to land: 60 balls\.$/
		);
		const rough = {
			...side,
			grouping: 'lie' as const,
			group: 'semi-rough',
			direction: 'end' as const
		};
		expect(findingWords(rough, say)).toMatch(/^From semi-rough the ball ends .* past the forecast/);
		const oneDay = { ...rough, grouping: 'day' as const, group: '2026-10-10' };
		oneDay.offset = { ...side.offset, centre: -1, days: 1 };
		expect(findingWords(oneDay, say)).toMatch(
			/^On 2026-10-10 the ball ends .* short of the forecast: 60 balls, all of one day\.$/
		);
	});

	it('a calibration says what was counted and what an honest one has', () => {
		const ranks = (n: number, of: (i: number) => number) =>
			calibrationWords(calibrationOf(Array.from({ length: n }, (_, i) => of(i))));
		expect(ranks(0, Number)).toBe('No result can be compared with its forecast yet.');
		expect(ranks(1, () => 0.5)).toBe('1 ball says nothing yet: from 12 on the forecast is judged.');
		expect(ranks(20, (i) => (i + 0.5) / 20)).toBe(
			'10 of 20 balls ended inside the ring that was to hold half of them; an honest forecast has 6 to 14 there. Nothing speaks against the forecast.'
		);
		expect(ranks(20, (i) => 0.6 + i / 60)).toContain('promises more than came');
		expect(ranks(20, (i) => i / 60)).toContain('too careful');
	});

	it('a correction says what is done and what stands behind it', () => {
		const words = correctionsOf(
			scoredOf(11, 80, { carry: 0.85, run: 1.4, spread: 1.5 }),
			PROFILE.middle.costs
		).map((correction) => correctionWords(correction, say));
		expect(words.find((text) => text.startsWith('From fairway'))).toMatch(
			/flies \d+ % less far than the swing says: swings are said longer from there \(80 balls on 5 days\)/
		);
		expect(words.find((text) => text.includes('runs'))).toMatch(/farther .* less loft/);
		expect(words.find((text) => text.startsWith('Landings'))).toMatch(/wider than presumed/);
	});

	it('a correction says which way, whichever it is', () => {
		const offset = { n: 30, days: 1, centre: 0, error: 0.1, low: 0, high: 0, luck: 0.001 };
		const said = (over: Partial<Correction>) =>
			correctionWords({ offset, ...over } as Correction, say).replace(' (30 balls on 1 day).', '');
		const green = { what: 'speed', green: 'g', day: '2026-10-10' } as const;
		expect(
			[1.2, 0.8].flatMap((factor) => [
				said({ what: 'carry', lie: 'semi-rough', factor }),
				said({ what: 'run', factor }),
				said({ what: 'spread', factor }),
				said({ ...green, factor })
			])
		).toEqual([
			'From semi-rough the ball flies 20 % farther than the swing says: swings are said shorter from there',
			'The ball runs 20 % farther on the same carry: the club is delivered with less loft',
			'Landings are spread 20 % wider than presumed',
			'The green ran 20 % faster on 2026-10-10 than its reading says',
			'From semi-rough the ball flies 20 % less far than the swing says: swings are said longer from there',
			'The ball runs 20 % less far on the same carry: the club is delivered with more loft',
			'Landings are spread 20 % closer than presumed',
			'The green ran 20 % slower on 2026-10-10 than its reading says'
		]);
		expect(said({ what: 'around', more: -0.2 })).toContain('0.20 strokes fewer');
		expect(said({ what: 'putts', factor: 1.2 })).toContain('20 % farther');
	});

	it('the gain over the skill is told only where it is one', () => {
		expect(scoreWords(null, say)).toBe('');
		expect(scoreWords({ gain: 0.1, error: 0.2, n: 9 }, say)).toContain('neither better nor worse');
		expect(scoreWords({ gain: 0.5, error: 0.1, n: 9 }, say)).toBe(
			'The forecast is 0.5 ± 0.2 m a ball nearer to what came than the starting skill alone: 9 balls.'
		);
	});

	it('a reckoning is of strokes that were counted and of what was forecast of them', () => {
		const shots = playedShots(7, 6).map((shot) => ({ ...playedAs(shot), strokes: 3 }));
		const [first] = shots;
		const among = reckoned([
			...shots,
			{ ...first!, id: 'free', forecast: undefined },
			{ ...first!, id: 'uncounted', strokes: undefined }
		]);
		expect(among).toMatchObject({ n: 8, counted: 7, strokes: 3, over: { n: 6 } });
		expect(among.over!.mean).toBeCloseTo(3 - first!.forecast!.strokes, 2);
		expect(among.leave).toBeGreaterThan(0);
	});

	it('a reckoning says what shots took, and whether that is more than forecast', () => {
		const of = (strokes: number, expected: number, n: number) =>
			reckon(
				Array.from({ length: n }, (_, i) => ({ strokes, expected: expected + i * 0.01, leave: 2 }))
			);
		expect(reckoningWords(reckon([]), 'of Ida')).toBe('Nothing is noted of Ida.');
		expect(reckoningWords(of(2, 2.8, 3), 'of Ida')).toContain('From six counted ones on');
		expect(reckoningWords(of(4, 2.8, 9), 'of Ida')).toMatch(/1\.16 ± 0\.\d\d more a shot/);
		expect(reckoningWords(of(2, 2.8, 9), 'of Ida')).toMatch(/fewer a shot/);
		const unseen = reckon([{ strokes: null, expected: 2.8, leave: 1 }]);
		expect(reckoningWords(unseen, 'of Ida')).toBe(
			'1 shot is noted of Ida; none was counted to the hole.'
		);
		expect(shareWords(unseen.upAndDown)).toBe('none counted');
		expect(shareWords(of(2, 2.8, 4).upAndDown)).toMatch(/^4 of 4 \(\d+ % to 100 %\)$/);
	});

	it('what plans rest on shrinks away from the skill as more is known', () => {
		const { pupil } = pupilFile({ id: 'p' });
		const file = { ...pupilFile({ id: 'p' }), pupil };
		expect(restsOnWords(file, 0)).toBe('Plans rest on the skill “middle” alone.');
		const own = { speed: 7, direction: 4, loft: 2, lowPoint: 1.2 };
		const more = { ...file, pupil: { ...pupil, spread: own, handicap: 15 } };
		expect(restsOnWords(more, 6)).toBe(
			'Plans rest on 6 measured swings and an own spread; strike and putting are still those of handicap 15.'
		);
	});
});
