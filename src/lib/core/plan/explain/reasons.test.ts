import { describe, expect, it } from 'vitest';
import {
	chip,
	coded,
	lob,
	near,
	NO_LADDER,
	option,
	pitch,
	question,
	reasons,
	candidate,
	solved,
	STILL
} from '../../../../../tests/support/reasons';
import { question as ask } from '../../../../../tests/support/scenes';
import type { Candidate } from '../ladder/candidate';
import { cautionsFor, type reasonsFor } from './reasons';

describe('what else is said', () => {
	it('is the price of the next club, unless that is the habit’s', () => {
		expect(coded(reasons([option(pitch, 2.5), option(chip, 2.7)]), 'runnerUp')).toEqual({
			code: 'runnerUp',
			play: chip.play,
			more: near(0.2)
		});
		expect(coded(reasons([option(pitch, 2.5), option(lob, 2.7)]), 'runnerUp')).toBeUndefined();
		expect(coded(reasons([option(pitch, 2.5), option(chip, 2.49)]), 'runnerUp')?.more).toBe(0);
		expect(coded(reasons([option(pitch, 2.5)]), 'runnerUp')).toBeUndefined();
	});

	it('is what the most lofted club costs, that it is out, or that it is right', () => {
		const thin = option(lob, 2.8);
		thin.statistics.chances = { ...thin.statistics.chances, heavy: 0.11, thin: 0.07 };
		expect(
			coded(reasons([option(pitch, 2.5), option(chip, 2.6), thin]), 'habitCostsMore')
		).toMatchObject({
			club: { name: 'LW' },
			more: near(0.3),
			heavy: 0.11,
			thin: 0.07
		});
		expect(coded(reasons([option(pitch, 2.5), option(lob, 2.4)]), 'habitCostsMore')?.more).toBe(0);
		expect(coded(reasons([option(lob, 2.5), option(pitch, 2.8)]), 'habitIsRight')?.club.name).toBe(
			'LW'
		);
		expect(coded(reasons([option(lob, 2.5), option(pitch, 2.49)]), 'habitIsRight')).toBeUndefined();
		const rejected = [
			{ play: chip.play, candidate: null, rejection: { code: 'tooFast' as const } },
			{ play: lob.play, candidate: null, rejection: { code: 'noStop' as const } }
		];
		const out = reasons([option(pitch, 2.5)], { ladder: { ...NO_LADDER, rejected } });
		expect(coded(out, 'habitIsOut')).toMatchObject({
			club: { name: 'LW' },
			rejection: { code: 'noStop' }
		});
		const codes = reasons([option(pitch, 2.5)]).map(({ code }) => code);
		expect(codes.filter((code) => code.startsWith('habit'))).toEqual([]);
	});

	it('is what another place for the same play costs and spares, and whether it is kinder in everything', () => {
		const past = candidate('PW', { play: pitch.play, target: question.pin + 2, safe: true });
		const spared = (there: { fourOrMore: number; hazard: number }) =>
			coded(
				reasons([option(pitch, 2.5, { fourOrMore: 0.2, hazard: 0.1 }), option(past, 2.6, there)]),
				'safeCosts'
			);
		expect(spared({ fourOrMore: 0.15, hazard: 0.1 })).toEqual({
			code: 'safeCosts',
			target: 2,
			more: near(0.1),
			fourOrMoreLess: near(0.05),
			kinder: true
		});
		expect(spared({ fourOrMore: 0.25, hazard: 0.1 })?.kinder).toBe(false);
		expect(spared({ fourOrMore: 0.15, hazard: 0.2 })?.kinder).toBe(false);
		const played = coded(reasons([option(past, 2.4), option(pitch, 2.5)]), 'playedSafe');
		expect(played).toEqual({
			code: 'playedSafe',
			past: 2,
			side: 0,
			onGreen: true,
			runOn: 0,
			saves: near(0.1)
		});
		expect(coded(reasons([option(past, 2.4)]), 'playedSafe')?.saves).toBeNull();
		const at = (by: number, side = 0) =>
			coded(
				reasons([option(candidate('PW', { target: question.pin + by, side, safe: true }), 2.4)]),
				'playedSafe'
			);
		expect(at(0.7)).toBeUndefined();
		expect(at(-0.7)).toBeUndefined();
		expect(at(0.25, 1)?.side).toBe(1);
		expect(at(-10)?.onGreen).toBe(false);
		// All balls of these options end at 10 m, the pin lies at 12.
		expect(at(-8)?.runOn).toBe(1);
		expect(at(-3)?.runOn).toBe(0);
	});

	it('is a break, where the fall explains the aim', () => {
		const aimed = (aim: number, asked = question) =>
			coded(
				reasons([option(candidate('PW', { solution: solved({ aim }) as never }), 2.5)], { asked }),
				'breaks'
			);
		const left = aimed(-0.03);
		expect(left?.aim).toBeCloseTo(12 * Math.tan(-0.03), 9);
		expect(left?.slopeAcross).toBeCloseTo(0.02, 12);
		expect(aimed(0.03)).toBeUndefined();
		expect(aimed(-0.01)).toBeUndefined();
		expect(aimed(-0.03, ask({ toEdge: 3, edgeToPin: 9, slopeAcross: -2 }))).toBeUndefined();
	});

	it('is what a school costs, or that it was lifted', () => {
		const said = (school: Parameters<typeof reasonsFor>[4]) =>
			reasons([option(pitch, 2.5)], { school });
		expect(coded(said({ cost: 0.1, lifted: null }), 'schoolCosts')?.more).toBe(0.1);
		expect(coded(said({ cost: 0.1, lifted: 'three-windows' }), 'schoolLifted')?.school).toBe(
			'three-windows'
		);
		expect(coded(said({ cost: 0.1, lifted: 'three-windows' }), 'schoolCosts')).toBeUndefined();
		const beyond = said({ cost: null, lifted: 'three-windows', beyond: 'madeForGrass' });
		expect(coded(beyond, 'schoolElsewhere')?.beyond).toBe('madeForGrass');
		expect(coded(beyond, 'schoolLifted')).toBeUndefined();
	});

	it.each([
		[{}, { what: 'slope', by: -1, change: 0.9 }],
		[{ stimpMinus1: -2 }, { what: 'stimp', by: -1, change: -2 }],
		[{ stimpPlus1: 2 }, { what: 'stimp', by: 1, change: 2 }],
		[{ slopePlus1: -2 }, { what: 'slope', by: 1, change: -2 }],
		[{ worseLie: -2 }, { what: 'lie', by: 1, change: -2 }]
	])('is what would move the ball most: %j', (change, most) => {
		const found = reasons([option(pitch, 2.5)], { sensitivity: { ...STILL, ...change } });
		expect(coded(found, 'watch')).toEqual({ code: 'watch', ...most, lie: 'first-cut' });
	});
});

describe('cautions', () => {
	it('keep people out of the way of a fast head or an open face', () => {
		const with_ = (change: Partial<Candidate>) => cautionsFor(question, candidate('LW', change));
		const flight = (name: 'open' | 'splash') => ({ play: { ...lob.play, flight: name } });
		expect(with_(flight('open'))).toContain('nobody-in-front');
		expect(with_(flight('splash'))).toContain('nobody-in-front');
		expect(with_({ solution: solved({ speed: 14.1 }) as never })).toContain('nobody-in-front');
		expect(with_({ solution: solved({ speed: 14 }) as never })).not.toContain('nobody-in-front');
	});

	it('know a swing past what is measured', () => {
		const swings = [{ club: 'LW', swing: '9', carry: 6 }];
		const measured = ask({ toEdge: 3, edgeToPin: 9 }, {}, { swings });
		const { speed } = measured.request.player.swings['LW']!.known[0]!;
		const at = (faster: number) =>
			cautionsFor(
				measured,
				candidate('LW', { solution: solved({ speed: speed + faster }) as never })
			);
		expect(at(0.01)).toContain('outside-measured');
		expect(at(0)).not.toContain('outside-measured');
		expect(cautionsFor(question, undefined)).toEqual(['shared-green', 'not-in-a-round']);
	});
});
