import { expect, it } from 'vitest';
import { createRng } from '../math/random';
import { trendOf, type Counted } from './trend';

const of = (...hits: number[]): Counted[] => hits.map((n) => ({ hits: n, of: 20 }));

it('tells better from worse, whichever way the sessions went', () => {
	expect(trendOf(of(4, 8, 12, 17)).way).toBe(1);
	expect(trendOf(of(17, 12, 8, 4)).way).toBe(-1);
	expect(trendOf(of(4, 8, 12, 17)).luck).toBeCloseTo(trendOf(of(17, 12, 8, 4)).luck, 12);
});

it('tells nothing of too few sessions, of all or none, and of empty ones', () => {
	for (const few of [[], of(2, 18), of(0, 0, 0), of(20, 20, 20)])
		expect(trendOf(few)).toEqual({ way: 0, luck: 1 });
	expect(trendOf([...of(4, 17), { hits: 0, of: 0 }]).way).toBe(0);
});

it('calls luck a trend about as often as it says it does', () => {
	const rng = createRng(7);
	const session = (): Counted => ({
		hits: Array.from({ length: 20 }, () => rng.uniform() < 0.5).filter(Boolean).length,
		of: 20
	});
	let told = 0;
	for (let i = 0; i < 2000; i++) if (trendOf(Array.from({ length: 6 }, session)).way !== 0) told++;
	expect(told / 2000).toBeGreaterThan(0.08);
	expect(told / 2000).toBeLessThan(0.12);
});
