import { describe, expect, it } from 'vitest';
import { launchOf } from '../ball/impact';
import { BallState } from '../ball/state';
import { STANDARD_BAG } from '../club/standardBag';
import type { LieId } from '../lie/lies';
import { DEFAULT_TECHNIQUE } from '../setup/technique';
import { degrees, radians } from '../units';
import { intend, type Play } from './intent';
import { DISPERSION } from './player';
import {
	contactOf,
	DEVIATE_COUNT,
	DEVIATES,
	digLoss,
	strikeAsIntended,
	strikeWithErrors,
	swingGrowth
} from './strike';

const play = (name: string, flight: Play['flight'] = 'standard', open = 0): Play => ({
	club: STANDARD_BAG.find((club) => club.name === name)!,
	flight,
	faceOpen: radians(open),
	shape: 'straight'
});

const intent = (chosen: Play, lie: LieId = 'fairway', wet = false) =>
	intend(chosen, { lie, wet, ball: 'soft', firmness: 'medium' }, DEFAULT_TECHNIQUE);

const luck = (change: Partial<Record<keyof typeof DEVIATES, number>>): Float64Array => {
	const deviates = new Float64Array(DEVIATE_COUNT);
	for (const [name, value] of Object.entries(change))
		deviates[DEVIATES[name as keyof typeof DEVIATES]] = value;
	return deviates;
};

const struck = (chosen: Play, change: Parameters<typeof luck>[0], lie: LieId = 'fairway') => {
	const ball = new BallState();
	const contact = strikeWithErrors(
		intent(chosen, lie),
		DISPERSION.middle,
		10,
		0,
		luck(change),
		0,
		ball
	);
	return { contact, ...launchOf(ball), vz: ball.vz };
};

describe('intend', () => {
	it('takes lean and closure from the loft and adds the opening', () => {
		expect(degrees(intent(play('SW')).dynamicLoft)).toBeCloseTo(52, 6);
		expect(degrees(intent(play('SW', 'low')).dynamicLoft)).toBeCloseTo(48, 6);
		expect(degrees(intent(play('SW', 'open', 30)).dynamicLoft)).toBeCloseTo(69.5, 1);
		expect(degrees(intent(play('SW'), 'semi-rough').dynamicLoft)).toBeCloseTo(50, 6);
	});

	it('turns the sole with the face: lean takes bounce away, opening gives it', () => {
		expect(degrees(intent(play('SW', 'low')).effectiveBounce)).toBeCloseTo(4, 6);
		expect(degrees(intent(play('SW', 'open', 30)).effectiveBounce)).toBeGreaterThan(24);
	});

	it('loses friction in the wet and in the rough', () => {
		const dry = intent(play('SW')).friction;
		expect(intent(play('SW'), 'fairway', true).friction).toBeCloseTo(0.7 * dry, 12);
		expect(intent(play('SW'), 'deep-rough').friction).toBeLessThan(dry / 2);
	});

	it('mirrors a shaped path for a left-hander', () => {
		const conditions = { lie: 'fairway', wet: false, ball: 'soft', firmness: 'medium' } as const;
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

	it('never hits a putt heavy', () => {
		expect(struck(play('Putter', 'putt'), { lowPoint: -3 }).contact).toBe('clean');
	});

	it('throws the ball less far with more sand behind it', () => {
		const splash = play('SW', 'splash', 20);
		const near = struck(splash, { lowPoint: 0.5 }, 'sand').ballSpeed;
		const far = struck(splash, { lowPoint: -1 }, 'sand').ballSpeed;
		expect(far).toBeLessThan(near);
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

describe('deep rough', () => {
	const spreadOfDirection = (lie: 'fairway' | 'deep-rough', hand: 'right' | 'left' = 'right') => {
		const ready = intend(
			play('SW'),
			{ lie, wet: false, ball: 'soft', firmness: 'medium' },
			DEFAULT_TECHNIQUE,
			hand
		);
		const deviates = new Float64Array(DEVIATE_COUNT);
		deviates[DEVIATES.grass] = -1;
		const ball = new BallState();
		strikeWithErrors(ready, DISPERSION.middle, 10, 0, deviates, 0, ball);
		return Math.atan2(ball.vz, ball.vx);
	};

	it('turns the face shut when the grass grabs, to the left for a right-hander and mirrored for a left-hander', () => {
		expect(spreadOfDirection('fairway')).toBe(0);
		expect(spreadOfDirection('deep-rough')).toBeLessThan(-0.03);
		expect(spreadOfDirection('deep-rough', 'left')).toBeCloseTo(
			-spreadOfDirection('deep-rough'),
			9
		);
	});
});
