import { afterEach, expect, it, vi } from 'vitest';
import { phoneSwings, phoneTilt } from './phoneSensors';
import { soon } from '../../../../tests/support/soon';

const target = new EventTarget();
vi.stubGlobal('window', target);
afterEach(() => {
	vi.unstubAllGlobals();
	vi.stubGlobal('window', target);
	vi.useRealTimers();
});

const send = (type: string, rest: object) =>
	target.dispatchEvent(Object.assign(new Event(type), rest));

async function first<T>(samples: AsyncIterable<T>, count: number): Promise<T[]> {
	const found: T[] = [];
	for await (const sample of samples) {
		found.push(sample);
		if (found.length === count) break;
	}
	return found;
}

it('asks to be allowed where the browser wants that, then hands on what it hears', async () => {
	const requestPermission = vi.fn(() => Promise.resolve('granted'));
	vi.stubGlobal('DeviceOrientationEvent', { requestPermission });
	const abort = new AbortController();
	const found = first(phoneTilt().samples(abort.signal), 2);
	await soon(() => expect(requestPermission).toHaveBeenCalledOnce());
	await Promise.resolve();
	send('deviceorientation', { beta: null, gamma: null });
	send('deviceorientation', { beta: 2, gamma: 0 });
	send('deviceorientation', { beta: 0, gamma: -2 });
	const [a, b] = await found;
	expect([a!.along, b!.across].map((rise) => rise.toFixed(4))).toEqual(['0.0349', '0.0349']);
});

it('says in words why there is nothing: not allowed, no such sensor, no secure address, silence', async () => {
	const never = new AbortController().signal;
	vi.stubGlobal('DeviceOrientationEvent', { requestPermission: () => Promise.resolve('denied') });
	await expect(first(phoneTilt().samples(never), 1)).rejects.toThrow('was not allowed');
	vi.stubGlobal('DeviceOrientationEvent', undefined);
	vi.stubGlobal('isSecureContext', true);
	await expect(first(phoneTilt().samples(never), 1)).rejects.toThrow('has no tilt sensor');
	vi.stubGlobal('isSecureContext', false);
	await expect(first(phoneTilt().samples(never), 1)).rejects.toThrow('secure address');
	vi.stubGlobal('DeviceMotionEvent', {});
	vi.useFakeTimers();
	const silent = expect(first(phoneSwings().samples(never), 1)).rejects.toThrow('tells nothing');
	await vi.advanceTimersByTimeAsync(2600);
	await silent;
});

it('ends when it is told to, and listens no more', async () => {
	vi.stubGlobal('DeviceMotionEvent', {});
	const abort = new AbortController();
	const removed = vi.spyOn(target, 'removeEventListener');
	const all = first(phoneSwings().samples(abort.signal), 9);
	await new Promise((resolve) => setTimeout(resolve));
	send('devicemotion', { accelerationIncludingGravity: { x: 3, y: 4, z: 0 } });
	await new Promise((resolve) => setTimeout(resolve));
	abort.abort();
	expect(await all).toMatchObject([{ size: 5 }]);
	expect(removed.mock.calls.map(([type]) => type)).toContain('devicemotion');
});
