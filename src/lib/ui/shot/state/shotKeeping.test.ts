import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { database } from '$lib/store/base/database';
import { shotShelf } from '$lib/store/shelves/savedShots';
import { readLastShot } from '$lib/store/shelves/settings';
import { playWords } from '$lib/io/words/play';
import { directPool } from '../../../../../tests/support/planner';
import { until } from '../../../../../tests/support/soon';
import { freshShot } from '$lib/io/work/freshShot';

import { closeBenches, opened } from '../../../../../tests/support/benches';

afterEach(closeBenches);

beforeEach(async () => {
	await Promise.all(database.tables.map((table) => table.clear()));
});

describe('saving', () => {
	const rename = async (made: ReturnType<typeof opened>, name: string, asCopy = false) =>
		(await made.save(name, asCopy)).saved;
	const fresh = () => {
		const made = opened(directPool().pool);
		made.open({ shot: freshShot('pupil-1'), name: '', origin: null });
		return made;
	};

	it('keeps what the shot was called, and nothing of one that was not called yet', async () => {
		const made = fresh();
		expect((await made.save('Uncalled', false)).saved).not.toHaveProperty('called');
		await until(() => made.status === 'ready');
		const { outcome } = made.choices[0]!.candidate.solution;
		const { called } = (await made.save('Uncalled', false)).saved;
		expect(called!.words).toBe(playWords(made.choices[0]!.candidate.play));
		expect(called!.carry).toBeCloseTo(outcome.carry, 2);
		expect(called!.roll).toBeCloseTo(outcome.roll, 2);
	});

	it('goes over the shot it came from, tells what that was, and puts it back', async () => {
		const made = fresh();
		const first = await made.save('Bank', false);
		expect(first.replaced).toBeNull();
		expect([made.isSaved, made.goesOver('Bank'), made.goesOver('Other')]).toEqual([
			true,
			true,
			false
		]);
		made.change(({ situation }) => (situation.edgeToPin = 5));
		expect(made.isSaved).toBe(false);
		const { saved, replaced } = await made.save('Bank', false);
		expect(saved.id).toBe(first.saved.id);
		expect(replaced?.shot.situation.edgeToPin).toBe(9);
		await made.putBack(replaced!);
		expect((await shotShelf.get(saved.id))?.shot.situation.edgeToPin).toBe(9);
		expect(made.shot.situation.edgeToPin).toBe(5);
		expect(made.isSaved).toBe(false);
	});

	it('makes a new shot under another name, and never two of one name', async () => {
		const made = fresh();
		const bank = await rename(made, 'Bank');
		const ridge = await rename(made, 'Ridge');
		expect(ridge.id).not.toBe(bank.id);
		const other = fresh();
		expect((await rename(other, 'Bank')).name).toBe('Bank 2');
		expect((await rename(other, 'x'.repeat(60), true)).name).toHaveLength(60);
		expect((await rename(other, 'x'.repeat(60), true)).name).toBe(`${'x'.repeat(58)} 2`);
		expect((await shotShelf.read()).rows).toHaveLength(5);
	});

	it('begins a plain shot, and goes back to the one before with its name and what it was saved as', async () => {
		const made = fresh();
		await made.save('Bank', false);
		made.change(({ situation }) => (situation.edgeToPin = 5));
		const back = made.begin();
		expect([made.name, made.id, made.shot.situation.edgeToPin]).toEqual(['', null, 9]);
		back();
		expect([made.name, made.shot.situation.edgeToPin]).toEqual(['Bank', 5]);
		expect(made.goesOver('Bank')).toBe(true);
	});
});

describe('two tabs on one shot', () => {
	const saved = {
		id: 'both',
		name: 'Both',
		savedAt: '2026-01-01T00:00:00.000Z',
		shot: freshShot('pupil-1')
	};
	const tab = () => {
		const made = opened(directPool().pool);
		made.open({ shot: saved.shot, name: saved.name, origin: saved });
		return made;
	};

	it('keep what each changed, and show both', async () => {
		await shotShelf.put(saved);
		const [a, b] = [tab(), tab()];
		await a.flush();
		await b.flush();
		a.change(({ situation }) => (situation.edgeToPin = 7));
		b.change(({ situation }) => (situation.stimpFeet = 12));
		await a.flush();
		await b.flush();
		expect(b.shot.situation).toMatchObject({ edgeToPin: 7, stimpFeet: 12 });
		const last = await readLastShot();
		expect(last !== 'broken' && last?.shot.situation).toMatchObject({
			edgeToPin: 7,
			stimpFeet: 12
		});
		b.undo();
		expect(b.shot.situation).toMatchObject({ edgeToPin: 7, stimpFeet: 10 });
		await a.close();
		await b.close();
	});

	it('tell of parts that both changed; each is left as it is here, or taken from there, by itself', async () => {
		await shotShelf.put(saved);
		const [a, b] = [tab(), tab()];
		await a.flush();
		await b.flush();
		for (const [made, edgeToPin, stimpFeet] of [
			[a, 7, 11],
			[b, 5, 12]
		] as const) {
			made.change(({ situation }) => Object.assign(situation, { edgeToPin, stimpFeet }));
			await made.flush();
		}
		const told = () => b.clashes.map(({ path, theirs }) => [path.at(-1), theirs]);
		expect(told()).toEqual([
			['edgeToPin', 7],
			['stimpFeet', 11]
		]);
		b.forgetClash(b.clashes[0]!);
		expect(told()).toEqual([['stimpFeet', 11]]);
		expect(b.shot.situation).toMatchObject({ edgeToPin: 5, stimpFeet: 12 });
		b.takeTheirs(b.clashes[0]!);
		expect(told()).toEqual([]);
		expect(b.shot.situation).toMatchObject({ edgeToPin: 5, stimpFeet: 11 });
		await a.close();
		await b.close();
	});

	it('save over the kept shot without taking the other’s part back', async () => {
		await shotShelf.put(saved);
		const [a, b] = [tab(), tab()];
		a.change(({ situation }) => (situation.edgeToPin = 7));
		b.change((working) => (working.pupilId = 'pupil-2'));
		await a.save('Both', false);
		await b.save('Both', false);
		const { shot } = (await shotShelf.get('both'))!;
		expect([shot.situation.edgeToPin, shot.pupilId]).toEqual([7, 'pupil-2']);
		await a.close();
		await b.close();
	});

	it('leave each other alone where each has a shot of its own', async () => {
		const [a, b] = [opened(directPool().pool), opened(directPool().pool)];
		for (const own of [a, b]) own.open({ shot: freshShot('pupil-1'), name: '', origin: null });
		a.change(({ situation }) => (situation.edgeToPin = 7));
		b.change(({ situation }) => (situation.stimpFeet = 12));
		await a.flush();
		await b.flush();
		expect(b.shot.situation).toMatchObject({ edgeToPin: 9, stimpFeet: 12 });
		await a.close();
		await b.close();
	});
});
