import { PROFILE } from '$lib/core/player/player';
import { describe, expect, it } from 'vitest';
import type { LineOfPlay } from '$lib/core/green/lineOfPlay';
import { radians } from '$lib/core/units';
import { somePlayer } from '../../../../tests/support/pupils';
import { bearingOf, bearingToCore, greenDraftSchema, greenToCore } from './green';
import { missQuestion, placedRequest, wishOn } from './greenStudy';
import { NO_PUTT } from '../fields/wanted';
import {
	centreOf,
	firstPlace,
	followLie,
	movedAlong,
	placeOn,
	readLine,
	readToday
} from './placedShot';
import { readingDraftSchema } from './reading';
import { shotDraftSchema, type Place } from './shot';

const wire = greenDraftSchema.parse({
	id: 'g',
	name: 'Bench',
	outline: [
		[0, 0],
		[12, 0],
		[12, 16],
		[0, 16]
	],
	collar: 1,
	areas: [
		{
			kind: 'sand',
			lip: 0.3,
			outline: [
				[2, -5],
				[10, -5],
				[10, -2],
				[2, -2]
			]
		}
	],
	spots: [
		[0, 0, 0],
		[12, 0, 0],
		[0, 16, 0.32],
		[12, 16, 0.32],
		[6, 8, 0.16]
	].map(([u, v, height]) => ({ at: [u, v], height })),
	pins: [{ id: 'p', name: 'Back', at: [6, 12] }]
});
const green = greenToCore(wire);
const shot = shotDraftSchema.parse({
	situation: { toEdge: 3, edgeToPin: 9, stimpFeet: 10, wind: { along: 3, across: 1 } },
	pupilId: 'pupil-1'
});
const playing = somePlayer({ skill: 'high', hand: 'left' });
const reading = readingDraftSchema.parse({
	id: 'r',
	greenId: 'g',
	takenAt: '2026-05-04T08:00:00.000Z',
	stimpFeet: 8.55,
	firmness: 'soft',
	wet: true,
	grainTowards: 0
});

const lineTo = (ball: [number, number], pin: [number, number] = [6, 12]): LineOfPlay => {
	const placed = placeOn(green, { greenId: 'g', ball, pin });
	if (placed.problem !== null) throw new Error(placed.problem);
	return placed.line;
};

describe('bearings', () => {
	it('run clockwise from the top of the map and come back', () => {
		expect(bearingToCore(0)).toBeCloseTo(radians(90), 12);
		expect(bearingToCore(90)).toBeCloseTo(0, 12);
		for (const bearing of [0, 45, 190, 359])
			expect(bearingOf(bearingToCore(bearing))).toBeCloseTo(bearing, 9);
	});
});

describe('a placed shot', () => {
	it('reads distances, slopes and hazards off the map into a situation the contract accepts', () => {
		const copy = structuredClone(shot);
		readLine(copy.situation, lineTo([6, -8]));
		expect(copy.situation).toMatchObject({ fringe: 'rough', hazards: [{ kind: 'sand' }] });
		expect(copy.situation.toEdge).toBeCloseTo(8, 0);
		expect(copy.situation.toEdge + copy.situation.edgeToPin).toBeCloseTo(20, 2);
		expect(copy.situation.segments![4]!.slopeAlong).toBeCloseTo(2, 0);
		expect(shotDraftSchema.safeParse(copy).success).toBe(true);
	});

	it('takes today’s reading, with the grain against the line it lies along', () => {
		const copy = structuredClone(shot);
		readToday(copy.situation, lineTo([6, -8]), reading);
		expect(copy.situation).toMatchObject({
			stimpFeet: 8.6,
			firmness: 'soft',
			wet: true,
			grain: 'with'
		});
		readToday(copy.situation, lineTo([6, 24], [6, 4]), reading);
		expect(copy.situation.grain).toBe('against');
		readToday(copy.situation, lineTo([6, 24], [6, 4]), { ...reading, grainTowards: null });
		expect(copy.situation.grain).toBe('none');
	});

	it('changes the lie when the ball comes to other ground, and only then', () => {
		const copy = structuredClone(shot);
		copy.situation.lie = 'tight';
		followLie(copy.situation, lineTo([6, -8]), lineTo([5, -8]));
		expect(copy.situation.lie).toBe('tight');
		followLie(copy.situation, lineTo([6, -8]), lineTo([6, -3]));
		expect(copy.situation.lie).toBe('sand');
	});

	it('walks ball and pin along the line between them', () => {
		const place = {
			greenId: 'g',
			ball: [6, -8] as [number, number],
			pin: [6, 12] as [number, number]
		};
		expect(movedAlong(place, 2, -3)).toEqual({ greenId: 'g', ball: [6, -6], pin: [6, 9] });
		const same = { ...place, pin: place.ball };
		expect(movedAlong(same, 1, 0).ball).toEqual([6, -7]);
	});

	it('starts dry and off the green, with a view of the first pin', () => {
		const place = firstPlace(wire, undefined);
		expect(place.pin).toEqual([6, 12]);
		expect(placeOn(green, place).problem).toBeNull();
		expect(centreOf(wire.outline)).toEqual([6, 8]);
	});

	it('says what to do where there is no line', () => {
		expect(placeOn(green, { greenId: 'g', ball: [6, -8], pin: [40, 40] }).problem).toContain(
			'drag it onto the putting surface'
		);
		expect(placeOn(green, { greenId: 'g', ball: [6, 11.8], pin: [6, 12] }).problem).toContain(
			'less than a pace'
		);
		expect(placeOn(green, { greenId: 'g', ball: [6, -95], pin: [6, 12] }).problem).toContain(
			'more than 80 m'
		);
	});
});

describe('studies of a green', () => {
	it('begin with what the last shot asked for only where it was on that green', () => {
		const place = { greenId: 'g', ball: [6, -2], pin: [6, 12] } satisfies Place;
		const chipped = { wanted: { kinds: ['chip' as const] }, place };
		expect(wishOn('g', chipped, playing.golfer)).toEqual({ kinds: ['chip'] });
		expect(wishOn('h', chipped, playing.golfer)).toEqual({});
		const never = { ...playing.golfer, noPutt: true };
		expect(wishOn('h', chipped, never)).toEqual(NO_PUTT);
		expect(wishOn('g', { ...chipped, wanted: {} }, never)).toEqual({});
	});

	it('ask with the player of the shot and today’s reading, without wind', () => {
		const question = missQuestion(shot, playing, green, [6, 12], reading, 7);
		expect(question.player).toMatchObject({ ...PROFILE.high, hand: 'left' });
		expect(question.conditions).toMatchObject({ firmness: 'soft', wet: true });
		expect(question.conditions.air.windAlong).toBe(0);
		expect(question.conditions.grain).toBeCloseTo(radians(90), 9);
		expect(missQuestion(shot, playing, green, [6, 12], undefined, 7).conditions.grain).toBeNull();
		expect(question.wanted).toBeUndefined();
		const ofPupil = { ...playing, golfer: { ...playing.golfer, noPutt: true } };
		const onIt = { ...shot, situation: { ...shot.situation, toEdge: 0 } };
		expect(missQuestion(onIt, ofPupil, green, [6, 12], reading, 7).wanted?.kinds).not.toContain(
			'putt'
		);
		const asked = { ...shot, wanted: { kinds: ['lob' as const] } };
		expect(missQuestion(asked, playing, green, [6, 12], reading, 7).wanted?.kinds).toEqual(['lob']);
	});

	it('plan from a place with the lie that grows there', () => {
		const found = placedRequest(
			shot,
			playing,
			green,
			{ greenId: 'g', ball: [6, -3], pin: [6, 12] },
			reading,
			{ samples: 50, seed: 2 }
		);
		if (found.problem !== null) throw new Error(found.problem);
		expect(found.request.situation.lie).toBe('sand');
		expect(found.request.situation.survey?.kinds).toBe('map');
		expect(found.request.samples).toBe(50);
		expect(shot.situation.toEdge).toBe(3);
		const none = placedRequest(
			shot,
			playing,
			green,
			{ greenId: 'g', ball: [6, -3], pin: [90, 0] },
			reading,
			{ samples: 50, seed: 2 }
		);
		expect(none.problem).toContain('pin');
	});
});

describe('greenDraftSchema', () => {
	it.each([
		[
			{
				outline: [
					[0, 0],
					[1, 0],
					[2, 0]
				]
			},
			'must enclose some ground'
		],
		[{ collar: 11 }, 'from 0 to 10 metres'],
		[{ name: '  ' }, 'must not be empty'],
		[{ id: '../up' }, 'letters, digits, hyphens'],
		[
			{ grid: { originU: 0, originV: 0, cell: 1, columns: 2, rows: 2, heights: [1] } },
			'columns × rows'
		]
	])('refuses %j', (change, message) => {
		const parsed = greenDraftSchema.safeParse({ ...wire, ...change });
		expect(parsed.error?.issues.map((issue) => issue.message).join()).toContain(message);
	});
});
