import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { afterEach, describe, expect, it } from 'vitest';
import { createRng, type Rng } from '$lib/core/math/random';
import { formatArchive, parseArchive } from '$lib/io/archive/archive';
import { importArchive, readAll } from '$lib/store/files/archive';
import { database } from '$lib/store/base/database';
import { schedules } from './schedules';
import { everybody } from '../support/everybody';

const FILE = JSON.parse(readFileSync('tests/golden/archive-1.json', 'utf8')) as unknown;
const ODD: readonly unknown[] = [
	null,
	undefined,
	-1,
	1e308,
	'',
	'x'.repeat(5000),
	[],
	{},
	true,
	'__proto__',
	'2026-13-45T99:99:99.999Z-zzzz-x'
];
const FAULTS_A_FILE = 3;

/** Any value inside plain data, with what holds it. */
function anywhere(value: unknown, rng: Rng): { holder: Record<string, unknown>; key: string } {
	let holder = value as Record<string, unknown>;
	for (;;) {
		const keys = Object.keys(holder);
		const key = keys[Math.floor(rng.uniform() * keys.length)]!;
		const next = holder[key];
		const deeper =
			typeof next === 'object' &&
			next !== null &&
			Object.keys(next).length > 0 &&
			rng.uniform() < 0.85;
		if (!deeper) return { holder, key };
		holder = next as Record<string, unknown>;
	}
}

/** Takes out, doubles or replaces something somewhere. */
function damage(file: unknown, rng: Rng): void {
	const { holder, key } = anywhere(file, rng);
	const kind = rng.uniform();
	if (kind < 0.2) delete holder[key];
	else if (kind < 0.35 && Array.isArray(holder)) holder.push(structuredClone(holder[Number(key)]));
	else if (kind < 0.5) holder[`${key} `] = 1;
	else holder[key] = ODD[Math.floor(rng.uniform() * ODD.length)];
}

afterEach(async () => {
	await database.delete();
	await database.open();
});

describe('a damaged archive', () => {
	it.each(schedules)(
		'is refused whole with words, or taken in so that it can be read again (schedule %i)',
		async (seed) => {
			const rng = createRng(seed + 7000);
			const file = structuredClone(FILE);
			for (let i = 0; i < FAULTS_A_FILE; i++) damage(file, rng);
			const parsed = parseArchive(JSON.stringify(file));
			if ('problems' in parsed) {
				expect(parsed.problems.length).toBeGreaterThan(0);
				for (const problem of parsed.problems) expect(problem).toMatch(/.: .+/);
				return;
			}
			await importArchive(parsed.archive);
			const files = await everybody();
			expect(files.length).toBe(new Set(parsed.archive.pupils.map(({ id }) => id)).size);
			const again = parseArchive(formatArchive(await readAll()));
			expect('archive' in again).toBe(true);
		}
	);
});
