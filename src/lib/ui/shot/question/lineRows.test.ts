import { describe, expect, it } from 'vitest';
import type { LineOfPlay } from '$lib/core/green/lineOfPlay';
import { lineRows } from './lineRows';

const say = (metres: number) => `${metres.toFixed(1)} m`;

describe('lineRows', () => {
	const line: LineOfPlay = {
		placement: { u: 0, v: 0, heading: 0 },
		toEdge: 5,
		edgeToPin: 6,
		beyondPin: 4,
		rise: -0.42,
		fringe: 'grainy',
		segments: [
			{ length: 4, slopeAlong: 0.01, slopeAcross: -0.02 },
			{ length: 6, slopeAlong: -0.06, slopeAcross: -0.02 }
		],
		hazards: [{ kind: 'sand', from: 1, to: 3.5, height: 0.4 }],
		ballOn: 4
	};
	const row = (label: string) => lineRows(line, say).find(([name]) => name === label)?.[1];

	it('says what a coach would note, each slope with its direction', () => {
		expect(row('Green against the ball')).toBe('0.4 m below it');
		expect(row('Way to the edge')).toBe('with a grainy collar');
		expect(row('Slope toward the pin, mean')).toBe('3.2 % down');
		expect(row('Steepest stretch')).toBe('6.0 % down');
		expect(row('Falls across, mean')).toBe('2.0 % to the left');
		expect(row('Sand')).toBe('1.0 m to 3.5 m, lip 0.4 m up');
	});

	it('calls level what is level', () => {
		const level = {
			...line,
			rise: 0.01,
			segments: [{ length: 9, slopeAlong: 0.001, slopeAcross: 0 }]
		};
		const rows = new Map(lineRows(level, say));
		expect(rows.get('Green against the ball')).toBe('level with it');
		expect(rows.get('Slope toward the pin, mean')).toBe('level');
		expect(rows.get('Falls across, mean')).toBe('none');
	});
});
