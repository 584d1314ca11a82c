import { describe, expect, it } from 'vitest';
import { Outcome } from '../ball/simulate';
import { turfBetween } from '../ground/turf';
import { fastestSwing } from '../player/player';
import { playIntended, solveCarry } from '../solve/solve';
import { radians } from '../units';
import { clubNamed, drillGround, practiser } from '../../../../tests/support/practice';
import { drillScene } from './drillScene';
import { practiseIntent } from './practiseShot';
import { rollResponse, type RollCauses } from './rollResponse';

const club = clubNamed('GW');
const shot = { club, flight: 'standard', shape: 'straight' } as const;
const ground = drillGround();
const who = practiser();
const table = rollResponse(shot, 4, ground, who);

/** The same by the engine itself. */
function flown(carry: number, { loft, grip, firmness }: RollCauses): number {
	const intent = practiseIntent(shot, { ...who, delivered: { loft: { standard: loft }, grip } });
	const scene = { ...drillScene(ground), turf: turfBetween(firmness) };
	const { speed } = solveCarry(intent, scene, carry, fastestSwing(club, who) * 1.3);
	return playIntended(intent, scene, speed, 0, new Outcome()).roll;
}

describe('roll-out table', () => {
	it.each([
		[3.2, { loft: 0, grip: 1, firmness: 0 }],
		[4.8, { loft: radians(-8), grip: 1.25, firmness: 1 }],
		[3.2, { loft: radians(8), grip: 0.5, firmness: -1 }]
	])('is the engine’s roll at its nodes (%f m)', (carry, causes) => {
		expect(table(carry, causes)).toBeCloseTo(flown(carry, causes), 2);
	});

	it('is near the engine’s between them', () => {
		for (const [carry, loft, grip, firmness] of [
			[4, -2, 0.9, 0.4],
			[3.6, 3, 1.1, -0.6],
			[4.4, -6, 0.8, 0.2]
		] as const) {
			const causes = { loft: radians(loft), grip, firmness };
			const exact = flown(carry, causes);
			expect(Math.abs(table(carry, causes) - exact)).toBeLessThan(0.15 + 0.05 * exact);
		}
	});

	it('runs on with less loft, with less spin and with a longer carry', () => {
		const plain = { loft: 0, grip: 1, firmness: 0 };
		const roll = table(4, plain);
		expect(table(4, { ...plain, loft: radians(-4) })).toBeGreaterThan(roll);
		expect(table(4, { ...plain, grip: 0.6 })).toBeGreaterThan(roll);
		expect(table(4.6, plain)).toBeGreaterThan(roll);
	});

	it('goes straight on past its ends', () => {
		const plain = { grip: 1, firmness: 0 };
		const [a, b] = [8, 9].map((loft) => table(4, { ...plain, loft: radians(loft) }));
		expect(table(4, { ...plain, loft: radians(10) })).toBeCloseTo(2 * b! - a!, 9);
	});
});
