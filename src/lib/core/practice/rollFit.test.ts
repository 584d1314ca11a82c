import { describe, expect, it } from 'vitest';
import { radians } from '../units';
import { fitRolls, settlingBall } from './rollFit';
import type { KnownGreen, RollStation } from './rollProblem';
import { AS_SAID, type RollCauses, type RollResponse } from './rollResponse';

// Roll-outs that are linear in their causes, so that the answer is known without the engine.
const response =
	(perLoft: number, perGrip: number, perFirmness: number): RollResponse =>
	(carry, { loft, grip, firmness }) =>
		carry + perLoft * loft + perGrip * (grip - 1) + perFirmness * firmness;

/** A green of which everything but its firmness is known. */
const exact = (firmness: number): KnownGreen => ({ firmness, speedError: 0, slopeError: 0 });

const station = (
	truth: RollCauses,
	at: RollResponse,
	change: Partial<RollStation> = {},
	carries = [4, 4, 4, 4, 4, 4]
): RollStation => ({
	club: 'SW',
	flight: 'standard',
	balls: carries.map((carry) => ({ carry, roll: at(4, truth) })),
	response: at,
	...change
});

const STEEP = response(-12, -3, 1);
const FLAT = response(-4, -4, 3);
const TRUTH = { ...AS_SAID, loft: radians(-3), grip: 1.1, firmness: 0.2 };
const two = (truth = TRUTH) => [
	station(truth, STEEP),
	station(truth, FLAT, {
		club: 'PW',
		balls: Array.from({ length: 30 }, () => ({ carry: 4, roll: FLAT(4, truth) }))
	})
];

describe('what rolls say', () => {
	it('is nothing of fewer than eight balls: what was presumed, with its whole width', () => {
		const few = fitRolls([station(TRUTH, STEEP)], exact(0.5));
		expect(few).toMatchObject({ status: 'few', n: 6, loft: {}, mixedUp: null, scatter: 1 });
		expect(few.grip.value).toBe(1);
		expect(few.firmness.value).toBe(0.5);
		expect(few.grip.high - few.grip.value).toBeCloseTo(1.86 * 0.2, 2);
		expect(few.firmness.value - few.firmness.low).toBeCloseTo(1.86 * 0.4, 2);
		expect([few.grip.told, few.firmness.told]).toEqual([false, false]);
	});

	it('lies between what was presumed and what the balls say, with the truth inside', () => {
		const found = fitRolls(two(), exact(0));
		expect(found.status).toBe('found');
		expect(found.n).toBe(36);
		const { loft, grip, firmness } = found;
		for (const [estimate, truth] of [
			[loft.standard!, TRUTH.loft],
			[grip, TRUTH.grip],
			[firmness, TRUTH.firmness]
		] as const) {
			expect(estimate.low).toBeLessThan(truth);
			expect(estimate.high).toBeGreaterThan(truth);
			expect((estimate.low + estimate.high) / 2).toBeCloseTo(estimate.value, 9);
		}
		expect(loft.standard!.value).toBeLessThan(radians(-1.2));
		expect(loft.standard!.told).toBe(true);
	});

	it('draws nearer to the truth, and is surer, the more balls there are', () => {
		const many = (n: number) => {
			const balls = (at: RollResponse) =>
				Array.from({ length: n }, () => ({ carry: 4, roll: at(4, TRUTH) }));
			return fitRolls(
				two().map((one) => ({ ...one, balls: balls(one.response) })),
				exact(0.2)
			);
		};
		// Loft and grip can stand in for each other; the roll that they make together cannot.
		const off = (n: number) => {
			const { loft, grip, firmness } = many(n);
			const causes = {
				...AS_SAID,
				loft: loft.standard!.value,
				grip: grip.value,
				firmness: firmness.value
			};
			return Math.abs(STEEP(4, causes) - STEEP(4, TRUTH));
		};
		const width = (n: number) => many(n).loft.standard!.high - many(n).loft.standard!.low;
		expect(off(100)).toBeLessThan(0.6 * off(8));
		expect(width(100)).toBeLessThan(0.95 * width(8));
	});

	it('is exactly what was presumed where the balls agree with that, and scatters less', () => {
		const plain = fitRolls(two({ ...AS_SAID, loft: 0, grip: 1, firmness: 0.3 }), exact(0.3));
		expect(plain.loft.standard!.value).toBeCloseTo(0, 2);
		expect(plain.grip.value).toBeCloseTo(1, 2);
		expect(plain.firmness.value).toBeCloseTo(0.3, 2);
		expect(plain.scatter).toBeCloseTo(Math.sqrt(8 / (8 + 36 - 3)), 3);
	});

	it('holds every ball against the middle carry of its station', () => {
		const carries = [3, 3.5, 4, 4.2, 4.8, 5.5, 4, 4];
		const spread = fitRolls([station(TRUTH, STEEP, {}, carries)], exact(0.2));
		const same = fitRolls(
			[
				station(
					TRUTH,
					STEEP,
					{},
					carries.map(() => 4)
				)
			],
			exact(0.2)
		);
		expect(spread.loft.standard!.value).toBeCloseTo(same.loft.standard!.value, 9);
	});

	it('knows each flight’s loft apart', () => {
		const low = station(
			{ ...TRUTH, loft: radians(3) },
			STEEP,
			{ flight: 'low' },
			Array.from({ length: 20 }, () => 4)
		);
		const found = fitRolls([...two(), low], exact(0.2));
		expect(found.loft.low!.value).toBeGreaterThan(0);
		expect(found.loft.standard!.value).toBeLessThan(0);
		expect(found.loft).not.toHaveProperty('high');
	});

	it('says so where nothing can be told apart, and what is mixed up with what', () => {
		const blind = response(0.05, -0.02, 0.01);
		const found = fitRolls(
			[
				station(
					TRUTH,
					blind,
					{},
					Array.from({ length: 8 }, () => 4)
				)
			],
			exact(0)
		);
		expect(found.status).toBe('confounded');
		expect(found.mixedUp).toHaveLength(2);
		expect(found.mixedUp![0]).not.toBe(found.mixedUp![1]);
		const onlyFirmness = response(-0.01, -4, -4);
		const mixed = fitRolls(
			[
				station(
					TRUTH,
					onlyFirmness,
					{},
					Array.from({ length: 40 }, () => 4)
				)
			],
			exact(0)
		);
		expect(mixed.mixedUp![0]).toBe('standard');
	});

	it('says so where what it looks for lies beyond the table', () => {
		const far = two({ ...AS_SAID, loft: radians(-40), grip: 1, firmness: 0 });
		expect(fitRolls(far, exact(0)).status).toBe('end');
		const green = fitRolls(two({ ...AS_SAID, loft: 0, grip: 1, firmness: 1 }), exact(1));
		expect(green.status).toBe('found');
	});
});

describe('what the green may be instead', () => {
	/** Rolls that a faster green makes longer, as less loft does. */
	const onSpeed: RollResponse = (carry, { loft, speed, slope }) =>
		carry - 20 * loft + 4 * speed - 150 * slope;
	const balls = (green: KnownGreen) =>
		fitRolls(
			[
				station(
					{ ...TRUTH, speed: 0.3 },
					onSpeed,
					{},
					Array.from({ length: 30 }, () => 4)
				)
			],
			green
		);

	it('makes loft less sure the less its speed and slope are known', () => {
		const width = (green: KnownGreen) => {
			const { low, high } = balls(green).loft.standard!;
			return high - low;
		};
		const known = width(exact(0));
		expect(width({ ...exact(0), speedError: 0.3 })).toBeGreaterThan(1.2 * known);
		expect(width({ ...exact(0), slopeError: 0.01 })).toBeGreaterThan(1.2 * known);
	});

	it('takes its share of what rolls farther than it should', () => {
		const loft = (speedError: number) => balls({ ...exact(0), speedError }).loft.standard!.value;
		expect(loft(0.5)).toBeGreaterThan(loft(0));
		expect(balls({ ...exact(0), speedError: 2 }).loft.standard!.told).toBe(false);
	});

	it('leaves nothing to tell of a green that nobody measured', () => {
		const found = balls({ ...exact(0), speedError: null });
		expect(found.status).toBe('unread');
		expect([found.loft.standard!.told, found.grip.told, found.firmness.told]).toEqual([
			false,
			false,
			false
		]);
	});
});

describe('the ball that would settle it', () => {
	const one = (at: RollResponse, change: Partial<RollStation> = {}) =>
		station(TRUTH, at, change, [4]);

	it('is of the station that tells most of what is known least', () => {
		const telling = one(response(-30, -1, 0), { club: 'LW' });
		const dumb = one(response(-0.1, -0.1, 0), { club: '7i' });
		const hit = [station(TRUTH, FLAT)];
		expect(settlingBall(hit, [dumb, telling], exact(0))).toEqual({
			club: 'LW',
			flight: 'standard',
			carry: 4
		});
		expect(settlingBall(hit, [telling, dumb], exact(0))!.club).toBe('LW');
	});

	it('is of a flight that is looked at, and none where there is none', () => {
		const hit = [station(TRUTH, FLAT)];
		expect(settlingBall(hit, [], exact(0))).toBeNull();
		expect(settlingBall(hit, [one(STEEP, { flight: 'high' })], exact(0))).toBeNull();
	});
});
