import { readFileSync } from 'node:fs';
import { STANDARD_BAG } from '../src/lib/core/club/standardBag';
import { createRng } from '../src/lib/core/math/random';
import { quantileSorted } from '../src/lib/core/math/quantiles';
import { PROFILE, type Skill } from '../src/lib/core/player/player';
import { DRILLS, type DrillId } from '../src/lib/core/practice/drills';
import { ballsToGo, goodPaces } from '../src/lib/core/practice/goodEnough';
import { groupOf } from '../src/lib/core/practice/grouping';
import type { PractisedBall } from '../src/lib/core/practice/practised';
import { propose, type PractiseTask } from '../src/lib/core/practice/propose';
import { hitBalls, type HiddenTruth } from '../src/lib/core/practice/simulatedPupil';
import { localSampler } from '../src/lib/core/plan/race/localSampler';
import { plan } from '../src/lib/core/plan/plan';
import { Question } from '../src/lib/core/plan/question/question';
import { planSwing } from '../src/lib/core/plan/ladder/swing';
import { nearestMark } from '../src/lib/core/player/swingLength';
import { parseArchive } from '../src/lib/io/archive/archive';
import { asRead } from '../src/lib/io/archive/version1';
import { playingOf } from '../src/lib/io/work/playing';
import { fileOf } from '../src/lib/io/work/pupil';
import { shotRequest } from '../src/lib/io/work/shotRequest';
import { AS_MODELLED } from '../src/lib/core/player/delivered';
import { DEFAULT_TECHNIQUE } from '../src/lib/core/setup/technique';
import { fromFeet, radians } from '../src/lib/core/units';

const SEEDS = 50;
const PACE = 0.9;
/** More balls of one kind than this nobody hits. */
const MOST = 60;
const GROUND = {
	greenSpeed: fromFeet(10),
	firmness: 'medium',
	wet: false,
	toEdge: 2,
	room: 18,
	slopeAlong: 0
} as const;

/** A shot to a carry. */
type Aimed = Pick<PractiseTask, 'club' | 'flight' | 'shape' | 'landing'>;

const asBall = ({ landed, finished }: ReturnType<typeof hitBalls>[number]): PractisedBall => ({
	club: '',
	swing: '9',
	flight: 'standard',
	shape: 'straight',
	landed,
	finished,
	meant: null,
	inferred: false,
	tags: [],
	strokes: null
});

/** A new pupil of a skill, as what is presumed of pupils has it. */
function somebody(skill: Skill, seed: number): HiddenTruth {
	const rng = createRng(9000 + seed);
	return {
		skill,
		technique: DEFAULT_TECHNIQUE,
		ground: GROUND,
		loft: radians(4) * rng.normal(),
		grip: 1 + 0.2 * rng.normal(),
		firmness: 0
	};
}

/** Balls until the carry of every task is said to be good. */
function ballsFor(tasks: readonly Aimed[], skill: Skill, seed: number): number {
	const rng = createRng(seed);
	const truth = somebody(skill, seed);
	return tasks.reduce((sum, { club, flight, shape, landing }) => {
		const shot = { club: STANDARD_BAG.find((one) => one.id === club)!, flight, shape };
		const balls = hitBalls(shot, landing, MOST, truth, rng).map(asBall);
		let n = 4;
		while (n < MOST) {
			const group = groupOf(balls.slice(0, n), PROFILE[skill].dispersion.speed);
			if (group && ballsToGo(group.carry, PACE * goodPaces(landing, PACE)) === 0) break;
			n++;
		}
		return sum + n;
	}, 0);
}

/** What the demo's shots call for from grass, each club, flight and length of swing once. */
async function demoCells(): Promise<Aimed[]> {
	const parsed = parseArchive(readFileSync('static/demo/quarry-academy.json', 'utf8'));
	if ('problems' in parsed) throw new Error(parsed.problems.join());
	const file = fileOf(asRead(parsed.archive), 'pupil-pell')!;
	const who = playingOf({ ...file, balls: [] });
	const cells = new Map<string, Aimed>();
	for (const { shot } of parsed.archive.shots) {
		const question = new Question(shotRequest(shot, who, 20, 1));
		const { options } = await plan(question, localSampler(question));
		const candidate = options[0]?.candidate;
		if (!candidate || candidate.play.flight === 'putt' || candidate.play.flight === 'splash')
			continue;
		const { club, flight } = candidate.play;
		const { angle } = planSwing(club, candidate.solution.speed, question.request.player);
		const { name } = nearestMark(angle, 'clock');
		const like = STANDARD_BAG.find((one) => one.name === club.name);
		if (!like) continue;
		const landing = candidate.solution.outcome.carry;
		cells.set(`${like.id}/${flight}/${name}`, {
			club: like.id,
			flight,
			shape: 'straight',
			landing
		});
	}
	return [...cells.values()];
}

/** Balls until what a drill measures is said to be good with every club and swing of it. */
function ballsNeeded(id: DrillId, skill: Skill, seed: number): number {
	const who = {
		technique: DEFAULT_TECHNIQUE,
		hand: 'right' as const,
		strength: PROFILE[skill].strength,
		swings: {},
		delivered: AS_MODELLED
	};
	const { tasks } = propose(DRILLS[id], STANDARD_BAG, who, 'clock', GROUND);
	return ballsFor(tasks, skill, seed);
}

const median = (values: number[]): number =>
	quantileSorted(
		values.sort((a, b) => a - b),
		0.5
	);

/** How long it takes from a touch to the figures of a session, over some touches, in ms. */
function updateTimes(balls: number): number[] {
	const kinds = 4;
	const rng = createRng(5);
	const club = STANDARD_BAG.find(({ name }) => name === 'SW')!;
	const shot = { club, flight: 'standard', shape: 'straight' } as const;
	const heaps = Array.from({ length: kinds }, () =>
		hitBalls(shot, 8, balls / kinds, somebody('middle', 1), rng).map(asBall)
	);
	return Array.from({ length: 40 }, () => {
		const start = performance.now();
		for (const heap of heaps) {
			const group = groupOf(heap, PROFILE.middle.dispersion.speed);
			if (group?.roll) ballsToGo(group.roll, PACE);
		}
		return performance.now() - start;
	}).sort((a, b) => a - b);
}

/** Figures of practice, by name. */
export async function practiceFigures(): Promise<Record<string, number>> {
	const cells = await demoCells();
	const seeds = Array.from({ length: SEEDS }, (_, i) => i + 1);
	const ofDemo = (skill: Skill) => median(seeds.map((seed) => ballsFor(cells, skill, seed)));
	const needed = Object.fromEntries(
		(['landing-box', 'swing-matrix', 'rehearse-to-spot'] as const).flatMap((id) =>
			(['scratch', 'middle'] as const).map((skill) => [
				`balls ${id} ${skill}`,
				median(Array.from({ length: SEEDS }, (_, seed) => ballsNeeded(id, skill, seed + 1)))
			])
		)
	);
	const times = updateTimes(2000);
	return {
		...needed,
		cellsOfDemoShots: cells.length,
		'balls demo shots scratch': ofDemo('scratch'),
		'balls demo shots middle': ofDemo('middle'),
		figuresOf2000BallsMs: Number(quantileSorted(times, 0.5).toFixed(1)),
		figuresOf2000Balls95Ms: Number(quantileSorted(times, 0.95).toFixed(1))
	};
}
