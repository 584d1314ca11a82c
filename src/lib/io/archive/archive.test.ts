import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import * as z from 'zod/mini';
import { publishedSchemas } from '../contract/schemas';
import { formatArchive, parseArchive, type Archive } from './archive';
import { lifted } from './lift';

const demo = readFileSync('static/demo/quarry-academy.json', 'utf8');

function read(file: string): Archive {
	const parsed = parseArchive(readFileSync(file, 'utf8'));
	if ('problems' in parsed) throw new Error(parsed.problems.join());
	return parsed.archive;
}

describe('archive', () => {
	it('comes back without loss, the demo as well', () => {
		const first = parseArchive(demo);
		if ('problems' in first) throw new Error(first.problems.join());
		expect(first.archive.greens).toHaveLength(3);
		expect(parseArchive(formatArchive(first.archive))).toEqual(first);
	});

	it('reads what the present release wrote, whole', () => {
		const archive = read('tests/golden/archive-1.json');
		const text = readFileSync('tests/golden/archive-1.json', 'utf8');
		const timed = archive.readings.find(({ method }) => method === 'timed')!;
		expect(timed.rolls?.map(({ seconds }) => seconds)).toEqual([3.1, 3.2, 4.4, 4.3]);
		expect(JSON.parse(formatArchive(archive))).toEqual(JSON.parse(text));
		expect(archive.sessions.length).toBeGreaterThan(1);
		expect(archive.drills).toMatchObject([{ id: 'own-drill', basedOn: 'landing-box' }]);
		expect(archive.homework).toHaveLength(1);
		expect(archive.deleted.map(({ table }) => table)).toContain('homework');
	});

	it('is what release 1.0.0 froze: a change begins another version', () => {
		const { archive } = publishedSchemas('1.0.0');
		const frozen = readFileSync('tests/golden/archive-1.schema.json', 'utf8');
		expect(JSON.parse(JSON.stringify(archive))).toEqual(JSON.parse(frozen));
	});

	it('reads as many rows as it writes', () => {
		const first = parseArchive(demo);
		if ('problems' in first) throw new Error(first.problems.join());
		const [shot] = first.archive.shots;
		const shots = Array.from({ length: 2001 }, (_, i) => ({ ...shot!, id: `s-${i}` }));
		const again = parseArchive(formatArchive({ ...first.archive, shots }));
		expect('archive' in again && again.archive.shots).toHaveLength(2001);
	});

	it('is lifted from the version that wrote it, which holds it to its own rules first', () => {
		const first = z.object({ version: z.literal(1), metres: z.number() });
		const second = z.object({ version: z.literal(2), feet: z.number() });
		const versions = [
			{
				schema: first,
				lift: ({ metres }: z.output<typeof first>) => ({ version: 2, feet: metres * 3 })
			},
			{ schema: second, lift: null }
		];
		expect(lifted({ version: 1, metres: 4 }, 1, versions)).toEqual({
			content: { version: 2, feet: 12 }
		});
		expect(lifted({ version: 2, feet: 5 }, 2, versions)).toEqual({
			content: { version: 2, feet: 5 }
		});
		const wrong = lifted({ version: 1, metres: 'far' }, 1, versions);
		expect('error' in wrong && wrong.error.issues[0]!.path).toEqual(['metres']);
	});

	it('is refused whole, with the place of what is wrong', () => {
		const wrong = JSON.parse(demo) as { greens: { outline: unknown; pins: { at: unknown }[] }[] };
		wrong.greens[1]!.outline = 'round';
		wrong.greens[2]!.pins[0]!.at = [0, 'far'];
		const parsed = parseArchive(JSON.stringify(wrong));
		const problems = 'problems' in parsed ? parsed.problems.join('\n') : '';
		expect(problems).toContain(
			'green 2 “Spoil-heap green”, outline: Invalid input: expected array'
		);
		expect(problems).toContain(
			'green 3 “Kiln green”, pins, no. 1, at, no. 2: Invalid input: expected number'
		);
	});

	it.each([
		['{', 'The file is not JSON'],
		['[]', 'The file'],
		[
			'{"format":"something else","version":1,"exportedAt":"2026-01-01T00:00:00Z"}',
			'what kind of file it is: must be “crisp-landing archive”'
		],
		[
			'{"format":"crisp-landing archive","version":99,"exportedAt":"2026-01-01T00:00:00Z"}',
			'the version of the file: is of a newer release'
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
