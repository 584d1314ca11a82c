import { describe, expect, it } from 'vitest';
import { FATE, type LandingRegion } from '$lib/core/plan/studies/landingRegion';
import type { Choice } from '$lib/ui/call/choices';
import { planWords } from './planWords';

const say = (metres: number) => `${metres.toFixed(1)} m`;

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
		const past = { candidate: { target: 15, safe: true }, aimOffset: 0, option: null } as Choice;
		expect(planWords(past, region(0.5, FATE.green), flat, say)[1]).toContain(
			'of where it is meant to'
		);
	});

	it('tells the aim, and where the ball is meant to end when that is not at the pin', () => {
		const chosen = (target: number, aimOffset: number) =>
			({ candidate: { target }, aimOffset, option: null }) as Choice;
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
