import { STANDARD_BAG } from '../../src/lib/core/club/standardBag';
import { createRng } from '../../src/lib/core/math/random';
import { PROFILE } from '../../src/lib/core/player/player';
import type { DrillGround } from '../../src/lib/core/solve/drillScene';
import { wildBalls } from '../../src/lib/core/practice/grouping';
import { fitRolls } from '../../src/lib/core/practice/rollFit';
import type { RollStation } from '../../src/lib/core/practice/rollProblem';
import { rollResponse } from '../../src/lib/core/practice/rollResponse';
import { hitBalls } from '../../src/lib/core/practice/simulatedPupil';
import { DEFAULT_TECHNIQUE } from '../../src/lib/core/setup/technique';
import { fromFeet, fromPercent, radians } from '../../src/lib/core/units';
import { normal, uniforms } from './pupils';

const SKILL = 'middle';
const GROUND: DrillGround = {
	greenSpeed: fromFeet(10),
	firmness: 'medium',
	wet: false,
	toEdge: 0,
	room: 30,
	slopeAlong: 0
};
/** A reading of a ramp, and a slope that was paced out or laid out with a level. */
const READ = { speedError: fromFeet(0.4), slopeError: 0.005 };

/** What the green really was, and what was known of it. */
const GREENS = {
	'as it was read': { feet: 0, slope: 0, seen: 0, known: READ },
	'0.4 ft faster or slower (as its error says)': { feet: 0.4, slope: 0, seen: 0, known: READ },
	'1 ft faster or slower than it was read': { feet: 1, slope: 0, seen: 0, known: READ },
	'slope half a percent off (as its error says)': { feet: 0, slope: 0.5, seen: 0, known: READ },
	'1.5 % of slope that nobody saw': {
		feet: 0,
		slope: 1.5,
		seen: 0,
		known: { ...READ, slopeError: 0.01 }
	},
	'landings seen 15 cm off': { feet: 0, slope: 0, seen: 0.15, known: READ },
	'never read, 2 ft off': { feet: 2, slope: 0, seen: 0, known: { ...READ, speedError: null } }
} as const;

const DESIGNS = {
	'four clubs, six balls each': ['LW', 'GW', '9i', '7i'].map((club) => ({
		club,
		carry: 3,
		count: 6
	})),
	'one club, twenty balls': [{ club: 'SW', carry: 6, count: 20 }]
} as const;

export interface RollRow {
	green: string;
	design: string;
	/** Share of sessions in which the loft was told, and in which its interval then held the truth; null where never told. */
	told: number;
	held: number | null;
}

/** @param trials sessions a figure */
export function heldRolls(trials: number): RollRow[] {
	const who = {
		technique: DEFAULT_TECHNIQUE,
		hand: 'right' as const,
		strength: PROFILE[SKILL].strength
	};
	return Object.entries(DESIGNS).flatMap(([design, stations]) => {
		const shots = stations.map(({ club, carry, count }) => {
			const shot = {
				club: STANDARD_BAG.find(({ name }) => name === club)!,
				flight: 'standard',
				shape: 'straight'
			} as const;
			return { shot, carry, count, response: rollResponse(shot, carry, GROUND, who) };
		});
		return Object.entries(GREENS).map(([green, { feet, slope, seen, known }]) => {
			let told = 0;
			let held = 0;
			for (let trial = 1; trial <= trials; trial++) {
				const u = uniforms(trial * 15_485_863);
				// Off by so much, either way: as an error of one deviation, or a mistake that is always as large.
				const way = u() < 0.5 ? -1 : 1;
				const truth = {
					skill: SKILL,
					technique: DEFAULT_TECHNIQUE,
					ground: {
						...GROUND,
						greenSpeed: GROUND.greenSpeed + way * fromFeet(feet),
						slopeAlong: way * fromPercent(slope)
					},
					loft: radians(4) * normal(u),
					grip: 1 + 0.2 * normal(u),
					firmness: 0.4 * normal(u)
				} as const;
				const rng = createRng(trial);
				const rolled = shots.map(({ shot, carry, count, response }): RollStation => {
					const balls = hitBalls(shot, carry, count, truth, rng).map(
						({ landed, finished, contact }) => ({
							club: shot.club.id,
							swing: '8',
							flight: shot.flight,
							shape: shot.shape,
							landed: [landed[0] + way * seen, landed[1]] as const,
							finished,
							meant: carry,
							inferred: false,
							tags: contact === 'clean' ? [] : [contact],
							strokes: null
						})
					);
					const wild = wildBalls(balls);
					return {
						club: shot.club.id,
						flight: shot.flight,
						response,
						balls: balls
							.filter((ball, i) => !wild[i] && ball.tags.length === 0)
							.map(({ landed, finished }) => ({ carry: landed[0], roll: finished[0] - landed[0] }))
					};
				});
				const { loft } = fitRolls(rolled, { ...known, firmness: 0 });
				const { standard } = loft;
				if (!standard?.told) continue;
				told++;
				if (standard.low <= truth.loft && truth.loft <= standard.high) held++;
			}
			return { green, design, told: told / trials, held: told > 0 ? held / told : null };
		});
	});
}
