import { expect, it } from 'vitest';
import { ownCostsOf } from './player';
import { upAndDownOf } from './upAndDown';

it('gets up and down as the strokes of the skill, or the player’s own, say', () => {
	const [expert, high] = (['expert', 'high'] as const).map((skill) => upAndDownOf({ skill }));
	expect(expert!).toBeGreaterThan(0.55);
	expect(high!).toBeLessThan(0.25);
	const costs = { ...ownCostsOf({ skill: 'high' }), around: 0 };
	expect(upAndDownOf({ skill: 'high', costs })).toBeCloseTo(expert!, 9);
});
