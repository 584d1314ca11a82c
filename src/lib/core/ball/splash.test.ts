import { describe, expect, it } from 'vitest';
import { SANDS, type SandSurface } from '../lie/sand';
import { BEHAVIOUR } from '../ground/behaviour';
import { lucky, NO_LUCK, SURFACE } from '../ground/surfaces';
import { turfBetween, turfOf } from '../ground/turf';
import { degrees, radians } from '../units';
import { planeScene } from '../../../../tests/support/scenes';
import { follow, Outcome } from './simulate';
import { SAND, sandEntry, sandShare, splash } from './splash';
import { BallState, PathRecorder } from './state';

function splashed(
	change: { speed?: number; loft?: number; aim?: number; entry?: number; sand?: SandSurface } = {}
) {
	const ball = new BallState();
	splash(
		change.speed ?? 18,
		radians(change.loft ?? 60),
		radians(change.aim ?? 0),
		change.entry ?? SAND.entry,
		SANDS[change.sand ?? 'medium'],
		ball
	);
	return ball;
}
const speedOf = (ball: BallState) => Math.hypot(ball.vx, ball.vy, ball.vz);

describe('splash', () => {
	it('gives the ball less the farther behind it the club enters', () => {
		const speeds = [0.02, 0.05, 0.08, 0.12].map((entry) => speedOf(splashed({ entry })));
		expect([...speeds].sort((a, b) => b - a)).toEqual(speeds);
		expect(sandShare(SAND.entry)).toBeLessThan(SAND.share);
	});

	it('gives more out of firm sand than out of soft', () => {
		const [soft, medium, firm, plugged] = (['soft', 'medium', 'firm', 'plugged'] as const).map(
			(sand) => speedOf(splashed({ sand }))
		);
		expect(soft! / medium!).toBeCloseTo(0.88, 9);
		expect(firm! / medium!).toBeCloseTo(1.12, 9);
		expect(plugged!).toBeLessThan(soft!);
	});

	it('comes out of its own crater low and with hardly any spin', () => {
		const launch = (sand: SandSurface) => {
			const { vx, vy, wz } = splashed({ sand });
			return { angle: degrees(Math.atan2(vy, vx)), spin: wz };
		};
		expect(launch('plugged').angle).toBeCloseTo(0.8 * launch('medium').angle, 9);
		expect(launch('plugged').spin).toBeLessThan(launch('medium').spin / 4);
	});

	it('flies where it is aimed, mirrored left and right, and never steeper than sand throws', () => {
		const left = splashed({ aim: -12 });
		const right = splashed({ aim: 12 });
		expect(left.vz).toBeCloseTo(-right.vz, 12);
		expect(degrees(Math.atan2(right.vz, right.vx))).toBeCloseTo(12, 9);
		const steep = splashed({ loft: 120 });
		expect(Math.atan2(steep.vy, steep.vx)).toBeCloseTo(SAND.steepestLaunch, 9);
	});

	it('takes less sand the longer the swing, but always digs a plugged ball out', () => {
		const entry = (speed: number, sand: SandSurface = 'medium') =>
			Math.round(1e4 * sandEntry(speed, SANDS[sand])) / 100;
		expect([0, 20, 22, 25, 30, 40].map((speed) => entry(speed))).toEqual([5, 5, 4.8, 4.5, 4, 4]);
		expect(['soft', 'firm', 'plugged'].map((sand) => entry(40, sand as SandSurface))).toEqual([
			4, 4, 5
		]);
	});

	it('checks a little: less spin with more sand between', () => {
		expect(splashed({ entry: 0.03 }).wz / speedOf(splashed({ entry: 0.03 }))).toBeGreaterThan(
			splashed({ entry: 0.1 }).wz / speedOf(splashed({ entry: 0.1 }))
		);
	});
});

describe('turf', () => {
	it('lies between the three named firmnesses', () => {
		expect(turfBetween(0)).toEqual(turfOf('medium', false));
		expect(turfBetween(1)).toEqual(turfOf('firm', false));
		expect(turfBetween(-1)).toEqual(turfOf('soft', false));
		expect(turfBetween(-7)).toEqual(turfBetween(-1));
		expect(turfBetween(0.5).restitution).toBeGreaterThan(turfBetween(0).restitution);
		expect(turfOf('medium', true).restitution).toBeLessThan(turfOf('medium', false).restitution);
	});

	it('keeps luck in a range in which turf stays turf', () => {
		expect(lucky(0.2, 0)).toBe(1);
		expect(lucky(0.2, 99)).toBeCloseTo(1.5, 12);
		expect(lucky(0.2, -99)).toBeCloseTo(0.5, 12);
	});

	it('has one behaviour for every kind, and only sand and water hold a ball where it falls', () => {
		for (const column of Object.values(BEHAVIOUR))
			expect(column).toHaveLength(Object.keys(SURFACE).length);
		const holding = Object.values(SURFACE).filter((kind) => BEHAVIOUR.stops[kind]! > 0);
		expect(holding).toEqual([SURFACE.sand, SURFACE.water]);
	});
});

describe('a recorded path', () => {
	it('begins and ends with the ball and stays on the ground while it rolls', () => {
		const scene = planeScene({ along: 0.03 });
		const ball = new BallState();
		Object.assign(ball, { vx: 3, vy: 2 });
		const recorder = new PathRecorder();
		const out = new Outcome();
		follow(ball, scene, NO_LUCK, out, recorder);
		const path = recorder.thinned(50);
		expect(path).toHaveLength(50);
		expect(path[0]).toEqual([0, 0, 0, 0]);
		const [t, x, y] = path.at(-1)!;
		expect(x).toBeCloseTo(out.finishX, 6);
		expect(t).toBeCloseTo(out.time, 6);
		expect(y).toBeCloseTo(0.03 * out.finishX, 3);
		expect(new PathRecorder().thinned(5)).toEqual([]);
	});
});
