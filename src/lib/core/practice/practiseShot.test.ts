import { describe, expect, it } from 'vitest';
import { clubNamed, drillGround, practiser } from '../../../../tests/support/practice';
import { fastestSwing } from '../player/player';
import { drillScene } from '../solve/drillScene';
import { practiseIntent, shotOfSwing, shotToCarry, type PractiseShot } from './practiseShot';

const scene = drillScene(drillGround());
const who = practiser();
const shot = (over: Partial<PractiseShot> = {}): PractiseShot => ({
	club: clubNamed('SW'),
	flight: 'standard',
	shape: 'straight',
	...over
});

describe('a shot of a drill', () => {
	it('lies on a fairway, and in sand for a splash', () => {
		expect(practiseIntent(shot(), who).lie.sand).toBe(false);
		expect(practiseIntent(shot({ flight: 'splash' }), who).lie.sand).toBe(true);
	});

	it('carries as far as on a good day, and no farther', () => {
		const full = shotOfSwing(shot(), Infinity, scene, who);
		const most = fastestSwing(shot().club, who);
		const farther = shotToCarry(shot(), 1.2 * full.carry, scene, who)!;
		expect(farther.speed).toBeGreaterThan(most);
		expect(farther.speed).toBeLessThan(1.3 * most);
		expect(shotToCarry(shot(), 2 * full.carry, scene, who)).toBeNull();
	});

	it('is swung as a measured swing says, both ways', () => {
		const known = [{ angle: 1, speed: 9 }];
		const measured = { ...who, swings: { [shot().club.id]: { known, spread: null } } };
		const swung = shotOfSwing(shot(), 1, scene, measured);
		expect(swung.speed).toBeCloseTo(9, 9);
		expect(swung.speed).not.toBeCloseTo(shotOfSwing(shot(), 1, scene, who).speed, 1);
		const back = shotToCarry(shot(), swung.carry, scene, measured)!;
		expect(back.angle).toBeCloseTo(1, 3);
		expect(back.carry).toBeCloseTo(swung.carry, 2);
	});
});
