import { describe, expect, it } from 'vitest';
import { issuesOf } from '../fields/issues';
import { answerRatios, ratiosRequestSchema, ratiosResponseSchema } from './ratios';

describe('ratios', () => {
	const plain = { green: { stimpFeet: 10 }, player: { skill: 'middle' } };

	it('are a row for every club, carry and slope, putters left out, as their schema says', () => {
		const answer = answerRatios(ratiosRequestSchema.parse(plain));
		expect(ratiosResponseSchema.parse(answer)).toEqual(answer);
		const clubs = new Set(answer.rows.map(({ club }) => club));
		expect(clubs.has('Putter')).toBe(false);
		expect(answer.rows).toHaveLength(clubs.size * 9);
		const row = answer.rows.find(
			({ club, carry, slope }) => club === 'PW' && carry === 3 && slope === 2
		)!;
		expect(row).toMatchObject({ source: 'model' });
		expect(row.low).toBeLessThan(row.ratio);
		expect(answerRatios(ratiosRequestSchema.parse(plain))).toEqual(answer);
	});

	it('are asked of one’s own bag, lengths and slopes', () => {
		const { rows } = answerRatios(
			ratiosRequestSchema.parse({
				...plain,
				green: { stimpFeet: 9, firmness: 'firm', slopes: [1] },
				bag: [{ name: 'Mine', loft: 50, bounce: 8 }],
				carries: [4]
			})
		);
		expect(rows).toMatchObject([{ club: 'Mine', carry: 4, slope: 1 }]);
	});

	it.each([
		['carries', { carries: [] }],
		['carries.0', { carries: [0] }],
		['green.slopes', { green: { stimpFeet: 10, slopes: [] } }],
		['green.stimpFeet', { green: { stimpFeet: 40 } }],
		['putts', { putts: true }]
	])('are refused with where it is wrong: %s', (path, change) => {
		const parsed = ratiosRequestSchema.safeParse({ ...plain, ...change });
		expect(issuesOf(parsed.error!).map((issue) => issue.path)).toEqual([path]);
	});
});
