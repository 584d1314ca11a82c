import { expect, it } from 'vitest';
import { nextClub } from './nextClub';

it('name a new club so that no two are called the same', () => {
	const bag = [nextClub('pupil-1', [])];
	bag.push(nextClub('pupil-1', bag));
	expect(bag.map(({ name, order }) => [name, order])).toEqual([
		['Club 1', 0],
		['Club 2', 1]
	]);
});
