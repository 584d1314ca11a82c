import { afterEach, expect, it, vi } from 'vitest';
import { canShareFiles, handOver } from './share';

const saved = vi.hoisted(() => vi.fn());
vi.mock('./download', () => ({ downloadBlob: saved }));
afterEach(() => {
	saved.mockReset();
	vi.unstubAllGlobals();
});

const sheet = (share: (data: ShareData) => Promise<void>) =>
	vi.stubGlobal('navigator', { canShare: () => true, share });

it('goes to the share sheet as a file where there is one', async () => {
	const share = vi.fn<(data: ShareData) => Promise<void>>(() => Promise.resolve());
	sheet(share);
	expect(canShareFiles()).toBe(true);
	expect(await handOver('shot.json', '{}')).toBe('shared');
	expect(share.mock.calls[0]![0].files![0]!.name).toBe('shot.json');
	expect(saved).not.toHaveBeenCalled();
});

it('is saved where there is none, or where it fails, but not where somebody closes it', async () => {
	vi.stubGlobal('navigator', {});
	expect(canShareFiles()).toBe(false);
	expect(await handOver('shot.json', '{}')).toBe('saved');
	sheet(() => Promise.reject(new Error('no')));
	expect(await handOver('shot.json', '{}')).toBe('saved');
	expect(saved).toHaveBeenCalledTimes(2);
	sheet(() => Promise.reject(new DOMException('closed', 'AbortError')));
	expect(await handOver('shot.json', '{}')).toBe('left');
	expect(saved).toHaveBeenCalledTimes(2);
});
