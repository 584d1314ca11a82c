import { expect, it } from 'vitest';
import { candidateOf } from '../../../../../tests/support/raced';
import { ANY_SHOT, notWanted } from './wanted';

const flown = (apex: number) => ({
	play: candidateOf('SW').play,
	airShare: 0.7,
	solution: { outcome: { apex } }
});

it('says what a shot lacks of what was asked for, and by how much', () => {
	expect(notWanted(ANY_SHOT, flown(3))).toBeNull();
	expect(notWanted({ ...ANY_SHOT, kinds: ['putt'] }, flown(3))).toEqual({
		code: 'otherKind',
		kind: 'pitch'
	});
	expect(notWanted({ ...ANY_SHOT, apexAtMost: 2 }, flown(3))).toEqual({
		code: 'fliesTooHigh',
		by: 1
	});
	expect(notWanted({ ...ANY_SHOT, apexAtLeast: 5 }, flown(3))).toEqual({
		code: 'fliesTooLow',
		by: 2
	});
});

it('is content with what flies just as high as was asked for', () => {
	expect(notWanted({ ...ANY_SHOT, apexAtMost: 3, apexAtLeast: 3 }, flown(3))).toBeNull();
	expect(notWanted({ ...ANY_SHOT, apexAtMost: 4 }, flown(3))).toBeNull();
});
