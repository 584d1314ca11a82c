import { expect, it } from 'vitest';
import type { Candidate } from '../ladder/candidate';
import type { ShotStatistics } from './statistics';
import { isBargain, orderTies } from './ties';

/** What decides of a tie; the rest of a sampled candidate is not looked at. */
const tie = (
	name: string,
	trouble: [hazard: number, four: number],
	airShare: number,
	close = true
) => ({
	name,
	close,
	candidate: { airShare, play: { club: { id: name } } } as Candidate,
	statistics: {
		chances: { hazard: trouble[0], fourOrMore: trouble[1] },
		leave: { median: 1, p90: 2 }
	} as ShotStatistics
});
const order = (options: ReturnType<typeof tie>[], measured: string[] = []) =>
	orderTies(options, ({ play }) => measured.includes(play.club.id)).map(({ name }) => name);

it('calls what gets into less trouble first, hazard and four-or-more added, whatever the air', () => {
	expect(order([tie('a', [0.1, 0.05], 0.1), tie('b', [0.02, 0.02], 0.9)])).toEqual(['b', 'a']);
	expect(order([tie('a', [0, 0.1], 0.1), tie('b', [0.06, 0], 0.9)])).toEqual(['b', 'a']);
});

it('takes less than three points of trouble for none, from the least on', () => {
	expect(order([tie('a', [0.5, 0], 0.9), tie('b', [0.529, 0], 0.1)])).toEqual(['b', 'a']);
	expect(order([tie('a', [0.5, 0], 0.9), tie('b', [0.531, 0], 0.1)])).toEqual(['a', 'b']);
});

it('never calls what goes wrong six points more often in one way than something with less trouble', () => {
	expect(order([tie('a', [0, 0.483], 0.1), tie('b', [0.055, 0.408], 0.9)])).toEqual(['b', 'a']);
	expect(order([tie('a', [0.133, 0.537], 0.1), tie('b', [0.065, 0.583], 0.9)])).toEqual(['b', 'a']);
	expect(order([tie('a', [0, 0.462], 0.1), tie('b', [0.055, 0.408], 0.9)])).toEqual(['a', 'b']);
	// Less trouble altogether outweighs more of one kind.
	expect(order([tie('a', [0, 0.47], 0.1), tie('b', [0.07, 0.408], 0.9)])).toEqual(['a', 'b']);
});

it('calls nothing wild before what is tame, whatever else speaks for it', () => {
	const wild = tie('wild', [0, 0], 0.1);
	wild.statistics.leave = { median: 3, p90: 40.1 };
	expect(order([wild, tie('tame', [0, 0.5], 0.9, false)])).toEqual(['tame', 'wild']);
});

it('calls what is close to the cheapest before what may only be as good', () => {
	expect(order([tie('a', [0, 0], 0.1, false), tie('b', [0, 0.03], 0.9)])).toEqual(['b', 'a']);
	// … unless that goes wrong clearly more often.
	expect(order([tie('a', [0, 0], 0.1, false), tie('b', [0, 0.08], 0.9)])).toEqual(['a', 'b']);
});

it('then calls what flies less, in steps of six points', () => {
	expect(order([tie('a', [0, 0], 0.61), tie('b', [0, 0], 0.53)])).toEqual(['b', 'a']);
	expect(order([tie('a', [0, 0], 0.42), tie('b', [0, 0], 0.41)])).toEqual(['b', 'a']);
});

it('then what the player has measured, before a little less air', () => {
	const [less, more] = [tie('less', [0, 0], 0.42), tie('more', [0, 0], 0.47)];
	expect(order([less, more], ['more'])).toEqual(['more', 'less']);
	expect(order([less, more], ['less', 'more'])).toEqual(['less', 'more']);
	expect(order([tie('a', [0, 0], 0.41), more], ['more'])).toEqual(['a', 'more']);
});

it('is one order however the ties come, and leaves what is alike as it came', () => {
	const options = [0.11, 0.31, 0.29, 0.9, 0.35].map((air, i) =>
		tie(String(i), [0.02 * i, 0.01], air)
	);
	const once = order(options, ['1', '3']);
	expect(order([...options].reverse(), ['1', '3'])).toEqual(once);
	expect(
		order(
			[...once].map((name) => options[Number(name)]!),
			['1', '3']
		)
	).toEqual(once);
	expect(order([tie('x', [0, 0], 0.4), tie('y', [0, 0], 0.4)])).toEqual(['x', 'y']);
	expect(order([])).toEqual([]);
});

it('takes for a bargain of its own what is dearer and goes wrong six points less often than something cheaper', () => {
	const cheap = [tie('a', [0.15, 0.14], 0.5), tie('b', [0.05, 0.1], 0.6)];
	expect(isBargain(tie('c', [0.03, 0.06], 0.6), cheap)).toBe(true);
	expect(isBargain(tie('c', [0.1, 0.1], 0.6), cheap)).toBe(false);
	expect(isBargain(tie('c', [0.03, 0.06], 0.6), [cheap[1]!])).toBe(false);
	expect(isBargain(tie('c', [0.03, 0.06], 0.6), [])).toBe(false);
});
