import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { hearTidings, type Tiding } from '$lib/store/base/tidings';
import { Autosave } from './autosave.svelte';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

/** A store that answers when it is told to. */
function slowStore() {
	const saved: number[] = [];
	const noted: number[] = [];
	let value = 0;
	let failing = false;
	const autosave = new Autosave(
		() => {
			if (failing) return Promise.reject(new Error('the disk is full'));
			saved.push(value);
			return Promise.resolve();
		},
		() => noted.push(value) > 0,
		400
	);
	return {
		autosave,
		saved,
		noted,
		edit: (now: number) => {
			value = now;
			autosave.touch();
		},
		fail: (now: boolean) => (failing = now)
	};
}

describe('Autosave', () => {
	it('keeps the last of many changes, once, a moment after it', async () => {
		const { autosave, saved, edit } = slowStore();
		edit(1);
		await vi.advanceTimersByTimeAsync(300);
		edit(2);
		await vi.advanceTimersByTimeAsync(300);
		expect([saved, autosave.pending]).toEqual([[], true]);
		await vi.advanceTimersByTimeAsync(150);
		expect([saved, autosave.pending]).toEqual([[2], false]);
	});

	it('keeps at once when it is closed, and not again', async () => {
		const { autosave, saved, edit } = slowStore();
		edit(7);
		await autosave.close();
		await vi.advanceTimersByTimeAsync(5000);
		expect(saved).toEqual([7]);
	});

	it('notes and says what cannot be kept when it is closed, and leaves it to whoever writes notes', async () => {
		const heard: Tiding[] = [];
		const deaf = hearTidings((tiding) => heard.push(tiding));
		const { autosave, saved, noted, edit, fail } = slowStore();
		fail(true);
		edit(7);
		await autosave.close();
		expect([noted, heard]).toEqual([
			[7],
			[{ kind: 'notKept', why: 'the disk is full', noted: true }]
		]);
		fail(false);
		await vi.advanceTimersByTimeAsync(2500);
		expect(saved).toEqual([]);
		deaf();
	});

	it('goes on trying after it is closed where there is no room for a note either', async () => {
		const heard: Tiding[] = [];
		const deaf = hearTidings((tiding) => heard.push(tiding));
		const save = vi.fn(() => Promise.reject(new Error('full')));
		const autosave = new Autosave(save, () => false, 400);
		autosave.touch();
		await autosave.close();
		expect(heard).toEqual([{ kind: 'notKept', why: 'full', noted: false }]);
		save.mockImplementation(() => Promise.resolve() as never);
		await vi.advanceTimersByTimeAsync(2500);
		expect([save.mock.calls.length, autosave.pending]).toEqual([2, false]);
		deaf();
	});

	it('does nothing where nothing changed', async () => {
		const { autosave, saved } = slowStore();
		await autosave.flush();
		expect(saved).toEqual([]);
	});

	it('says what failed, holds on to it and tries again', async () => {
		const { autosave, saved, edit, fail } = slowStore();
		fail(true);
		edit(3);
		await vi.advanceTimersByTimeAsync(500);
		expect([autosave.pending, autosave.failure]).toEqual([true, 'the disk is full']);
		fail(false);
		await vi.advanceTimersByTimeAsync(2500);
		expect([saved, autosave.pending, autosave.failure]).toEqual([[3], false, '']);
	});

	it('counts what is on its way as not kept, and what changed meanwhile too', async () => {
		let done = () => {};
		const save = vi.fn(() => new Promise<void>((resolve) => (done = resolve)));
		const autosave = new Autosave(save, () => true, 400);
		autosave.touch();
		const first = autosave.flush();
		expect(autosave.pending).toBe(true);
		done();
		await first;
		expect(autosave.pending).toBe(false);
		autosave.touch();
		const second = autosave.flush();
		autosave.touch();
		done();
		await second;
		expect(autosave.pending).toBe(true);
		await vi.advanceTimersByTimeAsync(400);
		expect(save).toHaveBeenCalledTimes(3);
	});

	it('waits for what is on its way before it is closed, and keeps it once', async () => {
		let done = () => {};
		const save = vi.fn(() => new Promise<void>((resolve) => (done = resolve)));
		const autosave = new Autosave(save, () => true, 400);
		autosave.touch();
		void autosave.flush();
		let closed = false;
		const closing = autosave.close().then(() => (closed = true));
		await vi.advanceTimersByTimeAsync(1000);
		expect(closed).toBe(false);
		done();
		await closing;
		expect(save).toHaveBeenCalledTimes(1);
	});

	it('says that storage does not answer, notes what is there, and takes the answer when it comes', async () => {
		let done = () => {};
		const noted = vi.fn(() => true);
		const save = () => new Promise<void>((resolve) => (done = resolve));
		const autosave = new Autosave(save, noted, 400);
		autosave.touch();
		await vi.advanceTimersByTimeAsync(400 + 4900);
		expect([autosave.failure, noted.mock.calls.length]).toEqual(['', 0]);
		await vi.advanceTimersByTimeAsync(200);
		expect(autosave.failure).toContain('does not answer');
		expect(noted).toHaveBeenCalledTimes(1);
		done();
		await vi.advanceTimersByTimeAsync(0);
		expect([autosave.failure, autosave.pending]).toEqual(['', false]);
	});

	it('keeps at once when the page is hidden or left', async () => {
		const listeners = new Map<string, () => void>();
		const target = {
			addEventListener: (name: string, listener: () => void) => listeners.set(name, listener),
			removeEventListener: (name: string) => listeners.delete(name)
		};
		vi.stubGlobal('addEventListener', target.addEventListener);
		vi.stubGlobal('removeEventListener', target.removeEventListener);
		vi.stubGlobal('document', { visibilityState: 'hidden', ...target });
		const { autosave, saved, noted, edit } = slowStore();
		listeners.get('pagehide')!();
		expect(noted).toEqual([]);
		edit(1);
		listeners.get('pagehide')!();
		expect(noted).toEqual([1]);
		await vi.advanceTimersByTimeAsync(0);
		edit(2);
		listeners.get('visibilitychange')!();
		await vi.advanceTimersByTimeAsync(0);
		expect(saved).toEqual([1, 2]);
		await autosave.close();
		expect(listeners.size).toBe(0);
		vi.unstubAllGlobals();
	});
});
