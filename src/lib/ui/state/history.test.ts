import { describe, expect, it } from 'vitest';
import { History } from './history';

describe('History', () => {
	it('goes back and forth', () => {
		const history = new History<number>();
		history.remember(1);
		history.remember(2);
		expect(history.undo(3)).toBe(2);
		expect(history.undo(2)).toBe(1);
		expect(history.undo(1)).toBeUndefined();
		expect(history.redo(1)).toBe(2);
		expect(history.redo(2)).toBe(3);
		expect(history.canRedo).toBe(false);
	});

	it('forgets the future with a new change, and the oldest past', () => {
		const history = new History<number>();
		history.remember(1);
		history.undo(2);
		history.remember(5);
		expect(history.canRedo).toBe(false);
		for (let i = 0; i < 300; i++) history.remember(i);
		let steps = 0;
		while (history.undo(-1) !== undefined) steps++;
		expect(steps).toBe(200);
	});
});
