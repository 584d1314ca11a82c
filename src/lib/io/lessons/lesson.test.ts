import { describe, expect, it } from 'vitest';
import { appointment, block, lesson } from '../../../../tests/support/lessons';
import {
	appointmentSchema,
	beginBlock,
	beginsAt,
	blockAtHand,
	comingAfter,
	drillToGoOnWith,
	endLesson,
	leftOver,
	lessonAt,
	pauseLesson,
	plannedMinutes,
	reopenLesson,
	secondsOf,
	settleBlock,
	stateOfLesson,
	unplayed,
	withWords
} from './lesson';

const NOW = Date.parse('2026-12-01T15:30:00Z');
const minute = (n: number) => NOW + n * 60_000;
const planned = () => lesson('l', { blocks: [block('a'), block('b'), block('c')] });

describe('a lesson while it goes on', () => {
	it('lets one clock run at a time, and remembers what each block took', () => {
		let now = beginBlock(planned(), 'a', NOW);
		expect(stateOfLesson(now)).toBe('running');
		expect(now.startedAt).toBe('2026-12-01T15:30:00.000Z');
		now = beginBlock(now, 'b', minute(7));
		expect(now.blocks[0]!.seconds).toBe(420);
		expect(secondsOf(now.blocks[1]!, now, minute(9))).toBe(120);
		now = beginBlock(pauseLesson(now, minute(10)), 'a', minute(20));
		expect(now.blocks.map(({ seconds }) => seconds)).toEqual([420, 180, 0]);
		expect(now.startedAt).toBe('2026-12-01T15:30:00.000Z');
		expect(secondsOf(now.blocks[0]!, now, minute(21))).toBe(480);
	});

	it('is where somebody played meanwhile', () => {
		const begun = beginBlock(planned(), 'a', NOW);
		const [who] = begun.pupilIds;
		const at = (some: readonly (typeof begun)[], n: number, pupilId = who!) =>
			lessonAt(some, pupilId, new Date(minute(n)).toISOString())?.id;
		expect([at([begun], 0), at([begun], 300), at([begun], 361)]).toEqual(['l', 'l', undefined]);
		expect([at([begun], -1), at([begun], 5, 'other'), at([planned()], 5)]).toEqual([
			undefined,
			undefined,
			undefined
		]);
		const ended = endLesson(begun, minute(40));
		expect([at([ended], 40), at([ended], 41)]).toEqual(['l', undefined]);
	});

	it('goes on with the next open block when the one at hand is settled', () => {
		const begun = beginBlock(planned(), 'a', NOW);
		const next = settleBlock(begun, 'a', 'done', minute(5));
		expect(next.blocks[0]).toMatchObject({ state: 'done', seconds: 300 });
		expect(next.running).toEqual({ blockId: 'b', since: new Date(minute(5)).toISOString() });
		const without = settleBlock(next, 'c', 'skipped', minute(6));
		expect(without.running?.blockId).toBe('b');
		const through = settleBlock(without, 'b', 'done', minute(8));
		expect(through.running).toBeNull();
		expect(blockAtHand(through)).toBeNull();
		const held = settleBlock(pauseLesson(begun, minute(1)), 'a', 'done', minute(2));
		expect(held.running).toBeNull();
		expect(blockAtHand(held)?.id).toBe('b');
		expect(beginBlock(through, 'c', minute(9)).blocks[2]!.state).toBe('open');
	});

	it('does not count a clock that was left running over night, nor one that is ahead', () => {
		const begun = beginBlock(planned(), 'a', NOW);
		expect(secondsOf(begun.blocks[0]!, begun, minute(60 * 14))).toBe(4 * 3600);
		expect(secondsOf(begun.blocks[0]!, begun, minute(-30))).toBe(0);
	});

	it('ends with what was not come to left over', () => {
		const begun = settleBlock(beginBlock(planned(), 'a', NOW), 'a', 'done', minute(5));
		const ended = endLesson(begun, minute(12));
		expect(stateOfLesson(ended)).toBe('ended');
		expect(ended.blocks.map(({ state }) => state)).toEqual(['done', 'done', 'open']);
		expect(leftOver(ended).map(({ id }) => id)).toEqual(['c']);
		expect(leftOver(begun)).toEqual([]);
		expect(stateOfLesson(reopenLesson(ended))).toBe('running');
		expect(endLesson(planned(), NOW).startedAt).toBe(new Date(NOW).toISOString());
		expect(stateOfLesson({ ...ended, cancelled: true })).toBe('cancelled');
		expect(stateOfLesson(planned())).toBe('planned');
	});

	it('moves what is to come as the block at hand takes longer', () => {
		const begun = beginBlock(planned(), 'a', NOW);
		const at = (now: number) =>
			comingAfter(begun, now).map(({ block: { id }, begins, ends }) => [
				id,
				(begins - NOW) / 60_000,
				(ends - NOW) / 60_000
			]);
		expect(at(minute(4))).toEqual([
			['b', 10, 20],
			['c', 20, 30]
		]);
		expect(at(minute(14))).toEqual([
			['b', 14, 24],
			['c', 24, 34]
		]);
		const held = pauseLesson(beginBlock(begun, 'b', minute(2)), minute(5));
		expect(comingAfter(held, minute(6)).map(({ block: { id } }) => id)).toEqual(['b', 'c']);
	});

	it('adds words to a note once, and goes on with what was done', () => {
		expect(withWords('', 'Looks up')).toBe('Looks up');
		expect(withWords('Lifts ', 'Looks up')).toBe('Lifts. Looks up');
		expect(withWords('Lifts. Looks up', 'Lifts')).toBe('Lifts. Looks up');
		const [box, ladder] = ['box', 'ladder'].map((drillId) => block(drillId, { drillId }));
		expect(drillToGoOnWith({ blocks: [box!, ladder!] })).toBe('ladder');
		expect(drillToGoOnWith({ blocks: [{ ...box!, state: 'done' }, ladder!] })).toBe('box');
		expect(drillToGoOnWith({ blocks: [block('talk')] })).toBeUndefined();
	});

	it('sums up minutes and beginnings without what is left out', () => {
		const { blocks } = planned();
		blocks[1]!.state = 'skipped';
		expect(plannedMinutes({ blocks })).toBe(20);
		expect(beginsAt({ blocks })).toEqual([0, 10, 10]);
	});

	it('is used again without what came of it', () => {
		const before = block('a', {
			note: 'private',
			seconds: 200,
			state: 'done',
			sessionId: 's',
			cells: [{ clubId: 'sw', swing: '9', flight: 'standard', balls: 8 }],
			balls: 8,
			drillId: 'swing-matrix',
			shotId: 'x',
			cue: 'Count'
		});
		const { note: _, seconds: __, state: ___, sessionId: ____, ...rest } = before;
		expect(unplayed([before], () => 'new')).toEqual([
			{ ...rest, id: 'new', note: '', seconds: 0, state: 'open' }
		]);
	});
});

describe('what is typed of an appointment', () => {
	const problem = (over: object) => {
		const parsed = appointmentSchema.safeParse({ ...appointment(), ...over });
		return parsed.success ? '' : parsed.error.issues[0]!.message;
	};
	it.each([
		[{ pupilIds: [] }, 'somebody has to come'],
		[{ minutes: 0 }, 'must be 1 or more'],
		[{ minutes: 481 }, 'must be 480 at most'],
		[{ time: '25:00' }, 'must be a time of day, such as 16:30'],
		[{ day: '2026-02-40' }, 'must be a day, such as 2026-10-25'],
		[{ aim: 'x'.repeat(201) }, 'must be at most 200 letters'],
		[{}, '']
	])('%j: %s', (over, words) => {
		expect(problem(over)).toBe(words);
	});
});
