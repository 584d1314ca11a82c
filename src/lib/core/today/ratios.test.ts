import { describe, expect, it } from 'vitest';
import { clubNamed, practiser } from '../../../../tests/support/practice';
import { follow, Outcome } from '../ball/simulate';
import { BallState } from '../ball/state';
import { NO_LUCK, SURFACE } from '../ground/surfaces';
import { createPlane } from '../ground/plane';
import { intend, PLAIN_LIE, straight } from '../player/intent';
import { strikeAsIntended } from '../player/strike';
import { levelScene } from '../solve/levelScene';
import { solveCarry } from '../solve/solve';
import { fromFeet, radians } from '../units';
import { ratiosToday, usuallyKnown, type RatioQuestion } from './ratios';

const green = { greenSpeed: fromFeet(10), firmness: 'medium', wet: false } as const;
const asked = (change: Partial<RatioQuestion> = {}) =>
	ratiosToday({
		green,
		known: usuallyKnown(practiser().delivered),
		clubs: ['LW', 'PW', '8i'].map(clubNamed),
		player: practiser(),
		carries: [3],
		slopes: [0],
		...change
	});
const of = (rows: ReturnType<typeof asked>, club: string) =>
	rows.find((row) => row.club === clubNamed(club).id)!;

describe('today’s ratios', () => {
	it('are what the ball does by itself: ground over air of one flown ball by ball', () => {
		for (const row of asked({ carries: [3, 6], slopes: [-0.02, 0, 0.02] })) {
			const club = ['LW', 'PW', '8i'].map(clubNamed).find(({ id }) => id === row.club)!;
			const intent = intend(straight(club), PLAIN_LIE, practiser().technique);
			const scene = {
				...levelScene(green),
				ground: createPlane({
					kind: 'plane',
					slopeAlong: row.slope,
					slopeAcross: 0,
					edge: 0,
					fringe: SURFACE.smoothFringe
				})
			};
			const { speed } = solveCarry(intent, scene, row.carry, 40);
			const ball = new BallState();
			strikeAsIntended(intent, speed, 0, ball);
			const landed = new Outcome();
			follow(ball, scene, NO_LUCK, landed);
			expect(row.ratio).toBeCloseTo((landed.finishX - landed.landingX) / landed.landingX, 1);
			expect(row.roll).toBeCloseTo(row.ratio * landed.carry, 1);
		}
	});

	it('run farther with less loft, on quicker greens, downhill and from shorter carries', () => {
		const rows = asked({ carries: [3, 9], slopes: [-0.02, 0] });
		const at = (club: string, carry: number, slope: number) =>
			rows.find(
				(row) => row.club === clubNamed(club).id && row.carry === carry && row.slope === slope
			)!.ratio;
		expect(at('8i', 3, 0)).toBeGreaterThan(at('PW', 3, 0));
		expect(at('PW', 3, 0)).toBeGreaterThan(at('LW', 3, 0));
		expect(at('PW', 3, -0.02)).toBeGreaterThan(at('PW', 3, 0));
		expect(at('PW', 3, 0)).toBeGreaterThan(at('PW', 9, 0));
		const quick = asked({ green: { ...green, greenSpeed: fromFeet(12) } });
		expect(of(quick, 'PW').ratio).toBeGreaterThan(at('PW', 3, 0));
	});

	it('are known by the errors of speed and loft, better where this player’s loft is known', () => {
		const model = of(asked(), 'PW');
		expect(model.source).toBe('model');
		expect(model.low).toBeLessThan(model.ratio);
		expect(model.high - model.ratio).toBeCloseTo(model.ratio - model.low, 9);
		const own = { ...practiser(), delivered: { loft: { standard: 0 }, grip: 1 } };
		const measured = of(asked({ player: own, known: usuallyKnown(own.delivered) }), 'PW');
		expect(measured.source).toBe('measured');
		expect(measured.ratio).toBeCloseTo(model.ratio, 9);
		expect(measured.high - measured.low).toBeLessThan(0.8 * (model.high - model.low));
		const unsure = of(asked({ known: usuallyKnown(practiser().delivered, fromFeet(2)) }), 'PW');
		expect(unsure.high - unsure.low).toBeGreaterThan(1.2 * (model.high - model.low));
		const less = { ...practiser(), delivered: { loft: { standard: radians(-4) }, grip: 1 } };
		expect(of(asked({ player: less }), 'PW').ratio).toBeGreaterThan(model.ratio);
		const spinless = { ...practiser(), delivered: { loft: {}, grip: 0.7 } };
		expect(of(asked({ player: spinless }), 'PW')).toMatchObject({ source: 'measured' });
	});

	it('leave out what cannot be carried so far, and what does not stop', () => {
		expect(asked({ carries: [140] }).map(({ club }) => club)).not.toContain(clubNamed('LW').id);
		expect(asked({ slopes: [-0.2] })).toEqual([]);
	});
});
