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

	it('runs over what stands on the line only where it is fast enough to climb it, and lies before it otherwise', () => {
		const free = simulate(delivery(), planeScene({ across: 0.02 }));
		const at = free.landingX + 0.75 * (free.finishX - free.landingX);
		const past = (height: number, on = at) =>
			simulate(delivery(), { ...planeScene({ across: 0.02 }), obstacles: [{ at: on, height }] });
		expect(past(0.001).finishX).toBe(free.finishX);
		const stopped = past(0.3);
		expect(stopped.status).toBe('blocked');
		expect(stopped.finishX).toBe(at);
		expect(Math.abs(stopped.finishZ)).toBeLessThan(Math.abs(free.finishZ));
		// The same edge is nothing to a ball that has just come down, or that never gets there.
		const after = (share: number) =>
			past(0.05, free.landingX + share * (free.finishX - free.landingX));
		expect(after(0.98).status).toBe('blocked');
		expect(after(0.3).finishX).toBe(free.finishX);
		expect(past(0.3, free.finishX + 0.1).finishX).toBe(free.finishX);
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
