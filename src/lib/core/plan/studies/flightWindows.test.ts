import { describe, expect, it } from 'vitest';
import { question } from '../../../../../tests/support/scenes';
import { heightOnPath } from '../../solve/path';
import { localSampler } from '../race/localSampler';
import { plan } from '../plan';
import { flightWindows } from './flightWindows';

const GATE = 1.8;
const asked = question({ toEdge: 4, edgeToPin: 10, fringe: 'grainy' }, {}, { samples: 60 });
const { options, rejected } = await plan(asked, localSampler(asked));

describe('the three windows', () => {
	const windows = flightWindows(options, rejected, GATE);

	it('have each the best way through them, by the height two paces ahead', () => {
		expect(windows.map(({ id }) => id)).toEqual(['low', 'middle', 'high']);
		const limits = { low: [-1, 0.95], middle: [0.95, 1.75], high: [1.75, 99] } as const;
		for (const { id, best, height } of windows) {
			if (!best) continue;
			const [from, to] = limits[id];
			expect(height).toBeGreaterThanOrEqual(from);
			expect(height).toBeLessThan(to);
			if (best.candidate.solution.outcome.landingX > GATE)
				expect(height).toBeCloseTo(heightOnPath(best.candidate.path, GATE), 9);
			// Nobody better ranked goes through it.
			const rank = options.indexOf(best);
			const through = options
				.slice(0, rank)
				.map(({ candidate }) => heightOnPath(candidate.path, GATE))
				.filter((other) => other >= from && other < to);
			expect(id === 'low' ? [] : through).toEqual([]);
		}
		expect(windows.filter(({ best }) => best).length).toBeGreaterThan(1);
	});

	it('say what closes them where nothing goes through', () => {
		const without = options.filter((option) => option !== windows[0]!.best);
		const low = without.filter(({ candidate }) => heightOnPath(candidate.path, GATE) >= 0.95);
		const [closed] = flightWindows(low, rejected, GATE);
		expect(closed!.best).toBeNull();
		const out = rejected.filter(({ candidate }) => candidate && candidate.path.length > 1);
		if (out.length > 0) expect(closed!.closed).not.toBeNull();
		expect(flightWindows([], [], GATE).every(({ best, closed: by }) => !best && !by)).toBe(true);
	});

	it('know where heavy and thin ones end: short, and past', () => {
		const many = options.flatMap(({ statistics }) => statistics.ends.heavy ?? []);
		for (const end of many) expect(end).toBeLessThan(0);
	});
});
