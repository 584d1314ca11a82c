import { describe, expect, it } from 'vitest';
import { firstSegments, movedBreak, withSegment, type SegmentWire } from './segmentEdits';

const segments: SegmentWire[] = [
	{ length: 4, slopeAlong: 2, slopeAcross: 1 },
	{ length: 3, slopeAlong: -4, slopeAcross: 0, kind: 'tier' },
	{ length: 5, slopeAlong: 0, slopeAcross: -1 }
];
const end = (pieces: readonly SegmentWire[], count: number) =>
	pieces.slice(0, count).reduce((sum, { length, slopeAlong }) => sum + length * slopeAlong, 0);
const reach = (pieces: readonly SegmentWire[], count: number) =>
	pieces.slice(0, count).reduce((sum, { length }) => sum + length, 0);

describe('movedBreak', () => {
	it('moves along by giving one piece what the next one loses', () => {
		const moved = movedBreak(segments, 0, 1.3, 0);
		expect(moved.map(({ length }) => length)).toEqual([5.3, 1.7, 5]);
		expect(moved.map(({ slopeAlong }) => slopeAlong)).toEqual([2, -4, 0]);
		expect(segments[0]!.length).toBe(4);
	});

	it('keeps half a metre of every piece', () => {
		expect(movedBreak(segments, 0, -9, 0)[0]!.length).toBe(0.5);
		expect(movedBreak(segments, 0, 9, 0)[1]!.length).toBe(0.5);
	});

	it('lifts the break and leaves the ground behind the next piece where it was', () => {
		const moved = movedBreak(segments, 0, 0, 0.1);
		expect(moved[0]!.slopeAlong).toBeCloseTo(4.5, 6);
		expect(end(moved, 2)).toBeCloseTo(end(segments, 2), 0);
		expect(reach(moved, 3)).toBe(reach(segments, 3));
	});

	it('never gets steeper than anything grows on', () => {
		expect(movedBreak(segments, 0, 0, 9)[0]!.slopeAlong).toBe(30);
		expect(movedBreak(segments, 0, 0, -9)[0]!.slopeAlong).toBe(-30);
	});

	it('has nothing to move behind the last piece', () => {
		expect(movedBreak(segments, 2, 1, 1)).toEqual(segments);
	});
});

describe('cutting and adding', () => {
	it('starts from the slope of the whole', () => {
		const cut = firstSegments({ edgeToPin: 9, beyondPin: 6, slopeAlong: -1.5, slopeAcross: 0.5 });
		expect(cut.map(({ length }) => length)).toEqual([4.5, 10.5]);
		expect(
			cut.every(({ slopeAlong, slopeAcross }) => slopeAlong === -1.5 && slopeAcross === 0.5)
		).toBe(true);
		expect(withSegment(cut)).toHaveLength(3);
		expect(withSegment(cut)[2]).toMatchObject({ slopeAlong: 0 });
	});
});
