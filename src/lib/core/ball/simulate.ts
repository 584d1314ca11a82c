import type { Air } from './aerodynamics';
import { bounce } from './bounce';
import type { Hole } from './capture';
import { fly, type Obstacle } from './flight';
import { strike, type Delivery } from './impact';
import { roll } from './roll';
import { skid } from './skid';
import { BallState, type PathRecorder } from './state';
import { GroundSample, type Ground } from '../ground/ground';
import { GRAVITY } from '../constants';
import { BEHAVIOUR } from '../ground/behaviour';
import { NO_LUCK, type SurfaceKind, type TurfLuck } from '../ground/surfaces';
import type { Turf } from '../ground/turf';
import type { Metres, MetresPerSecond, Radians, Seconds } from '../units';

/** Everything a ball meets after the strike. */
export interface Scene {
	ground: Ground;
	/** Green speed as a length, grain included. */
	greenSpeed: Metres;
	turf: Turf;
	air: Air;
	obstacles: readonly Obstacle[];
	/** Capture is tested when given. */
	hole: Hole | null;
}

/** `blocked`: struck an obstacle; `runaway`: never comes to rest on this slope. */
export type OutcomeStatus = 'rest' | 'holed' | 'blocked' | 'runaway';

/** What became of one ball; filled in place. Frame of the line of play. */
export class Outcome {
	status: OutcomeStatus = 'rest';
	/** Horizontal length of the first flight, and where it came down. */
	carry: Metres = 0;
	apex: Metres = 0;
	flightTime: Seconds = 0;
	landingX: Metres = 0;
	landingZ: Metres = 0;
	landingSpeed: MetresPerSecond = 0;
	/** Below the horizontal. */
	landingAngle: Radians = 0;
	landingSpin = 0;
	bounces = 0;
	finishX: Metres = 0;
	finishZ: Metres = 0;
	/** Kind of surface the ball rests on. */
	finishKind: SurfaceKind = 0;
	/** From landing to rest, straight. */
	roll: Metres = 0;
	time: Seconds = 0;
}

const MAX_BOUNCES = 40;
const surface = new GroundSample();
const struck = new BallState();

/** Reads the landing off a ball that has just come down. */
function landingInto(out: Outcome, ball: BallState): void {
	const horizontal = Math.sqrt(ball.vx * ball.vx + ball.vz * ball.vz);
	out.carry = Math.sqrt(ball.x * ball.x + ball.z * ball.z);
	out.apex = ball.apex;
	out.flightTime = ball.t;
	out.landingX = ball.x;
	out.landingZ = ball.z;
	out.landingSpeed = Math.sqrt(horizontal * horizontal + ball.vy * ball.vy);
	out.landingAngle = Math.atan2(-ball.vy, horizontal);
	out.landingSpin = Math.sqrt(ball.wx * ball.wx + ball.wy * ball.wy + ball.wz * ball.wz);
}

/** `down`: moving along the surface; `dead`: stays where it is. */
type HopEnd = 'down' | 'dead' | 'blocked';

/** Hops until the ball stays down. */
function hop(
	ball: BallState,
	scene: Scene,
	luck: TurfLuck,
	out: Outcome,
	recorder?: PathRecorder
): HopEnd {
	while (out.bounces < MAX_BOUNCES) {
		scene.ground.sample(ball.x, ball.z, surface);
		if (BEHAVIOUR.stops[surface.kind]! > 0) return 'dead';
		out.bounces++;
		if (!bounce(ball, surface, scene.turf, luck.bounce)) return 'down';
		const flight = fly(ball, scene.ground, scene.air, scene.obstacles, recorder);
		if (flight === 'blocked') return 'blocked';
	}
	return 'down';
}

/** The flight and its hops; a ball that is not lofted off the ground starts down. */
function airborne(
	ball: BallState,
	scene: Scene,
	luck: TurfLuck,
	out: Outcome,
	recorder?: PathRecorder
): HopEnd {
	scene.ground.sample(ball.x, ball.z, surface);
	const climb = ball.vy - surface.gradientX * ball.vx - surface.gradientZ * ball.vz;
	if (climb <= 0) {
		landingInto(out, ball);
		return 'down';
	}
	const flight = fly(ball, scene.ground, scene.air, scene.obstacles, recorder);
	landingInto(out, ball);
	return flight === 'blocked' ? 'blocked' : hop(ball, scene, luck, out, recorder);
}

/** Skid and roll of a ball that is down. */
function alongGround(
	ball: BallState,
	scene: Scene,
	luck: TurfLuck,
	recorder?: PathRecorder
): OutcomeStatus {
	ball.vy = 0;
	down.x = ball.x;
	down.z = ball.z;
	down.squared = ball.vx * ball.vx + ball.vz * ball.vz;
	const skidded = skid(ball, scene.ground, scene.hole, scene.greenSpeed, luck.roll);
	recorder?.addOnGround(ball, scene.ground.height(ball.x, ball.z));
	const ended =
		skidded === 'holed'
			? 'holed'
			: roll(ball, scene.ground, scene.greenSpeed, scene.hole, luck.roll, recorder);
	return scene.obstacles.length > 0 && isStopped(ball, scene) ? 'blocked' : ended;
}

/** Where a ball came down to stay, and the square of its speed there. */
const down = { x: 0, z: 0, squared: 0 };

/**
 * Whether a ball that has run past something that stands on the line was not fast enough to climb it: it lies before it then. How fast it
 * was there follows from an even loss of energy on its way (assumption); of its own, a rolling ball has 1 + 2/5 times that of its motion.
 */
function isStopped(ball: BallState, { obstacles, ground }: Scene): boolean {
	for (let i = 0; i < obstacles.length; i++) {
		const { at, height } = obstacles[i]!;
		if (down.x >= at || ball.x <= at) continue;
		const left = (ball.x - at) / (ball.x - down.x);
		const climb = height - ground.height(at, 0);
		if (0.7 * down.squared * left >= GRAVITY * climb) continue;
		ball.z = down.z + (ball.z - down.z) * (1 - left);
		ball.x = at;
		ball.vx = ball.vz = 0;
		return true;
	}
	return false;
}

/**
 * Follows a ball that has just been struck from the origin until it rests, drops, is blocked or runs away.
 *
 * @param ball state after `strike`; ends where the ball ends
 * @param luck how the turf this ball meets differs from the middle
 * @param out filled in place
 */
export function follow(
	ball: BallState,
	scene: Scene,
	luck: TurfLuck,
	out: Outcome,
	recorder?: PathRecorder
): void {
	recorder?.add(ball);
	out.bounces = 0;
	const end = airborne(ball, scene, luck, out, recorder);
	out.status =
		end === 'down'
			? alongGround(ball, scene, luck, recorder)
			: end === 'blocked'
				? 'blocked'
				: 'rest';
	finishInto(out, ball, scene);
}

function finishInto(out: Outcome, ball: BallState, scene: Scene): void {
	scene.ground.sample(ball.x, ball.z, surface);
	out.finishX = ball.x;
	out.finishZ = ball.z;
	out.finishKind = surface.kind;
	const rollX = ball.x - out.landingX;
	const rollZ = ball.z - out.landingZ;
	out.roll = Math.sqrt(rollX * rollX + rollZ * rollZ);
	out.time = ball.t;
}

/**
 * Plays one ball: impact, flight, bounces, skid, roll, capture.
 *
 * @param luck see `follow`
 * @param out filled in place and returned
 */
export function simulate(
	delivery: Delivery,
	scene: Scene,
	out: Outcome = new Outcome(),
	luck: TurfLuck = NO_LUCK,
	recorder?: PathRecorder
): Outcome {
	reset(struck, scene);
	strike(delivery, struck);
	follow(struck, scene, luck, out, recorder);
	return out;
}

function reset(ball: BallState, scene: Scene): void {
	ball.t = ball.x = ball.z = 0;
	ball.y = ball.apex = scene.ground.height(0, 0);
}
