import { describe, expect, it } from 'vitest';
import { nameSwing } from '$lib/core/player/swingLength';
import { radians } from '$lib/core/units';
import { insteadWords } from './instead';

const swing = (degrees: number) => ({
	...nameSwing(radians(degrees), 'clock'),
	vocabulary: 'clock' as const,
	source: 'model' as const,
	past: false
});

describe('what to swing instead', () => {
	it('never says one swing for farther and for nearer, nor the one that is called', () => {
		for (let called = 8; called < 119; called++)
			for (const by of [-30, -12, -6, -3, -1, 1, 3, 6, 12, 30]) {
				const other = Math.max(4, called + by);
				const words = insteadWords(swing(called), swing(other));
				if (words.startsWith('swing'))
					expect(words, `${called} ${by}`).not.toContain(`to ${swing(called).name} `);
				expect(words).not.toBe(insteadWords(swing(called), swing(called - by)));
			}
	});

	it('names another mark, a touch of the same, or what else to change', () => {
		expect(insteadWords(swing(30), swing(60))).toBe('swing to 8 o’clock instead');
		expect(insteadWords(swing(60), swing(64))).toBe('a touch more swing');
		expect(insteadWords(swing(60), swing(56))).toBe('a touch less swing');
		expect(insteadWords(swing(60), swing(61))).toContain('land it a little farther');
		expect(insteadWords(swing(120), swing(130))).toBe('take a longer club');
	});
});
