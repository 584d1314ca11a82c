import { Outcome, follow } from '$lib/core/ball/simulate';
import { BallState } from '$lib/core/ball/state';
import { BALL, GRAVITY } from '$lib/core/constants';
import { NO_LUCK } from '$lib/core/ground/surfaces';
import { possiblePlays } from '$lib/core/plan/ladder/possiblePlays';
import { ballsOf } from '$lib/core/plan/race/rank';
import type { PlanRequest } from '$lib/core/plan/question/request';
import { sceneOf } from '$lib/core/plan/question/scene';
import { pinDistance } from '$lib/core/plan/question/situation';
import { radians, type Radians, type Ratio, type Seconds } from '$lib/core/units';

/** Balls that a request may have played before it is refused as too much work. */
const MOST_WORK = 300_000;
/** A request of no more work than this is small: it does not wait behind large ones. */
const SMALL_WORK = 40_000;

/** Balls that solving a play takes on a level line, and how many times as many where it breaks (measured, rounded up). */
const SOLVED_WITH = 150;
const BREAKS = 3;
/** A ball that is under way longer than this costs more than one on level ground, in proportion. */
const ORDINARY: Seconds = 6;
/** The first balls: how steeply they leave, and how far they fly of the way to the pin. */
const LAUNCHES: readonly Radians[] = [radians(8), radians(25), radians(45)];
const FLOWN: readonly Ratio[] = [0.25, 0.6, 0.95];

/** How much longer a ball takes on this ground than on a level one (measured, rounded up). */
function groundFactor({ situation }: PlanRequest): number {
	if (situation.survey) return 3;
	const { air, segments } = situation;
	const windy = air.windAlong !== 0 || air.windAcross !== 0;
	const sloping = segments.length > 1 || segments.some(({ slopeAcross }) => slopeAcross !== 0);
	return (windy ? 1.5 : 1) * (sloping ? 1.5 : 1);
}

/** How long a few balls are under way that are hit towards the pin, of an ordinary one's time: on a steep fast green they roll and roll. */
function firstBalls({ situation }: PlanRequest): Ratio {
	const { survey: _, ...line } = situation;
	const scene = sceneOf(line, { hazards: true, hole: false });
	const outcome = new Outcome();
	let time = 0;
	for (const launch of LAUNCHES)
		for (const flown of FLOWN) {
			const ball = new BallState();
			const reach = flown * pinDistance(situation);
			const speed = Math.sqrt((GRAVITY * reach) / Math.sin(2 * launch));
			ball.vx = speed * Math.cos(launch);
			ball.vy = speed * Math.sin(launch);
			ball.wz = speed / BALL.radius / 4;
			follow(ball, scene, NO_LUCK, outcome);
			time += outcome.time;
		}
	return Math.max(1, time / (LAUNCHES.length * FLOWN.length * ORDINARY));
}

const breaks = ({ situation: { segments, survey } }: PlanRequest): boolean =>
	survey !== undefined || segments.some(({ slopeAcross }) => slopeAcross !== 0);

/** What a request costs, in balls on level ground: to solve every play, and to play them. */
export function workOf(request: PlanRequest): number {
	const plays = possiblePlays(request.bag, request.situation).length;
	const twice = request.school === 'free' && !request.wanted ? 1 : 2;
	const solving = plays * SOLVED_WITH * (breaks(request) ? BREAKS : 1);
	const balls = solving + ballsOf(plays, request.samples);
	return Math.round(twice * groundFactor(request) * firstBalls(request) * balls);
}

/** Why a request is too much work and what to lower, or null. */
export function tooMuchWork(request: PlanRequest): string | null {
	const work = workOf(request);
	if (work <= MOST_WORK) return null;
	const share = MOST_WORK / work;
	return `${request.samples} samples for these clubs on this ground are about ${Math.ceil(1 / share)} times the work this server gives one request; ask for ${Math.max(20, Math.floor(request.samples * share * 0.8))} samples or fewer, or for fewer clubs`;
}

/** Whether a request is small enough not to wait behind large ones. */
export const isSmall = (request: PlanRequest): boolean => workOf(request) <= SMALL_WORK;
