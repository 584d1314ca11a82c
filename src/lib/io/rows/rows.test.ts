import { expect, it } from 'vitest';
import { ballRow } from './ball';
import { clubRow } from './club';
import { FIRST_PREFERENCES, preferencesRow } from './preferences';
import { pupilRow } from './pupil';
import { roundRow } from './round';
import { shotRow } from './shot';

// What a row written by an older release, which knew less, is taken to mean.
it('takes what an older pupil does not say as it was meant then', () => {
	expect(pupilRow.parse({ id: 'p', name: 'Ann' })).toEqual({
		id: 'p',
		name: 'Ann',
		skill: 'middle',
		hand: 'right',
		school: 'free',
		vocabulary: 'clock',
		technique: { chip: 'lean', flop: 'lead', stroke: 'pendulum' },
		pace: 0.9,
		units: 'metres',
		minding: '',
		notes: '',
		archived: false
	});
	expect(pupilRow.parse({ id: 'p', name: '', delivered: {} }).delivered).toEqual({
		loft: {},
		grip: 1
	});
});

it('begins with settings that surprise nobody, and keeps what it can read of others', () => {
	const first = { theme: 'system', units: 'metres', pace: 0.9, singleKeys: true, aloud: false };
	expect(FIRST_PREFERENCES).toEqual(first);
	expect(preferencesRow.parse({ theme: 'neon', units: 'yards', pace: 5, aloud: 'yes' })).toEqual({
		...first,
		units: 'yards'
	});
});

it('takes a round of which only the day is known', () => {
	const round = { id: 'r', pupilId: 'p', day: '2026-10-25' };
	expect(roundRow.parse(round)).toEqual({ ...round, name: '', notes: '' });
});

it('takes an older club as a wedge at the front of the bag', () => {
	expect(clubRow.parse({ id: 'c', pupilId: 'p', name: 'SW', loft: 56 })).toEqual({
		id: 'c',
		pupilId: 'p',
		name: 'SW',
		loft: 56,
		bounce: 6,
		kind: 'wedge',
		order: 0,
		retiredAt: null
	});
});

it('takes an older shot as a plain one from the fairway', () => {
	const { shot } = shotRow.parse({
		id: 's',
		name: '',
		savedAt: '2026-05-01T12:00:00.000Z',
		shot: {
			pupilId: 'p',
			situation: {
				toEdge: 3,
				edgeToPin: 9,
				stimpFeet: 10,
				hazards: [{ kind: 'sand', from: 1, to: 2 }],
				wind: {}
			}
		}
	});
	expect(shot.situation).toEqual({
		lie: 'fairway',
		wet: false,
		toEdge: 3,
		edgeToPin: 9,
		beyondPin: 8,
		rise: 0,
		fringe: 'smooth',
		slopeAlong: 0,
		slopeAcross: 0,
		hazards: [{ kind: 'sand', from: 1, to: 2, height: 0 }],
		stimpFeet: 10,
		firmness: 'medium',
		grain: 'none',
		wind: { along: 0, across: 0 }
	});
});

it.each([
	['pupil', pupilRow, { name: 'Ann' }],
	['club', clubRow, { pupilId: 'p', name: 'SW', loft: 56 }],
	[
		'ball',
		ballRow,
		{
			pupilId: 'p',
			clubId: 'c',
			at: '2026-05-01T12:00:00.000Z',
			swing: '9',
			flight: 'standard',
			carry: 14,
			source: 'typed'
		}
	]
])('refuses a %s without an id of its own', (_, row, rest) => {
	expect(row.safeParse({ ...rest, id: '' }).success).toBe(false);
	expect(row.safeParse({ ...rest, id: 'one' }).success).toBe(true);
	expect(row.safeParse({ ...rest, id: 'x'.repeat(40) }).success).toBe(true);
});
