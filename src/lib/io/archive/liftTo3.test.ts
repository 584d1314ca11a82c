import { describe, expect, it } from 'vitest';
import { liftShotTo3, stampRow, takePupilsOut } from './liftTo3';

const bag = [
	{ id: 'SW', name: 'SW', loft: 56, bounce: 12, putter: false },
	{ id: '4H', name: '4H', loft: 22, bounce: 2, putter: false },
	{ id: 'P', name: 'Putter', loft: 3.5, bounce: 0, putter: true }
];
const golfer = { skill: 'middle', hand: 'right', carries: [] as object[] };
const shot = (over: object = {}) => ({ situation: { toEdge: 2 }, golfer, bag, ...over });
const row = (id: string, over: object = {}) => ({
	id,
	name: id,
	savedAt: '2026-05-04T08:00:00.000Z',
	shot: shot(over)
});

describe('taking pupils out of shots', () => {
	it('makes one pupil of equal golfers, called You where there is no other', () => {
		const { pupils, clubs, shots } = takePupilsOut([row('a'), row('b')], [], null);
		expect(pupils).toHaveLength(1);
		expect(pupils[0]).toMatchObject({ name: 'You', skill: 'middle', hand: 'right' });
		expect(pupils[0]).not.toHaveProperty('carries');
		expect(clubs.map(({ name, kind, order }) => [name, kind, order])).toEqual([
			['SW', 'wedge', 0],
			['4H', 'hybrid', 1],
			['Putter', 'putter', 2]
		]);
		expect(shots).toEqual(
			['a', 'b'].map((id) => ({
				id,
				name: id,
				savedAt: '2026-05-04T08:00:00.000Z',
				shot: { situation: { toEdge: 2 }, pupilId: pupils[0]!.id },
				createdAt: '2026-05-04T08:00:00.000Z-0000-none',
				updatedAt: '2026-05-04T08:00:00.000Z-0000-none'
			}))
		);
	});

	it('tells several apart by skill, hand and a number, the one with most shots first', () => {
		const left = { golfer: { ...golfer, hand: 'left' } };
		const { pupils } = takePupilsOut(
			[
				row('a', left),
				row('b'),
				row('c'),
				row('d', { bag: bag.slice(1) }),
				row('e', left),
				row('f')
			],
			[],
			{ units: 'yards', paceLength: 0.8 }
		);
		expect(pupils.map(({ name }) => name)).toEqual([
			'Handicap 15',
			'Handicap 15, left-handed',
			'Handicap 15 (2)'
		]);
		expect(pupils[2]).toMatchObject({ units: 'yards', pace: 0.8 });
	});

	it('gives the same ids to the same golfers, wherever they are met and however their keys are ordered', () => {
		const turned = Object.fromEntries(Object.entries(golfer).reverse());
		const [one, other] = [{}, { golfer: turned }].map((over) =>
			takePupilsOut([row('a', over)], [], null)
		);
		expect(other!.pupils[0]!.id).toBe(one!.pupils[0]!.id);
		expect(other!.clubs.map(({ id }) => id)).toEqual(one!.clubs.map(({ id }) => id));
		expect(one!.pupils[0]!.id).toBe('p-1rf7whgotce6i');
	});

	it('keeps carries as stated ones of the new clubs, with what was said of their balls', () => {
		const carries = [{ club: 'SW', swing: '9', carry: 14.2, spread: 0.6, n: 8 }];
		const { balls, clubs, pupils } = takePupilsOut(
			[],
			[shot({ golfer: { ...golfer, carries } })],
			null
		);
		expect(balls).toHaveLength(1);
		expect(balls[0]).toMatchObject({
			pupilId: pupils[0]!.id,
			clubId: clubs[0]!.id,
			swing: '9',
			carry: 14.2,
			spread: 0.6,
			n: 8,
			source: 'stated'
		});
	});

	it('leaves what is no shot as it is', () => {
		const odd = [{ id: 7, shot: { nonsense: true } }, { id: 'x' }, 5, null];
		expect(takePupilsOut(odd, [null, 'x'], 9)).toEqual({
			shots: odd,
			pupils: [],
			clubs: [],
			balls: []
		});
		const lifted = { situation: {}, pupilId: 'p', bag: [] };
		expect(liftShotTo3(lifted)).toBe(lifted);
		expect(stampRow(3)).toBe(3);
	});
});
