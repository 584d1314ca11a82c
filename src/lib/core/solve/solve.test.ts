import { describe, expect, it } from 'vitest';
import { Outcome, type Scene } from '../ball/simulate';
import { createSegments } from '../ground/segments';
import { SURFACE } from '../ground/surfaces';
import { groundWith, planeScene } from '../../../../tests/support/scenes';
import { intent, play } from '../../../../tests/support/strikes';
import { playIntended, solveCarry, solveFinish, type Guess } from './solve';

const putt = intent(play('Putter', 'putt'), 'fringe');
const chip = intent(play('PW'));
const FEW_BALLS = 17;

/** Half a metre of rough on a bank that falls 17 cm, in front of a green. */
const overBank = (toEdge: number): Scene => ({
	...planeScene({ stimp: 8.4 }),
	ground: createSegments({
		kind: 'segments',
		toEdge,
		rise: -0.17,
		grass: [
			{ kind: SURFACE.rough, length: 0.53 },
			{ kind: SURFACE.smoothFringe, length: 1 }
		],
		segments: [{ length: 24, slopeAlong: 0.012, slopeAcross: 0 }],
		greenLength: 24,
		left: 12,
		right: 12,
		strips: [],
		beside: []
	})
});

describe('solveFinish', () => {
	it.each([putt, chip])('ends where it is asked to, and plays what it says', (shot) => {
		const scene = planeScene({ along: 0.02, across: 0.02 });
		const solved = solveFinish(shot, scene, 9, 30);
		expect(solved.status).toBe('solved');
		expect(Math.abs(solved.miss)).toBeLessThan(0.01);
		const again = playIntended(shot, scene, solved.speed, solved.aim, new Outcome());
		expect(again.finishX).toBeCloseTo(9, 2);
		expect(again.finishZ).toBeCloseTo(0, 1);
		expect(solved.aim).toBeLessThan(0);
	});

	it('asks for a few balls on even ground, fewer from a good guess', () => {
		const scene = planeScene();
		let balls = 0;
		const counted = {
			...scene,
			ground: groundWith(scene.ground, {
				height: (x, z) => {
					if (x === 0 && z === 0) balls++;
					return scene.ground.height(x, z);
				}
			})
		};
		const asked = (guess: Guess | null = null) => {
			balls = 0;
			solveFinish(chip, counted, 9, 30, { from: guess, around: true });
			return balls;
		};
		const { speed, aim } = solveFinish(chip, scene, 9, 30);
		const fresh = asked();
		expect(fresh).toBeLessThanOrEqual(FEW_BALLS);
		expect(asked({ speed: speed * 1.02, aim, hopeless: false })).toBeLessThan(fresh / 2);
	});

	it('turns the aim where a straight ball does not stop only if it was turned itself, by ground that may be another beside', () => {
		/** Level at first, then falling so that no ball stops at nine metres. */
		const played = (slopeAcross: number, alike: boolean) => {
			const made = createSegments({
				kind: 'segments',
				toEdge: 2,
				rise: 0,
				grass: [{ kind: SURFACE.green, length: 2 }],
				segments: [
					{ length: 4, slopeAlong: 0, slopeAcross },
					{ length: 36, slopeAlong: -0.2, slopeAcross }
				],
				greenLength: 40,
				left: 40,
				right: 40,
				strips: [],
				beside: []
			});
			let balls = 0;
			const ground = groundWith(made, {
				patch: (...asked) => made.patch(...asked) && alike,
				height: (x, z) => {
					if (x === 0 && z === 0) balls++;
					return made.height(x, z);
				}
			});
			const { status } = solveFinish(chip, { ...planeScene(), ground }, 9, 30);
			expect(status).toBe('noStop');
			return balls;
		};
		const straight = played(0, false);
		expect(played(0.03, true)).toBeLessThan(1.5 * straight);
		expect(played(0.03, false)).toBeGreaterThan(2 * straight);
	});

	it('gives up at once what was hopeless nearby and is here', () => {
		const wall = { ...planeScene({ along: -0.2 }) };
		const found = solveFinish(chip, wall, 9, 30, {
			from: { speed: 8, aim: 0, hopeless: true },
			around: true
		});
		expect(found.status).toBe('noStop');
		expect(found.speed).toBe(8);
	});

	it('comes to the same from a guess nearby, and from one that is of no use', () => {
		const scene = planeScene();
		const { speed } = solveFinish(chip, scene, 9, 30);
		for (const guess of [speed * 1.04, speed * 2])
			expect(
				solveFinish(chip, scene, 9, 30, {
					from: { speed: guess, aim: 0, hopeless: false },
					around: true
				}).speed
			).toBeCloseTo(speed, 2);
	});

	it('says when the fastest swing is too short, and when the slowest is too long', () => {
		const short = solveFinish(chip, planeScene(), 60, 8);
		expect(short).toMatchObject({ status: 'tooFar', speed: 8 });
		expect(short.miss).toBeLessThan(-30);
		expect(solveFinish(putt, planeScene({ along: -0.04 }), 0.02, 9).status).toBe('tooNear');
	});

	it('putts over a bank with the head speed that asks for less accuracy, wherever the steps of the search fall', () => {
		const carries = [1.05, 1.1, 1.15, 1.2, 1.25].map((toEdge) => {
			const scene = overBank(toEdge);
			const { status, outcome } = solveFinish(putt, scene, toEdge + 12.4, 9);
			expect(status).toBe('solved');
			return outcome.carry;
		});
		for (const carry of carries) expect(carry).toBeGreaterThan(1.2);
		expect(Math.max(...carries) - Math.min(...carries)).toBeLessThan(0.1);
	});
});

describe('solveCarry', () => {
	it('lands where it is asked to', () => {
		const { status, outcome } = solveCarry(chip, planeScene(), 7, 30);
		expect(status).toBe('solved');
		expect(outcome.landingX).toBeCloseTo(7, 2);
		expect(outcome.finishX).toBeGreaterThan(7.5);
	});

	it('says what the ball of its own head speed does, also where another was tried after it', () => {
		const scene = planeScene();
		const landing = (speed: number) => playIntended(chip, scene, speed, 0, new Outcome()).landingX;
		// One of the speeds that are looked at first lands a trifle short of this.
		for (let speed = 1, i = 0; i < 8; speed *= 30 ** (1 / 9), i++) {
			const { status, speed: found, outcome } = solveCarry(chip, scene, landing(speed) + 0.003, 30);
			expect(status).toBe('solved');
			expect(outcome.landingX).toBe(landing(found));
		}
	});
});
