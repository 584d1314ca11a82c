import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { afterPatience } from './patience';

beforeEach(() => void vi.useFakeTimers({ now: 0 }));
afterEach(() => void vi.useRealTimers());

it('runs once, after so long, unless it is ended', () => {
	const [run, ended] = [vi.fn(), vi.fn()];
	afterPatience(5000, run);
	const end = afterPatience(5000, ended);
	vi.advanceTimersByTime(4800);
	expect(run).not.toHaveBeenCalled();
	end();
	vi.advanceTimersByTime(10_000);
	expect([run.mock.calls.length, ended.mock.calls.length]).toEqual([1, 0]);
});

it('does not count the time in which the page was busy', () => {
	const run = vi.fn();
	afterPatience(5000, run);
	vi.advanceTimersByTime(1000);
	// A task of a minute: the clock goes on, no tick comes.
	vi.setSystemTime(61_000);
	vi.advanceTimersByTime(1000);
	expect(run).not.toHaveBeenCalled();
	vi.advanceTimersByTime(3500);
	expect(run).toHaveBeenCalledTimes(1);
});
