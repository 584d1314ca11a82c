import { expect, it } from 'vitest';
import { clearMarks } from './clearMarks';

it('keeps the most wanted marks and leaves out what would touch them, in the order of the swing', () => {
	const mark = (name: string, angle: number) => ({ name, angle });
	const wanted = [mark('b', 0.5), mark('a', 0.45), mark('d', 1), mark('c', 0.76), mark('e', 0.75)];
	expect(clearMarks(wanted, 0.25).map(({ name }) => name)).toEqual(['b', 'e', 'd']);
	expect(clearMarks([], 1)).toEqual([]);
});
