import { describe, expect, it } from 'vitest';
import { launchOf } from '../ball/impact';
import { BallState } from '../ball/state';
import { STANDARD_BAG } from '../club/standardBag';
import { DEFAULT_TECHNIQUE } from '../setup/technique';
import { degrees, radians } from '../units';
import { intend, PLAIN_LIE, type Play } from './intent';
import { fastestSwing, PROFILE } from './player';
import { contactOf, digLoss, strikeAsIntended, strikeWithErrors, swingGrowth } from './strike';

import { intent, luck, play, struck } from '../../../../tests/support/strikes';

describe('intend', () => {
	it('takes lean and closure from the loft and adds the opening', () => {
		expect(degrees(intent(play('SW')).dynamicLoft)).toBeCloseTo(52, 6);
		expect(degrees(intent(play('SW', 'low')).dynamicLoft)).toBeCloseTo(48, 6);
		expect(degrees(intent(play('SW', 'open', 30)).dynamicLoft)).toBeCloseTo(69.5, 1);
		expect(degrees(intent(play('SW'), 'semi-rough').dynamicLoft)).toBeCloseTo(44, 6);
	});

	it('turns the sole with the face: lean takes bounce away, opening gives it', () => {
		expect(degrees(intent(play('SW', 'low')).effectiveBounce)).toBeCloseTo(4, 6);
		expect(degrees(intent(play('SW', 'open', 30)).effectiveBounce)).toBeGreaterThan(24);
	});

	it('loses grip in the wet and in the rough', () => {
		expect(intent(play('SW')).grip).toBe(1);
		expect(intent(play('SW'), 'fairway', true).grip).toBeCloseTo(0.7, 12);
		expect(intent(play('SW'), 'deep-rough').grip).toBeCloseTo(0.25, 12);
	});

	it('mirrors a shaped path for a left-hander', () => {
		const conditions = PLAIN_LIE;
		const shaped: Play = { ...play('SW'), shape: 'outside' };
		const right = intend(shaped, conditions, DEFAULT_TECHNIQUE, 'right');
		const left = intend(shaped, conditions, DEFAULT_TECHNIQUE, 'left');
		expect(left.path).toBe(-right.path);
		expect(left.faceToPath).toBe(-right.faceToPath);
	});
});

describe('strikeWithErrors', () => {
	it('is the intended strike when nothing goes wrong', () => {
		const ball = new BallState();
		strikeAsIntended(intent(play('PW')), 10, 0, ball);
		const { contact, ballSpeed, angle } = struck(play('PW'), {});
		expect(contact).toBe('clean');
		expect(ballSpeed).toBeCloseTo(launchOf(ball).ballSpeed, 9);
		expect(angle).toBeCloseTo(launchOf(ball).angle, 9);
	});

	it('sends each error where it belongs', () => {
		const plain = struck(play('PW'), {});
		expect(struck(play('PW'), { speed: 1 }).ballSpeed).toBeGreaterThan(plain.ballSpeed);
		expect(struck(play('PW'), { direction: 1 }).vz).toBeGreaterThan(0);
		expect(struck(play('PW'), { loft: 1 }).angle).toBeGreaterThan(plain.angle);
		expect(struck(play('PW'), { grass: 2 }).ballSpeed).toBe(plain.ballSpeed);
		expect(struck(play('PW'), { grass: 2 }, 'deep-rough').ballSpeed).toBeGreaterThan(
			struck(play('PW'), {}, 'deep-rough').ballSpeed
		);
	});

	it('loses speed when heavy and blades when thin', () => {
		const heavy = struck(play('LW'), { lowPoint: -1.5 });
		const thin = struck(play('LW'), { lowPoint: 3 });
		const clean = struck(play('LW'), {});
		expect(heavy).toMatchObject({ contact: 'heavy' });
		expect(heavy.ballSpeed).toBeLessThan(clean.ballSpeed);
		expect(thin).toMatchObject({ contact: 'thin' });
		expect(thin.ballSpeed).toBeGreaterThan(1.3 * clean.ballSpeed);
		expect(degrees(thin.angle)).toBeLessThan(15);
		expect(thin.spin).toBeLessThan(clean.spin);
	});

	it('blades the more the farther ahead the swing bottoms out, and wholly in the end', () => {
		const speeds = [1.2, 1.7, 2.2, 6, 9].map(
			(lowPoint) => struck(play('LW'), { lowPoint }).ballSpeed
		);
		expect(speeds[0]).toBeLessThan(speeds[1]!);
		expect(speeds[1]).toBeLessThan(speeds[2]!);
		expect(speeds[4]).toBeCloseTo(speeds[3]!, 9);
	});

	it('never hits a putt heavy', () => {
		expect(struck(play('Putter', 'putt'), { lowPoint: -3 }).contact).toBe('clean');
	});

	it('throws the ball less far with more sand behind it', () => {
		const splash = play('SW', 'splash', 20);
		const near = struck(splash, { lowPoint: 0.5 }, 'sand').ballSpeed;
		const far = struck(splash, { lowPoint: -1 }, 'sand').ballSpeed;
		expect(far).toBeLessThan(near);
	});

	it('enters nearer the ball in a long splash, with and without errors', () => {
		const ready = intent(play('SW', 'splash', 20), 'sand');
		const ball = new BallState();
		const shareAt = (speed: number, errors: boolean) => {
			if (errors) strikeWithErrors(ready, PROFILE.expert.dispersion, speed, 0, luck({}), 0, ball);
			else strikeAsIntended(ready, speed, 0, ball);
			return launchOf(ball).ballSpeed / speed;
		};
		for (const errors of [false, true]) {
			expect(shareAt(30, errors) / shareAt(20, errors)).toBeCloseTo(Math.exp(1 / 9.5), 9);
			expect(shareAt(20, errors) / shareAt(8, errors)).toBeCloseTo(1, 9);
		}
	});
});

describe('contact', () => {
	it('skips off a hard lie with much bounce, digs with little', () => {
		expect(contactOf(intent(play('SW', 'high'), 'tight'), -0.015)).toBe('heavy');
		expect(contactOf(intent(play('SW', 'open', 15), 'tight'), -0.01)).toBe('thin');
		expect(contactOf(intent(play('LW'), 'tight'), -0.015)).toBe('heavy');
	});

	it('has more room for a thin strike on a ball that sits up', () => {
		const ahead = 0.03;
		expect(contactOf(intent(play('SW'), 'sitting-up'), ahead)).toBe('clean');
		expect(contactOf(intent(play('SW'), 'tight'), ahead)).toBe('thin');
	});

	it('digs deeper with less bounce and softer turf', () => {
		const loss = [radians(0), radians(6), radians(14)].map((bounce) => digLoss(0.02, bounce, 1));
		expect([...loss].sort((a, b) => a - b)).toEqual(loss);
		expect(digLoss(0.02, radians(6), 1.35)).toBeLessThan(digLoss(0.02, radians(6), 1));
	});

	it('goes wrong by more in a longer swing', () => {
		expect(swingGrowth(20)).toBeGreaterThan(swingGrowth(5));
		expect(swingGrowth(100)).toBe(swingGrowth(40));
	});
});

describe('the laws behind a strike', () => {
	it('loses speed behind the ball as exp(−k d), k falling with the bounce over eight degrees', () => {
		const k = (bounce: number) => -Math.log(digLoss(0.01, radians(bounce), 1)) / 0.01;
		expect(k(0)).toBeCloseTo(34, 9);
		expect(k(8) / k(0)).toBeCloseTo(1 / Math.E, 9);
		expect(k(16) / k(8)).toBeCloseTo(1 / Math.E, 9);
		expect(digLoss(0.02, radians(4), 1)).toBeCloseTo(digLoss(0.01, radians(4), 1) ** 2, 9);
		expect(digLoss(0.01, radians(4), 2)).toBeCloseTo(digLoss(0.01, radians(4), 1) ** 2, 9);
		// A leading edge can only dig so much.
		expect(digLoss(0.01, -0.5, 1)).toBe(digLoss(0.01, -0.1, 1));
		expect(digLoss(0, radians(4), 1)).toBe(1);
		expect(digLoss(-0.02, radians(4), 1)).toBe(1);
	});

	it('goes wrong by more the longer the swing and the higher the flight', () => {
		const direction = (speed: number, flight: Play['flight']) => {
			const ball = new BallState();
			const { dispersion } = PROFILE.middle;
			const ready = intent(play('SW', flight));
			strikeWithErrors(ready, dispersion, speed, 0, luck({ direction: 1 }), 0, ball);
			return Math.atan2(ball.vz, ball.vx);
		};
		const { direction: own } = PROFILE.middle.dispersion;
		expect(direction(9, 'standard')).toBeCloseTo(own * (1.5 + 9 / 36), 3);
		expect(direction(18, 'standard')).toBeCloseTo(own * (1.5 + 18 / 36), 3);
		expect(direction(72, 'standard')).toBeCloseTo(own * 2.5, 3);
		expect(direction(9, 'high')).toBeCloseTo(1.05 * own * (1.5 + 9 / 36), 3);
	});

	it.each([
		['standard', 1],
		['high', 1.1]
	] as const)('adds the error of the loft to the loft that a %s flight shows', (flight, risk) => {
		const ready = intent(play('SW', flight));
		const error = PROFILE.middle.dispersion.loft * risk * (1.5 + 10 / 36);
		const more = new BallState();
		strikeAsIntended({ ...ready, dynamicLoft: ready.dynamicLoft + error }, 10, 0, more);
		const ball = new BallState();
		strikeWithErrors(ready, PROFILE.middle.dispersion, 10, 0, luck({ loft: 1 }), 0, ball);
		expect(launchOf(ball).angle).toBeCloseTo(launchOf(more).angle, 12);
		expect(launchOf(ball).spin).toBeCloseTo(launchOf(more).spin, 9);
	});

	it('meets a ball in the sand with no sand between, thin and slowed, when it enters too late', () => {
		const splash = play('SW', 'splash', 20);
		const late = struck(splash, { lowPoint: 3.2 }, 'sand');
		expect(late.contact).toBe('thin');
		const clean = struck(splash, {}, 'sand');
		expect(clean.contact).toBe('clean');
		expect(late.ballSpeed).toBeGreaterThan(1.5 * clean.ballSpeed);
		// Seven tenths of the head's 10 m/s are left: a bare strike could not send the ball faster than this.
		expect(late.ballSpeed).toBeLessThan(0.7 * 10 * 1.6);
		expect(degrees(late.angle)).toBeLessThan(25);
		const deep = struck(splash, { lowPoint: -3.2 }, 'sand');
		expect(deep.contact).toBe('heavy');
		expect(deep.ballSpeed).toBeLessThan(clean.ballSpeed);
	});

	it('makes sand harder for whoever is less steady than an expert, and no easier for one', () => {
		const spread = (skill: 'expert' | 'middle') => {
			const ball = new BallState();
			const speedOf = (deviate: number) => {
				const { dispersion } = PROFILE[skill];
				const ready = intent(play('SW', 'splash', 20), 'sand');
				strikeWithErrors(ready, dispersion, 10, 0, luck({ speed: deviate }), 0, ball);
				return launchOf(ball).ballSpeed;
			};
			return speedOf(1) / speedOf(0) - 1;
		};
		const { expert, middle } = PROFILE;
		expect(spread('expert')).toBeCloseTo(expert.dispersion.speed * 1.6, 3);
		const less = middle.dispersion.lowPoint / expert.dispersion.lowPoint;
		expect(spread('middle')).toBeCloseTo(middle.dispersion.speed * 1.6 * less ** 0.55, 3);
	});
});

describe('fastestSwing', () => {
	it('is a share of a skilled player’s, but for the putter', () => {
		const iron = STANDARD_BAG.find(({ name }) => name === '7i')!;
		const putter = STANDARD_BAG.find((club) => club.putter)!;
		expect(fastestSwing(iron, { strength: 0.8 })).toBeCloseTo(0.8 * 40, 9);
		expect(fastestSwing(putter, { strength: 0.8 })).toBe(9);
	});
});
