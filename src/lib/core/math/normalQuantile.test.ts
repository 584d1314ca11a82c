import { expect, it } from 'vitest';
import { normalQuantile } from './normalQuantile';

/** Tables of the normal distribution, from memory. */
it.each([
	[0.5, 0],
	[0.975, 1.959963985],
	[0.95, 1.644853627],
	[0.999, 3.090232306],
	[0.0001, -3.719016485],
	[0.02425, -1.972961],
	[1e-9, -5.997807015]
])('below a share of %f lies %f', (p, z) => {
	expect(normalQuantile(p)).toBeCloseTo(z, 5);
});

it('is antisymmetric, rises, joins where its pieces meet, and knows no share outside 0 to 1', () => {
	for (const p of [0.001, 0.02, 0.3])
		expect(normalQuantile(1 - p)).toBeCloseTo(-normalQuantile(p), 12);
	expect(normalQuantile(0.0242499999)).toBeCloseTo(normalQuantile(0.0242500001), 7);
	expect(normalQuantile(0.3)).toBeLessThan(normalQuantile(0.31));
	for (const p of [0, 1, -1, NaN]) expect(normalQuantile(p)).toBeNaN();
});
