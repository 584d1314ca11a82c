import type { Metres, Ratio, Seconds } from '../units';
import { PULL } from './rollFriction';
import type { BallState } from './state';

/** Where and when a ball comes to rest on one slope; filled in place. */
export class RestOnSlope {
	x: Metres = 0;
	z: Metres = 0;
	/** From now on. */
	time: Seconds = 0;
	/** Where the tangents at both ends of the path meet: the path lies in the triangle of ball, corner and rest. */
	cornerX: Metres = 0;
	cornerZ: Metres = 0;
}

/**
 * Rest of a rolling ball on a plane that holds it, in closed form.
 *
 * With F the friction, G the pull of the slope, and ψ the angle between the velocity and the line of fall, the equations of motion
 * v' = −F + G cos ψ and v ψ' = −G sin ψ integrate to the path below: v tan(ψ/2)^(−F/G) sin ψ is constant, and distance, time and break
 * are powers of tan(ψ/2), whose sums from the ball to rest need no power at all.
 *
 * @param friction rolling deceleration on the level, m/s², above 0
 * @param gradientX, @param gradientZ of the plane, + rising
 * @param out filled when there is a rest
 * @returns false where the slope lets no ball rest
 * @source own derivation; tests/reference/roll compares it with a general integrator
 */
export function restOnSlope(
	ball: BallState,
	friction: number,
	gradientX: Ratio,
	gradientZ: Ratio,
	out: RestOnSlope
): boolean {
	const pull = PULL * Math.sqrt(gradientX * gradientX + gradientZ * gradientZ);
	if (!(pull < friction)) return false;
	const speed = Math.sqrt(ball.vx * ball.vx + ball.vz * ball.vz);
	if (speed === 0) {
		out.x = out.cornerX = ball.x;
		out.z = out.cornerZ = ball.z;
		out.time = 0;
		return true;
	}
	// Unit vectors of the motion and of the line of fall (the motion's own on the level).
	const dx = ball.vx / speed;
	const dz = ball.vz / speed;
	const fallX = pull > 0 ? (-PULL * gradientX) / pull : dx;
	const fallZ = pull > 0 ? (-PULL * gradientZ) / pull : dz;
	const cos = dx * fallX + dz * fallZ;
	const sin = dz * fallX - dx * fallZ;
	const squared = speed * speed;
	const most = friction + pull;
	const least = friction - pull;
	const down = (squared / 8) * (((1 + cos) * (1 + cos)) / least - ((1 - cos) * (1 - cos)) / most);
	const perSine =
		(squared / 2) * ((1 + cos) / (2 * friction - pull) + (1 - cos) / (2 * friction + pull));
	const across = perSine * sin;
	out.x = ball.x + down * fallX - across * fallZ;
	out.z = ball.z + down * fallZ + across * fallX;
	out.time = (speed / 2) * ((1 + cos) / least + (1 - cos) / most);
	out.cornerX = ball.x + perSine * dx;
	out.cornerZ = ball.z + perSine * dz;
	return true;
}
