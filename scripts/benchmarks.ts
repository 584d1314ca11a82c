import { readFileSync } from 'node:fs';
import { Worker } from 'node:worker_threads';
import { Solver } from 'odex';
import { Bench } from 'tinybench';
import { AERODYNAMICS, BALL, GRAVITY } from '../src/lib/core/constants';
import { airFactor, baseDrag, STILL_AIR } from '../src/lib/core/ball/aerodynamics';
import { fly } from '../src/lib/core/ball/flight';
import { strike, type Delivery } from '../src/lib/core/ball/impact';
import { Outcome, simulate, type Scene } from '../src/lib/core/ball/simulate';
import { BallState } from '../src/lib/core/ball/state';
import { createPlane } from '../src/lib/core/ground/plane';
import { SURFACE } from '../src/lib/core/ground/surfaces';
import { turfOf } from '../src/lib/core/ground/turf';
import { createRng } from '../src/lib/core/math/random';
import { localSampler } from '../src/lib/core/plan/race/localSampler';
import { Follower } from '../src/lib/core/plan/follower';
import { plan } from '../src/lib/core/plan/plan';
import type { SampleJob } from '../src/lib/core/plan/race/rank';
import { Question } from '../src/lib/core/plan/question/question';
import type { Finishes } from '../src/lib/core/plan/race/sample';
import { missCost, missSpots } from '../src/lib/core/plan/studies/whereToMiss';
import { createHeightField, onNodes } from '../src/lib/core/green/heightGrid';
import { createSurveyed } from '../src/lib/core/green/surveyed';
import { greenToCore, type GreenWire } from '../src/lib/io/work/green';
import { fileOf } from '$lib/io/work/pupil';
import { playingOf } from '$lib/io/work/playing';
import { missQuestion, placedRequest } from '../src/lib/io/work/greenStudy';
import { parseArchive } from '../src/lib/io/archive/archive';
import { asRead } from '../src/lib/io/archive/version1';
import { planRequestSchema, planRequestToCore } from '../src/lib/io/contract/planRequest';
import { fromFeet, radians } from '../src/lib/core/units';
import { practiceFigures } from './practiceBenchmarks';

const SHOTS = 256;
const THREADS = 2;

/** Mixed shots over the range of the app: chips, pitches, lobs; level and sloping in two directions. */
function mixedShots(): { delivery: Delivery; scene: Scene }[] {
	const rng = createRng(7);
	const between = (low: number, high: number) => low + (high - low) * rng.uniform();
	return Array.from({ length: SHOTS }, (_, i) => ({
		delivery: {
			clubSpeed: between(4, 20),
			attackAngle: radians(between(-7, 0)),
			dynamicLoft: radians(between(20, 65)),
			friction: between(0.15, 0.4),
			grip: 1,
			faceToPath: radians(between(-4, 4)),
			aim: radians(between(-5, 5)),
			headMass: 0.29
		},
		scene: {
			ground: createPlane({
				kind: 'plane',
				slopeAlong: i % 2 ? between(-0.03, 0.03) : 0,
				slopeAcross: i % 2 ? between(-0.03, 0.03) : 0,
				edge: i % 3 ? 2 : 0,
				fringe: SURFACE.smoothFringe
			}),
			greenSpeed: fromFeet(between(8, 12)),
			turf: turfOf('medium', false),
			air: STILL_AIR,
			obstacles: [],
			hole: null
		}
	}));
}

/** The flight of the same shots through a general-purpose integrator, to the same landing. */
function flyWithLibrary(delivery: Delivery, landingTime: number): number {
	const ball = new BallState();
	strike(delivery, ball);
	const spin = Math.hypot(ball.wx, ball.wy, ball.wz);
	const factor = airFactor(STILL_AIR.density);
	const derivative = (t: number, s: number[]): number[] => {
		const [, , , vx = 0, vy = 0, vz = 0] = s;
		const v = Math.hypot(vx, vy, vz);
		const surface = BALL.radius * spin * Math.exp(-t / AERODYNAMICS.spinDecayTime);
		const drag = factor * (baseDrag(v) * v + AERODYNAMICS.spinDrag * surface);
		const lift =
			factor *
			AERODYNAMICS.liftFactor *
			surface ** AERODYNAMICS.liftExponent *
			v ** (1 - AERODYNAMICS.liftExponent);
		const [ax, ay, az] = [ball.wx / spin, ball.wy / spin, ball.wz / spin];
		return [
			vx,
			vy,
			vz,
			lift * (ay * vz - az * vy) - drag * vx,
			lift * (az * vx - ax * vz) - drag * vy - GRAVITY,
			lift * (ax * vy - ay * vx) - drag * vz
		];
	};
	const solver = new Solver(derivative, 6, {
		absoluteTolerance: 1e-4,
		relativeTolerance: 1e-4,
		denseOutput: false
	});
	// Given the landing time, so that the library is not charged for the search for the ground.
	return solver.solve(0, [0, 0, 0, ball.vx, ball.vy, ball.vz], landingTime).y[0]!;
}

/** The same slopes as a surveyed surface and as a plane, so that only the ground differs. */
function slopingScenes(): { plane: Scene; surveyed: Scene } {
	const [along, across] = [0.015, 0.01];
	const frame = { originU: -20, originV: -30, cell: 0.5, columns: 121, rows: 121 };
	const field = createHeightField(onNodes(frame, (u, v) => along * u + across * v));
	const rest = {
		greenSpeed: fromFeet(10),
		turf: turfOf('medium', false),
		air: STILL_AIR,
		obstacles: [],
		hole: null
	};
	const plane = createPlane({
		kind: 'plane',
		slopeAlong: along,
		slopeAcross: across,
		edge: 0,
		fringe: SURFACE.green
	});
	const surveyed = createSurveyed({
		field,
		placement: { u: 0, v: 0, heading: 0 },
		tilt: 0,
		kindAt: () => SURFACE.green
	});
	return { plane: { ...rest, ground: plane }, surveyed: { ...rest, ground: surveyed } };
}

/** The demo's greens and what a player of it asks there. */
export function onDemoGreen() {
	const parsed = parseArchive(readFileSync('static/demo/quarry-academy.json', 'utf8'));
	if ('problems' in parsed) throw new Error(parsed.problems.join('\n'));
	const archive = asRead(parsed.archive);
	const { shots, greens, readings } = archive;
	const saved = shots.find(({ shot }) => shot.place?.greenId === 'green-spoil-heap')!.shot;
	const wire: GreenWire = greens.find(({ id }) => id === saved.place!.greenId)!;
	const green = greenToCore(wire);
	const reading = readings.findLast(({ greenId }) => greenId === wire.id);
	const playing = playingOf(fileOf(archive, saved.pupilId)!);
	const placed = placedRequest(saved, playing, green, saved.place!, reading, {
		samples: 800,
		seed: 1
	});
	if (placed.problem !== null) throw new Error(placed.problem);
	return {
		question: new Question(placed.request),
		misses: missQuestion(saved, playing, green, wire.pins[0]!.at, reading, 1),
		spots: missSpots(green, 200)
	};
}

const SLOPING = { slopeAlong: -1, slopeAcross: 1 };
/** The same shot in other worlds, each of which is planned. */
const WORLDS = {
	level: {},
	windy: { wind: { along: 3, across: 2 } },
	tiered: {
		segments: [
			{ length: 4, slopeAlong: 0 },
			{ length: 1.5, slopeAlong: 8 },
			{ length: 20, slopeAlong: -1, slopeAcross: 1 }
		]
	},
	/** The pin lies where a tier that runs away ends: nothing stops by it. */
	foot: {
		edgeToPin: 8.5,
		beyondPin: 12,
		toEdge: 4,
		segments: [
			{ length: 5, slopeAlong: -1 },
			{ length: 3, slopeAlong: -14 },
			{ length: 20, slopeAlong: -3 }
		]
	}
};

const bump = (world: object = SLOPING, edgeToPin = 9): Question =>
	new Question(
		planRequestToCore(
			planRequestSchema.parse({
				situation: { toEdge: 3, edgeToPin, stimpFeet: 10, ...world },
				player: { skill: 'middle' }
			})
		)
	);

interface Rates {
	shots: number;
	flights: number;
	library: number;
	plane: number;
	surveyed: number;
}

async function shotsPerSecond(): Promise<Rates> {
	const shots = mixedShots();
	const out = new Outcome();
	const ball = new BallState();
	const few = shots.slice(0, 16).map(({ delivery, scene }) => ({
		delivery,
		time: simulate(delivery, scene, out).flightTime
	}));
	const bench = new Bench({ time: 1500, warmupTime: 400 });
	bench.add('shots', () => {
		for (const { delivery, scene } of shots) simulate(delivery, scene, out);
	});
	bench.add('flights', () => {
		for (const { delivery, scene } of shots) {
			ball.t = ball.x = ball.y = ball.z = 0;
			strike(delivery, ball);
			fly(ball, scene.ground, scene.air, []);
		}
	});
	const sloping = slopingScenes();
	const deliveries = shots.filter(({ delivery }) => delivery.clubSpeed < 12);
	for (const name of ['plane', 'surveyed'] as const)
		bench.add(name, () => {
			for (const { delivery } of deliveries) simulate(delivery, sloping[name], out);
		});
	bench.add('library', () => {
		for (const { delivery, time } of few) flyWithLibrary(delivery, time);
	});
	await bench.run();
	const rate = (name: string, count: number): number => {
		const result = bench.getTask(name)!.result as { throughput: { mean: number } };
		return result.throughput.mean * count;
	};
	return {
		shots: rate('shots', SHOTS),
		flights: rate('flights', SHOTS),
		library: rate('library', 16),
		plane: rate('plane', deliveries.length),
		surveyed: rate('surveyed', deliveries.length)
	};
}

const median = (values: number[]): number =>
	[...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;

async function timed(repeats: number, work: () => Promise<unknown> | void): Promise<number> {
	const times: number[] = [];
	for (let i = 0; i < repeats; i++) {
		const began = performance.now();
		await work();
		times.push(performance.now() - began);
	}
	return median(times);
}

/** Sampling dealt to threads like the page deals it to workers: the question once, then one block at a time to whoever is free. */
function threadedSampler(question: Question, threads: Worker[]) {
	const post = <Answer>(worker: Worker, message: object): Promise<Answer> =>
		new Promise((resolve) => {
			worker.once('message', resolve);
			worker.postMessage(message);
		});
	const opened = Promise.all(threads.map((worker) => post(worker, { open: question.request })));
	return async (jobs: readonly SampleJob[]): Promise<Finishes[]> => {
		await opened;
		const answers = new Array<Finishes>(jobs.length);
		let next = 0;
		const work = async (worker: Worker) => {
			while (next < jobs.length) {
				const at = next++;
				const { finishes } = await post<{ finishes: Finishes[] }>(worker, { jobs: [jobs[at]!] });
				answers[at] = finishes[0]!;
			}
		};
		await Promise.all(threads.map(work));
		return answers;
	};
}

interface Times {
	planMs: number;
	firstLadderMs: number;
	surveyedPlanMs: number;
	surveyedLadderMs: number;
	/** Ladder of a pin that is dragged to and fro. */
	draggedLadderMs: number;
	missMapMs: number;
	/** Plans by world, and first ladders. */
	worlds: Record<string, number>;
}

/** A first answer as the page asks for it, with no question before it. */
const first = (question: Question) => new Follower().answer(question);

/** Full plan and first ladder in each of `WORLDS`. */
async function worldTimes(threads: Worker[]): Promise<Record<string, number>> {
	const times: Record<string, number> = {};
	for (const [name, world] of Object.entries(WORLDS)) {
		const asked = bump(world);
		const sampler = threadedSampler(asked, threads);
		await plan(asked, sampler);
		times[`${name}PlanMs`] = await timed(7, () => plan(asked, sampler));
		times[`${name}LadderMs`] = await timed(15, () => void first(bump(world)));
	}
	return times;
}

/** Time of a ladder while a pin moves by five centimetres and back. */
async function draggedLadder(ladderOf: (step: number) => Question): Promise<number> {
	const follower = new Follower();
	let step = 0;
	for (let i = 0; i < 6; i++) follower.answer(ladderOf(++step % 2));
	return timed(15, () => void follower.answer(ladderOf(++step % 2)));
}

async function planTimes(): Promise<Times> {
	const question = bump();
	const demo = onDemoGreen();
	const threads = Array.from(
		{ length: THREADS },
		() => new Worker(new URL('./thread.mjs', import.meta.url))
	);
	try {
		const sampler = threadedSampler(question, threads);
		for (let i = 0; i < 4; i++) await plan(question, localSampler(question));
		await plan(question, sampler);
		const planMs = await timed(7, () => {
			const asked = bump();
			return plan(asked, threadedSampler(asked, threads));
		});
		const firstLadderMs = await timed(15, () => void first(bump()));
		const onSurvey = threadedSampler(demo.question, threads);
		await plan(demo.question, onSurvey);
		const surveyedPlanMs = await timed(5, () => plan(demo.question, onSurvey));
		const surveyedLadderMs = await timed(7, () => void first(new Question(demo.question.request)));
		const { request } = demo.question;
		const { situation } = request;
		const draggedLadderMs = await draggedLadder((step) => {
			const edgeToPin = situation.edgeToPin + 0.05 * step;
			return new Question({ ...request, situation: { ...situation, edgeToPin } });
		});
		const worlds = await worldTimes(threads);
		// One thread does every tenth spot: the page's two workers share all of them.
		const some = demo.spots.filter((_, i) => i % 10 === 0);
		const onOneThread = await timed(1, () => {
			for (const spot of some) missCost(demo.misses, spot);
		});
		const missMapMs = (onOneThread * demo.spots.length) / some.length / THREADS;
		return {
			planMs,
			firstLadderMs,
			surveyedPlanMs,
			surveyedLadderMs,
			draggedLadderMs,
			missMapMs,
			worlds
		};
	} finally {
		await Promise.all(threads.map((thread) => thread.terminate()));
	}
}

/** Runs everything and prints it, beside what was measured elsewhere. */
export async function runBenchmarks({
	json,
	besides
}: {
	json: boolean;
	besides: Record<string, number>;
}): Promise<void> {
	const rates = await shotsPerSecond();
	const times = await planTimes();
	const result = {
		shotsPerSecond: Math.round(rates.shots),
		flightsPerSecond: Math.round(rates.flights),
		libraryFlightsPerSecond: Math.round(rates.library),
		flightsOverLibrary: Number((rates.flights / rates.library).toFixed(1)),
		planMs: Number(times.planMs.toFixed(1)),
		firstLadderMs: Number(times.firstLadderMs.toFixed(1)),
		shotsPerSecondPlane: Math.round(rates.plane),
		shotsPerSecondSurveyed: Math.round(rates.surveyed),
		surveyedOverPlane: Number((rates.surveyed / rates.plane).toFixed(2)),
		surveyedPlanMs: Number(times.surveyedPlanMs.toFixed(1)),
		surveyedLadderMs: Number(times.surveyedLadderMs.toFixed(1)),
		draggedLadderMs: Number(times.draggedLadderMs.toFixed(1)),
		...Object.fromEntries(
			Object.entries(times.worlds).map(([name, ms]) => [name, Number(ms.toFixed(1))])
		),
		missMapOf200SpotsMs: Math.round(times.missMapMs),
		...(await practiceFigures()),
		...besides
	};
	if (json) console.log(JSON.stringify(result));
	else
		for (const [name, value] of Object.entries(result)) console.log(`${name.padEnd(34)}${value}`);
}
