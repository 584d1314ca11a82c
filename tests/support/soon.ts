import { vi } from 'vitest';

/** Waits until a check holds. How long that takes is the machine's affair: a test that waits says nothing of speed. */
export const soon = <T>(check: () => T | Promise<T>) => vi.waitFor(check, { timeout: 30_000 });

/** Waits until something is so. */
export const until = (holds: () => boolean) =>
	soon(() => {
		if (!holds()) throw new Error('it never came true');
	});
