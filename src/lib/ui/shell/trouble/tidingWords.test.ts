import { expect, it } from 'vitest';
import { tidingWords } from './tidingWords';

/** The header shows about three short lines. */
const ROOM = 78;

it('says in the room there is what the store has to say', () => {
	const said = [
		tidingWords({ kind: 'redated', rows: 1 }),
		tidingWords({ kind: 'redated', rows: 300 }),
		tidingWords({ kind: 'unwritten', notes: 2, senseless: 1 }),
		tidingWords({ kind: 'overtaken', parts: 1 }),
		tidingWords({ kind: 'setAside', name: 'Left unfinished, 2026-05-01 12:00' }),
		tidingWords({ kind: 'notKept', why: '', noted: true }),
		tidingWords({ kind: 'notKept', why: '', noted: false })
	];
	expect(said[0]).toBe('1 record had a date that cannot be: dated anew.');
	expect(said[1]).toMatch(/^300 records/);
	expect(said[5]).toMatch(/noted, not kept yet/);
	expect(said[6]).toMatch(/leave this tab open/);
	for (const words of said) expect(words.length).toBeLessThan(ROOM);
});
