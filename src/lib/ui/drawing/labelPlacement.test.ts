import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lineBoxes, markBox, placeLabels, textBox, textRoom, type Label } from './labelPlacement';

const label = (id: string, x: number, y: number, rank = 0, change: Partial<Label> = {}): Label => ({
	id,
	text: 'knee',
	x,
	y,
	size: 12,
	rank,
	...change
});
const places = (labels: Label[], taken = [] as ReturnType<typeof lineBoxes>) =>
	Object.fromEntries(placeLabels(labels, taken));

describe('placeLabels', () => {
	it('leaves out the less important of two that would overlap, whatever their order', () => {
		const [a, b] = [label('a', 50, 50, 1), label('b', 60, 52, 0)];
		expect(places([a, b])).toEqual({ b: [60, 52] });
		expect(places([b, a])).toEqual({ b: [60, 52] });
	});

	it('keeps words a little apart, and closer to a line', () => {
		const { right } = textBox('knee', 12, 50, 50);
		const half = right - 50;
		const beside = (gap: number) =>
			places([label('a', 50, 50), label('b', right + half + gap, 50, 1)]);
		expect(beside(3)).not.toHaveProperty('b');
		expect(beside(5)).toHaveProperty('b');
		const beyond = (gap: number) =>
			places([label('b', right + half + gap, 50)], [textRoom('knee', 12, 50, 50)]);
		expect(beyond(3)).not.toHaveProperty('b');
		expect(beyond(5)).toHaveProperty('b');
		const line = [{ left: right + 1, right: right + 2, top: 0, bottom: 90 }];
		expect(places([label('a', 50, 50)], line)).toHaveProperty('a');
	});

	it('moves a label to the first shift that is free', () => {
		const shifts = [
			[0, 0],
			[0, 3],
			[0, 20]
		] as const;
		expect(places([label('a', 50, 50), label('b', 50, 50, 1, { shifts })])).toEqual({
			a: [50, 50],
			b: [50, 70]
		});
	});

	it('keeps off lines and marks', () => {
		const curve = lineBoxes([
			[0, 48],
			[100, 46]
		]);
		expect(places([label('a', 50, 50)], curve)).toEqual({});
		expect(places([label('a', 50, 90)], curve)).toEqual({ a: [50, 90] });
		expect(places([label('a', 50, 50)], [markBox(55, 47, 4)])).toEqual({});
	});

	it('never lets two labels meet', () => {
		const some = fc.array(
			fc.record({ x: fc.integer({ min: 0, max: 300 }), y: fc.integer({ min: 0, max: 200 }) }),
			{ maxLength: 30 }
		);
		fc.assert(
			fc.property(some, (spots) => {
				const labels = spots.map(({ x, y }, i) => label(String(i), x, y, i % 3));
				const boxes = [...placeLabels(labels).values()].map(([x, y]) => textBox('knee', 12, x, y));
				boxes.forEach((a, i) =>
					boxes.slice(i + 1).forEach((b) => {
						const apart =
							a.right <= b.left || b.right <= a.left || a.bottom <= b.top || b.bottom <= a.top;
						expect(apart).toBe(true);
					})
				);
			}),
			{ numRuns: 60 }
		);
	});
});
