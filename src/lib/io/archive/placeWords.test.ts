import { expect, it } from 'vitest';
import { notJsonWords, placeWords } from './placeWords';

const FILE = { shots: [{ name: 'Over the sand' }, { name: '' }], clubs: [{ name: 'SW' }] };

it.each([
	['', 'The file'],
	['shots.0.shot.situation.toEdge', 'shot 1 “Over the sand”, ball to edge'],
	['shots.1.shot.situation.hazards.2.from', 'shot 2, hazards, no. 3, from'],
	['clubs.0', 'club 1 “SW”'],
	['clubs.7.loft', 'club 8, loft'],
	['version', 'the version of the file'],
	['preferences.theme', 'preferences, theme']
])('says %j as a person would', (path, words) => {
	expect(placeWords(FILE, path)).toBe(words);
});

it('keeps its words for what holds no rows at all', () => {
	expect(placeWords(null, 'shots.0.name')).toBe('shot 1, name');
	expect(placeWords({ shots: 'none' }, 'shots.0')).toBe('shot 1');
});

it.each([
	['{\n  "a": 1,\n  "b": x\n}', 3, 8],
	['{"a": 1,\n"b" 2}', 2, 5],
	['{"a": 1', 1, 8],
	['', 1, 1]
])('finds where %j is no JSON any more', (text, line, column) => {
	expect(notJsonWords(text)).toBe(`The file is not JSON from line ${line}, column ${column} on`);
});
