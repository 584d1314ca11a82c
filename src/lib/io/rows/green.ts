import { z } from 'zod';
import { areaKindField, fringeField } from '../fields';
import { blockOf, isPacked } from '../packedGrid';

// Numbers are taken as they are; what a green may be is judged by its form when it is opened.
const number = z.number();
const mapPoint = z.tuple([number, number]);
const outline = z.array(mapPoint);

const isHeights = (value: unknown): boolean =>
	Array.isArray(value) && value.every((height) => height === null || Number.isFinite(height));

/** Heights of a grid: numbers, null where there is none. Looked through in one go: there may be 160 000 of them. */
const heights = z.custom<(number | null)[]>(isHeights, 'must be a list of heights').meta({
	type: 'array',
	items: { anyOf: [{ type: 'number' }, { type: 'null' }] }
});

const listedGrid = z
	.object({
		originU: number,
		originV: number,
		cell: number.positive(),
		columns: z.int().positive(),
		rows: z.int().positive(),
		heights
	})
	.refine((grid) => grid.heights.length === grid.columns * grid.rows);
const grid = listedGrid.nullable().default(null);

/** A practice green as a browser keeps it. */
export const greenRow = z.object({
	id: z.string().min(1),
	name: z.string(),
	note: z.string().default(''),
	outline,
	collar: number.default(1),
	fringe: fringeField.default('smooth'),
	areas: z.array(z.object({ kind: areaKindField, outline, lip: number.default(0) })).default([]),
	spots: z
		.array(z.object({ at: mapPoint, height: number, leftOut: z.boolean().default(false) }))
		.default([]),
	tilts: z
		.array(
			z.object({
				at: mapPoint,
				percent: number,
				fallsTowards: number,
				leftOut: z.boolean().default(false)
			})
		)
		.default([]),
	grid,
	pins: z.array(z.object({ id: z.string(), name: z.string(), at: mapPoint })).default([])
});

const { heights: _, ...frame } = listedGrid.shape;
const frameRow = z.object(frame);

/** A grid that was packed, taken as it is: its heights are not looked through again. */
const packedGrid = z.custom<z.output<typeof listedGrid>>(
	(value) =>
		isPacked(value) &&
		frameRow.safeParse(value).success &&
		blockOf(value).length === value.columns * value.rows
);

/** The same as it comes out of the store. */
export const storedGreenRow = greenRow.extend({ grid: z.union([packedGrid, grid]) });
