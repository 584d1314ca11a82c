import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { formatArchive, parseArchive } from './archive';
import { liftShotTo2, PRESENT_VERSION } from './lift';

const demo = readFileSync('static/demo/quarry-academy.json', 'utf8');

describe('archive', () => {
	it('comes back without loss, the demo as well', () => {
		const first = parseArchive(demo);
		if ('problems' in first) throw new Error(first.problems.join());
		expect(first.archive.greens).toHaveLength(3);
		expect(parseArchive(formatArchive(first.archive))).toEqual(first);
	});

	it('reads what release 0.1 wrote, whole, and lifts it', () => {
		const old = JSON.parse(readFileSync('tests/golden/archive-1.json', 'utf8')) as {
			version: number;
			shots: { id: string; shot: { golfer: object; situation: object } }[];
			greens: object[];
			readings: object[];
		};
		expect(old.version).toBe(1);
		const parsed = parseArchive(JSON.stringify(old));
		if ('problems' in parsed) throw new Error(parsed.problems.join());
		const { archive } = parsed;
		expect(archive.version).toBe(PRESENT_VERSION);
		expect(archive.greens).toEqual(old.greens);
		expect(archive.readings).toEqual(old.readings);
		archive.shots.forEach(({ shot }, i) => {
			const before = old.shots[i]!.shot;
			expect(shot.situation).toEqual(before.situation);
			expect(shot.golfer).toEqual({ ...before.golfer, carries: [] });
			expect(shot.bag[0]).toMatchObject({ id: '4H', name: '4H' });
		});
		expect(parseArchive(formatArchive(archive))).toEqual(parsed);
	});

	it('reads what the present release wrote, whole', () => {
		const text = readFileSync('tests/golden/archive-2.json', 'utf8');
		const parsed = parseArchive(text);
		if ('problems' in parsed) throw new Error(parsed.problems.join());
		expect(JSON.parse(formatArchive(parsed.archive))).toEqual(JSON.parse(text));
		expect(parsed.archive.unreadable).toHaveLength(1);
		expect(parsed.archive.preferences).not.toBeNull();
	});

	it('reads as many rows as it writes', () => {
		const first = parseArchive(demo);
		if ('problems' in first) throw new Error(first.problems.join());
		const [shot] = first.archive.shots;
		const shots = Array.from({ length: 2001 }, (_, i) => ({ ...shot!, id: `s-${i}` }));
		const again = parseArchive(formatArchive({ ...first.archive, shots }));
		expect('archive' in again && again.archive.shots).toHaveLength(2001);
	});

	it('gives every club an id of its own, whatever it is called', () => {
		const bag = [{ name: 'SW' }, { name: 'Lob 60°' }, { name: 'SW' }, { name: 'PW', id: 'p' }];
		expect(liftShotTo2({ bag, situation: 1 })).toEqual({
			situation: 1,
			bag: [
				{ id: 'SW', name: 'SW' },
				{ id: 'club-2', name: 'Lob 60°' },
				{ id: 'club-3', name: 'SW' },
				{ id: 'p', name: 'PW' }
			]
		});
		expect([liftShotTo2(5), liftShotTo2({ bag: 'none' })]).toEqual([5, { bag: 'none' }]);
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
			'{"format":"crisp-landing archive","version":99,"exportedAt":"2026-01-01T00:00:00Z"}',
			'version: is of a newer release'
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
