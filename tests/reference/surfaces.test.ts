import { Solver } from 'odex';
import { describe, expect, it } from 'vitest';
import { roll } from '$lib/core/ball/roll';
import { BallState } from '$lib/core/ball/state';
import { GRAVITY, ROLL } from '$lib/core/constants';
import { createHeightField, onNodes, type HeightField } from '$lib/core/green/heightGrid';
import { fitSpots } from '$lib/core/green/spotFit';
import { levelGreenSpeed } from '$lib/core/ground/greenSpeed';
import type { Ground } from '$lib/core/ground/ground';
import { createPlane } from '$lib/core/ground/plane';
import { SURFACE } from '$lib/core/ground/surfaces';
import { createSurveyed } from '$lib/core/green/surveyed';
import { createRng } from '$lib/core/math/random';
import { solveFinish } from '$lib/core/solve/solve';
import { intend, PLAIN_LIE } from '$lib/core/player/intent';
import { STANDARD_BAG } from '$lib/core/club/standardBag';
import { DEFAULT_TECHNIQUE } from '$lib/core/setup/technique';
import { straight } from '$lib/core/player/intent';
import { STILL_AIR } from '$lib/core/ball/aerodynamics';
import { turfOf } from '$lib/core/ground/turf';
import { fromFeet, radians } from '$lib/core/units';
import { between } from '../support/scenes';

type Surface = (u: number, v: number) => number;

const FRAME = { originU: -30, originV: -30, cell: 0.25, columns: 241, rows: 241 };
const fieldOf = (surface: Surface): HeightField => createHeightField(onNodes(FRAME, surface));
const groundOf = (field: HeightField, heading = 0): Ground =>
	createSurveyed({
		field,
		placement: { u: 0, v: 0, heading },
		tilt: 0,
		kindAt: () => SURFACE.green
	});

const SPEED = fromFeet(10);
const FRICTION = ROLL.rampSpeed ** 2 / (2 * SPEED);

/** Bowl, saddle and the face of a tier, gentle enough to hold a ball; heights in metres. */
const SURFACES: Record<string, Surface> = {
	bowl: (u, v) => 0.004 * (u * u + v * v),
	saddle: (u, v) => 0.004 * (u * u - v * v) + 0.006 * u * v,
	tier: (u, v) => 0.35 / (1 + Math.exp(-(u - 4 - 0.2 * v) / 0.8))
};

/** Gradient of an analytic surface. */
const gradient = (surface: Surface, u: number, v: number): [number, number] => {
	const h = 1e-5;
	return [
		(surface(u + h, v) - surface(u - h, v)) / (2 * h),
		(surface(u, v + h) - surface(u, v - h)) / (2 * h)
	];
};

/** The rolling ball of the model on the analytic surface, through a tight-tolerance library, until it stands. */
function referenceRoll(surface: Surface, vx: number, vz: number): [number, number] {
	const g = (5 / 7) * GRAVITY;
	const derivative = (_: number, s: number[]) => {
		const [x = 0, z = 0, sx = 0, sz = 0] = s;
		const speed = Math.max(1e-9, Math.hypot(sx, sz));
		// z runs to the right of the line, which is down the map.
		const [gu, gv] = gradient(surface, x, -z);
		return [sx, sz, (-FRICTION * sx) / speed - g * gu, (-FRICTION * sz) / speed + g * gv];
	};
	const at = new Solver(derivative, 4, {
		absoluteTolerance: 1e-9,
		relativeTolerance: 1e-9
	}).integrate(0, [0, 0, vx, vz]);
	let t = 0;
	let state = at(0);
	while (Math.hypot(state[2]!, state[3]!) > 0.02 && t < 40) state = at((t += 0.01));
	return [state[0]!, state[1]!];
}

function rolled(ground: Ground, vx: number, vz: number) {
	const ball = new BallState();
	Object.assign(ball, { vx, vz });
	const status = roll(ball, ground, SPEED, null);
	return { x: ball.x, z: ball.z, status };
}

describe('a ball on a surface', () => {
	it.each(Object.keys(SURFACES))(
		'ends on a %s within three centimetres of a tight-tolerance integrator (odex, Hairer and Wanner)',
		(name) => {
			const surface = SURFACES[name]!;
			const ground = groundOf(fieldOf(surface));
			const rng = createRng(17);
			for (let seed = 0; seed < 12; seed++) {
				const vx = between(rng, 1, 2.6);
				const vz = between(rng, -0.7, 0.7);
				const [x, z] = referenceRoll(surface, vx, vz);
				const ball = rolled(ground, vx, vz);
				expect(Math.hypot(ball.x - x, ball.z - z), `seed ${seed}`).toBeLessThan(0.03);
			}
		}
	);

	it('agrees on a tilted plane with the closed form straight up and down, and with the plane across', () => {
		const [along, across] = [0.02, 0.015];
		const field = fieldOf((u, v) => along * u + across * v);
		const surveyed = groundOf(field);
		const plane = createPlane({
			kind: 'plane',
			slopeAlong: along,
			slopeAcross: across,
			edge: 0,
			fringe: SURFACE.green
		});
		for (const [vx, vz] of [
			[2, 0],
			[1.4, 0.6],
			[1.8, -0.5]
		] as const) {
			const a = rolled(surveyed, vx, vz);
			const b = rolled(plane, vx, vz);
			expect(Math.hypot(a.x - b.x, a.z - b.z)).toBeLessThan(0.01);
		}
		const up = rolled(groundOf(fieldOf((u) => along * u)), 2, 0);
		expect(up.x).toBeCloseTo((2 * 2) / (2 * (FRICTION + (5 / 7) * GRAVITY * along)), 2);
	});

	it('obeys S = 2 S↑ S↓ / (S↑ + S↓) on a surveyed slope (Brede 1991)', () => {
		const field = fieldOf((u) => 0.02 * u);
		const up = rolled(groundOf(field), ROLL.rampSpeed, 0).x;
		const down = rolled(groundOf(field, Math.PI), ROLL.rampSpeed, 0).x;
		expect(levelGreenSpeed(up, down) / SPEED).toBeCloseTo(1, 2);
	});

	it('loses no more and no less than friction takes: energy over the whole roll', () => {
		for (const name of Object.keys(SURFACES)) {
			const surface = SURFACES[name]!;
			const field = fieldOf(surface);
			const ground = groundOf(field);
			// In steps short enough to add up the way, by rolling with ever less speed left.
			const ball = new BallState();
			Object.assign(ball, { vx: 2.2, vz: 0.4 });
			const path: [number, number][] = [];
			roll(ball, ground, SPEED, null, 0, {
				add: () => {},
				addOnGround: (b: BallState) => path.push([b.x, b.z]),
				points: [],
				thinned: () => []
			});
			const way = path.reduce((sum, [x, z], i) => {
				const [px, pz] = path[i - 1] ?? [0, 0];
				return sum + Math.hypot(x - px, z - pz);
			}, 0);
			const risen = field.height(ball.x, -ball.z) - field.height(0, 0);
			// 7/10 v² of a rolling ball = g·h + (7/5)·friction·way, per unit of mass.
			const spent = GRAVITY * risen + (7 / 5) * FRICTION * way;
			expect(spent / (0.7 * (2.2 ** 2 + 0.4 ** 2)), name).toBeCloseTo(1, 1);
		}
	});

	it('mirrors on a symmetric surface', () => {
		const ground = groundOf(fieldOf(SURFACES.bowl!));
		const left = rolled(ground, 1.7, -0.5);
		const right = rolled(ground, 1.7, 0.5);
		expect(left.x).toBeCloseTo(right.x, 9);
		expect(left.z).toBeCloseTo(-right.z, 9);
	});

	it('runs down a slope that holds no ball as far as the map goes, instead of looping', () => {
		expect(rolled(groundOf(fieldOf((u) => -0.12 * u)), 0.3, 0).x).toBeGreaterThan(29);
	});

	it('does not break on the fall line, and breaks to either side beside it (common practice, no source)', () => {
		const field = fieldOf((u, v) => -0.02 * u + 0.001 * v * v);
		expect(Math.abs(rolled(groundOf(field), 1.5, 0).z)).toBeLessThan(0.005);
		expect(rolled(groundOf(fieldOf((u, v) => -0.02 * u - 0.01 * v)), 1.5, 0).z).toBeLessThan(-0.05);
	});
});

describe('a survey', () => {
	it('gives a known quadratic back from spot heights and tilts, to the noise of the readings', () => {
		const quadratic: Surface = (u, v) =>
			0.2 + 0.015 * u - 0.01 * v + 0.0015 * u * u - 0.001 * u * v;
		const spots = [];
		for (let u = 0; u <= 12; u += 3)
			for (let v = 0; v <= 12; v += 3)
				spots.push({ u, v, height: quadratic(u, v), leftOut: false });
		const fit = fitSpots(spots, []);
		const rng = createRng(2);
		for (let seed = 0; seed < 20; seed++) {
			const [u, v] = [between(rng, 1, 11), between(rng, 1, 11)];
			expect(Math.abs(fit.height(u, v) - quadratic(u, v)), `seed ${seed}`).toBeLessThan(0.005);
		}
	});
});

describe('aim and head speed on a surface', () => {
	const club = STANDARD_BAG.find(({ name }) => name === 'PW')!;
	const intent = intend(straight(club), PLAIN_LIE, DEFAULT_TECHNIQUE);
	const sceneOn = (surface: Surface) => ({
		ground: groundOf(fieldOf(surface)),
		greenSpeed: SPEED,
		turf: turfOf('medium', false),
		air: STILL_AIR,
		obstacles: [],
		hole: null
	});

	it.each(Object.keys(SURFACES))('bring the ball to the hole over a %s', (name) => {
		// Gentler than above: nine metres out the full bowl would hardly hold a ball.
		const gentle: Surface = (u, v) => 0.6 * SURFACES[name]!(u, v);
		const { status, outcome, aim } = solveFinish(intent, sceneOn(gentle), 9, 20);
		expect(status).toBe('solved');
		expect(Math.hypot(outcome.finishX - 9, outcome.finishZ)).toBeLessThan(0.16);
		expect(Math.abs(aim)).toBeLessThan(radians(30));
	});

	it('aim against the break, and mirror with the surface', () => {
		const toLeft = solveFinish(
			intent,
			sceneOn((u, v) => 0.002 * u + 0.02 * v),
			9,
			20
		);
		const toRight = solveFinish(
			intent,
			sceneOn((u, v) => 0.002 * u - 0.02 * v),
			9,
			20
		);
		expect(toLeft.aim).toBeLessThan(-radians(1));
		expect(toLeft.aim).toBeCloseTo(-toRight.aim, 3);
		expect(toLeft.speed).toBeCloseTo(toRight.speed, 2);
	});

	it('say that nothing stops where the hole is cut into a slope that holds no ball', () => {
		const { status } = solveFinish(
			intent,
			sceneOn((u) => -0.15 * u),
			9,
			20
		);
		expect(['noStop', 'tooNear', 'tooFar']).toContain(status);
	});
});
