import { describe, expect, it, vi } from 'vitest';
import { question as ask } from '../../../../tests/support/scenes';
import { playKey } from '../player/intent';
import { Follower } from './follower';
import { firstAnswer, type FirstAnswer } from './firstAnswer';
import type { Question } from './question/question';
import { isNear, warmStartFrom } from './ladder/warmStart';
import { buildLadder, type Ladder } from './ladder/ladder';

const bag = ['7i', 'PW', 'SW'].map((name, i) => ({ name, loft: [34, 46, 56][i]! }));
const at = (situation: Record<string, unknown>, rest: Record<string, unknown> = {}) =>
	ask({ toEdge: 3, edgeToPin: 9, slopeAcross: 2, ...situation }, {}, { bag, ...rest });
const told = ({ ladder, details }: FirstAnswer) =>
	ladder.candidates.map(({ play, solution }, i) => ({
		play: playKey(play),
		speed: solution.speed,
		aim: details[i]!.aimOffset
	}));

/** Nothing works at this pin: water up to just before it. */
const beyondWater = (edgeToPin: number) =>
	at({
		toEdge: 4,
		edgeToPin,
		beyondPin: 9,
		slopeAcross: 0,
		hazards: [{ kind: 'water', from: 1, to: 4.5, height: 1.2 }]
	});

/** A pin at the foot of a tier that runs away from the ball: what comes over it runs past. */
const beyondTier = () =>
	at({
		toEdge: 4,
		edgeToPin: 8.5,
		beyondPin: 12,
		slopeAcross: 0,
		segments: [
			{ length: 5, slopeAlong: -1 },
			{ length: 3, slopeAlong: -14 },
			{ length: 20, slopeAlong: -3 }
		]
	});

const plays = ({ candidates }: Pick<Ladder, 'candidates'>) =>
	candidates.map(({ play }) => playKey(play)).sort();

/** The ladder of a question, and how often it looked at the ground for it. */
function counted(question: Question, build: (question: Question) => Ladder) {
	const looked = vi.spyOn(question.bare.ground, 'height');
	const ladder = build(question);
	return { ladder, looks: looked.mock.calls.length };
}

describe('a follower', () => {
	it('says of each step of a drag what a fresh look says', () => {
		const follower = new Follower();
		for (const edgeToPin of [9, 9.1, 9.25, 9.5, 8.9]) {
			const question = at({ edgeToPin });
			const [followed, fresh] = [told(follower.answer(question)), told(firstAnswer(question))];
			expect(followed.map(({ play }) => play)).toEqual(fresh.map(({ play }) => play));
			followed.forEach(({ speed, aim }, i) => {
				expect(speed / fresh[i]!.speed).toBeCloseTo(1, 2);
				expect(Math.abs(aim - fresh[i]!.aim)).toBeLessThan(0.03);
			});
		}
	});

	it('plays far fewer balls for it', () => {
		const balls = (question: Question, follower: Follower) =>
			counted(question, () => follower.answer(question).ladder).looks;
		const follower = new Follower();
		const fresh = balls(at({ edgeToPin: 9 }), follower);
		expect(balls(at({ edgeToPin: 9.1 }), follower)).toBeLessThan(0.6 * fresh);
		expect(balls(at({ edgeToPin: 14 }), follower)).toBeGreaterThan(0.8 * fresh);
	});

	it('finds the way past a pin that nothing reaches, and goes on finding it', () => {
		const follower = new Follower();
		for (const edgeToPin of [0.7, 0.75, 0.8]) {
			const question = beyondWater(edgeToPin);
			const { candidates } = follower.answer(question).ladder;
			expect(candidates.length).toBeGreaterThan(0);
			expect(plays(firstAnswer(question).ladder)).toEqual(
				expect.arrayContaining(plays({ candidates }))
			);
			for (const { safe, target } of candidates) {
				expect(safe).toBe(true);
				expect(target).toBeGreaterThan(question.target);
			}
		}
	});

	it('does not search to the end at a pin by which nothing stops, and yet finds a place past it', () => {
		const full = counted(beyondTier(), buildLadder);
		const quick = counted(beyondTier(), (question) => new Follower().answer(question).ladder);
		expect(full.ladder.rejected.every(({ rejection }) => rejection.code === 'noStop')).toBe(true);
		expect(quick.looks).toBeLessThan(0.7 * full.looks);
		expect(quick.ladder.candidates.length).toBeGreaterThan(0);
		expect(plays(full.ladder)).toEqual(expect.arrayContaining(plays(quick.ladder)));
	});

	it('stays within the school of whoever asks', () => {
		const { candidates } = new Follower().answer(
			ask({ toEdge: 3, edgeToPin: 9 }, { school: 'one-wedge-two-ways' })
		).ladder;
		expect(new Set(candidates.map(({ play }) => play.club.name))).toEqual(new Set(['LW']));
	});
});

describe('a warm start', () => {
	it('knows how each play was solved, in or out, and that no place past the pin was looked for', () => {
		const question = at({ lie: 'semi-rough', toEdge: 6, edgeToPin: 3 });
		const ladder = buildLadder(question);
		const warmStart = warmStartFrom(question, ladder);
		const solved = [
			...ladder.candidates,
			...ladder.rejected.flatMap(({ candidate }) => candidate ?? [])
		];
		expect(ladder.rejected.length).toBeGreaterThan(0);
		for (const { play, solution } of solved) {
			expect(warmStart.guess(play)).toEqual({
				speed: solution.speed,
				aim: solution.aim,
				hopeless: solution.status === 'noStop'
			});
			expect(warmStart.past(play)).toBeUndefined();
		}
	});

	it('knows where a play was left, and which was left nowhere', () => {
		const question = beyondWater(0.7);
		const ladder = buildLadder(question);
		const warmStart = warmStartFrom(question, ladder);
		const [candidate] = ladder.candidates;
		expect(warmStart.past(candidate!.play)?.by).toBeCloseTo(
			candidate!.target - question.target,
			12
		);
		expect(warmStart.guess(candidate!.play)?.speed).not.toBe(candidate!.solution.speed);
		const nowhere = ladder.rejected.find(({ play }) =>
			ladder.candidates.every((r) => r.play !== play)
		);
		expect(warmStart.past(nowhere!.play)).toBeNull();
	});
});

describe('near', () => {
	const survey = (height: number) => ({
		points: [-2, 4, 10, 16].flatMap((x) => [-6, 6].map((z) => [x, z, height * x]))
	});
	const near = (a: Record<string, unknown>, b: Record<string, unknown>) =>
		isNear(at(a).situation, at(b).situation);

	it('is what has hardly moved', () => {
		expect(near({}, {})).toBe(true);
		expect(near({}, { toEdge: 3.9, edgeToPin: 8.1 })).toBe(true);
		expect(near({}, { toEdge: 4.1, edgeToPin: 7.9 })).toBe(false);
		expect(near({}, { edgeToPin: 9.9 })).toBe(true);
		expect(near({}, { edgeToPin: 10.1 })).toBe(false);
		expect(near({}, { lie: 'tight' })).toBe(false);
		expect(near({}, { rise: 0.2 })).toBe(true);
		expect(near({}, { rise: 0.4 })).toBe(false);
		expect(near({ stimpFeet: 10 }, { stimpFeet: 11 })).toBe(true);
		expect(near({ stimpFeet: 10 }, { stimpFeet: 12 })).toBe(false);
	});

	it('is on the same ground', () => {
		expect(near({ survey: survey(0.01) }, { survey: survey(0.01) })).toBe(true);
		expect(near({ survey: survey(0.01) }, { survey: survey(0.02) })).toBe(false);
		expect(near({ survey: survey(0.01) }, {})).toBe(false);
		expect(near({}, { survey: survey(0.01) })).toBe(false);
		const { situation } = at({ survey: survey(0.01) });
		const moved = (change: Partial<NonNullable<typeof situation.survey>['placement']>) => ({
			...situation,
			survey: {
				...situation.survey!,
				placement: { ...situation.survey!.placement, ...change }
			}
		});
		expect(isNear(situation, moved({ u: 0.9 }))).toBe(true);
		expect(isNear(situation, moved({ u: 0.8, v: 0.8 }))).toBe(false);
		expect(isNear(situation, moved({ heading: 0.1 }))).toBe(true);
		expect(isNear(situation, moved({ heading: 0.3 }))).toBe(false);
	});
});
