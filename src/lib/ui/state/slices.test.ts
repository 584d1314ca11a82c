import { afterEach, describe, expect, it, vi } from 'vitest';
import { collectInSlices, finishInSlices } from './slices';

afterEach(() => void vi.restoreAllMocks());

/** A clock that goes on by so much each time it is read. */
function clockOf(step: number) {
	let now = 0;
	vi.spyOn(performance, 'now').mockImplementation(() => (now += step));
}

function* counting(to: number, seen: (n: number) => void = () => {}) {
	for (let n = 1; n <= to; n++) {
		seen(n);
		yield n;
	}
}

describe('work in slices', () => {
	it('is all there, in order', async () => {
		clockOf(5);
		expect(await collectInSlices(counting(7), new AbortController().signal)).toEqual([
			1, 2, 3, 4, 5, 6, 7
		]);
	});

	it('is done at once where it is short', () => {
		clockOf(0.1);
		const seen: number[] = [];
		void collectInSlices(
			counting(5, (n) => seen.push(n)),
			new AbortController().signal
		);
		expect(seen).toEqual([1, 2, 3, 4, 5]);
	});

	it('lets others have a turn, and is left where nobody waits for it', async () => {
		clockOf(10);
		const seen: number[] = [];
		const abort = new AbortController();
		const all = collectInSlices(
			counting(50, (n) => seen.push(n)),
			abort.signal
		);
		expect(seen).toEqual([1]);
		await new Promise((resolve) => setTimeout(resolve));
		abort.abort();
		expect((await all).length).toBeLessThan(5);
		expect(seen.length).toBeLessThan(5);
	});
});

describe('steps in slices', () => {
	function* summing(to: number, seen: number[] = []) {
		let sum = 0;
		for (let n = 1; n <= to; n++) {
			seen.push(n);
			sum += n;
			yield;
		}
		return sum;
	}

	it('make what they make', async () => {
		clockOf(5);
		expect(await finishInSlices(summing(9))).toBe(45);
	});

	it('let others have a turn between two slices', async () => {
		clockOf(10);
		const seen: number[] = [];
		const made = finishInSlices(summing(3, seen));
		expect(seen).toEqual([1]);
		await made;
		expect(seen).toEqual([1, 2, 3]);
	});
});
