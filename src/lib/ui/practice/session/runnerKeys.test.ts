import { expect, it } from 'vitest';
import type { StrikeTag } from '$lib/core/practice/practised';
import { runnerKeys } from './runnerKeys';

it('says with each figure what it shows, and nothing else', () => {
	const said: string[] = [];
	const keys = runnerKeys({
		undo: () => said.push('undo'),
		nextPupil: () => said.push('next'),
		tag: (tag: StrikeTag) => said.push(tag)
	});
	const press = (key: string) => {
		const shortcut = keys.find((one) => one.keys.includes(key));
		shortcut?.run({} as KeyboardEvent);
		return [shortcut?.shown, shortcut?.does.split(' ').at(-1), said.pop()];
	};
	expect(press('1')).toEqual(['1', 'heavy', 'heavy']);
	expect(press('2')).toEqual(['2', 'thin', 'thin']);
	expect(press('3')[2]).toBe('toe');
	expect(press('0')).toEqual([undefined, undefined, undefined]);
	expect([press('Backspace')[2], press('n')[2]]).toEqual(['undo', 'next']);
});
