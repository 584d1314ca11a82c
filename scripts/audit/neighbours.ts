import { planRequestSchema, type PlanRequestWire } from '../../src/lib/io/contract/planRequest';
import { answer, type Answer } from './answer';
import type { Violation } from './rules';

/** Steps too small to be noticed on a green. */
const STEPS: readonly ((wire: PlanRequestWire) => Partial<PlanRequestWire['situation']>)[] = [
	({ situation }) => ({ edgeToPin: situation.edgeToPin + 0.1 }),
	({ situation }) => ({ toEdge: situation.toEdge + 0.1 }),
	({ situation }) => ({ stimpFeet: situation.stimpFeet + 0.1 }),
	({ situation }) => ({ slopeAlong: situation.slopeAlong + 0.1 })
];
/** An unnoticeable step may move the strokes by so much, and by this many of their standard errors. */
const MOST_STEP = 0.03;
const ERRORS = 2;
const SEEDS = 8;
/** Balls that the app asks for. */
const AS_IN_THE_APP = 800;

const strokesOf = ({ plan }: Answer) => plan.options[0]!.statistics;

/** Answers that jump though hardly anything changed. */
export async function jumps(base: Answer): Promise<Violation[]> {
	const found: Violation[] = [];
	for (const step of STEPS) {
		const change = step(base.wire);
		const wire = planRequestSchema.parse({
			...base.wire,
			situation: { ...base.wire.situation, ...change }
		});
		const other = await answer(wire);
		const [a, b] = [strokesOf(base), strokesOf(other)];
		const moved = Math.abs(a.expectedStrokes - b.expectedStrokes);
		if (moved > MOST_STEP + ERRORS * Math.hypot(a.standardError, b.standardError))
			found.push({
				rule: 'nothing jumps',
				detail: `${JSON.stringify(change)} moves the strokes by ${moved.toFixed(3)}`
			});
	}
	return found;
}

const callOf = ({ plan }: Answer) => {
	const { play } = plan.options[0]!.candidate;
	return `${play.club.name} ${play.flight} ${play.faceOpen.toFixed(2)}`;
};
const tiesOf = ({ plan }: Answer) =>
	new Set(
		plan.options
			.filter(({ tied }) => tied)
			.map(
				({ candidate: { play } }) => `${play.club.name} ${play.flight} ${play.faceOpen.toFixed(2)}`
			)
	);

/** Seeds that do not agree: another call that is no declared tie, or strokes that spread more than their standard error says. */
export async function seedTrouble(base: Answer): Promise<Violation[]> {
	const answers: Answer[] = [];
	for (let seed = 1; seed <= SEEDS; seed++)
		answers.push(await answer({ ...base.wire, samples: AS_IN_THE_APP, seed }));
	const found: Violation[] = [];
	const calls = new Set(answers.map(callOf));
	const strange = answers.find((one) => [...calls].some((call) => !tiesOf(one).has(call)));
	if (calls.size > 1 && strange)
		found.push({ rule: 'seeds agree', detail: `calls ${[...calls].join(' | ')}` });
	// The cheapest: which of several ties is called is not a matter of errors.
	const cheapest = answers.map(({ plan }) =>
		plan.options.reduce((a, b) =>
			b.statistics.expectedStrokes < a.statistics.expectedStrokes ? b : a
		)
	);
	const strokes = cheapest.map(({ statistics }) => statistics.expectedStrokes);
	const middle = strokes.reduce((sum, value) => sum + value, 0) / SEEDS;
	const spread = Math.sqrt(
		strokes.reduce((sum, value) => sum + (value - middle) ** 2, 0) / (SEEDS - 1)
	);
	// Each is itself known to about a quarter only.
	const errors = cheapest.map(({ statistics }) => statistics.standardError);
	const error = Math.sqrt(errors.reduce((sum, value) => sum + value * value, 0) / SEEDS);
	if (spread > 2 * error)
		found.push({
			rule: 'the standard error covers the seeds',
			detail: `spread ${spread.toFixed(3)}, said ${error.toFixed(3)}`
		});
	return found;
}
