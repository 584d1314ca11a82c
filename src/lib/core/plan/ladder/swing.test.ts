import { describe, expect, it } from 'vitest';
import { question as ask } from '../../../../../tests/support/scenes';
import { fastestSwing } from '../../player/player';
import { fastestMeasured, planSwing } from './swing';

const measured = ask(
	{},
	{},
	{
		swings: [
			{ club: 'SW', swing: '8', carry: 6 },
			{ club: 'SW', swing: '9', carry: 12 }
		]
	}
).request;
const club = (name: string) => measured.bag.find((one) => one.name === name)!;
const [eight, nine] = measured.player.swings['SW']!.known;

describe('a planned swing', () => {
	it('comes from the player’s own carries where there are any, and says when it goes past them', () => {
		const at = (speed: number) => planSwing(club('SW'), speed, measured.player);
		expect(at(eight!.speed)).toMatchObject({ source: 'measured', past: false, name: '8' });
		expect(at(nine!.speed)).toMatchObject({ source: 'measured', past: false, name: '9' });
		expect(at(1.1 * nine!.speed)).toMatchObject({ source: 'measured', past: true });
		expect(at(nine!.speed).vocabulary).toBe('clock');
	});

	it('comes from the model for every other club', () => {
		const speed = fastestSwing(club('PW'), measured.player) / 2;
		expect(planSwing(club('PW'), speed, measured.player)).toMatchObject({
			source: 'model',
			past: false
		});
	});

	it('knows the fastest that was measured, and no limit where nothing was', () => {
		expect(fastestMeasured(club('SW'), measured.player)).toBe(nine!.speed);
		expect(fastestMeasured(club('PW'), measured.player)).toBe(Infinity);
	});
});
