import { describe, expect, it } from 'vitest';
import { STANDARD_BAG } from '../club/standardBag';
import type { SandSurface } from '../lie/sand';
import { LEVEL_STANCE } from '../lie/stance';
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
		stance: LEVEL_STANCE,
		sand: 'medium',
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
		expect(degrees(lead.stanceOpen)).toBeCloseTo(15, 9);
	});

	it('adapts to the lie', () => {
		expect(ask({ lie: 'sitting-up' }).leadWeight).toBeLessThan(ask().leadWeight);
		expect(ask({ lie: 'sitting-down' })).toMatchObject({ cue: 'down-on-it' });
		expect(ask({ lie: 'sitting-down' }).ballPosition).toBeLessThan(ask().ballPosition);
		expect(ask({ lie: 'deep-rough' })).toMatchObject({
			gripPressure: 6,
			wrists: 'early-full',
			stance: 'medium'
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

	/** The length of the swing decides; 7.5 and 13 m/s are where a chip and a pitch begin to need more. */
	it.each([
		['pendulum', 7.4, 'none', 'narrow', 'matching', 'putting', 4],
		['pendulum', 7.5, 'some', 'medium', 'matching', 'normal', 4],
		['pendulum', 12.9, 'some', 'medium', 'matching', 'normal', 4],
		['pendulum', 13, 'early-full', 'wide', 'matching', 'normal', 4],
		['set-and-drop', 7.4, 'some', 'narrow', 'low', 'normal', 2],
		['set-and-drop', 7.5, 'early-full', 'medium', 'matching', 'normal', 2],
		['hinge-and-hold', 7.4, 'some', 'narrow', 'low', 'normal', 4],
		['hinge-and-hold', 20, 'early-full', 'wide', 'low', 'normal', 4]
	] as const)(
		'moves with a %s stroke at %f m/s: wrists %s, stance %s, finish %s',
		(stroke, speed, wrists, stance, finish, grip, gripPressure) => {
			expect(ask({ speed }, { stroke })).toMatchObject({
				wrists,
				stance,
				finish,
				grip,
				gripPressure,
				through: 'same',
				standClose: speed < 7.5
			});
		}
	);

	it('rolls a putt like a putt, whatever the stroke for chips', () => {
		for (const stroke of ['pendulum', 'set-and-drop', 'hinge-and-hold'] as const)
			expect(ask({ flight: 'putt', speed: 3 }, { stroke })).toMatchObject({
				wrists: 'none',
				grip: 'putting',
				standClose: true,
				stanceOpen: 0,
				gripDown: 0,
				cue: 'roll-it-like-a-putt',
				alternatives: []
			});
		expect(ask({ flight: 'putt', speed: 20 })).toMatchObject({ standClose: true, grip: 'putting' });
	});

	it('plays everything in the air with an open line, and the more the face is opened', () => {
		expect(degrees(ask().stanceOpen)).toBeCloseTo(5, 9);
		expect(degrees(ask({ stanceOpen: radians(4) }).stanceOpen)).toBeCloseTo(5, 9);
		expect(degrees(ask({ stanceOpen: radians(9) }).stanceOpen)).toBeCloseTo(10, 9);
	});

	it('splashes and flops with the face to the sky and a weak grip for the flop alone', () => {
		expect(ask({ flight: 'splash', lie: 'sand', speed: 14, faceOpen: radians(20) })).toMatchObject({
			stance: 'wide',
			wrists: 'early-full',
			finish: 'face-at-you',
			through: 'longer',
			grip: 'normal',
			gripPressure: 4,
			cue: 'splash-the-sand',
			alternatives: ['firm-sand-less-open']
		});
		expect(ask({ flight: 'open', speed: 14 })).toMatchObject({
			grip: 'weak',
			gripPressure: 2,
			wrists: 'early-full',
			cue: 'face-to-the-sky',
			alternatives: ['trail-side-flop']
		});
		expect(ask({ flight: 'open', speed: 14 }, { flop: 'trail' })).toMatchObject({
			cue: 'slide-the-head-under',
			alternatives: ['lead-side-flop']
		});
	});

	it('grips down four, two and no centimetres as the swing grows, two more with an iron', () => {
		const iron = STANDARD_BAG[3]!;
		const centimetres = (change: Partial<SetupQuestion>) => 100 * ask(change).gripDown;
		expect(centimetres({ speed: 5 })).toBeCloseTo(4, 9);
		expect(centimetres({ speed: 10 })).toBeCloseTo(2, 9);
		expect(centimetres({ speed: 13 })).toBeCloseTo(0, 9);
		expect(centimetres({ speed: 5, club: iron })).toBeCloseTo(6, 9);
		expect(centimetres({ speed: 20, club: iron })).toBeCloseTo(2, 9);
		expect(centimetres({ speed: 5, lie: 'sitting-up' })).toBeCloseTo(6, 9);
		expect(centimetres({ speed: 5, flight: 'open' })).toBe(0);
	});

	it('finds one feel for each way to play', () => {
		expect(ask({ speed: 9 }).cue).toBe('brush-the-grass');
		expect(ask({ speed: 15 }).cue).toBe('chest-over-ball');
		expect(ask({ flight: 'low' }).cue).toBe('hands-stay-ahead');
		expect(ask({}, { stroke: 'set-and-drop' }).cue).toBe('head-falls-by-itself');
		expect(ask({ lie: 'tight' }, { chip: 'sole' }).cue).toBe('chest-over-ball');
		expect(ask({ lie: 'semi-rough', speed: 9 })).toMatchObject({
			cue: 'through-the-grass',
			stance: 'medium'
		});
	});

	it('names the other ways that are worth knowing', () => {
		expect(ask().alternatives).toEqual(['upright-if-heavy']);
		expect(ask({ flight: 'low' }, { chip: 'sole' }).alternatives).toEqual(['lean-if-clean']);
		expect(ask({ flight: 'high' }).alternatives).toEqual(['three-quarter-grip']);
		expect(ask({ flight: 'high', club: STANDARD_BAG[2]! }).alternatives).toEqual([]);
		expect(ask({ lie: 'fringe' }).alternatives).toEqual(['upright-if-heavy', 'putt-if-smooth']);
		const open = { flight: 'open', lie: 'tight', faceOpen: radians(15) } as const;
		expect(ask(open).alternatives).toEqual([
			'trail-side-flop',
			'putt-if-smooth',
			'square-if-bounce'
		]);
		expect(ask({ ...open, faceOpen: 0 }).alternatives).not.toContain('square-if-bounce');
	});

	it('moves ball and weight by the lie, and never off the stance', () => {
		const plain = ask();
		const shift = (lie: SetupQuestion['lie']) => {
			const { ballPosition, leadWeight } = ask({ lie });
			return [
				Number((ballPosition - plain.ballPosition).toFixed(9)),
				leadWeight - plain.leadWeight
			];
		};
		expect(shift('tight')).toEqual([-0.1, 5]);
		expect(shift('sitting-up')).toEqual([0, -8]);
		expect(shift('sitting-down')).toEqual([-0.2, 8]);
		expect(shift('deep-rough')).toEqual([0.2, 8]);
		expect(shift('semi-rough')).toEqual([0.1, 0]);
		const low = flightSetup('low', DEFAULT_TECHNIQUE);
		const far = { ...low, ballPosition: -0.95, leadWeight: 78 };
		expect(ask({ lie: 'sitting-down', setup: far })).toMatchObject({
			ballPosition: -1,
			leadWeight: 80
		});
		const back = { ...low, ballPosition: 0.97, leadWeight: 33 };
		expect(ask({ lie: 'deep-rough', setup: back }).ballPosition).toBe(1);
		expect(ask({ lie: 'sitting-up', setup: back }).leadWeight).toBe(30);
	});
});

describe('flightSetup', () => {
	it('changes with the technique only what the technique is about', () => {
		const lean = (flight: 'low' | 'standard' | 'high' | 'open', own: Partial<Technique>) =>
			degrees(flightSetup(flight, { ...DEFAULT_TECHNIQUE, ...own }).shaftLean);
		expect(lean('low', { chip: 'sole' })).toBeCloseTo(4, 9);
		expect(lean('standard', { chip: 'sole' })).toBe(0);
		expect(lean('high', { chip: 'sole' })).toBe(0);
		expect(lean('open', { chip: 'sole' })).toBeCloseTo(-1, 9);
		expect(lean('open', { flop: 'trail' })).toBeCloseTo(-5, 9);
		expect(lean('low', { flop: 'trail' })).toBeCloseTo(8, 9);
		const { risk } = flightSetup('standard', { ...DEFAULT_TECHNIQUE, chip: 'sole' });
		expect(risk).toEqual({ speed: 1, direction: 1, loft: 1, lowPoint: 1 });
	});
});

describe('the setup and the shot agree', () => {
	it('chips out of the rough with a little wrist and no wide stance', () => {
		const chip = ask({ lie: 'semi-rough', speed: 5 });
		expect(chip.wrists).toBe('some');
		expect(chip.stance).toBe('medium');
		expect(chip.cue).toBe('down-on-it');
		expect(ask({ lie: 'semi-rough', speed: 16 }).stance).toBe('wide');
		expect(ask({ lie: 'semi-rough', speed: 5, faceOpen: radians(25) }).cue).toBe(
			'through-the-grass'
		);
	});

	it('looks at the face at the finish only where the face was opened', () => {
		expect(ask({ lie: 'sand', flight: 'splash' }).finish).toBe('matching');
		expect(ask({ lie: 'sand', flight: 'splash', faceOpen: radians(20) }).finish).toBe(
			'face-at-you'
		);
	});

	it('digs a plugged ball out and picks a long one clean', () => {
		expect(ask({ lie: 'sand', sand: 'plugged', flight: 'splash' }).cue).toBe('dig-it-out');
		expect(ask({ lie: 'sand', flight: 'standard' }).cue).toBe('pick-it-clean');
		expect(ask({ lie: 'sand', flight: 'splash' }).alternatives).not.toContain(
			'firm-sand-less-open'
		);
	});

	it('takes less sand for a long splash, never under a plugged ball', () => {
		const cue = (speed: number, sand: SandSurface = 'medium') =>
			ask({ lie: 'sand', flight: 'splash', speed, sand }).cue;
		expect(cue(24)).toBe('splash-the-sand');
		expect([cue(29), cue(29, 'plugged')]).toEqual(['less-sand-for-length', 'dig-it-out']);
	});

	it('opens the stance in steps of five degrees and by thirty at most', () => {
		const opened = (turn: number) =>
			degrees(ask({ flight: 'open', stanceOpen: radians(turn) }).stanceOpen);
		expect(opened(12.4)).toBeCloseTo(10, 9);
		expect(opened(13)).toBeCloseTo(15, 9);
		expect(opened(44)).toBeCloseTo(30, 9);
	});

	it('goes with the slope under the feet and says so', () => {
		const up = ask({ stance: { along: 0.1, across: 0.05 } });
		expect(up.slope).toEqual(['uphill', 'ball-above-feet']);
		expect(up.leadWeight).toBeLessThan(ask().leadWeight);
		expect(up.ballPosition).toBeGreaterThan(ask().ballPosition);
		const down = ask({ stance: { along: -0.1, across: -0.05 } });
		expect(down.slope).toEqual(['downhill', 'ball-below-feet']);
		expect(down.leadWeight).toBeGreaterThan(ask().leadWeight);
		expect(ask({ stance: { along: 0.02, across: 0 } }).slope).toEqual([]);
		expect(ask({ flight: 'putt', stance: { along: 0.1, across: 0 } }).slope).toEqual([]);
	});
});
