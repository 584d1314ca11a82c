import { describe, expect, it } from 'vitest';
import { contentKey } from './contentKey';

describe('contentKey', () => {
	it('is the same for the same content, whatever the object', () => {
		const make = () => ({ name: 'a', heights: Float64Array.of(1, 2.5, NaN), list: [1, null] });
		expect(contentKey(make())).toBe(contentKey(make()));
	});

	it('sees one bit of one number in a long list', () => {
		const a = new Float64Array(1000).fill(0.1);
		const b = a.slice();
		b[731] = 0.1 + Number.EPSILON;
		expect(contentKey({ a })).not.toBe(contentKey({ a: b }));
	});

	it('tells lists of different length and views of the same memory apart', () => {
		const all = Float64Array.of(1, 2, 3, 4);
		expect(contentKey(all.subarray(1, 3))).toBe(contentKey(Float64Array.of(2, 3)));
		expect(contentKey(all.subarray(1, 3))).not.toBe(contentKey(all.subarray(1, 4)));
	});
});
