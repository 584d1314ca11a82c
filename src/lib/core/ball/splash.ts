import type { Metres, MetresPerSecond, Radians } from '../units';
import { CENTIMETRE, radians, rpm } from '../units';
import type { Sand } from '../lie/sand';
import type { BallState } from './state';

/**
 * Sand shot: the head enters behind the ball and the sand carries it out. All numbers ours (assumption), set so that a 10 m
 * splash needs two to three times the head speed of the same chip from grass (common practice, no source).
 */
export const SAND = {
	/** Where a good player enters for a shot of ordinary length. */
	entry: 5 * CENTIMETRE,
	/** The longer the swing, the less sand is taken: from one head speed to the other the entry moves up to the nearest that is meant. */
	length: { nearest: 4 * CENTIMETRE, from: 20, to: 30 },
	/** Ball speed over head speed for an entry at the ball, and the entry over which it falls by a factor e. */
	share: 0.66,
	fade: 9.5 * CENTIMETRE,
	/** Launch as a share of the loft shown. */
	launch: 0.78,
	/** Backspin per m/s of ball speed at the standard entry; it falls with the sand between. */
	spin: 210 / rpm(1),
	/** Entry closer than this meets the ball with no sand between. */
	bare: 0.6 * CENTIMETRE,
	/** Share of the head speed left when that happens: the head still went through sand. */
	bareSpeed: 0.7,
	steepestLaunch: radians(68)
} as const;

/**
 * Where the head is meant to enter: nearer the ball and shallower the longer the swing (common practice, no source).
 *
 * @param clubSpeed intended, m/s, 0 and up
 * @param sand how the ball lies in it; from its own crater it is always dug out
 * @returns metres behind the ball
 */
export function sandEntry(clubSpeed: MetresPerSecond, { shallow }: Pick<Sand, 'shallow'>): Metres {
	const { nearest, from, to } = SAND.length;
	const share = Math.max(0, Math.min(1, (clubSpeed - from) / (to - from)));
	return shallow ? SAND.entry + share * (nearest - SAND.entry) : SAND.entry;
}

/**
 * Ball speed over head speed for an entry distance in metres.
 *
 * @param entry behind the ball, metres, 0 and up
 * @returns 0 to 1, falling with the distance
 */
export const sandShare = (entry: Metres): number => SAND.share * Math.exp(-entry / SAND.fade);

/**
 * Throws a ball out of the sand.
 *
 * @param loft shown at the entry
 * @param entry distance behind the ball, above 0
 * @param sand how the ball lies in it
 * @param ball receives velocity and spin
 */
export function splash(
	clubSpeed: MetresPerSecond,
	loft: Radians,
	aim: Radians,
	entry: Metres,
	sand: Sand,
	ball: BallState
): void {
	const speed = clubSpeed * sandShare(entry) * sand.speed;
	const launch = Math.min(SAND.steepestLaunch, loft * SAND.launch * sand.launch);
	const level = speed * Math.cos(launch);
	const spin =
		speed * SAND.spin * sand.spin * Math.min(1.6, SAND.entry / Math.max(entry, SAND.bare));
	ball.vx = level * Math.cos(aim);
	ball.vy = speed * Math.sin(launch);
	ball.vz = level * Math.sin(aim);
	ball.wx = -spin * Math.sin(aim);
	ball.wy = 0;
	ball.wz = spin * Math.cos(aim);
}
