import { STILL_AIR } from '../ball/aerodynamics';
import { follow, Outcome, type Scene } from '../ball/simulate';
import { BallState, PathRecorder } from '../ball/state';
import { surfaceOf, type GreenSurface } from '../green/surface';
import type { Green } from '../green/green';
import { createSurveyed, toMap, type Placement } from '../green/surveyed';
import { NO_LUCK } from '../ground/surfaces';
import { turfOf } from '../ground/turf';
import type { Point } from '../math/polygon';
import { createRng, type Rng } from '../math/random';
import { shareOf } from '../math/share';
import type { Intent } from '../player/intent';
import type { Dispersion, Hand } from '../player/player';
import { DEVIATE_COUNT, strikeWithErrors } from '../player/strike';
import {
	practiseIntent,
	shotToCarry,
	type Practiser,
	type PractiseShot
} from '../practice/practiseShot';
import { levelScene, type LevelGreen } from '../solve/levelScene';
import { radians, type Metres, type MetresPerSecond, type Radians, type Ratio } from '../units';
import { Lane, type Zone } from './zone';

/** Somebody who hits at a station, with the balls that its drill gives them. */
export interface Hitter {
	who: Practiser & { dispersion: Dispersion };
	/** How many of their balls come off the hosel. */
	shanks: Ratio;
	/** What is hit, and how far each is to carry. */
	shots: readonly { shot: PractiseShot; carry: Metres }[];
}

/** A place where balls are hit, on the map. */
export interface Station {
	ball: Point;
	/** Which way, from u towards v. */
	heading: Radians;
	/** The weakest there are: one of each hand. */
	hitters: readonly Hitter[];
}

/** How many balls of a station come to a zone: the best guess, and the most that it may be (19 of 20). */
export interface Reach {
	share: Ratio;
	most: Ratio;
}

/** Balls above this fly over people (assumption: a tall person with an arm up). */
export const OVER_HEADS: Metres = 2.5;
/** A ball that lies where people are has not hit them; one that comes to them slower than this has not either, as nobody minds it (assumption). */
const HARMLESS: MetresPerSecond = 1;

/** What a hosel does with a ball, each evenly between its ends: turned toward the hitter's far side, slower, lower. Common practice, no source. */
const HOSEL = {
	turn: [radians(30), radians(80)],
	speed: [0.5, 0.95],
	climb: [0.2, 0.8]
} as const;

/** So many of each hundred balls of a handicap come off the hosel, and never more (common practice, no source). */
const SHANKS = { least: 0.001, perStroke: 0.0006, most: 0.03 } as const;

/**
 * How many balls of somebody come off the hosel.
 *
 * @param handicap −6 to 40
 */
export const shanksAt = (handicap: number): Ratio =>
	Math.min(SHANKS.most, SHANKS.least + SHANKS.perStroke * Math.max(0, handicap));

/** The ground of a station as its balls meet it. */
function sceneAt(surface: GreenSurface, { ball, heading }: Station, day: LevelGreen): Scene {
	const placement: Placement = { u: ball[0], v: ball[1], heading };
	const ground = createSurveyed({
		field: surface,
		placement,
		tilt: 0,
		kindAt: (_x, _z, u, v) => surface.kindAt(u, v)
	});
	const { greenSpeed, firmness, wet } = day;
	return {
		ground,
		greenSpeed,
		turf: turfOf(firmness, wet),
		air: STILL_AIR,
		obstacles: [],
		hole: null
	};
}

/** A ball meets the hosel instead of the face. */
function offTheHosel(ball: BallState, hand: Hand, rng: Rng): void {
	const between = ([low, high]: readonly [number, number]) => low + (high - low) * rng.uniform();
	const turn = between(HOSEL.turn) * (hand === 'left' ? -1 : 1);
	const pace = between(HOSEL.speed);
	const { vx, vz } = ball;
	ball.vx = pace * (vx * Math.cos(turn) - vz * Math.sin(turn));
	ball.vz = pace * (vx * Math.sin(turn) + vz * Math.cos(turn));
	ball.vy *= pace * between(HOSEL.climb);
	ball.wx = ball.wy = ball.wz = 0;
}

/** A shot that is ready to be hit. */
interface Ready {
	intent: Intent;
	speed: MetresPerSecond;
}

/** What was made ready last for a hitter: one hitter is asked about at many places, on one day. */
const readied = new WeakMap<Hitter, { day: LevelGreen; ready: Ready[] }>();

/** What a station's hitter hits; shots that nobody can carry so far are left out. */
function readyOf(hitter: Hitter, day: LevelGreen): Ready[] {
	const before = readied.get(hitter);
	if (before?.day === day) return before.ready;
	const { who, shots } = hitter;
	const ready = shots.flatMap(({ shot, carry }) => {
		const found = shotToCarry(shot, carry, levelScene(day), who);
		return found ? [{ intent: practiseIntent(shot, who), speed: found.speed }] : [];
	});
	readied.set(hitter, { day, ready });
	return ready;
}

const recorder = new PathRecorder();
type PathPoint = PathRecorder['points'][number];
const outcome = new Outcome();
const struck = new BallState();
const deviates = new Float64Array(DEVIATE_COUNT);

/** Plays one ball of a station; its path is in `recorder`, in the frame of the line. */
function hit(
	{ intent, speed }: Ready,
	hitter: Hitter,
	scene: Scene,
	shank: boolean,
	rng: Rng
): void {
	for (let i = 0; i < DEVIATE_COUNT; i++) deviates[i] = rng.normal();
	struck.t = struck.x = struck.z = 0;
	struck.y = struck.apex = scene.ground.height(0, 0);
	strikeWithErrors(intent, hitter.who.dispersion, speed, 0, deviates, 0, struck);
	if (shank) offTheHosel(struck, hitter.who.hand, rng);
	recorder.points.length = 0;
	follow(struck, scene, NO_LUCK, outcome, recorder);
}

/** A ball's way is looked at in pieces of this length at least. */
const PIECE: Metres = 0.4;

/** Marks the zones that the ball in `recorder` comes to where it could hit somebody. */
function mark(placement: Placement, scene: Scene, lanes: readonly Lane[], seen: Uint8Array): void {
	const { points } = recorder;
	seen.fill(0);
	let from = points[0]!;
	let a = toMap(placement, from[1], from[3]);
	for (let i = 1; i < points.length; i++) {
		const to = points[i]!;
		const [dx, dz] = [to[1] - from[1], to[3] - from[3]];
		const length = Math.sqrt(dx * dx + dz * dz);
		if (length < PIECE && i < points.length - 1) continue;
		const b = toMap(placement, to[1], to[3]);
		if (length >= HARMLESS * (to[0] - from[0]) && above(scene, from, to) <= OVER_HEADS)
			for (let k = 0; k < lanes.length; k++) if (!seen[k] && lanes[k]!.isMetBy(a, b)) seen[k] = 1;
		from = to;
		a = b;
	}
}

/** How high the lower end of a piece of a ball's way is above the ground. */
function above(scene: Scene, from: PathPoint, to: PathPoint): Metres {
	const { ground } = scene;
	return Math.min(from[2] - ground.height(from[1], from[3]), to[2] - ground.height(to[1], to[3]));
}

/** How many balls are played for a hitter: those off the face, and those off the hosel. */
export interface Counts {
	face: number;
	hosel: number;
}

/** What the interval of each of the two parts leaves out on either side, together one in twenty above. */
const CONFIDENCE = 0.95;

/**
 * How often balls of a station come to where people are. Balls off the hosel are rare, so they are played by themselves and weighed; of
 * a station with hitters of both hands, the worse counts.
 *
 * @param green on whose map it lies
 * @param day speed and turf
 * @param zones where people are
 * @param counts balls for each hitter
 * @param tooMany as soon as the most at any zone cannot stay below this, no more balls are played, and what is said is the least that it can be
 * @returns by zone; with nobody who can hit, none
 * @source stratified sampling; the score interval of `shareOf` for each part
 */
export function reachesOf(
	green: Green,
	station: Station,
	day: LevelGreen,
	zones: readonly Zone[],
	counts: Counts,
	seed: number,
	tooMany: Ratio = Infinity
): Reach[] {
	const scene = sceneAt(surfaceOf(green), station, day);
	const placement: Placement = { u: station.ball[0], v: station.ball[1], heading: station.heading };
	const rng = createRng(seed);
	const lanes = zones.map((zone) => new Lane(zone));
	const seen = new Uint8Array(zones.length);
	const worst = zones.map((): Reach => ({ share: 0, most: 0 }));
	for (const hitter of station.hitters) {
		const ready = readyOf(hitter, day);
		if (ready.length === 0) continue;
		const hits = { face: new Float64Array(zones.length), hosel: new Float64Array(zones.length) };
		const weigh = (k: number, of: (hits: number, balls: number) => Ratio): Ratio =>
			(1 - hitter.shanks) * of(hits.face[k]!, counts.face) +
			hitter.shanks * of(hits.hosel[k]!, counts.hosel);
		const isLost = () => zones.some((_, k) => weigh(k, mostOf) >= tooMany);
		/** Plays balls; answers whether it is lost. */
		const play = (part: keyof Counts): boolean => {
			for (let i = 0; i < counts[part]; i++) {
				hit(ready[i % ready.length]!, hitter, scene, part === 'hosel', rng);
				mark(placement, scene, lanes, seen);
				let came = 0;
				for (let k = 0; k < zones.length; k++) {
					came += seen[k]!;
					hits[part][k]! += seen[k]!;
				}
				if (came > 0 && tooMany < 1 && isLost()) return true;
			}
			return false;
		};
		const lost = play('face') || play('hosel');
		worst.forEach((reach, k) => {
			reach.share = Math.max(reach.share, weigh(k, shareIn));
			reach.most = Math.max(reach.most, weigh(k, mostOf));
		});
		if (lost) break;
	}
	return worst;
}
const shareIn = (hits: number, balls: number): Ratio => hits / balls;
const mostOf = (hits: number, balls: number): Ratio => shareOf(hits, balls, CONFIDENCE).high;

/** Stations on one green, and where people are. */
export interface ReachQuestion {
	green: Green;
	day: LevelGreen;
	stations: readonly { station: Station; zones: readonly Zone[]; seed: number }[];
	counts: Counts;
	tooMany?: Ratio;
}

/** `reachesOf` for several stations of a green. */
export const stationReaches = ({
	green,
	day,
	stations,
	counts,
	tooMany
}: ReachQuestion): Reach[][] =>
	stations.map(({ station, zones, seed }) =>
		reachesOf(green, station, day, zones, counts, seed, tooMany)
	);
