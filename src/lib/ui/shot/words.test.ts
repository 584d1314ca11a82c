import { describe, expect, it } from 'vitest';
import type { LineOfPlay } from '$lib/core/green/lineOfPlay';
import { FATE, type LandingRegion } from '$lib/core/plan/landingRegion';
import { lineRows } from './lineRows';
import type { Choice } from '$lib/ui/state/choices';
import { planWords } from './planWords';

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

describe('planWords', () => {
	const region = (leave: number, fate: number): LandingRegion => ({
		fromX: 0,
		fromZ: -1,
		cell: 1,
		columns: 3,
		rows: 3,
		leave: new Float64Array(9).fill(leave),
		fate: new Uint8Array(9).fill(fate)
	});
	const flat = {
		pin: 12,
		mapped: false,
		sloping: [{ length: 5, slopeAlong: 0, slopeAcross: 0 }],
		shows: { balls: true, slope: true }
	};

	it('tells where a landing is good, and where it runs off', () => {
		expect(planWords(null, region(0.5, FATE.green), flat, say)).toEqual([
			'red area: landed in it, it ends within 2.0 m of the hole'
		]);
		expect(planWords(null, region(5, FATE.offGreen), flat, say)[0]).toBe(
			'no landing spot brings this one within 2.0 m of the hole · hatched: leaves the green'
		);
	});

	it('measures from where the ball is meant to end where that is not the hole', () => {
		const past = { rung: { target: 15, safe: true }, aimOffset: 0, option: null } as Choice;
		expect(planWords(past, region(0.5, FATE.green), flat, say)[1]).toContain(
			'of where it is meant to'
		);
	});

	it('tells the aim, and where the ball is meant to end when that is not at the pin', () => {
		const chosen = (target: number, aimOffset: number) =>
			({ rung: { target }, aimOffset, option: null }) as Choice;
		const first = (choice: Choice) => planWords(choice, null, flat, say)[0];
		expect(first(chosen(12, 0))).toBe('Aim at the pin');
		expect(first(chosen(14.3, 0))).toBe('Aim at the pin, to end 2.3 m past');
		expect(first(chosen(10.5, -0.8))).toBe('Aim 0.8 m left of the pin, to end 1.5 m short');
	});

	it('explains only what is drawn', () => {
		expect(planWords(null, null, flat, say)).toEqual([]);
		const sloping = { ...flat, sloping: [{ length: 5, slopeAlong: 0.02, slopeAcross: 0 }] };
		expect(planWords(null, null, sloping, say)).toEqual(['arrows point downhill']);
		const plain = { ...sloping, shows: { balls: false, slope: false } };
		expect(planWords(null, null, plain, say)).toEqual([]);
		expect(planWords(null, null, { ...sloping, mapped: true }, say).join()).toContain(
			'straight down'
		);
	});
});
