import { describe, expect, it } from 'vitest';
import { STANDARD_BAG_WIRE } from '$lib/io/work/club';
import { freshShot } from '$lib/io/work/freshShot';
import { problemsOf } from './shotProblems';

describe('what keeps a shot from being worked out', () => {
	const shot = freshShot('pupil-1');
	const bag = STANDARD_BAG_WIRE;

	it('is nothing where all is well', () => {
		expect(problemsOf(shot, bag)).toEqual([]);
	});

	it('is said with the label of its field', () => {
		const situation = { ...shot.situation, toEdge: -1, stimpFeet: 40 };
		expect(problemsOf({ ...shot, situation }, bag).map(({ path }) => path)).toEqual([
			'Ball to edge',
			'Green speed'
		]);
	});

	it('is an empty bag, and what is wrong in one', () => {
		expect(problemsOf(shot, []).at(-1)).toEqual({
			path: 'The bag',
			message: 'is empty: put a club in under Bag.'
		});
		const wrong = [{ ...bag[0]!, loft: 400 }];
		expect(problemsOf(shot, wrong)[0]!.path).toContain('bag.0.loft');
	});
});
