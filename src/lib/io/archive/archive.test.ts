import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { fileOf } from '../pupil';
import { stampOfTime } from '../stamp';
import { formatArchive, parseArchive, type Archive } from './archive';
import { PRESENT_VERSION } from './lift';
import { liftShotTo2 } from './liftTo2';

const demo = readFileSync('static/demo/quarry-academy.json', 'utf8');

interface Old {
	version: number;
	shots: { shot: { golfer: object; situation: object; bag: { name: string; loft: number }[] } }[];
	greens: object[];
	readings: object[];
	unreadable?: object[];
}

function read(file: string): Archive {
	const parsed = parseArchive(readFileSync(file, 'utf8'));
	if ('problems' in parsed) throw new Error(parsed.problems.join());
	return parsed.archive;
}

const withoutStamps = <T extends { createdAt: string; updatedAt: string }>(row: T) => {
	const { createdAt: _created, updatedAt: _updated, ...rest } = row;
	return rest;
};

describe('archive', () => {
	it('comes back without loss, the demo as well', () => {
		const first = parseArchive(demo);
		if ('problems' in first) throw new Error(first.problems.join());
		expect(first.archive.greens).toHaveLength(3);
		expect(parseArchive(formatArchive(first.archive))).toEqual(first);
	});

	it('reads what release 0.1 wrote, whole, and lifts it', () => {
		const old = JSON.parse(readFileSync('tests/golden/archive-1.json', 'utf8')) as Old;
		expect(old.version).toBe(1);
		const archive = read('tests/golden/archive-1.json');
		expect(archive.version).toBe(PRESENT_VERSION);
		expect(archive.greens.map(withoutStamps)).toEqual(old.greens);
		expect(archive.readings.map(withoutStamps)).toEqual(old.readings);
		archive.shots.forEach(({ shot }, i) => {
			const before = old.shots[i]!.shot;
			expect(shot.situation).toEqual(before.situation);
			const { pupil, clubs } = fileOf(archive, shot.pupilId)!;
			expect(pupil).toMatchObject(before.golfer);
			expect(clubs.map(({ name, loft }) => ({ name, loft }))).toEqual(
				before.bag.map(({ name, loft }) => ({ name, loft }))
			);
		});
		expect(parseArchive(formatArchive(archive))).toEqual({ archive });
	});

	it('reads what version 2 wrote: equal golfers and bags become one pupil', () => {
		const old = JSON.parse(readFileSync('tests/golden/archive-2.json', 'utf8')) as Old;
		const archive = read('tests/golden/archive-2.json');
		expect(archive.pupils.map(({ name }) => name)).toEqual([
			'Handicap 15',
			'Scratch, left-handed',
			'Handicap 28',
			'Tour expert'
		]);
		const whose = archive.shots.map(({ shot }) => fileOf(archive, shot.pupilId)!.pupil.name);
		expect(whose.filter((name) => name === 'Handicap 15')).toHaveLength(3);
		const own = archive.shots.find(({ id }) => id === 'own-1')!;
		expect(fileOf(archive, own.shot.pupilId)!.pupil).toMatchObject({
			spread: { speed: 6, direction: 2.5, loft: 2, lowPoint: 1.2 },
			technique: { chip: 'sole', flop: 'trail', stroke: 'hinge-and-hold' },
			units: 'paces',
			pace: 0.9
		});
		expect(archive.unreadable).toEqual(old.unreadable);
		expect(archive.preferences).toEqual({ theme: 'slate', aloud: false });
		expect(archive.readings[0]!.updatedAt).toBe(stampOfTime(archive.readings[0]!.takenAt));
	});

	it('reads what version 3 wrote: every row as it was, and no session yet', () => {
		const old = JSON.parse(readFileSync('tests/golden/archive-3.json', 'utf8')) as Archive;
		const archive = read('tests/golden/archive-3.json');
		for (const table of ['pupils', 'clubs', 'balls', 'shots', 'greens', 'readings'] as const)
			expect(archive[table]).toMatchObject(old[table]);
		expect(archive.balls.length).toBeGreaterThan(20);
		expect(archive.balls[0]).toMatchObject({ shape: 'straight', lie: 'fairway', counts: true });
		expect([archive.deleted, archive.unreadable]).toEqual([old.deleted, old.unreadable]);
		expect([archive.sessions, archive.drills, archive.homework]).toEqual([[], [], []]);
	});

	it('keeps everything that version 4 held', () => {
		const old = JSON.parse(readFileSync('tests/golden/archive-4.json', 'utf8')) as Archive;
		const { version, preferences, ...archive } = read('tests/golden/archive-4.json');
		expect(version).toBe(PRESENT_VERSION);
		expect(preferences).toEqual(old.preferences && { ...old.preferences, aloud: false });
		expect({ ...archive, version: 4, preferences: old.preferences }).toEqual(old);
	});

	it('reads what the present release wrote, whole', () => {
		const archive = read('tests/golden/archive-5.json');
		const text = readFileSync('tests/golden/archive-5.json', 'utf8');
		const timed = archive.readings.find(({ method }) => method === 'timed')!;
		expect(timed.rolls.map(({ seconds }) => seconds)).toEqual([3.1, 3.2, 4.4, 4.3]);
		expect(JSON.parse(formatArchive(archive))).toEqual(JSON.parse(text));
		expect(archive.sessions.length).toBeGreaterThan(1);
		expect(archive.drills).toMatchObject([{ id: 'own-drill', basedOn: 'landing-box' }]);
		expect(archive.homework).toHaveLength(1);
		expect(archive.deleted.map(({ table }) => table)).toContain('homework');
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

	it('holds files of release 0.1 to what that release held them to', () => {
		const wrong = JSON.parse(readFileSync('tests/golden/archive-1.json', 'utf8')) as {
			greens: { outline: unknown }[];
		};
		wrong.greens[0]!.outline = [[0, 0]];
		const parsed = parseArchive(JSON.stringify(wrong));
		expect('problems' in parsed && parsed.problems.join('\n')).toContain(
			'green 1 “Kiln green”, outline: must have at least three corners'
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
