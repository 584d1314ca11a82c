import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { formatArchive, parseArchive } from './archive';

const demo = readFileSync('static/demo/quarry-academy.json', 'utf8');

describe('archive', () => {
	it('comes back without loss, the demo as well', () => {
		const first = parseArchive(demo);
		if ('problems' in first) throw new Error(first.problems.join());
		expect(first.archive.greens).toHaveLength(3);
		expect(parseArchive(formatArchive(first.archive))).toEqual(first);
	});

	it('is refused whole, with the place of what is wrong', () => {
		const wrong = JSON.parse(demo) as { greens: { outline: unknown; pins: { at: unknown }[] }[] };
		wrong.greens[1]!.outline = [[0, 0]];
		wrong.greens[2]!.pins[0]!.at = [0, 'far'];
		const parsed = parseArchive(JSON.stringify(wrong));
		if (!('problems' in parsed)) throw new Error('was read');
		expect(parsed.problems.join('\n')).toContain(
			'greens.1.outline: must have at least three corners'
		);
		expect(parsed.problems.join('\n')).toContain(
			'greens.2.pins.0.at.1: must be a number from -500 to 500'
		);
	});

	it.each([
		['{', 'The file is not JSON'],
		['[]', 'The file'],
		[
			'{"format":"something else","version":1,"exportedAt":"2026-01-01T00:00:00Z"}',
			'format: must be “crisp-landing archive”'
		],
		[
			'{"format":"crisp-landing archive","version":2,"exportedAt":"2026-01-01T00:00:00Z"}',
			'version: must be 1'
		],
		[
			'{"format":"crisp-landing archive","version":1,"exportedAt":"2026-01-01T00:00:00Z","spare":1}',
			'spare: is not a known key'
		]
	])('refuses %j', (text, message) => {
		const parsed = parseArchive(text);
		expect('problems' in parsed && parsed.problems.join('\n')).toContain(message);
	});
});
