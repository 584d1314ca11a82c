import { describe, expect, it } from 'vitest';
import { carryTable, type CarryFact } from '$lib/core/player/carryTable';
import { kindOfWire, type ClubDraft } from '$lib/io/club';
import { bagOf, carriesOf, golferOf } from '$lib/io/pupil';
import type { CarryFlight } from '$lib/core/solve/measuredSwings';
import { pupilFile } from '../../../../tests/support/pupils';
import { BagWords } from './bagWords';
import { carryColumns, cellAt, stateOf } from './carryGrid';
import { carryCurves, tickMarks } from './carryCurves';
import { bringBack, refuseName, reorder, retire } from './clubEdits';
import { byLoft, CLUB_SETS, outOfOrder, withSet } from './clubSets';

const facts = (...rows: [string, string, number][]) =>
	rows.map(([club, swing, carry]): CarryFact<CarryFlight> => ({
		club,
		swing,
		carry,
		flight: 'standard',
		stated: false
	}));
const cells = (...rows: [string, string, number][]) => carryTable(facts(...rows), 0.07);
const club = (name: string, loft: number, over: Partial<ClubDraft> = {}): ClubDraft => ({
	id: name,
	pupilId: 'p',
	name,
	loft,
	bounce: 6,
	kind: 'wedge',
	order: 0,
	retiredAt: null,
	...over
});

describe('the carry table on the screen', () => {
	it('has the marks of the pupil’s words, and those of others under which carries are kept', () => {
		const columns = carryColumns('clock', cells(['SW', 'hip', 14], ['SW', '9', 20]));
		expect(columns.map(({ name, foreign }) => (foreign ? `(${name})` : name))).toEqual([
			'6:15',
			'6:30',
			'6:45',
			'7',
			'8',
			'(hip)',
			'9',
			'10'
		]);
		// V and thigh are one swing, as are L, ribs and 9.
		expect(
			carryColumns('body', cells(['SW', 'V', 9], ['SW', 'L', 20])).some((c) => c.foreign)
		).toBe(false);
	});

	it('finds a cell by its swing in any words, and says how much is known of it', () => {
		const known = cells(['SW', 'L', 20], ['SW', '9', 21]);
		const nine = carryColumns('clock', known).find(({ name }) => name === '9')!;
		const cell = cellAt(known, { id: 'SW' }, nine, 'standard')!;
		expect(cell.n).toBe(2);
		expect(cellAt(known, { id: 'SW' }, nine, 'low')).toBeUndefined();
		expect(cellAt(known, { id: 'GW' }, nine, 'standard')).toBeUndefined();
		expect([undefined, { n: 3 }, { n: 4 }].map(stateOf)).toEqual(['missing', 'thin', 'good']);
	});

	it('draws a curve a club through its means, with names that do not touch', () => {
		const clubs = [club('SW', 56), club('GW', 51), club('PW', 46)];
		const curves = carryCurves(
			cells(['SW', '8', 10], ['SW', '9', 20], ['GW', '8', 12], ['GW', '9', 20.4]),
			clubs,
			'standard'
		);
		expect(curves.map(({ name }) => name)).toEqual(['SW', 'GW']);
		expect(curves[0]!.points[0]!.carry).toBe(10);
		expect(curves[0]!.points.at(-1)!.carry).toBe(20);
		expect(curves[1]!.label - curves[0]!.label).toBeGreaterThan(1);
		expect(carryCurves([], clubs, 'standard')).toEqual([]);
	});

	it('labels the axis with marks that have room', () => {
		for (const vocabulary of ['clock', 'body', 'shape'] as const) {
			const angles = tickMarks(vocabulary).map(({ angle }) => angle);
			for (let i = 1; i < angles.length; i++)
				expect(angles[i]! - angles[i - 1]!).toBeGreaterThan(0.23);
		}
	});
});

describe('words of the bag', () => {
	const words = new BagWords([club('SW', 56), club('GW', 51)], 'clock', (m) => `${m} m`);
	const [eight, nine] = cells(['SW', '8', 10], ['SW', '9', 22]);

	it('say gaps, overlaps and contradictions', () => {
		expect(words.gap({ from: 10, to: 22, below: eight!, above: nine! })).toBe(
			'Nothing between 10 m (8 o’clock SW) and 22 m (9 o’clock SW).'
		);
		expect(words.overlap({ one: nine!, other: { ...eight!, club: 'GW' } })).toBe(
			'9 o’clock SW and 8 o’clock GW go the same, 22 m.'
		);
		expect(words.contradiction({ ...nine!, contradiction: 'exchanged' })).toBe(
			'9 o’clock SW does not fit the swing beside it: it looks exchanged with its neighbour.'
		);
		expect(words.contradiction(nine!)).toBe('');
		expect(words.swing({ club: 'gone', swing: '6:30' })).toBe('6:30 a club that is gone');
	});

	it('say what measuring would save', () => {
		const worth = { club: 'SW', swing: '8', flight: 'standard' as const, strokes: 0.12, shots: 3 };
		expect(words.worth(worth)).toBe(
			'8 o’clock SW: 3 of the saved shots call for it, and guessing its length costs 0.04 of a stroke each time.'
		);
	});
});

describe('sets of clubs', () => {
	const set = CLUB_SETS.find(({ id }) => id === 'wedges')!;

	it('keep a club of the same name with what was measured, and retire the others', () => {
		const own = [club('SW', 56, { id: 'mine' }), club('7i', 34, { id: 'iron', kind: 'iron' })];
		const bag = withSet(own, set, 'p', '2026-05-01');
		expect(bag.find(({ name }) => name === 'SW')).toMatchObject({ id: 'mine', loft: 54 });
		expect(bag.find(({ name }) => name === '7i')).toMatchObject({
			id: 'iron',
			retiredAt: '2026-05-01'
		});
		expect(bag.filter(({ retiredAt }) => retiredAt === null)).toHaveLength(5);
		expect(bag.find(({ name }) => name === 'Putter')!.kind).toBe('putter');
	});

	it('have lofts in order and no two clubs of one name', () => {
		for (const { clubs } of CLUB_SETS) {
			const drafts = clubs.map(([name, loft]) => club(name, loft));
			expect(new Set(clubs.map(([name]) => name)).size).toBe(clubs.length);
			expect(outOfOrder(drafts.slice(0, -1))).toBeNull();
		}
	});

	it('notice lofts out of order, putters aside, and put them in order', () => {
		const mixed = [club('LW', 60), club('SW', 56), club('Putter', 3, { kind: 'putter' })];
		expect(outOfOrder(mixed)?.map(({ name }) => name)).toEqual(['LW', 'SW']);
		expect(byLoft(mixed).map(({ name }) => name)).toEqual(['SW', 'LW', 'Putter']);
	});

	it('know a club by its name, else by its loft', () => {
		const kind = (name: string, loft: number) => kindOfWire({ name, loft, putter: false });
		expect([kind('5W', 18), kind('4H', 22), kind('5i', 22), kind('Driver', 10)]).toEqual([
			'wood',
			'hybrid',
			'iron',
			'wood'
		]);
		expect([kind('Old', 14), kind('Old', 20), kind('Old', 40), kind('Old', 44)]).toEqual([
			'wood',
			'hybrid',
			'iron',
			'wedge'
		]);
		expect(kindOfWire({ name: 'x', loft: 3, putter: true })).toBe('putter');
	});
});

describe('changes of the bag', () => {
	it('give dragged clubs their places and leave the others theirs', () => {
		const clubs = [
			club('a', 1, { order: 5 }),
			club('b', 2, { order: 6 }),
			club('c', 3, { order: 9 })
		];
		reorder(clubs, [clubs[1]!, clubs[0]!]);
		expect(clubs.map(({ order }) => order)).toEqual([1, 0, 9]);
	});

	it('retire a club and bring it back at the end, under a name of its own', () => {
		const clubs = [club('SW', 56, { id: 'old' }), club('LW', 60, { order: 7 })];
		retire(clubs, 'old', '2026-05-01');
		expect(clubs.map(({ retiredAt }) => retiredAt)).toEqual(['2026-05-01', null]);
		clubs.push(club('SW', 54, { id: 'new', order: 8 }));
		bringBack(clubs, 'old');
		expect(clubs[0]).toMatchObject({ name: 'SW (2)', order: 9, retiredAt: null });
		expect(clubs[1]).toMatchObject({ name: 'LW', order: 7 });
	});

	it('refuse the name of another club in the bag, and only that', () => {
		const inBag = [club('SW', 56), club('LW', 60)];
		expect(refuseName(inBag, inBag[0]!, 'LW')).toContain('is called LW');
		expect(refuseName(inBag, inBag[0]!, 'SW')).toBeUndefined();
		expect(refuseName(inBag, inBag[0]!, 'Old')).toBeUndefined();
	});
});

describe('who plays, made of a pupil', () => {
	it('has the carries of the table, and the clubs of the bag without woods and retired ones', () => {
		const file = pupilFile({ skill: 'scratch' }, [{ carry: 14 }, { carry: 15 }, { carry: 13 }]);
		const [golfer, [cell]] = [golferOf(file), carriesOf(file)];
		expect(golfer.carries).toEqual([
			{
				club: 'pupil-1-SW',
				swing: '9',
				flight: 'standard',
				carry: cell!.mean,
				n: 3,
				spread: cell!.spread
			}
		]);
		expect(golfer.skill).toBe('scratch');
		const wood = { ...file.clubs[0]!, id: 'w', kind: 'wood' as const };
		const retired = { ...file.clubs[1]!, id: 'r', retiredAt: '2026-01-01' };
		expect(bagOf([...file.clubs, wood, retired]).map(({ id }) => id)).toEqual(
			file.clubs.map(({ id }) => id)
		);
	});
});
