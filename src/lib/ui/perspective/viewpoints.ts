import type { Metres, Radians } from '$lib/core/units';

/** Where one looks from: round about a place on the ground. Frame of the line of play, x along it, z to its right. */
export interface Look {
	/** What is looked at. */
	focus: readonly [x: Metres, z: Metres];
	/** From the focus to the eye, turned from −x (behind the ball) toward the right of the line. */
	turn: Radians;
	/** Along the ground from the focus to the eye. */
	away: Metres;
	/** Of the eye above the ground under it. */
	eye: Metres;
}

/** The ground as far as an eye needs it. */
export type HeightAt = (x: Metres, z: Metres) => Metres;

/** A place in space: along, up, right. */
export type Spot = readonly [x: Metres, y: Metres, z: Metres];

/** Eyes of somebody who stands, and who has gone down on a knee, as shares of how tall they are (1.62 and 0.55 m of 1.75). */
export const EYES = { standing: 1.62 / 1.75, crouched: 0.55 / 1.75 } as const;
const BEHIND: Metres = 2.6;
/** One looks at the ground this far before the hole, so that it and the way to it are in view. */
const BEFORE_HOLE: Metres = 1.5;
const LOW_AWAY: Metres = 7;
/** Behind the hole one stands beside the flag, not in it. */
const ASIDE: Radians = 0.1;

export const STANDPOINTS = ['behind', 'crouched', 'hole', 'low'] as const;
export type Standpoint = (typeof STANDPOINTS)[number];

/** Which side of the line lies lower half way on the green: +1 the right, −1 the left. */
export const lowSide = (height: HeightAt, middle: Metres): 1 | -1 =>
	height(middle, 3) <= height(middle, -3) ? 1 : -1;

/**
 * The usual places to look from.
 *
 * @param pin along the line
 * @param toEdge where the green begins
 * @param stature of whoever looks
 */
export function lookFrom(
	standpoint: Standpoint,
	pin: Metres,
	toEdge: Metres,
	height: HeightAt,
	stature: Metres
): Look {
	const eyes = { standing: stature * EYES.standing, crouched: stature * EYES.crouched };
	const before = Math.max(0.5 * pin, pin - BEFORE_HOLE);
	switch (standpoint) {
		case 'behind':
			return { focus: [before, 0], turn: 0, away: before + BEHIND, eye: eyes.standing };
		case 'crouched':
			return { focus: [before, 0], turn: 0, away: before + BEHIND, eye: eyes.crouched };
		case 'hole':
			return {
				focus: [pin / 2, 0],
				turn: Math.PI - ASIDE,
				away: pin / 2 + 2 * BEHIND,
				eye: eyes.standing
			};
		case 'low': {
			const middle = (Math.max(0, toEdge) + pin) / 2;
			const side = lowSide(height, middle);
			return {
				focus: [middle, 0],
				turn: (side * Math.PI) / 2,
				away: Math.max(LOW_AWAY, 0.6 * pin),
				eye: eyes.crouched
			};
		}
	}
}

const NEAREST: Metres = 1.2;
const FARTHEST: Metres = 70;
const LOWEST: Metres = 0.25;
const HIGHEST: Metres = 14;
const within = (value: number, low: number, high: number): number =>
	Math.min(high, Math.max(low, value));

/** A look after one has walked: turned, nearer or farther, higher or lower. */
export const walked = (
	look: Look,
	{ turn = 0, nearer = 1, higher = 1 }: { turn?: Radians; nearer?: number; higher?: number }
): Look => ({
	...look,
	turn: look.turn + turn,
	away: within(look.away * nearer, NEAREST, FARTHEST),
	eye: within(look.eye * higher, LOWEST, HIGHEST)
});

/** Where the eye is, and what it looks at. */
export function eyeOf(look: Look, height: HeightAt): { eye: Spot; at: Spot } {
	const [fx, fz] = look.focus;
	const x = fx - look.away * Math.cos(look.turn);
	const z = fz + look.away * Math.sin(look.turn);
	return { eye: [x, height(x, z) + look.eye, z], at: [fx, height(fx, fz), fz] };
}

/** How far the picture opens up and down. */
export const OPENING: Radians = (38 * Math.PI) / 180;

/**
 * Where a place comes to lie in a picture: from −1 at its left and bottom edge to +1 at its right and top.
 *
 * @param aspect width by height
 * @returns null behind the eye
 * @source central projection; the camera that draws is held against it in the tests
 */
export function projected(
	spot: Spot,
	{ eye, at }: { eye: Spot; at: Spot },
	aspect: number
): readonly [number, number] | null {
	const ahead = unit([at[0] - eye[0], at[1] - eye[1], at[2] - eye[2]]);
	const right = unit(cross(ahead, [0, 1, 0]));
	const up = cross(right, ahead);
	const to: Spot = [spot[0] - eye[0], spot[1] - eye[1], spot[2] - eye[2]];
	const depth = dot(to, ahead);
	if (depth <= 0) return null;
	const half = Math.tan(OPENING / 2) * depth;
	return [dot(to, right) / (half * aspect), dot(to, up) / half];
}

const dot = (a: Spot, b: Spot): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const cross = (a: Spot, b: Spot): Spot => [
	a[1] * b[2] - a[2] * b[1],
	a[2] * b[0] - a[0] * b[2],
	a[0] * b[1] - a[1] * b[0]
];
function unit(a: Spot): Spot {
	const length = Math.hypot(...a) || 1;
	return [a[0] / length, a[1] / length, a[2] / length];
}
