import { describe, expect, it } from 'vitest';
import { STANDARD_BAG } from '../../club/standardBag';
import { straight, type Play } from '../../player/intent';
import { radians } from '../../units';
import { shotKind } from './shotKind';

const play = (name: string, flight: Play['flight'], open = 0) =>
	straight(
		STANDARD_BAG.find((club) => club.name === name)!,
		flight,
		radians(open)
	);

describe('what the trade calls a shot', () => {
	it('is a putt or a splash whatever it does in the air', () => {
		expect(shotKind(play('Putter', 'putt'), 0.9)).toBe('putt');
		expect(shotKind(play('SW', 'splash', 30), 0.1)).toBe('splash');
	});

	it('is a flop from fifteen degrees open on', () => {
		expect(shotKind(play('SW', 'open', 15), 0.2)).toBe('flop');
		expect(shotKind(play('SW', 'open', 14), 0.7)).toBe('pitch');
		expect(shotKind(play('SW', 'high', 15), 0.7)).toBe('pitch');
	});

	it('is a lob with the most lofted club, mostly in the air and not kept low', () => {
		expect(shotKind(play('LW', 'standard'), 0.61)).toBe('lob');
		expect(shotKind(play('LW', 'standard'), 0.6)).toBe('pitch');
		expect(shotKind(play('LW', 'low'), 0.8)).toBe('pitch');
		expect(shotKind(play('SW', 'standard'), 0.8)).toBe('pitch');
		expect(shotKind(play('LW', 'standard'), 0.3)).toBe('chip');
	});

	it('is a pitch when more than half of it flies, else a chip', () => {
		expect(shotKind(play('PW', 'standard'), 0.51)).toBe('pitch');
		expect(shotKind(play('PW', 'standard'), 0.5)).toBe('chip');
	});
});
