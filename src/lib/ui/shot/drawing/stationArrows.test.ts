import { expect, it } from 'vitest';
import { question as ask } from '../../../../../tests/support/scenes';
import { stationArrows } from './stationArrows';

it('point arrows downhill, each on its own piece', () => {
	const { situation } = ask({
		toEdge: 2,
		segments: [
			{ length: 6, slopeAlong: 2 },
			{ length: 9, slopeAlong: -2, slopeAcross: 2 }
		]
	});
	const arrows = stationArrows(situation, 17);
	expect(arrows[0]!.turn).toBeCloseTo(180, 6);
	expect(arrows.at(-1)!.turn).toBeCloseTo(45, 6);
	expect(stationArrows(ask({}).situation, 12)).toEqual([]);
});
