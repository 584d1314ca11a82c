import { describe, expect, it } from 'vitest';
import { packed, textOf } from './gzip';

describe('packed files', () => {
	it('come back as they were, and shrink', async () => {
		const text = 'Kiln green, 5 m, “naïve” '.repeat(4000);
		const file = await packed(text);
		expect(file.size).toBeLessThan(text.length / 20);
		expect(await textOf(file, 10 ** 7)).toBe(text);
	});

	it('are told from plain ones by their first bytes', async () => {
		expect(await textOf(new Blob(['{"plain":true}']), 100)).toBe('{"plain":true}');
		expect(await textOf(new Blob([]), 100)).toBe('');
	});

	it('are refused where they unpack to more than can be read, or are damaged', async () => {
		const bomb = await packed('0'.repeat(10 ** 6));
		await expect(textOf(bomb, 10 ** 5)).rejects.toThrow('unpacks to more');
		await expect(textOf(bomb.slice(0, 40), 10 ** 7)).rejects.toThrow();
	});
});
