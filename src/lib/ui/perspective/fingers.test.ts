import { describe, expect, it } from 'vitest';
import { Fingers } from './fingers';
import type { Look } from './viewpoints';

const look: Look = { focus: [10, 0], turn: 0, away: 12, eye: 1.6 };
const at = (pointerId: number, clientX: number, clientY: number) => ({
	pointerId,
	clientX,
	clientY
});

describe('fingers on the picture', () => {
	it('touch where they do not move, and walk where they do', () => {
		const fingers = new Fingers();
		fingers.down(at(1, 100, 100), look);
		expect(fingers.move(at(1, 103, 101))).toBeNull();
		expect(fingers.up(at(1, 103, 101), look)).toBe(true);
		fingers.down(at(1, 100, 100), look);
		const walked = fingers.move(at(1, 150, 100))!;
		expect(walked.turn).toBeCloseTo(-0.3);
		expect(walked.away).toBe(12);
		expect(fingers.up(at(1, 150, 100), walked)).toBe(false);
		expect(fingers.move(at(1, 300, 100))).toBeNull();
	});

	it('go nearer when two part, and farther when they close', () => {
		const fingers = new Fingers();
		fingers.down(at(1, 100, 100), look);
		fingers.down(at(2, 200, 100), look);
		expect(fingers.move(at(2, 300, 100))!.away).toBeCloseTo(6);
		expect(fingers.move(at(2, 150, 100))!.away).toBeCloseTo(24);
		expect(fingers.move(at(2, 300, 100))!.turn).toBe(0);
	});

	it('go on from where they are when one of two is lifted, and touch nothing', () => {
		const fingers = new Fingers();
		fingers.down(at(1, 100, 100), look);
		fingers.down(at(2, 200, 100), look);
		const nearer = fingers.move(at(2, 300, 100))!;
		expect(fingers.up(at(2, 300, 100), nearer)).toBe(false);
		const on = fingers.move(at(1, 110, 100))!;
		expect(on.away).toBeCloseTo(6);
		expect(on.turn).toBeCloseTo(-0.06);
		expect(fingers.up(at(1, 110, 100), on)).toBe(false);
	});
});
