import { describe, expect, it } from 'vitest';
import { firstAnswer } from '$lib/core/plan/firstAnswer';
import { question } from '../../../../tests/support/scenes';
import { choicesOfLadder, neighbours, type Choice } from './choices';

const ladder = choicesOfLadder(firstAnswer(question({ stimpFeet: 10 })));
const elsewhere = (choice: Choice): Choice => ({
	...choice,
	key: `${choice.key}@14.0`,
	candidate: { ...choice.candidate, safe: true, target: 14 }
});

describe('neighbours', () => {
	it('are the other plays, each once and at its first place', () => {
		const [first, second, third] = ladder as [Choice, Choice, Choice];
		const all = [first, elsewhere(first), second, elsewhere(second), third];
		expect(neighbours(all, first)).toEqual([second, third]);
		expect(neighbours(all, elsewhere(first))).toEqual([second, third]);
		expect(neighbours([first, elsewhere(second), second], first)).toEqual([elsewhere(second)]);
	});
});
