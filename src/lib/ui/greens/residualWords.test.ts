import { describe, expect, it } from 'vitest';
import { residualFigure, residualWords } from './residualWords';

describe('residuals', () => {
	it('are centimetres for heights and percent for slopes, and say what to do about a bad one', () => {
		const spot = { kind: 'spot' as const, index: 0, difference: -0.023, bad: false };
		expect(residualFigure(spot)).toBe('−2.3 cm');
		expect(residualWords(spot)).toBe('Reads 2.3 cm lower than what the readings around it say.');
		const tilt = { kind: 'tilt' as const, index: 0, difference: 0.031, bad: true };
		expect(residualFigure(tilt)).toBe('3.1 %');
		expect(residualWords(tilt)).toContain('read it again, or leave it out');
	});
});
