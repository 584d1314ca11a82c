import { describe, expect, it } from 'vitest';
import { finishes, raced, candidateOf, strokesAround } from '../../../../../tests/support/raced';
import { place } from './placing';
import type { Played } from './race';

const PIN = 10;
const leader = raced(candidateOf('PW'), finishes(strokesAround(2.5, 0)));

/** A wedge that costs so much more than the leader, give or take, with so many balls. */
const dearer = (
	gap: number,
	error: number,
	{ balls = 400, ...trouble }: { balls?: number; fourOrMore?: number; hazard?: number } = {}
): Played => raced(candidateOf('SW'), finishes(strokesAround(2.5 + gap, error, balls), trouble));

const standing = (other: Played, first: Played = leader) => {
	const placed = place([first, other], PIN, () => false);
	const { tied, close } = placed.find(({ candidate }) => candidate === other.candidate)!;
	return { tied, close };
};
const CLOSE = { tied: true, close: true };
const TIED = { tied: true, close: false };
const BEATEN = { tied: false, close: false };

describe('place', () => {
	it('calls a difference of a fiftieth close, and of a twentieth a tie, however sure it is', () => {
		expect(standing(dearer(0.019, 0))).toEqual(CLOSE);
		expect(standing(dearer(0.021, 0))).toEqual(TIED);
		expect(standing(dearer(0.054, 0))).toEqual(TIED);
		expect(standing(dearer(0.056, 0))).toEqual(BEATEN);
	});

	it('calls close what one and a quarter standard errors cover, and tied what 3.4 more might', () => {
		expect(standing(dearer(0.029, 0.024))).toEqual(CLOSE);
		expect(standing(dearer(0.031, 0.024))).toEqual(TIED);
		expect(standing(dearer(0.058, 0.0115))).toEqual(TIED);
		expect(standing(dearer(0.06, 0.0115))).toEqual(BEATEN);
	});

	it('never calls close or tied what is clearly dear, however unsure it is', () => {
		expect(standing(dearer(0.049, 0.05))).toEqual(CLOSE);
		expect(standing(dearer(0.051, 0.05))).toEqual(TIED);
		expect(standing(dearer(0.109, 0.05))).toEqual(TIED);
		expect(standing(dearer(0.111, 0.05))).toEqual(BEATEN);
	});

	it('takes for a tie what would be one where it costs least, though it is left where it costs a little more', () => {
		const left = (regret: number) => ({ ...dearer(0.07, 0.012), regret });
		expect(standing(left(0.008))).toEqual(BEATEN);
		expect(standing(left(0.01))).toEqual(TIED);
		expect(standing({ ...dearer(0.06, 0), regret: 0.02 })).toEqual(TIED);
	});

	it('takes what lands short for a twentieth dearer than it is', () => {
		const short = (mean: number, error = 0) => {
			const entry = dearer(mean, error);
			return {
				...entry,
				candidate: { ...entry.candidate, against: { code: 'shortOfGreen', by: 1 } as const }
			};
		};
		expect(standing(short(-0.031))).toEqual(CLOSE);
		expect(standing(short(-0.029))).toEqual(TIED);
		expect(standing(short(0.006))).toEqual(BEATEN);
		const [first] = place([leader, short(-0.11)], PIN, () => false);
		expect(first!.candidate.against?.code).toBe('shortOfGreen');
		const [other] = place([leader, short(-0.02)], PIN, () => false);
		expect(other!.candidate).toBe(leader.candidate);
	});

	it('calls nothing wild while something tame costs a tenth more at most', () => {
		const wild = (mean: number) => {
			const entry = dearer(mean, 0);
			return { ...entry, finishes: { ...entry.finishes, x: entry.finishes.x.map(() => 60) } };
		};
		const first = (mean: number) => place([leader, wild(mean)], PIN, () => false)[0]!.candidate;
		expect(first(-0.09)).toBe(leader.candidate);
		expect(first(-0.11)).not.toBe(leader.candidate);
	});

	it('calls nothing wild for more than the cheapest while something tame is near to that', () => {
		const astray = (mean: number, airShare: number): Played => {
			const entry = raced(candidateOf('SW', { airShare }), finishes(strokesAround(2.5 + mean, 0)));
			return { ...entry, finishes: { ...entry.finishes, x: entry.finishes.x.map(() => 60) } };
		};
		// The flatter of two that are close goes first: by itself it is worth being wild, but for the one that is tame.
		const [cheap, flat] = [astray(-0.11, 0.8), astray(-0.095, 0.2)];
		const first = (all: Played[]) => place(all, PIN, () => false)[0]!.candidate;
		expect(first([cheap, flat])).toBe(flat.candidate);
		expect(first([leader, cheap, flat])).toBe(leader.candidate);
		expect(first([leader, cheap])).toBe(cheap.candidate);
	});

	it('takes nothing for a tie that was given up early, but for what is close all the same', () => {
		expect(standing(dearer(0.04, 0.02, { balls: 159 }))).toEqual(BEATEN);
		expect(standing(dearer(0.04, 0.02, { balls: 160 }))).toEqual(TIED);
		expect(standing(dearer(0.04, 0.02, { balls: 400 }))).toEqual(TIED);
		expect(standing(dearer(0.019, 0.02, { balls: 100 }))).toEqual(CLOSE);
	});

	it('takes what is dear for clearly less trouble for a bargain of its own', () => {
		const risky = raced(candidateOf('PW'), finishes(strokesAround(2.5, 0), { hazard: 0.1 }));
		expect(standing(dearer(0.06, 0.02), risky)).toEqual(BEATEN);
		expect(standing(dearer(0.049, 0.02), risky)).toEqual(TIED);
		expect(standing(dearer(0.06, 0.02, { hazard: 0.08 }), risky)).toEqual(TIED);
	});

	it('measures bargains by ties that are not dear themselves', () => {
		const dear = raced(candidateOf('GW'), finishes(strokesAround(2.56, 0.02), { hazard: 0.1 }));
		const placed = place([leader, dear, dearer(0.06, 0.02)], PIN, () => false);
		expect(placed.find(({ candidate }) => candidate.play.club.name === 'SW')?.tied).toBe(true);
	});

	it('puts ties first, by what speaks for them, and the rest by what they cost', () => {
		const [far, farther] = [dearer(0.3, 0), dearer(0.5, 0)];
		const flat = raced(candidateOf('7i', { airShare: 0.2 }), finishes(strokesAround(2.51, 0)));
		const placed = place([farther, far, leader, flat], PIN, () => false);
		expect(placed.map(({ candidate }) => candidate)).toEqual([
			flat.candidate,
			leader.candidate,
			far.candidate,
			farther.candidate
		]);
		expect(placed.map(({ statistics }) => statistics.expectedStrokes.toFixed(2))).toEqual([
			'2.51',
			'2.50',
			'2.80',
			'3.00'
		]);
		expect(placed[0]!.statistics.leave.median).toBeCloseTo(0.5, 12);
	});

	it('asks of each candidate whether its club has been measured', () => {
		const other = raced(candidateOf('SW', { airShare: 0.53 }), finishes(strokesAround(2.5, 0)));
		const clubs = (measured: string) =>
			place([leader, other], PIN, ({ play }) => play.club.name === measured).map(
				({ candidate }) => candidate.play.club.name
			);
		expect(clubs('SW')).toEqual(['SW', 'PW']);
		expect(clubs('PW')).toEqual(['PW', 'SW']);
	});
});
