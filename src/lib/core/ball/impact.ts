import { BALL, IMPACT } from '../constants';
import type { Kilograms, MetresPerSecond, Radians, Ratio } from '../units';
import type { BallState } from './state';

/** How the club head meets the ball. Angles seen from the line of play; + is to the right. */
export interface Delivery {
	clubSpeed: MetresPerSecond;
	/** Head moving down is negative. */
	attackAngle: Radians;
	/** Loft the face shows at impact, against the vertical. */
	dynamicLoft: Radians;
	/** Coulomb friction between face and ball, 0 and up. */
	friction: number;
	/** Share of the tangential impulse that grass, water and cover between face and ball leave, 0 to 1; 1 for a clean dry strike. */
	grip: Ratio;
	/** Face open to the path of the head (+ for a right-hander's slice). */
	faceToPath: Radians;
	/** Direction of the head's path. */
	aim: Radians;
	headMass: Kilograms;
}

/** Launch conditions of one strike. */
export interface Launch {
	ballSpeed: MetresPerSecond;
	/** Above the horizontal. */
	angle: Radians;
	/** Magnitude of the spin vector. */
	spin: number;
}

const NORMAL_MASS_TERM = 1 / BALL.mass;
const TANGENTIAL_MASS_TERM = (1 + 1 / BALL.inertia) / BALL.mass;

/**
 * Normal restitution of ball on face at a normal approach speed in m/s.
 *
 * @param normalSpeed of head and ball towards each other, m/s, 0 and up
 * @returns 0 to 1, falling with speed
 */
export const restitution = (normalSpeed: MetresPerSecond): number =>
	Math.max(
		IMPACT.restitutionFloor,
		IMPACT.restitution - IMPACT.restitutionLoss * Math.abs(normalSpeed)
	);

/**
 * Strikes a ball: rigid oblique impact with normal and tangential restitution and a friction limit,
 * in the plane that holds the face normal and the path (the plane of spin loft). What lies between face and ball takes its share of the
 * tangential impulse whether the ball sticks or slides: less spin, a higher launch.
 *
 * @param ball receives velocity and spin; its position and time are left as they are
 * @source R. Cross, Sports Engineering 17 (2014); T. Jorgensen, The Physics of Golf (1994). The restitution falls linearly with speed (ours).
 */
export function strike(delivery: Delivery, ball: BallState): void {
	const { clubSpeed, attackAngle, dynamicLoft, aim } = delivery;
	const faceAngle = aim + delivery.faceToPath;
	const nx = Math.cos(dynamicLoft) * Math.cos(faceAngle);
	const ny = Math.sin(dynamicLoft);
	const nz = Math.cos(dynamicLoft) * Math.sin(faceAngle);
	const px = Math.cos(attackAngle) * Math.cos(aim);
	const py = Math.sin(attackAngle);
	const pz = Math.cos(attackAngle) * Math.sin(aim);

	const cosSpinLoft = nx * px + ny * py + nz * pz;
	const sinSpinLoft = Math.sqrt(Math.max(0, 1 - cosSpinLoft * cosSpinLoft));
	const normalSpeed = clubSpeed * cosSpinLoft;
	const headTerm = 1 / delivery.headMass;
	const normal = ((1 + restitution(normalSpeed)) * normalSpeed) / (headTerm + NORMAL_MASS_TERM);
	const sticking =
		((1 + IMPACT.tangentialRestitution) * clubSpeed * sinSpinLoft) /
		(headTerm + TANGENTIAL_MASS_TERM);
	const tangential = delivery.grip * Math.min(sticking, delivery.friction * normal);

	// Unit tangent: the part of the path that lies in the face. A square hit has none, and no friction either.
	const scale = sinSpinLoft > 1e-12 ? 1 / sinSpinLoft : 0;
	const tx = (px - cosSpinLoft * nx) * scale;
	const ty = (py - cosSpinLoft * ny) * scale;
	const tz = (pz - cosSpinLoft * nz) * scale;

	ball.vx = (normal * nx + tangential * tx) / BALL.mass;
	ball.vy = (normal * ny + tangential * ty) / BALL.mass;
	ball.vz = (normal * nz + tangential * tz) / BALL.mass;
	const spin = -tangential / (BALL.inertia * BALL.mass * BALL.radius);
	ball.wx = spin * (ny * tz - nz * ty);
	ball.wy = spin * (nz * tx - nx * tz);
	ball.wz = spin * (nx * ty - ny * tx);
}

/**
 * Launch conditions of a ball that has just been struck.
 *
 * @param ball just struck; frame of the line: x to the target, y up, z to the right
 */
export function launchOf(ball: BallState): Launch {
	const ballSpeed = Math.hypot(ball.vx, ball.vy, ball.vz);
	return {
		ballSpeed,
		angle: Math.atan2(ball.vy, Math.hypot(ball.vx, ball.vz)),
		spin: Math.hypot(ball.wx, ball.wy, ball.wz)
	};
}
