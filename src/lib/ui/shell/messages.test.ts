import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { messages, remind, tell, tellTrouble } from './messages.svelte';

beforeEach(() => {
	vi.useFakeTimers();
});
afterEach(() => {
	messages.clear();
	messages.clear();
	vi.useRealTimers();
});
const said = () => messages.current?.words ?? null;

it('goes by itself when nothing can be done about it, but not while it is looked at', () => {
	tell('Saved.');
	messages.hold(true);
	vi.advanceTimersByTime(60_000);
	expect(said()).toBe('Saved.');
	messages.hold(false);
	vi.advanceTimersByTime(60_000);
	expect(said()).toBeNull();
});

it('stays as long as something can be done about it, until another comes or the view is left', () => {
	const [run, passed] = [vi.fn(), vi.fn()];
	tell('Removed.', { label: 'Undo', run, passed });
	vi.advanceTimersByTime(60_000);
	expect(said()).toBe('Removed.');
	messages.act();
	expect(said()).toBeNull();
	expect([run.mock.calls.length, passed.mock.calls.length]).toEqual([1, 0]);
	tell('Removed.', { label: 'Undo', run, passed });
	tellTrouble('No room.');
	expect(messages.current).toMatchObject({ words: 'No room.', trouble: true });
	expect(passed).toHaveBeenCalledTimes(1);
});

it('goes with its view, unless it was said with the step that led there', () => {
	tell('Removed.', { label: 'Undo', run: () => {} });
	messages.viewLeft();
	expect(said()).toBe('Removed.');
	vi.advanceTimersByTime(30_000);
	messages.viewLeft();
	expect(said()).toBeNull();
});

it('gives way to what stands, where it only reminds of something, and is there again after it', () => {
	const save = vi.fn();
	remind('Nothing is saved.', { label: 'Save', run: save });
	expect(said()).toBe('Nothing is saved.');
	messages.stand({ words: 'A new version waits.', trouble: false, action: null });
	expect(said()).toBe('A new version waits.');
	messages.clear();
	expect(said()).toBe('Nothing is saved.');
	messages.act();
	expect([save.mock.calls.length, said()]).toEqual([1, null]);
});

it('comes back to what stands once everything else is said', () => {
	messages.stand({ words: 'A new version waits.', trouble: false, action: null });
	tell('Saved.');
	expect(said()).toBe('Saved.');
	messages.clear();
	expect(said()).toBe('A new version waits.');
	messages.clear();
	expect(said()).toBeNull();
});
