import { describe, expect, it } from 'vitest';
import { question } from '../../../../../tests/support/scenes';
import { SURFACE } from '../../ground/surfaces';
import { DEVIATE_COUNT } from '../../player/strike';
import { remainingInto, type Remaining } from './cost';
import type { Question } from '../question/question';
import { solveCandidate } from '../ladder/candidate';
import { drawDeviates, FINISH, joinFinishes, mostBalls, sampleFinishes } from './sample';
import { possiblePlays } from '../ladder/possiblePlays';

const BALLS = 200;

/** Balls of the first play with a club that the situation allows. */
function played(asked: Question, club: string, balls = BALLS) {
	const { player } = asked.request;
	const play = possiblePlays(asked.request.bag, asked.situation).find((p) => p.club.name === club)!;
	const { solution } = solveCandidate(asked, play);
	const shot = {
		intent: asked.intent(play),
		speed: solution.speed,
		aim: solution.aim,
		dispersion: player.dispersion,
		costs: player.costs,
		scene: asked.played,
		holeX: asked.pin
	};
	return { shot, rows: sampleFinishes(shot, drawDeviates(1, balls), 0, balls) };
}

const costOf = (asked: Question, distance: number, kind: number): Remaining => {
	const out: Remaining = { strokes: 0, one: 0, two: 0 };
	remainingInto(distance, kind as never, asked.request.player.costs, out);
	return out;
};
/** Balls of a kind, by their row. */
const rowsOf = (kind: Uint8Array, wanted: number) =>
	[...kind.keys()].filter((row) => kind[row] === wanted);

describe('sampled balls', () => {
	it('cost one stroke and what remains from where they lie', () => {
		const asked = question({ toEdge: 2, edgeToPin: 4, fringe: 'rough' }, { skill: 'expert' });
		const { rows } = played(asked, 'SW', 400);
		const holed = rowsOf(rows.kind, FINISH.holed);
		expect(holed.length).toBeGreaterThan(0);
		for (const row of holed) {
			expect(rows.strokes[row]).toBe(1);
			expect([rows.upAndDown[row], rows.fourOrMore[row]]).toEqual([1, 0]);
		}
		const greens = rowsOf(rows.kind, FINISH.green);
		for (const row of greens) {
			const left = costOf(asked, Math.hypot(rows.x[row]! - asked.pin, rows.z[row]!), SURFACE.green);
			expect(rows.strokes[row]).toBeCloseTo(1 + left.strokes, 9);
			expect(rows.upAndDown[row]).toBeCloseTo(left.one, 9);
			expect(rows.fourOrMore[row]).toBeCloseTo(1 - left.two, 9);
		}
		expect(holed.length + greens.length).toBeGreaterThan(200);
	});

	it('are refused where they were not drawn: no luck is no number', () => {
		const asked = question({});
		const { shot } = played(asked, 'SW', 20);
		expect(() => sampleFinishes(shot, drawDeviates(1, 20), 0, 21)).toThrow(RangeError);
	});

	it('are told apart by where they end, a hazard from a mere miss', () => {
		const beside = { kind: 'water', from: 0, to: 40, side: 'right', offset: 1 };
		const { rows } = played(
			question({ toEdge: 6, edgeToPin: 9, hazards: [beside] }, { skill: 'high' }),
			'SW'
		);
		const wet = rowsOf(rows.kind, FINISH.hazard);
		expect(wet.length).toBeGreaterThan(10);
		for (const row of wet) expect(rows.z[row]).toBeGreaterThan(0.9);
		for (const row of rowsOf(rows.kind, FINISH.missed)) expect(rows.z[row]).toBeLessThan(1.1);
		const sand = { ...beside, kind: 'sand', side: 'left' };
		const inSand = played(question({ toEdge: 6, edgeToPin: 9, hazards: [sand] }), 'SW').rows;
		expect(rowsOf(inSand.kind, FINISH.hazard).length).toBeGreaterThan(10);
	});

	it('are the same however they are cut into blocks', () => {
		const { shot, rows } = played(question({}), 'PW', 90);
		const deviates = drawDeviates(1, 90);
		const cut = [
			[0, 20],
			[20, 21],
			[21, 90]
		].map(([from, to]) => sampleFinishes(shot, deviates, from!, to!));
		expect(joinFinishes(cut)).toEqual(rows);
		const one = sampleFinishes(shot, deviates, 40, 41);
		expect(one.x[0]).toBe(rows.x[40]);
		expect(new Set(rows.contact).size).toBeGreaterThan(1);
	});

	it('come from luck that a longer list begins with, and that another seed changes', () => {
		const [short, long, other] = [drawDeviates(5, 10), drawDeviates(5, 30), drawDeviates(6, 10)];
		expect(short).toHaveLength(10 * DEVIATE_COUNT);
		expect([...long.subarray(0, short.length)]).toEqual([...short]);
		expect([...other]).not.toEqual([...short]);
		expect([100, 101, 1].map(mostBalls)).toEqual([250, 253, 3]);
	});
});
