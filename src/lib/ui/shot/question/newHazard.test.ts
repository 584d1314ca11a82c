import { expect, it } from 'vitest';
import { hazardBefore } from './newHazard';

it('put a bunker where there is room for one', () => {
	const hazard = hazardBefore(6);
	expect(hazard.from).toBeGreaterThan(0);
	expect(hazard.to).toBeLessThan(6);
	expect(hazardBefore(0).to).toBeGreaterThan(hazardBefore(0).from);
});
