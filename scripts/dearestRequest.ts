import { createRng, type Rng } from '../src/lib/core/math/random';
import { localSampler } from '../src/lib/core/plan/race/localSampler';
import { plan } from '../src/lib/core/plan/plan';
import { Question } from '../src/lib/core/plan/question/question';
import type { PlanRequest } from '../src/lib/core/plan/question/request';
import { planRequestSchema, planRequestToCore } from '../src/lib/io/contract/planRequest';
import { tooMuchWork } from '../src/lib/io/contract/planWork';

const SEED = 5;
const SHOWN = 6;
const MOST_SAMPLES = 100_000;
const LOWER = 1.3;

const between = (rng: Rng, low: number, high: number): number => low + (high - low) * rng.uniform();
const pick = <T>(rng: Rng, items: readonly T[]): T =>
	items[Math.floor(rng.uniform() * items.length)]!;

/** What makes a ball dear to follow: heights, wind, folds, or nothing of it. */
const GROUNDS: Record<string, (rng: Rng) => object> = {
	survey: (rng) => ({
		survey: {
			points: Array.from({ length: pick(rng, [4, 20, 60]) }, () => [
				between(rng, -5, 60),
				between(rng, -15, 15),
				between(rng, -1, 1)
			])
		}
	}),
	wind: (rng) => ({ wind: { along: between(rng, -8, 8), across: between(rng, -8, 8) } }),
	folds: (rng) => ({
		segments: Array.from({ length: 12 }, () => ({
			length: 1,
			slopeAlong: between(rng, -6, 6),
			slopeAcross: between(rng, -6, 6)
		}))
	}),
	level: () => ({})
};

interface Asked {
	what: string;
	request: PlanRequest;
}

/** A request at random with as many samples as are let through; null where none are. */
function askAtRandom(rng: Rng, ground: string): Asked | null {
	const clubs = pick(rng, [1, 3, 8, 14, 20]);
	const situation = {
		lie: pick(rng, ['fairway', 'deep-rough', 'sand', 'fringe', 'semi-rough']),
		toEdge: between(rng, 0.5, 30),
		edgeToPin: between(rng, 1, 30),
		beyondPin: between(rng, 1, 20),
		stimpFeet: between(rng, 6, 14),
		fringe: pick(rng, ['smooth', 'grainy', 'rough']),
		...GROUNDS[ground]!(rng)
	};
	const bag = Array.from({ length: clubs }, (_, i) => ({
		name: `Club ${i + 1}`,
		loft: Math.round(20 + (44 * i) / Math.max(1, clubs - 1)),
		bounce: 10
	}));
	const player = { skill: 'middle', school: pick(rng, ['free', 'one-wedge-two-ways']) };
	for (let samples = MOST_SAMPLES; samples >= 20; samples = Math.floor(samples / LOWER)) {
		const read = planRequestSchema.safeParse({ situation, bag, player, samples });
		if (!read.success) continue;
		const request = planRequestToCore(read.data);
		if (tooMuchWork(request) === null)
			return { what: `${ground}, ${situation.lie}, ${clubs} clubs, ${samples} samples`, request };
	}
	return null;
}

/** Plans requests at random and prints the dearest. */
export async function dearest(count: number): Promise<void> {
	const rng = createRng(SEED);
	const grounds = Object.keys(GROUNDS);
	const found: { what: string; seconds: number }[] = [];
	for (let i = 0; i < count; i++) {
		const asked = askAtRandom(rng, grounds[i % grounds.length]!);
		if (!asked) continue;
		const question = new Question(asked.request);
		const before = process.cpuUsage();
		await plan(question, localSampler(question));
		const { user, system } = process.cpuUsage(before);
		found.push({ what: asked.what, seconds: (user + system) / 1e6 });
	}
	for (const { what, seconds } of found.sort((a, b) => b.seconds - a.seconds).slice(0, SHOWN))
		console.log(`${seconds.toFixed(1).padStart(6)} s  ${what}`);
	console.log(`of ${found.length} valid requests`);
}
