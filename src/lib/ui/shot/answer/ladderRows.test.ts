import { describe, expect, it } from 'vitest';
import { question as ask } from '../../../../../tests/support/scenes';
import { firstAnswer } from '$lib/core/plan/firstAnswer';
import { playWords } from '$lib/io/words/play';
import { choicesOfLadder } from '$lib/ui/call/choices';
import { clubsThatAreOut } from './ladderRows';

describe('rows of what is out', () => {
	it('have one for each club without a way, with the reason against its ordinary flight', () => {
		const { ladder } = firstAnswer(ask({ toEdge: 8, edgeToPin: 5, fringe: 'rough' }));
		const out = clubsThatAreOut(
			choicesOfLadder({ ladder, details: ladder.candidates.map(() => ({}) as never) }),
			ladder.rejected
		);
		const names = out.map(({ play }) => play.club.name);
		expect(new Set(names).size).toBe(names.length);
		const playable = new Set(ladder.candidates.map(({ play }) => play.club.name));
		expect(names.some((name) => playable.has(name))).toBe(false);
		expect(out.every(({ play }) => playWords(play).startsWith(play.club.name))).toBe(true);
	});
});
