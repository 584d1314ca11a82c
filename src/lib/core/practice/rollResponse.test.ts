import { describe, expect, it } from 'vitest';
import { Outcome } from '../ball/simulate';
import { turfBetween } from '../ground/turf';
import { fastestSwing } from '../player/player';
import { playIntended, solveCarry } from '../solve/solve';
import { fromFeet, radians } from '../units';
import { clubNamed, drillGround, practiser } from '../../../../tests/support/practice';
import { drillScene } from '../solve/drillScene';
import { practiseIntent } from './practiseShot';
import { AS_SAID, rollResponse, type RollCauses } from './rollResponse';

const club = clubNamed('GW');
const shot = { club, flight: 'standard', shape: 'straight' } as const;
const ground = drillGround();
const who = practiser();
const table = rollResponse(shot, 4, ground, who);

/** The same by the engine itself. */
function flown(carry: number, { loft, grip, firmness, speed, slope }: RollCauses): number {
	const intent = practiseIntent(shot, { ...who, delivered: { loft: { standard: loft }, grip } });
	const scene = { ...drillScene(ground), turf: turfBetween(firmness) };
	const head = solveCarry(intent, scene, carry, fastestSwing(club, who) * 1.3).speed;
	const greenSpeed = ground.greenSpeed + speed;
	const on = drillScene({ ...ground, greenSpeed, slopeAlong: slope });
	return playIntended(intent, { ...on, turf: scene.turf }, head, 0, new Outcome()).roll;
}

describe('roll-out table', () => {
	it.each([
		[3.2, AS_SAID],
		[4.8, { ...AS_SAID, loft: radians(-8), grip: 1.25, firmness: 1 }],
		[3.2, { ...AS_SAID, loft: radians(8), grip: 0.5, firmness: -1 }]
	])('is the engine’s roll at its nodes (%f m)', (carry, causes) => {
		expect(table(carry, causes)).toBeCloseTo(flown(carry, causes), 2);
	});

	it('is near the engine’s between them', () => {
		for (const [carry, loft, grip, firmness] of [
			[4, -2, 0.9, 0.4],
			[3.6, 3, 1.1, -0.6],
			[4.4, -6, 0.8, 0.2]
		] as const) {
			const causes = { ...AS_SAID, loft: radians(loft), grip, firmness };
			const exact = flown(carry, causes);
			expect(Math.abs(table(carry, causes) - exact)).toBeLessThan(0.15 + 0.05 * exact);
		}
	});

	it('is near the engine’s on greens that are faster or steeper than they were said to be', () => {
		for (const [feet, slope, loft] of [
			[2.5, 0, 0],
			[-2.5, 0.015, 0],
			[1, -0.01, -4],
			[-1, -0.02, 6]
		] as const) {
			const causes = { ...AS_SAID, speed: fromFeet(feet), slope, loft: radians(loft) };
			const exact = flown(4, causes);
			expect(Math.abs(table(4, causes) - exact)).toBeLessThan(0.1 + 0.06 * exact);
		}
	});

	it('runs on with less loft, with less spin and with a longer carry', () => {
		const plain = AS_SAID;
		const roll = table(4, plain);
		expect(table(4, { ...plain, loft: radians(-4) })).toBeGreaterThan(roll);
		expect(table(4, { ...plain, grip: 0.6 })).toBeGreaterThan(roll);
		expect(table(4.6, plain)).toBeGreaterThan(roll);
	});

	it('goes straight on past its ends', () => {
		const plain = AS_SAID;
		const [a, b] = [8, 9].map((loft) => table(4, { ...plain, loft: radians(loft) }));
		expect(table(4, { ...plain, loft: radians(10) })).toBeCloseTo(2 * b! - a!, 9);
	});
});
