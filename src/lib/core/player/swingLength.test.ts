import { describe, expect, it } from 'vitest';
import { degrees, radians } from '../units';
import {
	markAngle,
	measuredAngle,
	nameSwing,
	nearestMark,
	speedOfSwing,
	swingAngle,
	swingFor,
	SWING_MARKS
} from './swingLength';

describe('nameSwing', () => {
	it.each([
		['clock', 60, '8'],
		['clock', 75, '8:30'],
		['clock', 88, '9'],
		['body', 65, 'hip'],
		['body', 53, 'thigh to hip'],
		['shape', 90, 'L'],
		['shape', 150, '10'],
		['clock', 2, '6:15'],
		['clock', 10, '6:15'],
		['clock', 14, '6:30'],
		['clock', 19.5, '6:45'],
		['clock', 45, '7:30'],
		['body', 5, 'foot'],
		['body', 13, 'foot to seam'],
		['shape', 22, 'Y']
	] as const)('calls a %s swing of %i° %s', (vocabulary, angle, name) => {
		expect(nameSwing(radians(angle), vocabulary).name).toBe(name);
	});

	it('names the marks on both sides', () => {
		expect(nameSwing(radians(75), 'clock').between).toEqual(['8', '9']);
		expect(nameSwing(radians(9), 'body').between).toEqual(['foot', 'foot']);
	});

	it('comes back from its own names', () => {
		expect(degrees(markAngle('8:30'))).toBeCloseTo(75, 9);
		expect(degrees(markAngle('6:30'))).toBeCloseTo(15, 9);
		expect(degrees(markAngle('hip'))).toBeCloseTo(65, 9);
		expect(markAngle('elbow')).toBeNaN();
	});
});

describe('marks', () => {
	it.each(['clock', 'body', 'shape'] as const)('rise in the words of the %s', (vocabulary) => {
		const angles = SWING_MARKS[vocabulary].map(({ angle }) => angle);
		expect(angles).toEqual([...new Set(angles)].sort((a, b) => a - b));
		for (const { name, angle } of SWING_MARKS[vocabulary])
			expect(nearestMark(angle + 0.01, vocabulary).name).toBe(name);
	});

	/** A sand wedge swung with 4.6 m/s carries about 2 m, with 8.1 m/s about 6 m. */
	it.each(['clock', 'body', 'shape'] as const)(
		'tell a short chip from a longer one: %s',
		(words) => {
			const [short, long] = [4.6, 8.1].map((speed) => nameSwing(swingAngle(speed, 30.8), words));
			expect(short!.between).not.toEqual(long!.between);
			expect(short!.name).not.toBe(long!.name);
		}
	);
});

describe('swingAngle', () => {
	it('grows with speed and ends at a full turn', () => {
		const angles = [2, 6, 12, 20, 30].map((speed) => swingAngle(speed, 34));
		expect([...angles].sort((a, b) => a - b)).toEqual(angles);
		expect(degrees(swingAngle(34, 34))).toBeCloseTo(150, 9);
		expect(swingAngle(90, 34)).toBe(Math.PI);
	});
});

describe('measuredAngle', () => {
	const known = [
		{ angle: 1, speed: 8 },
		{ angle: 1.6, speed: 14 }
	];

	it('interpolates inside what was measured and shrinks in proportion below it', () => {
		expect(measuredAngle(11, known)!.angle).toBeCloseTo(1.3, 12);
		expect(measuredAngle(11, known)!.past).toBe(false);
		expect(measuredAngle(4, known)!.angle).toBeCloseTo(0.5, 12);
		expect(measuredAngle(4, known)!.past).toBe(false);
		expect(measuredAngle(11, [])).toBeNull();
	});

	it('goes on past the last one as the model swing does that passes through it, and says so', () => {
		expect(measuredAngle(14, known)!.angle).toBeCloseTo(1.6, 12);
		expect(measuredAngle(14, known)!.past).toBe(false);
		const far = measuredAngle(17, known)!;
		expect(far.past).toBe(true);
		expect(Math.sin(far.angle / 2) / Math.sin(0.8)).toBeCloseTo(17 / 14, 9);
		expect(measuredAngle(14.5, known)!.past).toBe(false);
		expect(measuredAngle(90, known)!.angle).toBe(Math.PI);
	});

	it('scales the model swing through a single one, both ways', () => {
		const single = known.slice(0, 1);
		expect(measuredAngle(8, single)!.angle).toBeCloseTo(1, 12);
		expect(measuredAngle(8, single)!.past).toBe(false);
		expect(Math.sin(measuredAngle(4, single)!.angle / 2)).toBeCloseTo(Math.sin(0.5) / 2, 9);
	});
});

describe('head speed of a backswing', () => {
	const known = [
		{ angle: radians(60), speed: 7 },
		{ angle: radians(90), speed: 10 },
		{ angle: radians(120), speed: 13 }
	];

	it.each([
		['no swing', []],
		['one', known.slice(1, 2)],
		['three', known]
	])('is what the backswing for a head speed comes from, with %s measured', (_, swings) => {
		for (const angle of [20, 45, 75, 90, 105, 130].map(radians)) {
			const speed = speedOfSwing(angle, swings, 30);
			expect(swingFor(speed, swings, 30)).toBeCloseTo(angle, swings.length === 3 ? 1 : 6);
		}
	});

	it('goes through what is measured', () => {
		for (const { angle, speed } of known)
			expect(speedOfSwing(angle, known, 30)).toBeCloseTo(speed, 9);
	});
});
