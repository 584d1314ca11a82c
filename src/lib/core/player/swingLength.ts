import type { MetresPerSecond, Radians, Ratio } from '../units';
import { radians } from '../units';
import { monotoneCurve } from '../math/monotone';

/** The words a player uses for lengths of backswing. */
export type SwingVocabulary = 'clock' | 'body' | 'shape';

/** One named length of backswing: the lead arm's angle from hanging straight down. */
export interface SwingMark {
	name: string;
	angle: Radians;
}

const mark = (name: string, angle: number): SwingMark => ({ name, angle: radians(angle) });

/**
 * The three vocabularies of the trade for one thing, shortest first; the marks of short chips are ours (a club head a foot back moves
 * the lead arm some ten degrees).
 */
export const SWING_MARKS: Record<SwingVocabulary, readonly SwingMark[]> = {
	clock: [
		mark('6:15', 7.5),
		mark('6:30', 15),
		mark('6:45', 22.5),
		mark('7', 30),
		mark('8', 60),
		mark('9', 90),
		mark('10', 120)
	],
	body: [
		mark('foot', 10),
		mark('seam', 16),
		mark('knee', 22),
		mark('thigh', 42),
		mark('hip', 65),
		mark('ribs', 90),
		mark('shoulder', 118)
	],
	shape: [
		mark('I', 9),
		mark('Y', 22),
		mark('V', 42),
		mark('level', 65),
		mark('L', 90),
		mark('10', 120)
	]
};

/** Every name of a mark, whatever the vocabulary. */
export const MARK_NAMES: readonly string[] = [
	...new Set(Object.values(SWING_MARKS).flatMap((marks) => marks.map(({ name }) => name)))
];

/** Angle of a full swing in the model. */
const FULL_ANGLE = radians(150);

/**
 * The backswing whose model swing has a head speed; π when none is long enough. The arm falls like a pendulum, so the speed
 * goes with the sine of half the angle; muscles scale it (ours, assumption, used until carries are measured).
 *
 * @param full head speed of a full swing
 */
export function swingAngle(speed: MetresPerSecond, full: MetresPerSecond): Radians {
	const sine = (speed / full) * Math.sin(FULL_ANGLE / 2);
	return sine >= 1 ? Math.PI : 2 * Math.asin(Math.max(0, sine));
}

/** A swing length that is known by its head speed. */
export interface KnownSwing {
	angle: Radians;
	speed: MetresPerSecond;
}

/** What has been measured with one club. */
export interface ClubSwings {
	/** By rising angle and speed; at least one. */
	known: readonly KnownSwing[];
	/** Relative spread of the head speed with this club, shrunk toward what the skill presumes; null where none was measured. */
	spread: Ratio | null;
}

/** A measured swing may be gone past by this share before the length counts as a guess. */
const JUST_PAST = 1.05;

/**
 * The backswing for a head speed from a player's own swings: between two of them interpolated, shorter than the shortest in proportion,
 * longer than the longest (and from a single one) as the model swing goes that passes through it.
 *
 * @param known by rising speed
 * @returns the angle, and whether it lies past what was measured; null where nothing was
 */
export function measuredAngle(
	speed: MetresPerSecond,
	known: readonly KnownSwing[]
): { angle: Radians; past: boolean } | null {
	const first = known[0];
	const last = known[known.length - 1];
	if (!first || !last) return null;
	if (speed > last.speed || known.length === 1) {
		const full = (last.speed * Math.sin(FULL_ANGLE / 2)) / Math.sin(last.angle / 2);
		return { angle: swingAngle(speed, full), past: speed > last.speed * JUST_PAST };
	}
	if (speed < first.speed) return { angle: first.angle * (speed / first.speed), past: false };
	const speeds = known.map((swing) => swing.speed);
	const angles = known.map((swing) => swing.angle);
	return { angle: monotoneCurve(speeds, angles)(speed), past: false };
}

/**
 * The backswing for a head speed: from the player's own swings where there are any, else from the model's.
 *
 * @param known by rising speed
 * @param full head speed of a full swing
 */
export const swingFor = (
	speed: MetresPerSecond,
	known: readonly KnownSwing[],
	full: MetresPerSecond
): Radians => measuredAngle(speed, known)?.angle ?? swingAngle(speed, full);

/**
 * The head speed of a backswing, the other way round: between two measured swings interpolated, below the first in proportion, past the
 * last (and from a single one) as the model swing goes that passes through it.
 *
 * @param angle of the lead arm from hanging, radians, 0 to π
 * @param known by rising speed
 * @param full head speed of a full swing
 */
export function speedOfSwing(
	angle: Radians,
	known: readonly KnownSwing[],
	full: MetresPerSecond
): MetresPerSecond {
	const first = known[0];
	const last = known[known.length - 1];
	const pendulum = (speed: MetresPerSecond, at: Radians) =>
		(speed * Math.sin(Math.min(angle, Math.PI) / 2)) / Math.sin(at / 2);
	if (!first || !last) return pendulum(full, FULL_ANGLE);
	if (angle > last.angle || known.length === 1) return pendulum(last.speed, last.angle);
	if (angle < first.angle) return first.speed * (angle / first.angle);
	return monotoneCurve(
		known.map((swing) => swing.angle),
		known.map((swing) => swing.speed)
	)(angle);
}

/** A backswing in the words of a vocabulary. */
export interface SwingName {
	/** The nearest mark or half-way between two. */
	name: string;
	/** The marks on both sides; equal when it falls on one or beyond the ends. */
	between: [string, string];
	angle: Radians;
}

/** Half the distance between two marks in which a length counts as "on" the mark. */
const ON_MARK = 0.25;

/**
 * Names a backswing.
 *
 * @param angle of the lead arm from hanging, radians, 0 to π
 * @param vocabulary whose words
 */
export function nameSwing(angle: Radians, vocabulary: SwingVocabulary): SwingName {
	const marks = SWING_MARKS[vocabulary];
	const first = marks[0]!;
	const last = marks[marks.length - 1]!;
	if (angle <= first.angle) return { name: first.name, between: [first.name, first.name], angle };
	if (angle >= last.angle) return { name: last.name, between: [last.name, last.name], angle };
	const above = marks.findIndex((m) => m.angle >= angle);
	const low = marks[above - 1]!;
	const high = marks[above]!;
	const share = (angle - low.angle) / (high.angle - low.angle);
	const near = share < 0.5 ? low.name : high.name;
	const onMark = share < ON_MARK || share > 1 - ON_MARK;
	return {
		name: onMark ? near : (halfway(low, high, vocabulary) ?? near),
		between: [low.name, high.name],
		angle
	};
}

const WHOLE_HOUR = /^\d+$/;

/** Half-way between two marks; undefined between two quarters of an hour, which are near enough. */
function halfway(low: SwingMark, high: SwingMark, vocabulary: SwingVocabulary): string | undefined {
	if (vocabulary !== 'clock') return `${low.name} to ${high.name}`;
	return WHOLE_HOUR.test(low.name) ? `${low.name}:30` : undefined;
}

/**
 * The angle of a mark in any vocabulary; NaN for a name none of them knows.
 *
 * @param name of a mark, or half past one
 */
export function markAngle(name: string): Radians {
	for (const marks of Object.values(SWING_MARKS)) {
		const found = marks.find((m) => m.name === name);
		if (found) return found.angle;
	}
	const half = /^(\d+):30$/.exec(name);
	return half ? (markAngle(half[1]!) + markAngle(String(Number(half[1]) + 1))) / 2 : NaN;
}

/**
 * The mark nearest to a swing.
 *
 * @param angle of the lead arm from hanging, radians
 * @param vocabulary whose words
 */
export const nearestMark = (angle: Radians, vocabulary: SwingVocabulary): SwingMark =>
	SWING_MARKS[vocabulary].reduce((best, m) =>
		Math.abs(m.angle - angle) < Math.abs(best.angle - angle) ? m : best
	);
