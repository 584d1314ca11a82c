import { describe, expect, it } from 'vitest';
import { correctionsOf } from '$lib/core/log/corrections';
import { SURFACE } from '$lib/core/ground/surfaces';
import { playedShots } from '../../../../tests/support/played';
import { pupilFile } from '../../../../tests/support/pupils';
import { LOG_SAY as say, playedAs, playOf } from '../../../../tests/support/plays';
import { correctedFile, correctionsFor, uncorrectedFile } from './corrected';
import { costsOf } from '../work/player';
import { ballsOfText, ballsText, leaveOf, resultOf, strokesOf } from './play';
import { scoredPlay, slopeOf, type ScoredPlay } from './scored';
import { correctionWords } from './words';

const NOW = new Date('2026-11-01T10:00:00.000Z');
const [first] = playedShots(7, 1);
const scoredOf = (seed: number, n: number, world = {}): ScoredPlay[] =>
	playedShots(seed, n, world).flatMap((shot) => scoredPlay(playedAs(shot)) ?? []);

describe('what is kept of a forecast', () => {
	it('is read back as it was written, to the centimetre', () => {
		const text = ballsText(first!.balls);
		const back = ballsOfText(text)!;
		expect(back).toHaveLength(64);
		expect(back[3]!.landed[0]).toBeCloseTo(first!.balls[3]!.landed[0], 1);
		expect(ballsText(back)).toBe(text);
	});

	it.each([
		'',
		'1 2 3',
		'1 2 3 4',
		'a b c d e f g h',
		Array.from({ length: 260 }, () => '1').join(' ')
	])('is nothing where the text is of something else: %s', (text) => {
		expect(ballsOfText(text)).toBeNull();
	});
});

describe('what came of a shot', () => {
	it('ends at the hole where it was holed, and took one stroke', () => {
		const holed = playOf({ holed: true, landed: [4, 0] });
		expect(resultOf(holed)).toEqual({ landed: [4, 0], finished: [12, 0], holed: true });
		expect([leaveOf(holed), strokesOf(holed)]).toEqual([0, 1]);
	});

	it('is not known where nobody saw it', () => {
		expect([resultOf(playOf()), leaveOf(playOf()), strokesOf(playOf())]).toEqual([
			null,
			null,
			null
		]);
		expect(leaveOf(playOf({ finished: [15, 4] }))).toBe(5);
	});

	it('runs as its segments do on average, weighted by their length', () => {
		const along = (...segments: [number, number][]) => {
			const play = playOf();
			play.shot.situation.segments = segments.map(([length, slopeAlong]) => ({
				length,
				slopeAlong,
				slopeAcross: 0
			}));
			return slopeOf(play);
		};
		expect([along([2, 6], [10, 0]), along([9, 3], [1, -9]), along([4, -4])]).toEqual([
			'level',
			'up',
			'down'
		]);
	});
});

describe('a result is held against its forecast', () => {
	it('only where the shot was played as it was asked about', () => {
		const play = playedAs(first!);
		expect(scoredPlay(play)).not.toBeNull();
		expect(scoredPlay({ ...play, id: 'a', lie: 'semi-rough' })).toBeNull();
		expect(scoredPlay({ ...play, id: 'b', clubId: 'pw' })).toBeNull();
		const { finished: _, ...unseen } = play;
		expect(scoredPlay({ ...unseen, id: 'c' })).toBeNull();
		const damaged = { ...play.forecast!, balls: 'x' };
		expect(scoredPlay({ ...play, id: 'd', forecast: damaged })).toBeNull();
	});

	it('anew when what came of it is said otherwise', () => {
		const play = playedAs(first!);
		const far = scoredPlay({ ...play, finished: [60, 20] })!;
		expect(far.rank).toBeGreaterThan(0.95);
		expect(scoredPlay(play)!.rank).toBeLessThan(far.rank);
		expect(scoredPlay({ ...play, holed: true })!.misses.run).toBeUndefined();
	});

	it('counting from the landing only where the ball flew', () => {
		const play = playedAs(first!);
		const putt = { ...play, id: 'p', played: { ...play.played!, flight: 'putt' } };
		expect(scoredPlay(putt)).toMatchObject({ landingRank: null, carry: 0, run: 0 });
	});
});

describe('a correction', () => {
	const file = pupilFile({ id: 'pupil-1' });
	const scored = scoredOf(11, 80, { carry: 0.85, run: 1.4, spread: 1.5 });
	const costs = costsOf(file.pupil);
	const corrections = correctionsOf(scored, costs);

	it('changes what plans are made of, and is taken back whole', () => {
		expect(corrections.map(({ what }) => what).sort()).toEqual(['carry', 'run', 'spread']);
		const after = correctedFile(file, corrections, scored, NOW);
		const { delivered, spread, corrected } = after.pupil;
		expect(delivered!.speed!.fairway).toBeGreaterThan(0.88);
		expect(delivered!.speed!.fairway).toBeLessThan(0.96);
		expect(spread!.speed).toBeGreaterThan(7);
		const at = NOW.toISOString();
		const since = { 'carry/fairway': at, run: at, spread: at };
		expect(corrected).toEqual({ at, since, before: {} });
		const later = new Date('2026-11-02T10:00:00.000Z');
		const { corrected: left, ...pupil } = uncorrectedFile(after, later).pupil;
		expect(pupil).toEqual(file.pupil);
		const now = later.toISOString();
		expect(left).toEqual({ at: now, since: { 'carry/fairway': now, run: now, spread: now } });
		expect(uncorrectedFile(file, later)).toBe(file);
	});

	it('delivers less loft where the ball runs too far', () => {
		const club = file.clubs.find(({ name }) => name === 'SW')!;
		const own = scored.map((one) => ({ ...one, play: { ...one.play, clubId: club.id } }));
		const { delivered } = correctedFile(file, corrections, own, NOW).pupil;
		expect(delivered!.loft.standard).toBeLessThan(-1);
		expect(delivered!.loft.high).toBe(delivered!.loft.standard);
	});

	it('changes what putts and misses cost, and is taken back', () => {
		const offset = { n: 30, days: 4, centre: 0, error: 0.1, low: 0, high: 0, luck: 0.001 };
		const both = [
			{ what: 'putts' as const, factor: 0.8, offset },
			{ what: 'around' as const, more: 0.25, offset }
		];
		const { pupil } = correctedFile(file, both, scored, NOW);
		expect(pupil.costs).toEqual({ holedHalf: 1.22, around: 0.67, sand: 0.62 });
		expect([pupil.delivered, pupil.spread]).toEqual([undefined, undefined]);
		expect(uncorrectedFile({ ...file, pupil }, NOW).pupil.costs).toBeUndefined();
		const most = both.map((one) => ('more' in one ? { ...one, more: 9 } : { ...one, factor: 9 }));
		expect(correctedFile(file, most, scored, NOW).pupil.costs).toMatchObject({
			holedHalf: 3,
			around: 3
		});
		expect(both.map((one) => correctionWords(one, say))).toEqual([
			'Putts are holed half the time from 20 % nearer than presumed (30 first putts on 4 days).',
			'From grass off the green 0.25 strokes more are needed than presumed (30 balls on 4 days).'
		]);
	});

	it('rests on how shots were holed out from where they ended', () => {
		const [shot] = playedShots(7, 1);
		const holingOf = (change: object) =>
			scoredPlay({ ...playedAs(shot!), strokes: 4, ...change })?.holing;
		expect(holingOf({ id: 'h1', finished: [12, 2] })).toEqual({
			distance: 2,
			on: SURFACE.green,
			strokes: 3,
			day: shot!.day
		});
		expect(holingOf({ id: 'h2', finished: [1, 0] })!.on).toBe(SURFACE.smoothFringe);
		expect(holingOf({ id: 'h3', finished: [30, 0] })!.on).toBe(SURFACE.rough);
		expect(holingOf({ id: 'h4', strokes: undefined })).toBeNull();
		expect(holingOf({ id: 'h5', holed: true })).toBeNull();
		const { situation, pupilId } = playedAs(shot!).shot;
		const mapped = { situation, pupilId, place: { greenId: 'g', ball: [0, 0], pin: [0, 12] } };
		expect(holingOf({ id: 'h6', finished: [12, 4], shot: mapped })).toBeNull();
		expect(holingOf({ id: 'h7', finished: [12, 2], shot: mapped })).not.toBeNull();
	});

	it('leaves balls of practice to the bag', () => {
		const practised = scored.map((one) => ({ ...one, play: { ...one.play, sessionId: 's' } }));
		expect(correctionsFor(practised, file)).toEqual([]);
	});

	it('counts no forecast twice, and keeps what was before the first', () => {
		const once = correctedFile(file, corrections, scored, NOW);
		expect(correctionsFor(scored, file)).toEqual(corrections);
		expect(correctionsFor(scored, once)).toEqual([]);
		const ofSpread = corrections.filter(({ what }) => what === 'spread');
		const narrow = correctedFile(file, ofSpread, scored, NOW);
		expect(correctionsFor(scored, narrow).map(({ what }) => what)).toEqual(['carry', 'run']);
		const twice = correctedFile(once, corrections, scored, new Date('2026-12-01'));
		expect(twice.pupil.corrected!.before).toEqual({});
		expect(twice.pupil.delivered!.speed!.fairway).toBeLessThan(
			once.pupil.delivered!.speed!.fairway!
		);
	});
});
