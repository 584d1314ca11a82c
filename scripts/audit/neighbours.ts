import { planRequestSchema } from '../../src/lib/io/contract/planRequest';
import { answer, type Answer } from './answer';
import type { Violation } from './rules';

/** What is moved, and a step too small to be noticed on a green: 10 cm, 0.1 ft, 0.1 %. */
const MOVED = ['edgeToPin', 'toEdge', 'stimpFeet', 'slopeAlong'] as const;
const STEP = 0.1;
/** An unnoticeable step may move the strokes by so much, and by this many of their standard errors. */
const MOST_STEP = 0.03;
const ERRORS = 2;
const SEEDS = 8;
/** Balls that the app asks for. */
const AS_IN_THE_APP = 800;

const strokesOf = ({ plan }: Answer) => plan.options[0]!.statistics;

/** A jump stays whole in one half of a step; of a steep slope each half has its part. */
const IN_ONE_HALF = 0.75;

/** Answers that jump though hardly anything changed. */
export async function jumps(base: Answer): Promise<Violation[]> {
	const found: Violation[] = [];
	for (const field of MOVED) {
		const moved = async (by: number) => {
			const situation = { ...base.wire.situation, [field]: base.wire.situation[field] + by };
			return strokesOf(await answer(planRequestSchema.parse({ ...base.wire, situation })));
		};
		const [a, b] = [strokesOf(base), await moved(STEP)];
		const much = Math.abs(a.expectedStrokes - b.expectedStrokes);
		if (much <= MOST_STEP + ERRORS * Math.hypot(a.standardError, b.standardError)) continue;
		const half = await moved(STEP / 2);
		const halves = [a, b].map((end) => Math.abs(end.expectedStrokes - half.expectedStrokes));
		if (Math.max(...halves) > IN_ONE_HALF * much)
			found.push({
				rule: 'nothing jumps',
				detail: `${field} moved by ${STEP} moves the strokes by ${much.toFixed(3)}`
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
