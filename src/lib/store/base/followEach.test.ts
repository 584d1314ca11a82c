import 'fake-indexeddb/auto';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { soon, until } from '../../../../tests/support/soon';
import { database } from './database';
import { FollowEach } from './followEach';

beforeEach(() => database.settings.clear());

const heard: string[] = [];
const failures: string[] = [];
/** Answers that wait until they are let go. */
let gate: Promise<void> = Promise.resolve();
/** What was asked for, in order; and a key that waits for nothing. */
const asked: string[] = [];
let free = '';
const each = new FollowEach(
	async (key) => {
		asked.push(key);
		const row = await database.settings.get(key);
		if (key !== free) await gate;
		if (key === 'broken') throw new Error(key);
		return row?.value;
	},
	(key, value) => heard.push(`${key}: ${String(value)}`),
	(error) => failures.push((error as Error).message)
);

afterEach(() => {
	each.stop();
	heard.length = failures.length = asked.length = 0;
	free = '';
});

it('reads one after another in the order that is asked for, changed on the way', async () => {
	let open = () => {};
	gate = new Promise((resolve) => (open = resolve));
	each.keep(['a', 'b', 'c', 'd']);
	each.keep(['a', 'd', 'c']);
	open();
	await until(() => heard.length === 3);
	expect(heard).toEqual(['a: undefined', 'd: undefined', 'c: undefined']);
});

it('tells of a key what changes of it, of no other, and nothing of one that is no longer followed', async () => {
	each.keep(['a', 'b']);
	await until(() => heard.length === 2);
	await database.settings.put({ key: 'b', value: 1 });
	await until(() => heard.length === 3);
	each.keep(['a']);
	await database.settings.bulkPut([
		{ key: 'b', value: 2 },
		{ key: 'a', value: 3 }
	]);
	await soon(() => expect(heard).toContain('a: 3'));
	expect(heard).toEqual(['a: undefined', 'b: undefined', 'b: 1', 'a: 3']);
});

it('reads one at a time, though another that is followed changes meanwhile', async () => {
	each.keep(['a']);
	await until(() => heard.length === 1);
	let open = () => {};
	gate = new Promise((resolve) => (open = resolve));
	free = 'a';
	each.keep(['a', 'b', 'c']);
	await database.settings.put({ key: 'a', value: 1 });
	await soon(() => expect(heard).toContain('a: 1'));
	expect(asked).toEqual(expect.arrayContaining(['a', 'b']));
	expect(asked).not.toContain('c');
	open();
	await soon(() => expect(heard).toContain('c: undefined'));
});

it('says nothing more, and asks for nothing, once it is stopped', async () => {
	each.keep(['a']);
	await until(() => heard.length === 1);
	each.stop();
	await database.settings.put({ key: 'a', value: 1 });
	await new Promise((resolve) => setTimeout(resolve, 50));
	expect(heard).toEqual(['a: undefined']);
	expect(asked).toEqual(['a']);
});

it('goes on behind one that cannot be read, and one that is given up while it is', async () => {
	each.keep(['broken', 'a']);
	await until(() => heard.length === 1);
	expect(failures).toEqual(['broken']);
	let open = () => {};
	gate = new Promise((resolve) => (open = resolve));
	each.keep(['b', 'c']);
	each.keep(['c']);
	open();
	await soon(() => expect(heard).toContain('c: undefined'));
	expect(heard).not.toContain('b: undefined');
});
