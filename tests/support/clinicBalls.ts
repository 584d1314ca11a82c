import { STILL_AIR } from '$lib/core/ball/aerodynamics';
import { follow, Outcome } from '$lib/core/ball/simulate';
import { BallState, PathRecorder } from '$lib/core/ball/state';
import type { Green } from '$lib/core/green/green';
import { surfaceOf } from '$lib/core/green/surface';
import { createSurveyed, toMap } from '$lib/core/green/surveyed';
import { NO_LUCK } from '$lib/core/ground/surfaces';
import { turfOf } from '$lib/core/ground/turf';
import type { Station } from '$lib/core/lessons/stationBalls';
import type { Zone } from '$lib/core/lessons/zone';
import { createRng } from '$lib/core/math/random';
import { DEVIATE_COUNT, strikeWithErrors } from '$lib/core/player/strike';
import { practiseIntent, shotToCarry } from '$lib/core/practice/practiseShot';
import { levelScene, type LevelGreen } from '$lib/core/solve/levelScene';
import { radians } from '$lib/core/units';

/** How often balls of a station's first hitter come to a zone, by brute force: one ball after the other, off the face or off the hosel as it comes; every point of its way is looked at. */
export function bruteForce(
	green: Green,
	{ ball, heading, hitters: [one] }: Station,
	day: LevelGreen,
	zone: Zone,
	balls: number,
	seed: number
): number {
	const rng = createRng(seed);
	const placement = { u: ball[0], v: ball[1], heading };
	const surface = surfaceOf(green);
	const ground = createSurveyed({
		field: surface,
		placement,
		tilt: 0,
		kindAt: (_x, _z, u, v) => surface.kindAt(u, v)
	});
	const scene = {
		...levelScene(day),
		ground,
		turf: turfOf(day.firmness, day.wet),
		air: STILL_AIR
	};
	const shots = one!.shots.flatMap(({ shot, carry }) => {
		const found = shotToCarry(shot, carry, levelScene(day), one!.who);
		return found ? [{ intent: practiseIntent(shot, one!.who), speed: found.speed }] : [];
	});
	let hits = 0;
	for (let i = 0; i < balls; i++) {
		const state = new BallState();
		const deviates = Float64Array.from({ length: DEVIATE_COUNT }, () => rng.normal());
		strikeWithErrors(
			shots[i % shots.length]!.intent,
			one!.who.dispersion,
			shots[i % shots.length]!.speed,
			0,
			deviates,
			0,
			state
		);
		if (rng.uniform() < one!.shanks) {
			const turn = radians(30 + 50 * rng.uniform());
			const pace = 0.5 + 0.45 * rng.uniform();
			const along = Math.hypot(state.vx, state.vz) * pace;
			const way = Math.atan2(state.vz, state.vx) + turn;
			state.vx = along * Math.cos(way);
			state.vz = along * Math.sin(way);
			state.vy *= pace * (0.2 + 0.6 * rng.uniform());
			state.wx = state.wy = state.wz = 0;
		}
		const recorder = new PathRecorder();
		follow(state, scene, NO_LUCK, new Outcome(), recorder);
		const comes = recorder.points.some(([t, x, y, z], k) => {
			const before = recorder.points[k - 1] ?? [t, x, y, z];
			const moves = Math.hypot(x - before[1], z - before[3]) >= (t - before[0]) * 1;
			const [u, v] = toMap(placement, x, z);
			const near = Math.hypot(u - zone.from[0], v - zone.from[1]) <= zone.radius;
			return moves && near && y - scene.ground.height(x, z) <= 2.5;
		});
		if (comes) hits++;
	}
	return hits / balls;
}
