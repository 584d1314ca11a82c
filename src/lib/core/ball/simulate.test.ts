import { describe, expect, it } from 'vitest';
import { NO_LUCK } from '../ground/surfaces';
import { delivery, planeScene } from '../../../../tests/support/scenes';
import { follow, Outcome, simulate } from './simulate';
import { BallState } from './state';

/** A ball sent off on a plane as it is, without a club. */
function sent(velocity: Partial<BallState>, slope: { along?: number; across?: number } = {}) {
	const out = new Outcome();
	follow(Object.assign(new BallState(), velocity), planeScene(slope), NO_LUCK, out);
	return out;
}

describe('a ball that is struck', () => {
	it('flies when it climbs faster than the ground does, and starts down when it does not', () => {
		expect(sent({ vx: 3, vy: 0 })).toMatchObject({ carry: 0, bounces: 0, flightTime: 0 });
		expect(sent({ vx: 3, vy: -0.1 }).carry).toBe(0);
		expect(sent({ vx: 3, vy: 0.5 }).carry).toBeGreaterThan(0.2);
	});

	it.each([
		[{ vx: 5, vy: 0.3 }, 0.08, 0],
		[{ vx: 4, vz: 5, vy: 0.3 }, 0, -0.08],
		[{ vx: 4, vz: -5, vy: 0.3 }, 0, 0.08]
	])(
		'is down at once where the ground rises to meet it: %j on %f and %f',
		(velocity, along, across) => {
			expect(sent(velocity, { along, across }).carry).toBe(0);
			expect(sent(velocity, { along: -along, across: -across }).carry).toBeGreaterThan(0.2);
			expect(sent({ ...velocity, vy: 0.6 }, { along, across }).carry).toBeGreaterThan(0);
		}
	);

	it('is blocked by what stands in its way, in the air and after a bounce, and by nothing lower', () => {
		const wall = (at: number, height: number) =>
			simulate(delivery(), { ...planeScene(), obstacles: [{ at, height }] });
		const free = simulate(delivery(), planeScene());
		expect(free.status).toBe('rest');
		const early = wall(free.landingX / 2, 9);
		expect(early.status).toBe('blocked');
		expect(early.finishX).toBeCloseTo(free.landingX / 2, 2);
		const late = wall(free.landingX + 0.2, 9);
		expect(late).toMatchObject({ status: 'blocked', bounces: 1 });
		expect(wall(free.landingX / 2, 0.1).status).toBe('rest');
	});

	it('says where it landed, how high it flew, and how far it rolled from there', () => {
		const out = simulate(delivery(), planeScene({ across: 0.03 }));
		expect(out.carry).toBeCloseTo(Math.hypot(out.landingX, out.landingZ), 12);
		expect(out.roll).toBeCloseTo(
			Math.hypot(out.finishX - out.landingX, out.finishZ - out.landingZ),
			12
		);
		expect(out.apex).toBeGreaterThan(0.5);
		expect(out.time).toBeGreaterThan(out.flightTime);
		expect(out.landingAngle).toBeGreaterThan(0.2);
	});
});
