import { expectedAround } from '../../src/lib/core/plan/race/cost';
import { PROFILE, type Skill } from '../../src/lib/core/player/player';
import { planRequestSchema } from '../../src/lib/io/contract/planRequest';
import { YARD } from '../../src/lib/core/units';
import { answer } from './answer';

export const SKILLS: readonly Skill[] = ['expert', 'scratch', 'middle', 'high'];
export const FROM = {
	fairway: { lie: 'fairway', fringe: 'grainy' },
	rough: { lie: 'semi-rough', fringe: 'rough' },
	sand: { lie: 'sand', fringe: 'smooth' }
} as const;
export const YARDS = [5, 10, 20, 30] as const;

/** What the planner says of one standard stroke. */
export interface CalibrationRow {
	skill: Skill;
	from: keyof typeof FROM;
	yards: number;
	call: string;
	/** Expected strokes, and what the cost of such a stroke says. */
	strokes: number;
	cost: number;
	/** Metres left. */
	median: number;
	mean: number;
	p90: number;
	missed: number;
	upAndDown: number;
	/** Spread along the line over spread across it. */
	depthToWidth: number;
	heavy: number;
	thin: number;
}

const spread = (values: readonly number[]): number => {
	const sorted = [...values].sort((a, b) => a - b);
	const at = (p: number) => sorted[Math.floor(p * (sorted.length - 1))]!;
	return at(0.9) - at(0.1);
};

/** Plans one standard stroke: two fifths of the way to the edge, a level green of ordinary pace. */
export async function calibrate(
	skill: Skill,
	from: keyof typeof FROM,
	yards: number,
	samples: number
): Promise<CalibrationRow> {
	const distance = yards * YARD;
	const toEdge = Math.min(12, 0.4 * distance);
	const { plan } = await answer(
		planRequestSchema.parse({
			situation: {
				...FROM[from],
				toEdge,
				edgeToPin: distance - toEdge,
				beyondPin: 9,
				rise: from === 'sand' ? 0.6 : 0,
				stimpFeet: 10.5
			},
			player: { skill },
			samples,
			seed: 7
		})
	);
	const { candidate, statistics, finishes } = plan.options[0]!;
	const { chances, leave } = statistics;
	const left = finishes.map(([x, z]) => Math.hypot(x - distance, z));
	return {
		skill,
		from,
		yards,
		call: `${candidate.play.club.name} ${candidate.play.flight} ${Math.round((candidate.play.faceOpen * 180) / Math.PI)}`,
		strokes: statistics.expectedStrokes,
		cost: expectedAround(distance, from, PROFILE[skill].costs),
		median: leave.median,
		mean: left.reduce((sum, value) => sum + value, 0) / left.length,
		p90: leave.p90,
		missed: chances.missGreen,
		upAndDown: chances.upAndDown,
		depthToWidth: spread(finishes.map(([x]) => x)) / spread(finishes.map(([, z]) => z)),
		heavy: chances.heavy,
		thin: chances.thin
	};
}
