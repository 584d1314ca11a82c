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
		expect(made.snapshot).toEqual({ list: [1, 2, 3], name: 'a' });
		made.undo();
		made.undo();
		expect(made.snapshot).toEqual({ list: [1, 2], name: 'a' });
		expect([made.canUndo, made.canRedo]).toEqual([false, true]);
		made.redo();
		expect(made.snapshot.list).toEqual([1, 2, 3]);
	});

	it('makes one step of a drag, and none of a drag that never began', () => {
		const { made } = draft();
		made.startDrag();
		for (let i = 0; i < 5; i++) made.change((value) => (value.name += i));
		made.endDrag();
		made.endDrag();
		made.undo();
		expect(made.snapshot.name).toBe('a');
		expect(made.canUndo).toBe(false);
	});

	it('hands out copies that later changes do not reach', () => {
		const { made } = draft();
		const before = made.snapshot;
		made.change((value) => value.list.push(9));
		expect(before.list).toEqual([1, 2]);
		made.replace({ list: [], name: 'new' });
		made.undo();
		expect(made.snapshot.list).toEqual([1, 2, 9]);
	});
});
