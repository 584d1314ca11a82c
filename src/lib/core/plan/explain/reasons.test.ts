import { describe, expect, it } from 'vitest';
import { finishes, raced, rungOf, strokesAround } from '../../../../../tests/support/raced';
import { question as ask } from '../../../../../tests/support/scenes';
import { place } from '../race/placing';
import type { Ladder } from '../ladder/ladder';
import { cautionsFor, reasonsFor, type Reason } from './reasons';
import type { Rung } from '../ladder/rung';
import type { SampledRung } from '../race/ties';
import type { Sensitivity } from './sensitivity';

const question = ask({ toEdge: 3, edgeToPin: 9, slopeAcross: 2 });
const outcome = { landingX: 5, finishX: 12.25, finishZ: 0 };
const solved = (change: object = {}) => ({
	status: 'solved',
	speed: 10,
	aim: 0,
	miss: 0,
	outcome,
	...change
});
const rung = (name: string, change: Partial<Rung> = {}): Rung =>
	rungOf(name, {
		solution: solved() as never,
		target: question.target,
		side: 0,
		safe: false,
		against: null,
		...change
	});
const NO_LADDER: Ladder = { rungs: [], rejected: [], compromised: false };
const STILL: Sensitivity = {
	stimpPlus1: 0.5,
	stimpMinus1: -0.6,
	slopePlus1: -0.7,
	slopeMinus1: 0.9,
	distancePlus1: -1,
	distanceMinus1: 1,
	worseLie: -0.4,
	farther: {} as never,
	nearer: {} as never
};

/** An option that costs so many strokes, and how much trouble it has. */
function option(
	made: Rung,
	strokes: number,
	{ tied = false, ...trouble }: { tied?: boolean; fourOrMore?: number; hazard?: number } = {}
): SampledRung {
	const [placed] = place(
		[raced(made, finishes(strokesAround(strokes, 0), trouble))],
		10,
		() => false
	);
	return { ...placed!, tied };
}

function reasons(
	ranked: SampledRung[],
	{
		ladder = NO_LADDER,
		sensitivity = STILL,
		asked = question,
		school = { cost: null, lifted: null }
	}: {
		ladder?: Ladder;
		sensitivity?: Sensitivity;
		asked?: typeof question;
		school?: Parameters<typeof reasonsFor>[4];
	} = {}
): Reason[] {
	return reasonsFor(asked, ranked, ladder, sensitivity, school);
}
const coded = <Code extends Reason['code']>(found: Reason[], code: Code) =>
	found.find((reason): reason is Extract<Reason, { code: Code }> => reason.code === code);

const near = (value: number, digits = 9) => expect.closeTo(value, digits) as number;
const [pitch, chip, lob] = [rung('PW'), rung('8i'), rung('LW')];

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
		expect(reasons([option(pitch, 2.5)], { ladder })[0]).toEqual({
			code: 'compromise',
			play: pitch.play
		});
		const short = rung('PW', { against: { code: 'shortOfGreen', by: 1 } });
		expect(
			reasons([option(short, 2.5)], { ladder })
				.map(({ code }) => code)
				.slice(0, 2)
		).toEqual(['compromise', 'drop']);
		const stopless = rung('PW', { against: { code: 'noStop' } });
		expect(reasons([option(stopless, 2.5)], { ladder })[0]).toEqual({
			code: 'leastBad',
			play: stopless.play,
			rejection: { code: 'noStop' }
		});
	});

	it('among ties is the least air, else less trouble than what flies less', () => {
		const low = rung('8i', { airShare: 0.2 });
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

	it('among ties is the price of what flies less, else that it is about as flat', () => {
		const dear = { ...option(rung('8i', { airShare: 0.2 }), 2.53, { tied: true }), close: false };
		expect(reasons([option(pitch, 2.5), dear])[0]).toMatchObject({
			code: 'tieCheaper',
			flatter: dear.rung.play,
			more: near(0.03)
		});
		expect(reasons([option(pitch, 2.5), { ...dear, close: true }])[0]).toMatchObject({
			code: 'tieFlatter',
			measured: false
		});
	});
});

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
		const rejected = [
			{ play: chip.play, rung: null, rejection: { code: 'tooFast' as const } },
			{ play: lob.play, rung: null, rejection: { code: 'noStop' as const } }
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
		const past = rung('PW', { play: pitch.play, target: question.pin + 2, safe: true });
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
		expect(played).toEqual({ code: 'playedSafe', past: 2, side: 0, saves: near(0.1) });
		expect(coded(reasons([option(past, 2.4)]), 'playedSafe')?.saves).toBeNull();
	});

	it('is a break, where the fall explains the aim', () => {
		const aimed = (aim: number, asked = question) =>
			coded(
				reasons([option(rung('PW', { solution: solved({ aim }) as never }), 2.5)], { asked }),
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
		const with_ = (change: Partial<Rung>) => cautionsFor(question, rung('LW', change));
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
			cautionsFor(measured, rung('LW', { solution: solved({ speed: speed + faster }) as never }));
		expect(at(0.01)).toContain('outside-measured');
		expect(at(0)).not.toContain('outside-measured');
		expect(cautionsFor(question, undefined)).toEqual(['shared-green', 'not-in-a-round']);
	});
});
