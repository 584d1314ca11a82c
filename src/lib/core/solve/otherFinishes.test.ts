import { describe, expect, it } from 'vitest';
import { question as ask } from '../../../../tests/support/scenes';
import { intent, play } from '../../../../tests/support/strikes';
import { Outcome } from '../ball/simulate';
import { otherFinishes } from './otherFinishes';
import { playIntended, solveFinish } from './solve';

const wedge = intent(play('SW', 'high', 25), 'semi-rough');
const FASTEST = 30;

/** A green that lies below a bank of rough; `across` falls to the right. */
const below = (rise: number, across = 0) =>
	ask({
		lie: 'semi-rough',
		fringe: 'rough',
		toEdge: 7,
		edgeToPin: 10,
		rise,
		stimpFeet: 12,
		slopeAcross: across
	}).bare;

/** Head speeds, finely stepped, between which the ball comes to end past the place without jumping over it. */
function crossings(rise: number, target: number): number[] {
	const out = new Outcome();
	const scene = below(rise);
	const past = (speed: number) => playIntended(wedge, scene, speed, 0, out).finishX - target;
	const found: number[] = [];
	for (let speed = 4; speed < FASTEST; speed *= 1.002) {
		const [short, over] = [past(speed), past(speed * 1.002)];
		if (out.landingX < target && short < 0 && over >= 0 && over - short < 0.5) found.push(speed);
	}
	return found;
}

describe('the other head speeds that end at one place', () => {
	const target = 17.25;

	it('are all that a fine search finds', () => {
		let ended = 0;
		for (const rise of [-3, -2.5, -2]) {
			const scene = below(rise);
			const first = solveFinish(wedge, scene, target, FASTEST);
			const ways = [first, ...otherFinishes(wedge, scene, target, FASTEST, first)];
			const solved = ways.filter(({ status }) => status === 'solved');
			for (const at of crossings(rise, target))
				expect(
					solved.some(({ speed }) => Math.abs(speed / at - 1) < 0.02),
					`${rise} m at ${at} m/s`
				).toBe(true);
			ended += solved.length;
		}
		expect(ended).toBeGreaterThan(3);
	});

	it('end there, straight or where the ground turns them', () => {
		for (const across of [0, 1.5]) {
			const scene = below(-2.5, across);
			const first = solveFinish(wedge, scene, target, FASTEST);
			const others = otherFinishes(wedge, scene, target, FASTEST, first);
			expect(others.length).toBeGreaterThan(0);
			for (const { speed, aim, outcome } of others) {
				const again = playIntended(wedge, scene, speed, aim, new Outcome());
				expect(again.finishX).toBe(outcome.finishX);
				expect(Math.hypot(again.finishX - target, again.finishZ)).toBeLessThan(0.31);
				expect(Math.abs(speed / first.speed - 1)).toBeGreaterThan(0.01);
			}
		}
	});

	it('are none on the level, and none faster than may be asked for', () => {
		const level = below(0);
		const first = solveFinish(wedge, level, target, FASTEST);
		expect(otherFinishes(wedge, level, target, FASTEST, first)).toEqual([]);
		const bank = below(-2.5);
		const slow = solveFinish(wedge, bank, target, FASTEST);
		const most = 1.05 * slow.speed;
		for (const { speed } of otherFinishes(wedge, bank, target, most, slow))
			expect(speed).toBeLessThanOrEqual(most);
	});
});
