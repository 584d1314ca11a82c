import { describe, expect, it } from 'vitest';
import { Draft } from './draft.svelte';

const draft = () => {
	let changes = 0;
	const made = new Draft({ list: [1, 2], name: 'a' }, () => changes++);
	return { made, changes: () => changes };
};

describe('Draft', () => {
	it('tells of every change and undoes each in one step', () => {
		const { made, changes } = draft();
		made.change((value) => value.list.push(3));
		made.change((value) => (value.name = 'b'));
		expect(changes()).toBe(2);
		made.undo();
		expect(made.value).toEqual({ list: [1, 2, 3], name: 'a' });
		made.undo();
		made.undo();
		expect(made.value).toEqual({ list: [1, 2], name: 'a' });
		expect([made.canUndo, made.canRedo]).toEqual([false, true]);
		made.redo();
		expect(made.value.list).toEqual([1, 2, 3]);
	});

	it('makes one step of a drag, and none of a drag that never began', () => {
		const { made } = draft();
		made.startDrag();
		for (let i = 0; i < 5; i++) made.change((value) => (value.name += i));
		made.endDrag();
		made.endDrag();
		made.undo();
		expect(made.value.name).toBe('a');
		expect(made.canUndo).toBe(false);
	});

	it('shares what did not change, so that a step costs what it changes', () => {
		const big = { grid: Array.from({ length: 1000 }, (_, i) => i), note: '' };
		const made = new Draft(big, () => {});
		made.change((value) => (value.note = 'wet'));
		expect(made.value.grid).toBe(big.grid);
		made.undo();
		expect(made.value).toEqual({ grid: big.grid, note: '' });
		expect(made.value.grid).toBe(big.grid);
	});

	it('takes no note of a change that changes nothing', () => {
		const { made, changes } = draft();
		made.change((value) => (value.name = 'a'));
		expect([changes(), made.canUndo]).toEqual([0, false]);
	});

	it('forgets how it came to be when it is reset', () => {
		const { made } = draft();
		made.change((value) => (value.name = 'b'));
		made.reset({ list: [], name: 'other tab' });
		expect([made.canUndo, made.canRedo, made.value.name]).toEqual([false, false, 'other tab']);
	});

	it('remembers the last two hundred steps', () => {
		const { made } = draft();
		for (let i = 0; i < 205; i++) made.change((value) => (value.name = `n${i}`));
		for (let i = 0; i < 300; i++) made.undo();
		expect(made.value.name).toBe('n4');
	});

	it('hands out copies that later changes do not reach', () => {
		const { made } = draft();
		const before = made.value;
		made.change((value) => value.list.push(9));
		expect(before.list).toEqual([1, 2]);
		made.replace({ list: [], name: 'new' });
		made.undo();
		expect(made.value.list).toEqual([1, 2, 9]);
	});
});
