import { expect, it } from 'vitest';
import { Arrival } from './arrival';

/** Whether a promise has settled by now. */
async function isOver(arrival: Arrival): Promise<boolean> {
	let over = false;
	void arrival.over().then(() => (over = true));
	await new Promise((resolve) => setTimeout(resolve));
	return over;
}

it('keeps nobody waiting unless a first call is being worked out', async () => {
	const arrival = new Arrival();
	expect(await isOver(arrival)).toBe(true);
	arrival.hold();
	expect(await isOver(arrival)).toBe(false);
	arrival.release();
	expect(await isOver(arrival)).toBe(true);
});

it('lets go of those that waited when it is held anew', async () => {
	const arrival = new Arrival();
	arrival.hold();
	const first = arrival.over();
	arrival.hold();
	await expect(first).resolves.toBeUndefined();
	expect(await isOver(arrival)).toBe(false);
});
