import { render } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import { sessionBall } from '../../../../../tests/support/sessions';
import BallMarks from './BallMarks.svelte';
import { practiceScale } from '$lib/ui/practice/practiceScale';

const scale = practiceScale(390, 420, 20);
const balls = ['1', '2', '3'].map((id, i) => sessionBall({ id, landed: [13 + i, 0] }));
const ring = { x: 14, y: 0.5, long: 2, short: 0.5, turn: 0 };
const drawn = (props: Record<string, unknown> = {}) =>
	render(BallMarks, {
		balls,
		wild: [false, true, false],
		landing: ring,
		finish: null,
		scale,
		...props
	}).container;

describe('balls on the drawing', () => {
	it('shows landings, ends and a cross for a wild one, kept beside the others', () => {
		const svg = drawn();
		expect(svg.querySelectorAll('.landed')).toHaveLength(2);
		expect(svg.querySelectorAll('.ended')).toHaveLength(3);
		expect(svg.querySelectorAll('.wild')).toHaveLength(1);
	});

	it('draws the ellipse true to scale, its long axis along the line, which runs up the paper', () => {
		const ellipse = drawn().querySelector('ellipse.landing')!;
		expect(Number(ellipse.getAttribute('rx'))).toBeCloseTo(2 * scale.factor, 6);
		const [x, y] = scale.at(14, 0.5);
		expect(ellipse.getAttribute('transform')).toBe(`rotate(-90 ${x} ${y})`);
		expect(
			drawn({ balls: balls.slice(0, 2), wild: [false, false] }).querySelector('ellipse')
		).toBeNull();
		expect(drawn({ quiet: true }).querySelector('ellipse')).toBeNull();
	});

	it('hollows a landing that was worked out, and rings the first touch of two', () => {
		const inferred = [sessionBall({ inferred: true })];
		expect(drawn({ balls: inferred, wild: [false] }).querySelectorAll('.inferred')).toHaveLength(1);
		expect(drawn({ half: [12, 0] }).querySelectorAll('.half')).toHaveLength(1);
	});
});
