import { describe, expect, it, vi } from 'vitest';
import type { FileHelper } from '$lib/workers/fileHelper';
import { FileWork } from './fileWork.svelte';

/** A helper that only tells how often it was closed. */
function helper() {
	const close = vi.fn();
	return { close, one: { close } as unknown as FileHelper };
}
const work = () => {
	const made: ReturnType<typeof helper>[] = [];
	const one = new FileWork(() => {
		made.push(helper());
		return made.at(-1)!.one;
	});
	return { one, made };
};

describe('a file beside the page', () => {
	it('tells its progress, and its helper goes when it is done', async () => {
		const { one, made } = work();
		const begun = one.begin((_, progress) => {
			progress(0.4);
			expect(one.progress).toBe(0.4);
			return Promise.resolve();
		});
		expect(one.status).toBe('working');
		await begun;
		expect(one.status).toBe('done');
		expect(made[0]!.close).toHaveBeenCalledOnce();
	});

	it('is given up at once when it is stopped', async () => {
		const { one, made } = work();
		let end = () => {};
		const begun = one.begin(() => new Promise((resolve) => (end = () => resolve())));
		one.cancel();
		expect(made[0]!.close).toHaveBeenCalled();
		expect(one.status).toBe('stopped');
		end();
		await begun;
		expect(one.status).toBe('stopped');
	});

	it('leaves a helper that is kept to the next piece of work, which is not ended by the one before', async () => {
		const { one, made } = work();
		await one.begin(() => Promise.resolve('keep'));
		expect(made[0]!.close).not.toHaveBeenCalled();
		const second = vi.fn(() => Promise.resolve('keep' as const));
		await one.begin(second, made[0]!.one);
		expect(second).toHaveBeenCalledOnce();
		expect(made).toHaveLength(1);
		expect(made[0]!.close).not.toHaveBeenCalled();
	});

	it('says why it failed, and the helper goes', async () => {
		const { one, made } = work();
		await one.begin(() => Promise.reject(new Error('The file is gone.')));
		expect([one.status, one.failure]).toEqual(['failed', 'The file is gone.']);
		expect(made[0]!.close).toHaveBeenCalledOnce();
	});
});
