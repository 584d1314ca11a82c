import { describe, expect, it, vi } from 'vitest';
import { Outcome } from '../ball/simulate';
import { radians } from '../units';
import { correctTogether, findAim, TOLERANCE, type AimTried, type Shooter } from './aim';

const TARGET = 10;

/**
 * A world in which a ball goes as far as the square of the head speed says, and ends to the side as a law of its aim says; a ball that is
 * aimed where the law has nothing to say never stops.
 */
function world(sideOf: (aim: number, x: number) => number | null) {
	const out = new Outcome();
	const play = vi.fn((speed: number, aim: number) => {
		out.finishX = speed * speed;
		out.finishZ = sideOf(aim, out.finishX) ?? 9;
		return out;
	});
	const tryAim = vi.fn((aim: number): AimTried => {
		const side = sideOf(aim, TARGET);
		const status = side === null ? 'noStop' : 'solved';
		return { aim, status, speed: Math.sqrt(TARGET), miss: 0, side: side ?? 9 };
	});
	const shooter: Shooter = { targetX: TARGET, slowest: 1, fastest: 9, play, tryAim };
	return { shooter, play, tryAim, straight: tryAim(0) };
}

describe('findAim', () => {
	it('leaves a straight shot straight', () => {
		const { shooter, straight, play } = world((aim) => TARGET * aim + 0.009);
		expect(findAim(shooter, straight)).toBe(straight);
		expect(play).not.toHaveBeenCalled();
	});

	it.each([-1.2, 0.6, 2.5])('corrects a break of %f m in a handful of balls', (breaks) => {
		const { shooter, straight, play, tryAim } = world(
			(aim, x) => x * Math.tan(aim) + (breaks * x) / TARGET
		);
		const found = findAim(shooter, straight);
		expect(found.status).toBe('solved');
		expect(found.aim).toBeCloseTo(-Math.atan(breaks / TARGET), 2);
		expect(Math.abs(found.side)).toBeLessThanOrEqual(2 * TOLERANCE);
		expect(play.mock.calls.length).toBeLessThan(9);
		expect(tryAim).toHaveBeenCalledTimes(1);
	});

	it('turns toward the target where straight balls do not stop', () => {
		const { shooter, straight } = world((aim) => (aim < 0.15 ? null : TARGET * (aim - 0.2)));
		const found = findAim(shooter, { ...straight, side: -2 });
		expect(found.status).toBe('solved');
		expect(found.aim).toBeCloseTo(0.2, 2);
	});

	it('leaves it at a few corrections where it is not to search on', () => {
		const lost = world(() => 9);
		expect(findAim(lost.shooter, lost.straight, false)).toBe(lost.straight);
		expect(lost.play.mock.calls.length).toBeLessThanOrEqual(6);
		expect(lost.tryAim).toHaveBeenCalledTimes(1);
		const bent = world((aim, x) => x * Math.tan(aim) + x / 10);
		expect(findAim(bent.shooter, bent.straight, false).aim).toBeCloseTo(-0.1, 2);
	});

	it('halves in where a spine sends balls to either side', () => {
		const spine = radians(13);
		const { shooter, straight, tryAim } = world((aim) => 4 * Math.tanh(60 * (aim - spine)));
		const found = findAim(shooter, straight);
		expect(found.status).toBe('solved');
		expect(found.aim).toBeCloseTo(spine, 2);
		expect(Math.abs(found.side)).toBeLessThan(0.3);
		expect(tryAim.mock.calls.length).toBeLessThan(24);
	});

	it.each([4, 13, 26])(
		'comes as near as six halvings do to where the ground breaks, at %d°',
		(degrees) => {
			const breaks = radians(degrees);
			const { shooter, straight } = world((aim) => (aim < breaks ? -1 : 0.8));
			const found = findAim(shooter, straight);
			expect(found.side).toBe(0.8);
			expect(found.aim - breaks).toBeGreaterThanOrEqual(0);
			expect(found.aim - breaks).toBeLessThan(radians(10) / 2 ** 5);
		}
	);

	it('halves no farther than where balls stop', () => {
		const { shooter, straight } = world((aim) =>
			aim > 0.19 && aim < 0.33 ? null : aim < 0.2 ? -1 : 0.8
		);
		expect(findAim(shooter, straight).side).toBe(0.8);
	});

	it('takes the nearest of what it has tried where nothing ends near, and never past thirty degrees', () => {
		const { shooter, straight, tryAim } = world((aim) => (aim > 0.3 ? 1.5 : -3));
		const found = findAim(shooter, straight);
		expect(found.side).toBe(1.5);
		for (const [aim] of tryAim.mock.calls)
			expect(Math.abs(aim)).toBeLessThanOrEqual(radians(30.01));
	});

	it('says so where no ball stops, whatever the aim', () => {
		const { shooter, straight } = world(() => null);
		expect(findAim(shooter, straight).status).toBe('noStop');
	});
});

describe('correctTogether', () => {
	it('corrects head speed and aim at once, within the rounds it is given', () => {
		const { shooter, play } = world((aim, x) => x * aim + 0.05 * x);
		const from = {
			...shooter.tryAim(0, false, null),
			speed: 2.9,
			miss: 2.9 ** 2 - TARGET,
			side: 0.42
		};
		const found = correctTogether(shooter, from)!;
		expect(found.speed).toBeCloseTo(Math.sqrt(TARGET), 2);
		expect(found.aim).toBeCloseTo(-0.05, 2);
		play.mockClear();
		expect(correctTogether(shooter, from, 1)).toBeNull();
		expect(play).toHaveBeenCalledTimes(1);
	});

	it('gives up where it would need a swing that is too fast or too slow, or no ground to go by', () => {
		const { shooter } = world((aim, x) => x * aim);
		const far = { ...shooter.tryAim(0, false, null), speed: 8.9, miss: -8, side: 0 };
		expect(correctTogether(shooter, far)).toBeNull();
		const near = { ...shooter.tryAim(0, false, null), speed: 1.05, miss: 8, side: 0 };
		expect(correctTogether(shooter, near)).toBeNull();
		const turned = { ...shooter.tryAim(0, false, null), aim: radians(29), side: -3 };
		expect(correctTogether(shooter, turned)).toBeNull();
	});
});
