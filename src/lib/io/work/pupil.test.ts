import { describe, expect, it } from 'vitest';
import { bagOf, carriesOf, golferOf } from './pupil';
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
