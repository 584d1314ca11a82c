import { describe, expect, it } from 'vitest';
import { question } from '../../../../../tests/support/scenes';
import { Outcome } from '../../ball/simulate';
import { playIntended, solveCarry } from '../../solve/solve';
import { Question } from '../question/question';
import { ANY_SHOT } from '../question/wanted';
import { studySpot } from './spotStudy';

const asked = question({ toEdge: 3, edgeToPin: 9 });

describe('a landing spot', () => {
	const study = studySpot(asked, 4);

	it('needs the ground from it to the hole over the air to it', () => {
		expect(study.needed).toBeCloseTo((12 - 4) / 4, 12);
	});

	it('has every way that lands on it with what it does, the nearest to the hole first', () => {
		const misses = study.ways.map(({ miss }) => Math.abs(miss));
		expect(misses).toEqual([...misses].sort((a, b) => a - b));
		expect(study.ways.length).toBeGreaterThan(8);
		for (const { play, ratio, miss } of study.ways.slice(0, 4)) {
			const intent = asked.intent(play);
			const { speed } = solveCarry(intent, asked.bare, 4, 40);
			const ball = playIntended(intent, asked.bare, speed, 0, new Outcome());
			expect(ratio).toBeCloseTo(ball.roll / ball.carry, 1);
			expect(miss).toBeCloseTo(ball.finishX - 12, 1);
		}
		// Who needs more ground takes less loft.
		const [best] = studySpot(asked, 3.4).ways;
		expect(best!.play.club.loft).toBeLessThan(study.ways[0]!.play.club.loft + 1e-9);
	});

	it('is judged by what is asked for', () => {
		const wanted = { ...ANY_SHOT, clubs: ['PW'] };
		const only = studySpot(new Question({ ...asked.request, wanted }), 4);
		expect(new Set(only.ways.map(({ play }) => play.club.id))).toEqual(new Set(['PW']));
	});

	it('asks the schools what they would take there', () => {
		expect(study.schools.map(({ id }) => id)).toContain('rule-of-twelve');
		// Four paces and nine: the rule counts two units and takes ten, the pitching wedge.
		const twelve = study.schools.find(({ id }) => id === 'rule-of-twelve')!;
		expect(twelve.play.club.name).toBe('PW');
		const wedge = study.ways.find(
			({ play }) => play.club.name === 'PW' && play.flight === 'standard'
		)!;
		expect(twelve.miss).toBeCloseTo(wedge.miss, 9);
	});
});
