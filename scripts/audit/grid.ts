import { MOST_DIMENSIONS, sobol } from '../../src/lib/core/math/sobol';
import { planRequestSchema, type PlanRequestWire } from '../../src/lib/io/contract/planRequest';

const LIES = [
	'tight',
	'fairway',
	'fringe',
	'first-cut',
	'sitting-up',
	'sitting-down',
	'semi-rough',
	'deep-rough',
	'sand'
];
const SKILLS = ['expert', 'scratch', 'middle', 'high'];
const SCHOOLS = ['free', 'free', 'free', 'rule-of-twelve', 'three-windows', 'one-wedge-two-ways'];

/** Numbers of one situation: as many even coordinates as are asked for, from several scrambled sequences. */
function coordinates(index: number): () => number {
	let asked = 0;
	return () => {
		const dimension = asked % MOST_DIMENSIONS;
		const block = Math.floor(asked++ / MOST_DIMENSIONS);
		return sobol(index, dimension, 4001 + 97 * block);
	};
}

/** What a situation is drawn with. */
interface Draw {
	between: (low: number, high: number) => number;
	oneOf: <T>(values: readonly T[]) => T;
	sometimes: (share: number) => boolean;
	round: (value: number) => number;
}

const SURVEY_STEP = 2.5;
const SURVEY_ASIDE = 6;

/** Ground that is more than one slope: a line cut into pieces, or a survey of a slope with a step in it. */
function groundOf({ between, oneOf, sometimes, round }: Draw, pin: number): object {
	const at = pin * between(0.3, 0.9);
	const steep = between(-12, 12);
	const [along, across, wide] = [between(-3, 3), between(-3, 3), between(0.6, 2)];
	const kind = oneOf(['tier', 'ridge', undefined]);
	if (sometimes(0.15))
		return {
			segments: [
				{ length: round(at), slopeAlong: round(along), slopeAcross: round(across) },
				{ length: round(wide), slopeAlong: round(steep), ...(kind && { kind }) },
				{ length: 60, slopeAlong: round(-along), slopeAcross: round(across) }
			]
		};
	if (!sometimes(0.18)) return {};
	const height = (x: number, z: number) =>
		(along * x + across * z) / 100 + (steep / 30) * Math.tanh((x - at) / wide);
	const points: [number, number, number][] = [];
	for (let x = -SURVEY_STEP; x <= pin + 4 * SURVEY_STEP; x += SURVEY_STEP)
		for (const z of [-SURVEY_ASIDE, 0, SURVEY_ASIDE])
			points.push([round(x), z, round(height(x, z) - height(0, 0))]);
	return { survey: { points } };
}

const FEW_CLUBS = [
	{ name: '8i', loft: 38, bounce: 4 },
	{ name: 'PW', loft: 46, bounce: 6 },
	{ name: 'SW', loft: 56, bounce: 12 },
	{ name: 'Putter', loft: 3, putter: true }
];

/** A bag of few clubs, or measured swings with some of the usual ones. */
function clubsOf({ between, sometimes, round }: Draw): object {
	const [short, longer] = [between(8, 14), between(3, 8)];
	if (sometimes(0.15)) return { bag: FEW_CLUBS };
	if (!sometimes(0.2)) return {};
	return {
		swings: [
			{ club: 'LW', swing: '8', carry: round(short) },
			{ club: 'LW', swing: '9', carry: round(short + longer) },
			{ club: 'PW', swing: '8', carry: round(1.6 * short) },
			{ club: 'PW', swing: '9', carry: round(1.6 * (short + longer)) }
		]
	};
}

/** One of the situations of the audit: every input of the contract moves, none by chance alone. */
export function situationAt(index: number, samples: number): PlanRequestWire {
	const next = coordinates(index);
	const between = (low: number, high: number) => low + (high - low) * next();
	const oneOf = <T>(values: readonly T[]): T => values[Math.floor(next() * values.length)]!;
	const sometimes = (share: number) => next() < share;
	const round = (value: number) => Math.round(value * 100) / 100;
	const lie = oneOf(LIES);
	const toEdge = round(lie === 'fringe' ? between(0, 3) : 0.5 + 18 * next() ** 2);
	const edgeToPin = round(2 + 22 * next() ** 1.5);
	const hazard = sometimes(0.3);
	const from = round(toEdge * between(0.1, 0.4));
	const to = round(Math.max(from + 0.4, toEdge * between(0.5, 0.9)));
	const beside = sometimes(0.2);
	const hazards = [
		...(hazard
			? [{ kind: oneOf(['sand', 'water', 'mound']), from, to, height: round(between(0, 0.8)) }]
			: []),
		...(beside
			? [
					{
						kind: oneOf(['sand', 'water']),
						from: toEdge,
						to: round(toEdge + edgeToPin + 3),
						side: oneOf(['left', 'right']),
						offset: round(between(1.5, 6))
					}
				]
			: [])
	];
	const slopes = { slopeAlong: round(between(-4, 4)), slopeAcross: round(between(-3, 3)) };
	const stance = sometimes(0.3)
		? { along: round(between(-15, 15)), across: round(between(-10, 10)) }
		: undefined;
	const grass = sometimes(0.25)
		? [
				{ kind: oneOf(['rough', 'grainy']), length: round(Math.max(0.2, toEdge / 2)) },
				{ kind: oneOf(['smooth', 'grainy']), length: 1 }
			]
		: undefined;
	const situation = {
		lie,
		wet: sometimes(0.2),
		toEdge,
		edgeToPin,
		beyondPin: round(between(2, 15)),
		rise: sometimes(0.3) ? round(between(-0.4, 0.4) * Math.min(5, toEdge)) : 0,
		fringe: oneOf(['smooth', 'grainy', 'grainy', 'rough']),
		...(sometimes(0.6) ? slopes : {}),
		hazards,
		stimpFeet: round(between(7, 13)),
		firmness: oneOf(['soft', 'medium', 'medium', 'firm']),
		grain: oneOf(['none', 'none', 'none', 'with', 'against', 'left', 'right']),
		...(sometimes(0.2)
			? { wind: { along: round(between(-5, 5)), across: round(between(-4, 4)) } }
			: {}),
		ball: sometimes(0.15) ? 'firm' : 'soft',
		...(stance && { stance }),
		...(grass && { grass }),
		...(lie === 'sand' && {
			sandSurface: oneOf(['soft', 'medium', 'medium', 'firm', 'plugged'])
		}),
		...(sometimes(0.2) && {
			width: { left: round(between(2, 10)), right: round(between(2, 10)) }
		})
	};
	const player = {
		skill: oneOf(SKILLS),
		hand: sometimes(0.15) ? 'left' : 'right',
		school: oneOf(SCHOOLS)
	};
	const draw = { between, oneOf, sometimes, round };
	return planRequestSchema.parse({
		situation: {
			...situation,
			...groundOf(draw, toEdge + edgeToPin),
			...(sometimes(0.2) && { airDensity: round(between(0.85, 1.3)) })
		},
		player,
		...clubsOf(draw),
		samples,
		seed: 1
	});
}
