import { AS_MODELLED } from '$lib/core/player/delivered';
import { describe, expect, it } from 'vitest';
import type { Green } from '../../green/green';
import { surfaceOf } from '../../green/surface';
import { STILL_AIR } from '../../ball/aerodynamics';
import { SURFACE } from '../../ground/surfaces';
import { areaOf, distanceToEdge } from '../../math/polygon';
import { playKey, straight } from '../../player/intent';
import { PROFILE, type Player } from '../../player/player';
import { STANDARD_BAG } from '../../club/standardBag';
import { DEFAULT_TECHNIQUE } from '../../setup/technique';
import { fromFeet, degrees } from '../../units';
import { expectedLie, lineOn, lipsOf, situationOn, standBeside, type Conditions } from './onGreen';
import { missCost, missSpots, standingBag, type MissQuestion } from '../studies/whereToMiss';
import { landingRegion, FATE } from '../studies/landingRegion';
import { solveCandidate } from '../ladder/candidate';
import { Question } from './question';
import type { ShotKind } from './shotKind';
import { ANY_SHOT } from './wanted';
import { buildLadder } from '../ladder/ladder';
import { createLocalSampler } from '../race/localSampler';
import { mean } from '../race/statistics';

/** A level round green of 16 m across with a pond below it and a bunker to its right. */
const circle = (u: number, v: number, r: number): [number, number][] =>
	Array.from({ length: 24 }, (_, i) => [
		u + r * Math.cos((i * Math.PI) / 12),
		v + r * Math.sin((i * Math.PI) / 12)
	]);
const green: Green = {
	outline: circle(0, 0, 8),
	collar: 1,
	fringe: 'smooth',
	areas: [
		{ kind: 'water', lip: 0, outline: circle(0, -13, 4) },
		{ kind: 'sand', lip: 0.4, outline: circle(11, 0, 2) }
	],
	spots: [],
	tilts: [],
	grid: {
		originU: -40,
		originV: -40,
		cell: 2,
		columns: 41,
		rows: 41,
		heights: new Array<number>(41 * 41).fill(0)
	}
};
const conditions: Conditions = {
	wet: false,
	ball: 'soft',
	greenSpeed: fromFeet(10),
	firmness: 'medium',
	air: STILL_AIR,
	grain: null
};
const player: Player = {
	...PROFILE.middle,
	hand: 'right',
	technique: DEFAULT_TECHNIQUE,
	delivered: AS_MODELLED,
	vocabulary: 'clock',
	swings: {}
};

const questionFrom = (ball: [number, number], pin: [number, number]): Question => {
	const line = lineOn(green, ball, pin);
	if (typeof line === 'string') throw new Error(line);
	return new Question({
		situation: situationOn(green, line, 'fringe', conditions),
		bag: STANDARD_BAG,
		player,
		school: 'free',
		samples: 100,
		seed: 1
	});
};

describe('standBeside', () => {
	it('stands off the green and dry, though straight below the pin lies the pond', () => {
		const [u, v] = standBeside(green, [0, 0]);
		const kind = surfaceOf(green).kindAt(u, v);
		expect([SURFACE.green, SURFACE.water, SURFACE.sand]).not.toContain(kind);
		expect(Math.hypot(u, v)).toBeGreaterThan(9);
	});
});

describe('expectedLie', () => {
	it('follows what grows, and has none in water', () => {
		expect(expectedLie(SURFACE.sand)).toBe('sand');
		expect(expectedLie(SURFACE.rough)).toBe('semi-rough');
		expect(expectedLie(SURFACE.smoothFringe)).toBe('fringe');
		expect(expectedLie(SURFACE.water)).toBeNull();
	});
});

describe('lipsOf', () => {
	it('knows the lip of the area at a place, the uppermost where two overlap', () => {
		const lip = lipsOf(green);
		expect(lip(11, 0)).toBe(0.4);
		expect(lip(0, -13)).toBe(0);
		expect(lip(-20, 0)).toBe(0);
		const over = { kind: 'sand' as const, lip: 0.9, outline: circle(11, 0, 1) };
		expect(lipsOf({ ...green, areas: [...green.areas, over] })(11, 0)).toBe(0.9);
	});
});

describe('situationOn', () => {
	it('reads off the map what a question needs, and takes the day as it is', () => {
		const line = lineOn(green, [-14, 0], [0, 0]);
		if (typeof line === 'string') throw new Error(line);
		const found = situationOn(green, line, 'semi-rough', { ...conditions, wet: true, grain: 0 });
		expect(found).toMatchObject({
			lie: 'semi-rough',
			wet: true,
			greenSpeed: conditions.greenSpeed,
			sand: 'medium',
			survey: { green, placement: line.placement, kinds: 'map', tilt: 0 }
		});
		expect(found.grass).toEqual([{ kind: 'rough', length: line.toEdge }]);
		expect(found.toEdge).toBeCloseTo(6, 0);
		expect(found.toEdge + found.edgeToPin).toBeCloseTo(14, 6);
		expect(found.beyondPin).toBeCloseTo(8, 0);
		expect(found.grain).toBe('with');
	});
});

describe('landingRegion', () => {
	it('holds the landing spot that was solved for, and mirrors on level ground', () => {
		const question = questionFrom([-14, 0], [0, 0]);
		const wedge = question.request.bag.find(({ name }) => name === 'SW')!;
		const candidate = solveCandidate(question, straight(wedge), question.pin);
		const region = landingRegion(question, candidate);
		const at = (x: number, z: number) =>
			Math.round((z - region.fromZ) / region.cell) * region.columns +
			Math.round((x - region.fromX) / region.cell);
		const { landingX } = candidate.solution.outcome;
		expect(region.leave[at(landingX, 0)]).toBeLessThan(1);
		expect(region.leave[at(landingX, 1)]).toBeCloseTo(region.leave[at(landingX, -1)]!, 6);
		expect(region.leave[at(landingX, 2)]).toBeGreaterThan(region.leave[at(landingX, 0)]!);
	});

	it('knows the places from which a ball leaves the green', () => {
		const question = questionFrom([-14, 0], [5.5, 0]);
		const iron = question.request.bag.find(({ name }) => name === '7i')!;
		const candidate = solveCandidate(question, straight(iron), question.pin);
		const { fate } = landingRegion(question, candidate);
		expect([...fate]).toContain(FATE.green);
		expect([...fate].some((value) => value === FATE.offGreen || value === FATE.hazard)).toBe(true);
	});
});

describe('where to miss', () => {
	const question: MissQuestion = {
		green,
		pin: [1, 0],
		conditions,
		bag: STANDARD_BAG,
		player,
		seed: 3
	};

	it('spreads about as many spots as asked over the ring around the green, none in water or on the green', () => {
		const spots = missSpots(green, 120);
		expect(spots.length).toBeGreaterThan(80);
		expect(spots.length).toBeLessThan(170);
		const { kindAt } = surfaceOf(green);
		for (const [u, v] of spots) {
			expect([SURFACE.green, SURFACE.water]).not.toContain(kindAt(u, v));
			expect(distanceToEdge(green.outline, u, v)).toBeLessThan(9.01);
		}
		expect(missSpots({ ...green, outline: [] }, 50)).toEqual([]);
		expect(areaOf(green.outline)).toBeGreaterThan(150);
	});

	it('costs more from sand than from the fringe on the other side', () => {
		const fringe = missCost(question, [-8.8, 0]);
		const sand = missCost(question, [11, 0]);
		expect(sand.strokes).toBeGreaterThan(fringe.strokes + 0.2);
		expect(fringe.play?.flight).toBe('putt');
		expect(sand.play?.flight).toBe('splash');
	});

	it('answers what was asked for, and what is best where a lie allows none such', () => {
		const kinds = (...wanted: ShotKind[]) => ({
			...question,
			wanted: { ...ANY_SHOT, kinds: wanted }
		});
		const free = missCost(question, [-8.8, 0]);
		const chipped = missCost(kinds('chip'), [-8.8, 0]);
		expect(chipped.play?.flight).not.toBe('putt');
		expect(chipped.strokes).toBeGreaterThan(free.strokes);
		expect(missCost(kinds('splash'), [-8.8, 0])).toEqual(free);
		const [wedge] = question.bag.filter(({ name }) => name === 'GW');
		const own = { ...question, wanted: { ...ANY_SHOT, clubs: [wedge!.id] } };
		expect(missCost(own, [-8.8, 0]).play?.club.id).toBe(wedge!.id);
	});

	it('is the cheapest, with more and more balls, of those that looked cheapest before', () => {
		const line = lineOn(green, [-9.5, 2], question.pin);
		if (typeof line === 'string') throw new Error(line);
		const lie = expectedLie(surfaceOf(green).kindAt(-9.5, 2))!;
		const asked = new Question({
			situation: situationOn(green, line, lie, conditions),
			bag: standingBag(STANDARD_BAG),
			player,
			school: 'free',
			samples: 90,
			seed: 3
		});
		const sample = createLocalSampler(asked);
		const costs = (balls: number) =>
			buildLadder(asked)
				.candidates.filter(
					({ play: { shape, faceOpen } }) =>
						shape === 'straight' && ![10, 45].includes(Math.round(degrees(faceOpen)))
				)
				.map(({ play, solution: { speed, aim } }) => ({
					key: playKey(play),
					strokes: mean(sample([{ play, speed, aim, from: 0, to: balls }])[0]!.strokes)
				}))
				.sort((a, b) => a.strokes - b.strokes);
		const among = (some: ReturnType<typeof costs>, balls: number) =>
			costs(balls).filter(({ key }) => some.some((leader) => leader.key === key));
		const eight = costs(15).slice(0, 8);
		const [best] = among(among(eight, 40).slice(0, 3), 90);
		const found = missCost(question, [-9.5, 2]);
		expect(playKey(found.play!)).toBe(best!.key);
		expect(found.strokes).toBeCloseTo(best!.strokes, 12);
	});

	it('has no answer in water or on the pin', () => {
		expect(missCost(question, [0, -13]).strokes).toBeNaN();
		expect(missCost(question, [1.1, 0]).strokes).toBeNaN();
	});

	it('lets a few clubs stand for the bag, each once, and the putter', () => {
		const names = standingBag(STANDARD_BAG).map(({ name }) => name);
		expect(new Set(names).size).toBe(names.length);
		expect(names).toContain('Putter');
		expect(names.length).toBeLessThanOrEqual(5);
		expect(standingBag([])).toEqual([]);
		expect(degrees(standingBag(STANDARD_BAG)[0]!.loft)).toBeCloseTo(34, 9);
	});
});
