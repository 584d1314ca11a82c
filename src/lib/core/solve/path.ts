import { follow, Outcome, type Scene } from '../ball/simulate';
import { NO_LUCK } from '../ground/surfaces';
import { BallState, PathRecorder } from '../ball/state';
import { strikeAsIntended } from '../player/strike';
import type { Intent } from '../player/intent';
import type { Metres, MetresPerSecond, Radians } from '../units';

/** Points [t, x, y, z] of a ball from strike to rest, in s and m. */
export type Path = [number, number, number, number][];

export const MAX_PATH_POINTS = 160;

/**
 * The drawn path of an intended shot.
 *
 * @param intent of the play
 * @param scene ground, air and obstacles
 * @param speed of the head, m/s
 * @param aim + to the right, radians
 */
export function pathOf(intent: Intent, scene: Scene, speed: MetresPerSecond, aim: Radians): Path {
	const ball = new BallState();
	ball.y = ball.apex = scene.ground.height(0, 0);
	const recorder = new PathRecorder();
	strikeAsIntended(intent, speed, aim, ball);
	follow(ball, scene, NO_LUCK, new Outcome(), recorder);
	return recorder.thinned(MAX_PATH_POINTS);
}

/**
 * Height of a path where it first passes a station; the last height beyond its end, NaN before its start.
 *
 * @param path as flown
 * @param x metres from the ball
 * @returns metres above the ball; NaN where it did not come by
 */
export function heightOnPath(path: Path, x: Metres): Metres {
	for (let i = 1; i < path.length; i++) {
		const [, x0, y0] = path[i - 1]!;
		const [, x1, y1] = path[i]!;
		if (x0 <= x && x <= x1) return x1 === x0 ? y0 : y0 + ((y1 - y0) * (x - x0)) / (x1 - x0);
	}
	return path.length > 0 && x > path[0]![1] ? path[path.length - 1]![2] : NaN;
}
