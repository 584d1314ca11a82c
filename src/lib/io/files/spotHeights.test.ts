import { describe, expect, it } from 'vitest';
import { formatSpotHeights, parseSpotHeights } from './spotHeights';

const HEADING = 'right_m,up_m,height_m,tilt_percent,falls_towards_deg,left_out';
const problemOf = (text: string) => {
	const parsed = parseSpotHeights(text);
	if (!('problem' in parsed)) throw new Error('was read');
	return parsed.problem;
};

describe('spot heights', () => {
	const book = {
		spots: [
			{ at: [1.5, -2] as [number, number], height: 0.123, leftOut: false },
			{ at: [4, 7.25] as [number, number], height: -0.5, leftOut: true }
		],
		tilts: [{ at: [3, 3] as [number, number], percent: 2.5, fallsTowards: 190, leftOut: false }]
	};

	it('come back as they were written', () => {
		expect(parseSpotHeights(formatSpotHeights(book))).toEqual({ book });
	});

	it('are read with spaces, capitals, semicolons and fewer columns', () => {
		const text = 'Right_m ; UP_m;height_m\n 1 ; 2 ; 0.3 \n\n4;5;-0.1\n';
		const parsed = parseSpotHeights(text);
		expect('book' in parsed && parsed.book.spots.map(({ at, height }) => [...at, height])).toEqual([
			[1, 2, 0.3],
			[4, 5, -0.1]
		]);
	});

	it.each([
		['', 1, 1, 'the heading has no right_m'],
		['right_m,up_m\n1,2', 1, 1, 'neither height_m nor tilt_percent'],
		[`${HEADING},colour\n1,2,3,,,,red`, 1, 7, 'unknown column “colour”'],
		[`${HEADING}\n1,2,0.3,,,\n1,up,0.3,,,`, 3, 2, 'up_m “up” is not a number'],
		[`${HEADING}\n,2,0.3,,,`, 2, 1, 'right_m is empty'],
		[`${HEADING}\n1,2,900,,,`, 2, 3, 'height_m must be a number from -100 to 100 metres'],
		[`${HEADING}\n1,2,,,,`, 2, 3, 'height_m must be a number'],
		[`${HEADING}\n1,2,,3,400,`, 2, 5, 'falls_towards_deg must be a number from 0 to 360 degrees'],
		[`${HEADING}\n1,2,0.3,,,,9`, 2, 7, 'too many fields'],
		[`${HEADING}\n\n \n1,2,0.3,,,\n\n1,up,0.3,,,`, 6, 2, 'up_m “up” is not a number'],
		[`${HEADING}\n`, 1, 1, 'no row below the heading']
	])('say what is wrong in %j', (text, line, column, message) => {
		const problem = problemOf(text);
		expect(problem.message).toContain(message);
		expect([problem.line, problem.column]).toEqual([line, column]);
	});

	it('are bounded', () => {
		const rows = Array.from({ length: 601 }, () => '1,2,0.3,,,');
		expect(problemOf([HEADING, ...rows].join('\n')).message).toContain('more than 600 rows');
	});
});
