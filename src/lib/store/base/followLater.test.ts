import 'fake-indexeddb/auto';
import { expect, it, vi } from 'vitest';
import { followLater } from './followLater';
import { readPlaying, writePlaying } from '../shelves/pupils';
import { soon } from '../../../../tests/support/soon';

const later = <T>(value: T) => Promise.resolve(value);
const never = () => expect.unreachable();

it('follows what the store says once it is there, until it is stopped', async () => {
	const next = vi.fn();
	const stop = followLater(() => later(readPlaying), next, never);
	await soon(() => expect(next).toHaveBeenLastCalledWith(null));
	await writePlaying('ann');
	await soon(() => expect(next).toHaveBeenLastCalledWith('ann'));
	stop();
	await writePlaying('zoe');
	await new Promise((resolve) => setTimeout(resolve, 50));
	expect(next).toHaveBeenLastCalledWith('ann');
});

it('asks nothing where it is stopped before the store is there', async () => {
	const query = vi.fn(() => later(1));
	followLater(() => later(query), never, never)();
	await new Promise((resolve) => setTimeout(resolve, 50));
	expect(query).not.toHaveBeenCalled();
});

it('says that the store could not be fetched', async () => {
	const failed = vi.fn();
	followLater(() => Promise.reject(new Error('offline')), never, failed);
	await soon(() => expect(failed).toHaveBeenCalledWith(new Error('offline')));
});
