import { expect, it } from 'vitest';
import { answering } from './answering';

it('hands on what the store says, good or bad', async () => {
	expect(await answering(Promise.resolve(3), 20)).toBe(3);
	await expect(answering(Promise.reject(new Error('full')), 20)).rejects.toThrow('full');
});

it('does not wait for ever', async () => {
	await expect(answering(new Promise(() => {}), 20)).rejects.toThrow('does not answer');
});
