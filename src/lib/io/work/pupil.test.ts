import { describe, expect, it } from 'vitest';
import { bagOf, carriesOf, daysOf, golferOf } from './pupil';
import { pupilFile } from '../../../../tests/support/pupils';

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

describe('days of balls', () => {
	const ball = (id: string, at: string) => ({ id, at });

	it('begin anew where nothing was hit for hours, whatever the date says there', () => {
		const days = daysOf([
			ball('next morning', '2026-10-11T09:00:00.000Z'),
			ball('evening', '2026-10-10T23:30:00.000Z'),
			ball('after midnight in Greenwich', '2026-10-11T00:20:00.000Z'),
			ball('morning', '2026-10-10T08:00:00.000Z')
		]);
		expect(Object.fromEntries(days)).toEqual({
			morning: 0,
			evening: 1,
			'after midnight in Greenwich': 1,
			'next morning': 2
		});
	});

	it('are counted in a cell, and two of them tell more than one with as many balls', () => {
		const hits = [14, 15, 13, 14.5, 13.5, 14];
		const cellOf = (at: (i: number) => string) => {
			const file = pupilFile(
				{ skill: 'middle' },
				hits.map((carry) => ({ carry }))
			);
			file.balls.forEach((one, i) => (one.at = at(i)));
			return carriesOf(file)[0]!;
		};
		const one = cellOf((i) => `2026-10-10T09:0${i}:00.000Z`);
		const two = cellOf((i) => `2026-10-1${i % 2}T09:0${i}:00.000Z`);
		expect([one.days, two.days]).toEqual([1, 2]);
		expect(two.high - two.low).toBeLessThan(one.high - one.low);
	});
});
