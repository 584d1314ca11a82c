import { describe, expect, it } from 'vitest';
import { launchOf } from '../ball/impact';
import { BallState } from '../ball/state';
import type { LieId } from '../lie/lies';
import { DEFAULT_TECHNIQUE } from '../setup/technique';
import { degrees } from '../units';
import { intend, PLAIN_LIE } from './intent';
import { PROFILE } from './player';
import { DEVIATE_COUNT, DEVIATES, strikeAsIntended, strikeWithErrors } from './strike';

import { intent, luck, play } from '../../../../tests/support/strikes';

describe('deep rough', () => {
	const spreadOfDirection = (lie: 'fairway' | 'deep-rough', hand: 'right' | 'left' = 'right') => {
		const ready = intend(play('SW'), { ...PLAIN_LIE, lie }, DEFAULT_TECHNIQUE, hand);
		const deviates = new Float64Array(DEVIATE_COUNT);
		deviates[DEVIATES.grass] = -1;
		const ball = new BallState();
		strikeWithErrors(ready, PROFILE.middle.dispersion, 10, 0, deviates, 0, ball);
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

describe('grass that takes hold of the face', () => {
	const closing = (lie: LieId, open: number) =>
		degrees(
			intent(play('SW', 'open', open)).dynamicLoft -
				intent(play('SW', 'open', open), lie).dynamicLoft
		);

	it('closes an open face less than a square one, turns it less and slows it more evenly', () => {
		for (const lie of ['semi-rough', 'deep-rough'] as const) {
			expect(closing(lie, 45)).toBeLessThan(closing(lie, 0));
			const [square, open] = [0, 45].map((turn) => intent(play('SW', 'open', turn), lie));
			expect(Math.abs(open!.twist)).toBeLessThan(Math.abs(square!.twist));
			expect(open!.grassSpread).toBeLessThan(square!.grassSpread);
		}
		expect(closing('fairway', 0)).toBeCloseTo(0, 12);
	});

	it('slows a slow head more unevenly than a fast one', () => {
		const slowed = (speed: number) => {
			const ball = new BallState();
			const strikeAt = (grass: number) => {
				const { dispersion } = PROFILE.middle;
				const ready = intent(play('SW'), 'semi-rough');
				strikeWithErrors(ready, dispersion, speed, 0, luck({ grass }), 0, ball);
				return launchOf(ball).ballSpeed;
			};
			return strikeAt(0.5) / strikeAt(0) - 1;
		};
		expect(slowed(6) / slowed(20)).toBeCloseTo(1.5 * (20 / 11) ** 0.9, 0);
	});
});

describe('spin against that of a clean dry strike', () => {
	const spin = (lie: LieId, wet = false, ball: 'soft' | 'firm' = 'soft') => {
		const struckBall = new BallState();
		const ready = intend(play('SW'), { ...PLAIN_LIE, lie, wet, ball }, DEFAULT_TECHNIQUE);
		// The same loft and path at the ball, so that only what lies between counts.
		const plain = intent(play('SW'));
		const same = { ...ready, dynamicLoft: plain.dynamicLoft, attackAngle: plain.attackAngle };
		strikeAsIntended({ ...same, lie: plain.lie }, 12, 0, struckBall);
		return launchOf(struckBall);
	};
	const clean = spin('fairway');

	/** R&A and USGA, spin generation reports of 2006 and 2007; relative values from memory. */
	it.each([
		['first-cut', false, 'soft', 0.75, 0.85],
		['fairway', true, 'soft', 0.6, 0.8],
		['semi-rough', false, 'soft', 0.45, 0.55],
		['deep-rough', false, 'soft', 0.2, 0.3],
		['fairway', false, 'firm', 0.65, 0.8]
	] as const)('%s, wet %s, %s cover leaves %f to %f', (lie, wet, ball, low, high) => {
		const { spin: left, angle } = spin(lie, wet, ball);
		expect(left / clean.spin).toBeGreaterThanOrEqual(low);
		expect(left / clean.spin).toBeLessThanOrEqual(high);
		expect(angle).toBeGreaterThan(clean.angle);
	});
});

describe('a sloping stance', () => {
	const on = (along: number, across: number, hand: 'right' | 'left' = 'right') =>
		intend(play('SW'), { ...PLAIN_LIE, stance: { along, across } }, DEFAULT_TECHNIQUE, hand);
	const level = on(0, 0);

	it('adds its slope to loft and path: uphill higher, downhill lower', () => {
		expect(on(0.1, 0).dynamicLoft - level.dynamicLoft).toBeCloseTo(Math.atan(0.1), 9);
		expect(on(-0.1, 0).attackAngle - level.attackAngle).toBeCloseTo(Math.atan(-0.1), 9);
	});

	it('sends a ball above the feet to the lead side, mirrored below and for a left-hander', () => {
		expect(on(0, 0.1).faceToPath).toBeLessThan(0);
		expect(on(0, -0.1).faceToPath).toBeCloseTo(-on(0, 0.1).faceToPath, 12);
		expect(on(0, 0.1, 'left').faceToPath).toBeCloseTo(-on(0, 0.1).faceToPath, 12);
	});

	it('makes every strike less sure, and a downhill one heavy sooner', () => {
		const met = (along: number, lowPoint: number) => {
			const ball = new BallState();
			const { dispersion } = PROFILE.middle;
			return strikeWithErrors(on(along, 0), dispersion, 10, 0, luck({ lowPoint }), 0, ball);
		};
		expect(met(0, -0.95)).toBe('clean');
		expect(met(-0.15, -0.95)).toBe('heavy');
		expect(on(0.1, 0).stance.lowPoint).toBeGreaterThan(1);
		expect(on(0, 0.1).stance.direction).toBeGreaterThan(1);
	});

	it('does not tilt a putt', () => {
		const putt = intend(
			play('Putter', 'putt'),
			{ ...PLAIN_LIE, stance: { along: 0.1, across: 0.1 } },
			DEFAULT_TECHNIQUE
		);
		expect(putt.stance.tilt).toBe(0);
		expect(putt.faceToPath).toBeCloseTo(0, 12);
	});
});
