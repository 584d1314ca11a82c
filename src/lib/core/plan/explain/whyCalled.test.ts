import { describe, expect, it } from 'vitest';
import {
	chip,
	coded,
	lob,
	near,
	NO_LADDER,
	option,
	pitch,
	reasons,
	candidate
} from '../../../../../tests/support/reasons';
import { question as ask } from '../../../../../tests/support/scenes';
import { FOOT } from '../../units';
import type { SampledCandidate } from '../race/ties';

describe('the first reason', () => {
	it('is that it is cheapest, and how often it still takes four', () => {
		const [first] = reasons([option(pitch, 2.5, { fourOrMore: 0.1 }), option(chip, 2.7)]);
		expect(first).toEqual({
			code: 'fewestStrokes',
			play: pitch.play,
			fourOrMore: near(0.1)
		});
	});

	it('is that nothing else works, or not as it should', () => {
		expect(reasons([option(pitch, 2.5)])[0]).toEqual({ code: 'onlyOne', play: pitch.play });
		const ladder = { ...NO_LADDER, compromised: true };
		const short = candidate('PW', { against: { code: 'shortOfGreen', by: 1 } });
		const codes = (...ranked: SampledCandidate[]) =>
			reasons(ranked, { ladder })
				.map(({ code }) => code)
				.slice(0, 2);
		// A ball dropped ten metres off costs this player about 3.8.
		expect(codes(option(short, 4.2))).toEqual(['compromise', 'drop']);
		expect(codes(option(short, 3.4))).toEqual(['compromise', 'watch']);
		// It lands short and is cheapest, but others land on the green.
		expect(codes(option(short, 2.5), option(chip, 2.7))[0]).toBe('fewestStrokes');
		const others = [
			{ play: chip.play, candidate: null, rejection: { code: 'shortOfGreen', by: 1 } }
		];
		expect(
			reasons([option(pitch, 2.5)], { ladder: { ...NO_LADDER, rejected: others as never } })[0]!
				.code
		).toBe('fewestStrokes');
		const stopless = candidate('PW', { against: { code: 'noStop' } });
		expect(reasons([option(stopless, 2.5)], { ladder })[0]).toEqual({
			code: 'leastBad',
			play: stopless.play,
			rejection: { code: 'noStop' }
		});
	});

	it('among ties is the least air, else less trouble than what flies less', () => {
		const low = candidate('8i', { airShare: 0.2 });
		expect(reasons([option(low, 2.5), option(pitch, 2.5, { tied: true })])[0]).toEqual({
			code: 'tieLeastAir',
			play: low.play,
			other: pitch.play,
			tied: 1
		});
		const risky = option(low, 2.5, { tied: true, fourOrMore: 0.2 });
		expect(reasons([option(pitch, 2.5), risky])[0]).toMatchObject({
			code: 'tieLeastTrouble',
			trouble: near(0.2)
		});
	});

	it('is less trouble only against everything it is said against, and by two points', () => {
		const low = option(candidate('8i', { airShare: 0.2 }), 2.5, { tied: true, fourOrMore: 0.2 });
		const calm = option(candidate('SW', { airShare: 0.6 }), 2.5, { tied: true, fourOrMore: 0.1 });
		const best = option(pitch, 2.5, { fourOrMore: 0.09 });
		expect(reasons([best, low, calm])[0]).toMatchObject({
			code: 'tieSafer',
			flatter: low.candidate.play,
			trouble: near(0.11)
		});
		const hardly = option(candidate('8i', { airShare: 0.2 }), 2.5, { tied: true, fourOrMore: 0.1 });
		expect(reasons([best, hardly, calm])[0]!.code).toBe('tieEven');
	});

	it('is less trouble than a flatter play only wherever that is left', () => {
		const low = candidate('8i', { airShare: 0.2 });
		const risky = option(low, 2.5, { tied: true, fourOrMore: 0.2 });
		const elsewhere = (fourOrMore: number) =>
			option(candidate('8i', { play: low.play, airShare: 0.25 }), 2.5, { tied: true, fourOrMore });
		const best = option(pitch, 2.5, { fourOrMore: 0.09 });
		const calm = option(candidate('SW', { airShare: 0.6 }), 2.5, { tied: true, fourOrMore: 0.1 });
		expect(reasons([best, risky, elsewhere(0.15), calm])[0]).toMatchObject({
			code: 'tieSafer',
			trouble: near(0.06)
		});
		expect(reasons([best, risky, elsewhere(0.1), calm])[0]!.code).toBe('tieEven');
	});

	it('is less trouble only where luck does not explain it', () => {
		const low = option(candidate('8i', { airShare: 0.2 }), 2.5, { tied: true, fourOrMore: 0.15 });
		const best = option(pitch, 2.5, { fourOrMore: 0.1 });
		expect(reasons([best, low])[0]!.code).toBe('tieLeastTrouble');
		// The same average, but two blocks of sixteen make all of it.
		low.finishes.fourOrMore = low.finishes.fourOrMore.map((_, i) => (i < 50 ? 0.5 : 0.1));
		expect(reasons([best, low])[0]!.code).toBe('tieEven');
	});

	it('says nothing against the same play left elsewhere', () => {
		const best = option(pitch, 2.5, { fourOrMore: 0.05 });
		const own = { play: pitch.play, airShare: 0.2 };
		const elsewhere = option(candidate('PW', own), 2.5, { tied: true, fourOrMore: 0.2 });
		const other = option(candidate('SW', { airShare: 0.6 }), 2.5, { tied: true, fourOrMore: 0.05 });
		expect(reasons([best, elsewhere, other])[0]).toMatchObject({ code: 'tieLeastAir', tied: 1 });
	});

	it('is from sand the more open face, and never the air', () => {
		const asked = ask({ lie: 'sand', toEdge: 3, edgeToPin: 9 });
		const open = option(
			candidate('SW', { play: { ...lob.play, flight: 'splash', faceOpen: 0.6 } }),
			2.5
		);
		const square = option(candidate('LW', { airShare: 0.7 }), 2.5, { tied: true });
		expect(reasons([open, square], { asked })[0]).toMatchObject({ code: 'tieOpened', tied: 1 });
		expect(reasons([option(lob, 2.5), { ...open, tied: true }], { asked })[0]!.code).toBe(
			'tieEven'
		);
	});

	it('is that what costs a little less is too wild', () => {
		const wild = option(chip, 2.45);
		wild.statistics.leave = { median: 5, p90: 41 };
		expect(reasons([option(pitch, 2.5), wild])[0]).toEqual({
			code: 'tooWild',
			play: pitch.play,
			wild: chip.play,
			within: 40
		});
	});

	it('says of a hole by which nothing stays how slow a green would hold a ball', () => {
		const steep = ask({ toEdge: 3, edgeToPin: 9, slopeAlong: -9, stimpFeet: 11 });
		const said = coded(reasons([option(pitch, 2.5)], { asked: steep }), 'restsNowhere')!;
		expect(said.slope).toBeCloseTo(0.09, 9);
		const at = (stimpFeet: number) =>
			coded(
				reasons([option(pitch, 2.5)], {
					asked: ask({ toEdge: 3, edgeToPin: 9, slopeAlong: -9, stimpFeet })
				}),
				'restsNowhere'
			);
		expect(at(said.restsAt / FOOT - 0.01)).toBeUndefined();
		expect(at(said.restsAt / FOOT + 0.01)).toBeDefined();
	});

	it('among ties is the price of what flies less, else that it is about as flat', () => {
		const dear = {
			...option(candidate('8i', { airShare: 0.2 }), 2.53, { tied: true }),
			close: false
		};
		expect(reasons([option(pitch, 2.5), dear])[0]).toMatchObject({
			code: 'tieCheaper',
			flatter: dear.candidate.play,
			more: near(0.03)
		});
		// The same play left where it flies more costs nothing.
		const elsewhere = candidate('8i', { play: dear.candidate.play, airShare: 0.6 });
		expect(
			reasons([option(pitch, 2.5), dear, option(elsewhere, 2.51, { tied: true })])[0]!.code
		).toBe('tieEven');
		expect(reasons([option(pitch, 2.5), { ...dear, close: true }])[0]!.code).toBe('tieEven');
		const about = option(candidate('8i', { airShare: 0.46 }), 2.51, { tied: true });
		expect(reasons([option(pitch, 2.5), about])[0]!.code).toBe('tieFlatter');
		const nearly = {
			...option(candidate('8i', { airShare: 0.2 }), 2.52, { tied: true }),
			close: false
		};
		expect(reasons([option(pitch, 2.5), nearly])[0]!.code).toBe('tieEven');
	});
});
