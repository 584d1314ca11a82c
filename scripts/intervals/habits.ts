import { STANDARD_BAG } from '../../src/lib/core/club/standardBag';
import { createRng } from '../../src/lib/core/math/random';
import { madSpread } from '../../src/lib/core/math/robust';
import { PROFILE, type Skill } from '../../src/lib/core/player/player';
import { expectedMisses } from '../../src/lib/core/practice/expectedMisses';
import { habitsOf, type Miss, type MissedBall } from '../../src/lib/core/practice/habits';
import { hitBalls, type SeenBall } from '../../src/lib/core/practice/simulatedPupil';
import { isAsMeant } from '../../src/lib/core/practice/yardstick';
import { DEFAULT_TECHNIQUE } from '../../src/lib/core/setup/technique';
import { normal, skewed, uniforms } from './pupils';

const MARK = 6;
const RULES = { measure: 'roll-out', mark: 'stick', tolerance: 0.75 } as const;
const DAYS = 0.06;
const GROUND = {
	greenSpeed: 3,
	firmness: 'medium',
	wet: false,
	toEdge: 0,
	room: 25,
	slopeAlong: 0
} as const;

/** What a pupil does besides what the skill does, and what the app should say then; nothing of an honest one. */
const FAULTS = {
	honest: { short: 1, right: 0, thin: 0, miss: null },
	'15 % short': { short: 0.85, right: 0, thin: 0, miss: 'short' },
	'6° right': { short: 1, right: Math.tan((6 * Math.PI) / 180), thin: 0, miss: 'right' },
	'30 % thin': { short: 1, right: 0, thin: 0.3, miss: 'thin' }
} as const satisfies Record<
	string,
	{ short: number; right: number; thin: number; miss: Miss | null }
>;

/** How often a habit is told of pupils of one skill. */
export interface HabitRow {
	skill: Skill;
	fault: string;
	/** In the order of `HABIT_COUNTS`. */
	told: number[];
}
export const HABIT_COUNTS = [12, 40, 100] as const;

interface Errors {
	along: number;
	across: number;
}

/** Landings of a generator of its own about a mark, as wide as the skill's, skewed to the short side, over two days. */
function practice(
	{ along, across }: Errors,
	{ short, right, thin }: (typeof FAULTS)[keyof typeof FAULTS],
	n: number,
	seed: number
): MissedBall[] {
	const u = uniforms(seed);
	const days = [0, 1].map(() => 1 + DAYS * normal(u));
	return Array.from({ length: n }, (_, i): MissedBall => {
		const day = Math.floor((2 * i) / n);
		const fallen = Math.max(0.2, (MARK + along * skewed(u)) * days[day]! * short);
		const bladed = u() < thin;
		const landed = [bladed ? 1.5 * MARK : fallen, across * normal(u) + right * fallen] as const;
		const ball = {
			club: 'SW',
			swing: '8',
			flight: 'standard' as const,
			shape: 'straight' as const,
			landed,
			finished: [landed[0] + 3, landed[1]] as const,
			meant: MARK,
			inferred: false,
			tags: bladed ? (['thin'] as const) : [],
			strokes: null
		};
		return {
			...ball,
			lie: 'fairway',
			day: String(day),
			flag: null,
			rules: RULES,
			tagged: true,
			asMeant: isAsMeant(RULES, 0, ball)
		};
	});
}

/** @param pupils a figure */
export function toldHabits(pupils: number): HabitRow[] {
	const club = STANDARD_BAG.find(({ name }) => name === 'SW')!;
	const shot = { club, flight: 'standard', shape: 'straight' } as const;
	const plain = { technique: DEFAULT_TECHNIQUE, ground: GROUND, loft: 0, grip: 1, firmness: 0 };
	return (Object.keys(PROFILE) as Skill[]).flatMap((skill) => {
		const pool: SeenBall[] = hitBalls(shot, MARK, 200, { ...plain, skill }, createRng(7));
		const errors = {
			along: madSpread(pool.map(({ landed }) => landed[0])),
			across: madSpread(pool.map(({ landed }) => landed[1]))
		};
		return Object.entries(FAULTS).map(([name, fault]) => ({
			skill,
			fault: name,
			told: HABIT_COUNTS.map((n) => {
				let told = 0;
				for (let seed = 1; seed <= pupils; seed++) {
					const balls = practice(errors, fault, n, seed * 104_729 + n);
					const stands = habitsOf(balls, expectedMisses([{ balls, pool }], seed))
						.filter((habit) => habit.stands)
						.map(({ miss }) => miss);
					if (fault.miss ? stands.includes(fault.miss) : stands.length > 0) told++;
				}
				return told / pupils;
			})
		}));
	});
}
