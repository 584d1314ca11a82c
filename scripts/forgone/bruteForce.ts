import { Outcome } from '../../src/lib/core/ball/simulate';
import { LIES } from '../../src/lib/core/lie/lies';
import { createRng, type Rng } from '../../src/lib/core/math/random';
import { possiblePlays, LEAST_LOFT_TO_OPEN } from '../../src/lib/core/plan/ladder/possiblePlays';
import { rejectSetup } from '../../src/lib/core/plan/ladder/reject';
import type { PlanOption } from '../../src/lib/core/plan/plan';
import type { Question } from '../../src/lib/core/plan/question/question';
import { acrossLine } from '../../src/lib/core/plan/question/situation';
import { shotOf } from '../../src/lib/core/plan/race/localSampler';
import { drawDeviates, sampleFinishes } from '../../src/lib/core/plan/race/sample';
import { mean, pairedDifference } from '../../src/lib/core/plan/race/statistics';
import { playKey, type Play } from '../../src/lib/core/player/intent';
import { playIntended } from '../../src/lib/core/solve/solve';
import { radians } from '../../src/lib/core/units';

/** A swing of a play, found by chance and not by solving for anything. */
interface Swing {
	play: Play;
	speed: number;
	aim: number;
}

const SPEEDS_A_PLAY = 16;
const WIDEST_OPENING = radians(45);
const MOST_ASIDE = 2;
/** Balls of each round, and how many swings go on to it. */
const ROUNDS = [
	{ balls: 128, keep: Infinity },
	{ balls: 600, keep: 48 },
	{ balls: 2400, keep: 10 }
] as const;
const JUDGED = 6000;

/** As the lie allows, with faces opened by any angle; nobody is told to putt into what stands in the way, whatever its model lets through. */
function playsOf({ request, situation }: Question, rng: Rng): Play[] {
	const inTheWay = acrossLine(situation.hazards).length > 0;
	return possiblePlays(request.bag, situation).flatMap((play) => {
		if (play.club.putter && inTheWay) return [];
		const opens = play.club.loft >= LEAST_LOFT_TO_OPEN && play.faceOpen > 0;
		const least = LIES[situation.lie].minOpen;
		const faceOpen = least + (WIDEST_OPENING - least) * rng.uniform();
		return opens ? [play, { ...play, faceOpen }] : [play];
	});
}

/** Swings that end anywhere between a third of the way and well past the green, straight at the pin or beside it. */
function swingsOf(question: Question, play: Play, rng: Rng): Swing[] {
	const intent = question.intent(play);
	if (rejectSetup(intent, question.situation.lie)) return [];
	const fastest = question.fastest(play);
	const { pin, situation } = question;
	const out = new Outcome();
	const useful: [number, number] = [0.3 * pin, pin + situation.beyondPin + 4];
	const ends = (speed: number, aim: number) => playIntended(intent, question.bare, speed, aim, out);
	const scan = Array.from({ length: 4 * SPEEDS_A_PLAY }, () => fastest ** rng.uniform());
	return scan
		.filter((speed) => {
			const { finishX } = ends(speed, 0);
			return finishX > useful[0] && finishX < useful[1];
		})
		.slice(0, SPEEDS_A_PLAY)
		.map((speed) => {
			let aim = 0;
			for (let i = 0; i < 3; i++) {
				const { finishX, finishZ } = ends(speed, aim);
				aim -= Math.atan2(finishZ, Math.max(1, finishX));
			}
			const beside = rng.uniform() < 0.3 ? MOST_ASIDE * (2 * rng.uniform() - 1) : 0;
			return { play, speed, aim: aim + Math.atan2(beside, pin) };
		});
}

/** What a call gives up against the best of some hundreds of swings drawn at random, all judged on balls that neither has seen. */
export interface Forgone {
	strokes: number;
	standardError: number;
	called: string;
	better: string;
}

const named = (question: Question, { play, speed, aim }: Swing): string => {
	const { landingX, finishX } = playIntended(
		question.intent(play),
		question.bare,
		speed,
		aim,
		new Outcome()
	);
	return `${playKey(play)} at ${speed.toFixed(2)} m/s lands ${landingX.toFixed(1)} ends ${finishX.toFixed(1)}`;
};

/**
 * Looks for something better than the call.
 *
 * @param seed of the draws; other ones are used for the balls
 */
export function forgone(question: Question, call: PlanOption, seed: number): Forgone {
	const rng = createRng(seed);
	const play = (swing: Swing, deviates: Float64Array, balls: number) =>
		sampleFinishes(shotOf(question, swing), deviates, 0, balls);
	let left = playsOf(question, rng).flatMap((one) => swingsOf(question, one, rng));
	ROUNDS.forEach(({ balls, keep }, round) => {
		const deviates = drawDeviates(seed + 7919 * (round + 1), balls);
		const next = ROUNDS[round + 1]?.keep ?? 1;
		left = left
			.slice(0, keep)
			.map((swing) => ({ swing, strokes: mean(play(swing, deviates, balls).strokes) }))
			.sort((a, b) => a.strokes - b.strokes)
			.slice(0, next)
			.map(({ swing }) => swing);
	});
	const { solution, play: called } = call.candidate;
	const calledSwing = { play: called, speed: solution.speed, aim: solution.aim };
	const deviates = drawDeviates(seed + 104_729, JUDGED);
	const own = play(calledSwing, deviates, JUDGED);
	const [best] = left;
	if (!best) return { strokes: 0, standardError: 0, called: '', better: '' };
	const gap = pairedDifference(own, play(best, deviates, JUDGED));
	return {
		strokes: gap.mean,
		standardError: gap.standardError,
		called: named(question, calledSwing),
		better: named(question, best)
	};
}
