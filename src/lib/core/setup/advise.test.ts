import { describe, expect, it } from 'vitest';
import { STANDARD_BAG } from '../club/standardBag';
import { degrees, radians } from '../units';
import { adviseSetup, type SetupQuestion } from './advise';
import { flightSetup } from './flights';
import { DEFAULT_TECHNIQUE, type Technique } from './technique';

const ask = (change: Partial<SetupQuestion> = {}, technique: Partial<Technique> = {}) => {
	const flight = change.flight ?? 'standard';
	const own = { ...DEFAULT_TECHNIQUE, ...technique };
	return adviseSetup({
		club: STANDARD_BAG[6]!,
		flight,
		faceOpen: 0,
		stanceOpen: 0,
		lie: 'fairway',
		setup: flightSetup(flight, own),
		speed: 6,
		technique: own,
		...change
	});
};

/** The setup tables are common practice, no source. */
describe('adviseSetup', () => {
	it('chips small and quiet, pitches wider with the wrists', () => {
		expect(ask()).toMatchObject({
			stance: 'narrow',
			wrists: 'none',
			grip: 'putting',
			standClose: true
		});
		expect(ask({ speed: 18 })).toMatchObject({ stance: 'wide', wrists: 'early-full', gripDown: 0 });
	});

	it('puts the ball back and the hands ahead for the low flight', () => {
		const low = ask({ flight: 'low' });
		expect(low.ballPosition).toBeLessThan(-0.5);
		expect(degrees(low.shaftLean)).toBeCloseTo(8, 9);
		expect(low.leadWeight).toBeGreaterThanOrEqual(65);
		expect(low.finish).toBe('low');
	});

	it('stands the shaft up for the sole, and names the other way', () => {
		const upright = ask({}, { chip: 'sole' });
		expect(upright.shaftLean).toBe(0);
		expect(upright.cue).toBe('let-the-sole-slide');
		expect(upright.alternatives).toContain('lean-if-clean');
		expect(ask().alternatives).toContain('upright-if-heavy');
	});

	it('flops from the lead or the trail side', () => {
		const flop = { flight: 'open' as const, faceOpen: radians(30), stanceOpen: radians(14) };
		const lead = ask(flop);
		const trail = ask(flop, { flop: 'trail' });
		expect(lead.leadWeight).toBe(60);
		expect(trail.leadWeight).toBeLessThan(41);
		expect(degrees(trail.shaftLean)).toBeLessThan(0);
		expect(lead).toMatchObject({ stance: 'wide', finish: 'face-at-you', through: 'longer' });
		expect(degrees(lead.stanceOpen)).toBeCloseTo(14, 9);
	});

	it('adapts to the lie', () => {
		expect(ask({ lie: 'sitting-up' }).leadWeight).toBeLessThan(ask().leadWeight);
		expect(ask({ lie: 'sitting-down' })).toMatchObject({ cue: 'down-on-it' });
		expect(ask({ lie: 'sitting-down' }).ballPosition).toBeLessThan(ask().ballPosition);
		expect(ask({ lie: 'deep-rough' })).toMatchObject({
			gripPressure: 6,
			wrists: 'early-full',
			stance: 'wide'
		});
		expect(ask({ lie: 'tight' }).alternatives).toContain('putt-if-smooth');
	});

	it('keeps every number in its range, whatever is asked', () => {
		for (const flight of ['putt', 'low', 'standard', 'high', 'open', 'splash'] as const)
			for (const lie of [
				'tight',
				'fairway',
				'sitting-up',
				'sitting-down',
				'deep-rough',
				'sand'
			] as const)
				for (const speed of [3, 9, 25]) {
					const setup = ask({ flight, lie, speed });
					expect(Math.abs(setup.ballPosition)).toBeLessThanOrEqual(1);
					expect(setup.leadWeight).toBeGreaterThanOrEqual(30);
					expect(setup.leadWeight).toBeLessThanOrEqual(80);
					expect(setup.gripDown).toBeLessThan(0.1);
				}
	});
});
