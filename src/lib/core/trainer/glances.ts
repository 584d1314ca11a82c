import { roll } from '../ball/roll';
import { BallState, PathRecorder } from '../ball/state';
import { STANDARD_BAG } from '../club/standardBag';
import { HOLE_RADIUS, ROLL } from '../constants';
import { createRng, type Rng } from '../math/random';
import { Question } from '../plan/question/question';
import type { PlanRequest } from '../plan/question/request';
import type { Situation } from '../plan/question/situation';
import { plan } from '../plan/plan';
import { localSampler } from '../plan/race/localSampler';
import { schoolFacts } from '../plan/explain/schoolCalls';
import { SCHOOLS } from '../schools/registry';
import { pathOf, type Path } from '../solve/path';
import { solveCarry, solveFinish } from '../solve/solve';
import { fromFeet, fromPercent, type Metres, type Seconds } from '../units';
import { exercise } from './situations';
import type { GlanceKind } from './steps';

/** One single judgement: what is shown, and what is true. */
export interface Glance {
	kind: GlanceKind;
	situation: Situation;
	/** A second one to choose from, where that is asked. */
	other?: Situation;
	/** Percent, metres, hole widths or feet, by the kind; of a choice the index of the right one. */
	truth: number;
	/** What is shown in motion; empty where nothing moves. */
	path: Path;
	/** It is shown up to here. */
	until: Seconds;
	/** Of a choice: ids of the clubs. */
	clubs: readonly string[];
	/** What a rule is told, where its arithmetic is asked: to the spot, and on from there. */
	told?: { carry: Metres; roll: Metres };
}

/** A guess this near is right; ours (assumption): what a good eye does. */
export const NEAR: Readonly<Record<GlanceKind, { of: number; share: number }>> = {
	slope: { of: 0.75, share: 0 },
	distance: { of: 0.7, share: 0.08 },
	break: { of: 1.5, share: 0.25 },
	speed: { of: 0.8, share: 0 },
	stop: { of: 0.6, share: 0.2 },
	club: { of: 0, share: 0 },
	easier: { of: 0, share: 0 }
};

/** Whether a guess is right. */
export const isNear = (kind: GlanceKind, guess: number, truth: number): boolean =>
	Math.abs(guess - truth) <= NEAR[kind].of + NEAR[kind].share * Math.abs(truth) + 1e-9;

const HOLE_WIDTH: Metres = 2 * HOLE_RADIUS;
/** The putter of whoever reads the break: any will do. */
const PUTTER = STANDARD_BAG.find(({ putter }) => putter)!;
const between = (low: number, high: number, rng: Rng) => low + (high - low) * rng.uniform();
const half = (value: number): number => Math.round(value * 2) / 2;
const even = (situation: Situation, along: number, across: number): Situation => ({
	...situation,
	hazards: [],
	segments: [{ length: 40, slopeAlong: fromPercent(along), slopeAcross: fromPercent(across) }]
});

/** A ball off the standard ramp, rolling along the line; see `rollOffRamp`. */
function ramped(question: Question): Path {
	const { bare, situation } = question;
	const ball = new BallState();
	ball.vx = ROLL.rampSpeed;
	ball.y = bare.ground.height(0, 0);
	const recorder = new PathRecorder();
	recorder.add(ball);
	roll(ball, bare.ground, situation.greenSpeed, null, 0, recorder);
	return recorder.thinned(120);
}

type Made = Omit<Glance, 'kind'>;
const still = (situation: Situation, truth: number): Made => ({
	situation,
	truth,
	path: [],
	until: 0,
	clubs: []
});

function broken(request: PlanRequest, plain: Situation, rng: Rng): Made {
	const along = between(-2, 2, rng);
	const across = half(between(-3, 3, rng));
	const situation: Situation = {
		...even(plain, along, across),
		lie: 'fringe',
		toEdge: 0,
		edgeToPin: half(between(2, 7, rng)),
		rise: 0
	};
	const question = new Question({ ...request, bag: [...request.bag, PUTTER], situation });
	const play = { club: PUTTER, flight: 'putt', faceOpen: 0, shape: 'straight' } as const;
	const { aim } = solveFinish(
		question.intent(play),
		question.bare,
		question.target,
		question.fastest(play)
	);
	return still(situation, (Math.tan(aim) * question.pin) / HOLE_WIDTH);
}

function stopping(request: PlanRequest, rng: Rng): Made | null {
	const { situation } = exercise(Math.floor(rng.uniform() * 1e6), 3);
	const dry = { ...situation, hazards: [] };
	const question = new Question({ ...request, situation: dry });
	const clubs = request.bag.filter(({ putter }) => !putter);
	const club = clubs[Math.floor(rng.uniform() * clubs.length)]!;
	const play = { club, flight: 'standard', faceOpen: 0, shape: 'straight' } as const;
	const intent = question.intent(play);
	const spot = dry.toEdge + between(0.8, 3, rng);
	const { status, speed, outcome } = solveCarry(
		intent,
		question.bare,
		spot,
		question.fastest(play)
	);
	if (status !== 'solved' || outcome.status !== 'rest') return null;
	const path = pathOf(intent, question.bare, speed, 0);
	return { situation: dry, truth: outcome.roll, path, until: outcome.flightTime, clubs: [] };
}

/** The rule that is asked: the pupil's own, else the one of twelve. */
function arithmetic(request: PlanRequest, rng: Rng): Made | null {
	const plain = exercise(Math.floor(rng.uniform() * 1e6), 1).situation;
	const situation = even(plain, 0, 0);
	const question = new Question({ ...request, situation });
	const id = request.school === 'free' ? 'rule-of-twelve' : request.school;
	const facts = schoolFacts(question);
	const advice = SCHOOLS.find((school) => school.id === id)?.advise(facts);
	const clubs = request.bag.filter(({ putter }) => !putter).map((club) => club.id);
	const truth = clubs.indexOf(advice?.play.club.id ?? '');
	const told = { carry: facts.spot, roll: facts.rollFromSpot };
	return truth < 0 ? null : { ...still(situation, truth), clubs, told };
}

async function easier(request: PlanRequest, rng: Rng): Promise<Made> {
	const seed = Math.floor(rng.uniform() * 1e6);
	const [situation, other] = [exercise(seed, 2).situation, exercise(seed + 1, 4).situation];
	const strokes = async (one: Situation) => {
		const question = new Question({ ...request, situation: one });
		return (
			(await plan(question, localSampler(question))).options[0]?.statistics.expectedStrokes ?? 9
		);
	};
	const [here, there] = [await strokes(situation), await strokes(other)];
	const swapped = rng.uniform() < 0.5;
	const first = here < there !== swapped;
	return {
		...still(swapped ? other : situation, first ? 0 : 1),
		other: swapped ? situation : other
	};
}

async function made(kind: GlanceKind, request: PlanRequest, rng: Rng): Promise<Made | null> {
	const { situation: plain } = exercise(Math.floor(rng.uniform() * 1e6), 1);
	switch (kind) {
		case 'slope': {
			const across = half(between(-6, 6, rng));
			return still(even(plain, half(between(-1, 1, rng)), across), across);
		}
		case 'distance': {
			const pin = half(between(4, 24, rng));
			const situation = { ...even(plain, 0, 0), edgeToPin: Math.max(2, pin - plain.toEdge) };
			return still(situation, situation.toEdge + situation.edgeToPin);
		}
		case 'break':
			return broken(request, plain, rng);
		case 'speed': {
			const feet = half(between(6, 13.5, rng));
			const situation = {
				...even(plain, 0, 0),
				toEdge: 0,
				edgeToPin: 6,
				rise: 0,
				greenSpeed: fromFeet(feet)
			};
			const path = ramped(new Question({ ...request, situation }));
			return { ...still(situation, feet), path, until: path.at(-1)?.[0] ?? 0 };
		}
		case 'stop':
			return stopping(request, rng);
		case 'club':
			return arithmetic(request, rng);
		case 'easier':
			return easier(request, rng);
	}
}

const TRIES = 20;

/**
 * A single judgement to be made.
 *
 * @param request whose player and bag it is for; its situation does not count
 * @param seed any whole number: the same one gives the same glance
 * @throws RangeError where none of this kind can be made for this bag
 */
export async function glanceOf(
	kind: GlanceKind,
	request: PlanRequest,
	seed: number
): Promise<Glance> {
	const rng = createRng(seed);
	for (let i = 0; i < TRIES; i++) {
		const found = await made(kind, request, rng);
		if (found) return { kind, ...found };
	}
	throw new RangeError(`no ${kind} can be asked of this bag`);
}
