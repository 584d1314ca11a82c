import { describe, expect, it } from 'vitest';
import { shotDraftSchema, type WorkingShot } from '$lib/io/work/shot';
import { questionTiles, stanceWords } from './questions';
import { clubsThatAreOut, groupByClub } from '$lib/ui/shot/answer/ladderRows';
import type { Choice } from '$lib/ui/call/choices';

const LEVEL = { along: 0, across: 0 };
const shot = (situation: Record<string, unknown>): WorkingShot =>
	shotDraftSchema.parse({
		situation: { toEdge: 3, edgeToPin: 9, stimpFeet: 10, ...situation },
		pupilId: 'pupil-1'
	});
const answer = (id: string, situation: Record<string, unknown> = {}, stance = LEVEL) =>
	questionTiles(shot(situation), { name: 'Ann' }, stance, (metres, symbol = true) =>
		symbol ? `${metres.toFixed(1)} m` : metres.toFixed(1)
	).find((tile) => tile.id === id)!.answer;

describe('what a shot is asked about', () => {
	it('begins with how the ball lies, and says what is known of it', () => {
		expect(questionTiles(shot({}), { name: 'Ann' }, LEVEL, String)[0]!.id).toBe('lie');
		expect(answer('lie')).toBe('Fairway');
		expect(answer('lie', { lie: 'sand', sandSurface: 'plugged', wet: true })).toBe(
			'Sand, plugged, wet'
		);
		expect(answer('lie', { lie: 'sand', sandSurface: 'medium' })).toBe('Sand');
	});

	it('says a stance in the words of the slope', () => {
		expect(stanceWords(LEVEL)).toBe('Level');
		expect(stanceWords({ along: 0.08, across: 0 })).toBe('8 % uphill');
		expect(stanceWords({ along: -0.08, across: -0.04 })).toBe('8 % downhill, ball below feet');
		expect(answer('stance', {}, { along: 0, across: 0.05 })).toBe('ball above feet');
		expect(stanceWords({ along: 0.01, across: -0.01 })).toBe('Level');
	});

	it('says distances, green and slope with their directions', () => {
		expect(answer('distance')).toBe('3.0 + 9.0 m');
		expect(answer('green', { firmness: 'firm' })).toBe('10.0 ft, firm');
	});

	it('says a slope as the eye sees it', () => {
		const piece = (length: number, slopeAlong: number, slopeAcross = 0) => ({
			length,
			slopeAlong,
			slopeAcross
		});
		const slope = (...segments: ReturnType<typeof piece>[]) => answer('slope', { segments });
		expect(answer('slope')).toBe('Level');
		expect(answer('slope', { slopeAlong: -2, slopeAcross: 1 })).toBe('2.0 % down, falls right');
		expect(answer('slope', { slopeAcross: -1.5 })).toBe('1.5 % to the left');
		expect(slope(...Array.from({ length: 12 }, () => piece(1, 0.1, -0.1)))).toBe('Level');
		expect(slope(piece(4, 2.2), piece(2, 1.8), piece(3, -3))).toBe('2.1 % up, then 3.0 % down');
		expect(slope(piece(6, 0.1), piece(2, -4))).toBe('Level, then 4.0 % down');
		expect(slope(piece(4, 2), piece(4, -3), piece(4, 4, 2))).toBe('1.0 % up in all, falls right');
	});

	it('names the first thing in the way and counts the rest', () => {
		const sand = { kind: 'sand', from: 1, to: 2 };
		expect(answer('way')).toBe('Nothing');
		expect(answer('way', { hazards: [{ ...sand, side: 'left', offset: 3 }] })).toBe('Sand left');
		expect(answer('way', { hazards: [{ ...sand, kind: 'water' }, sand] })).toBe('Water and 1 more');
	});

	it('says the wind by its stronger part', () => {
		expect(answer('air')).toBe('Still');
		expect(answer('air', { wind: { along: -4, across: 1 } })).toBe('4 m/s against');
		expect(answer('air', { wind: { along: 1, across: 3 } })).toBe('3 m/s to the right');
	});
});

describe('the ladder by club', () => {
	const choice = (id: string, key: string) =>
		({ key, candidate: { play: { club: { id, name: id } } } }) as unknown as Choice;
	const choices = [choice('PW', 'a'), choice('SW', 'b'), choice('PW', 'c'), choice('PW', 'd')];

	it('has one row a club, its best way first, in the order of the best', () => {
		const groups = groupByClub(choices);
		expect(groups.map(({ club, best }) => [club, best.key])).toEqual([
			['PW', 'a'],
			['SW', 'b']
		]);
		expect(groups[0]!.others.map(({ key }) => key)).toEqual(['c', 'd']);
	});

	it('lists as out only clubs without any way', () => {
		const rejected = (name: string, flight: string) =>
			({
				play: { club: { name }, flight },
				rejection: { code: 'noStop' },
				candidate: null
			}) as never;
		const out = clubsThatAreOut(choices, [
			rejected('PW', 'low'),
			rejected('9i', 'low'),
			rejected('9i', 'standard')
		]);
		expect(out.map(({ play }) => [play.club.name, play.flight])).toEqual([['9i', 'standard']]);
	});
});
