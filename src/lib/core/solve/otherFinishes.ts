import { Outcome, type Scene } from '../ball/simulate';
import { findRoot, type Ends } from '../math/roots';
import type { Intent } from '../player/intent';
import type { Metres, MetresPerSecond, Ratio } from '../units';
import { correctTogether, NEAR_ENOUGH, TOLERANCE, type AimTried } from './aim';
import { OTHER_PUTT, playIntended, ROOT, SLOWEST, type Solution } from './solve';

/** Head speeds are looked at in steps of this for other ways to end at a place, from this share of the first that was found on. */
const STEP: Ratio = 1.1;
const FROM: Ratio = 0.5;
/** Head speeds that differ by less are the same way. */
const SAME: Ratio = 0.01;

/**
 * The other head speeds with which a ball ends at the same place: one trickles down the bank that another flies over.
 *
 * @param scene without hole; hazards are judged afterwards
 * @param targetX metres from the ball
 * @param fastest head speed that may be asked for
 * @param first what `solveFinish` found
 * @returns none on most ground; slowest first
 */
export function otherFinishes(
	intent: Intent,
	scene: Scene,
	targetX: Metres,
	fastest: MetresPerSecond,
	first: Solution
): Solution[] {
	const outcome = new Outcome();
	const play = (speed: number, aim: number) => playIntended(intent, scene, speed, aim, outcome);
	const past = (speed: number) => play(speed, first.aim).finishX - targetX;
	const found: Solution[] = [];
	const take = (low: MetresPerSecond, high: MetresPerSecond, ends: Ends) => {
		const root = findRoot(past, low, high, ROOT, ends);
		const { finishZ } = play(root.x, first.aim);
		const started = { speed: root.x, aim: first.aim, miss: root.residual, side: finishZ };
		const settled = settle({ ...started, status: 'solved' });
		const isNew = (speed: MetresPerSecond) =>
			[first, ...found].every((known) => Math.abs(Math.log(speed / known.speed)) > SAME);
		if (!settled || !isNew(settled.speed)) return;
		const { speed, aim, miss } = settled;
		const ended = playIntended(intent, scene, speed, aim, new Outcome());
		found.push({ status: 'solved', speed, aim, miss, outcome: ended });
	};
	const settle = (started: AimTried): AimTried | null => {
		const isThere = Math.abs(started.miss) < NEAR_ENOUGH && Math.abs(started.side) <= 2 * TOLERANCE;
		return isThere
			? started
			: correctTogether({ targetX, slowest: SLOWEST, fastest, play }, started);
	};
	const most = intent.play.club.putter ? Math.min(fastest, first.speed * OTHER_PUTT) : fastest;
	let low = Math.max(SLOWEST, first.speed * FROM);
	let short = past(low);
	// What lands past the place does not come back to it.
	for (let landing = outcome.landingX; low < most && landing <= targetX;) {
		const high = Math.min(most, low * STEP);
		const over = past(high);
		landing = outcome.landingX;
		const isFirst = low < first.speed && first.speed <= high;
		if (short < 0 && over >= 0 && !isFirst) take(low, high, [short, over]);
		low = high;
		short = over;
	}
	return found;
}
