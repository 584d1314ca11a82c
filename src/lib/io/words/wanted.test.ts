import { expect, it } from 'vitest';
import { question } from '../../../../tests/support/scenes';
import { buildLadder } from '$lib/core/plan/ladder/ladder';
import { SHOT_KINDS } from '$lib/core/plan/question/shotKind';
import { freeWords, wantedWords } from './wanted';

it.each([
	[undefined, 'Any'],
	[{}, 'Any'],
	[{ kinds: ['chip'] }, 'Chip'],
	[{ kinds: ['lob', 'flop'], apexAtLeast: 2 }, 'Lob or flop, kept high'],
	[{ kinds: SHOT_KINDS.filter((kind) => kind !== 'putt') }, 'No putter'],
	[{ clubs: ['a'], without: ['b', 'c'], apexAtMost: 1 }, '1 club, 2 left out, kept low'],
	[{ clubs: ['a', 'b'] }, '2 clubs']
] as const)('says what is asked for: %j', (wanted, words) => {
	const wire = wanted as Parameters<typeof wantedWords>[0];
	expect(wantedWords(wire)).toBe(words);
	expect(wantedWords(wire, true)).toBe(wanted ? words : 'No putter');
});

it('says what the best of all would save, that it saves nothing, or that it stands instead', () => {
	const [candidate] = buildLadder(question({ fringe: 'grainy' })).candidates;
	const free = { candidate: candidate!, expectedStrokes: 2.5, instead: false };
	const name = candidate!.play.club.name;
	expect(freeWords({ ...free, saves: 0.153 })).toMatch(new RegExp(`${name}.*0\\.15 strokes`));
	expect(freeWords({ ...free, saves: 0.001 })).toContain('no stroke');
	expect(freeWords({ ...free, saves: 0, instead: true })).toContain('No club makes such a shot');
});
