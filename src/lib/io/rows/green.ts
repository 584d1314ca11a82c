import * as z from 'zod/mini';
import { areaKindField, fringeField } from '../fields/fields';
import { keptNumber } from '../fields/kept';
import { blockOf, isPacked } from '../work/packedGrid';

const mapPoint = z.tuple([keptNumber, keptNumber]);
const outline = z.array(mapPoint);

const isHeights = (value: unknown): boolean =>
	Array.isArray(value) && value.every((height) => height === null || Number.isFinite(height));

/** Heights of a grid: numbers, null where there is none. Looked through in one go: there may be 160 000 of them. */
const heights = z.custom<(number | null)[]>(isHeights, 'must be a list of heights').check(
	z.meta({
		type: 'array',
		items: { anyOf: [{ type: 'number' }, { type: 'null' }] }
	})
);

const listedGrid = z
	.object({
		originU: keptNumber,
		originV: keptNumber,
		cell: keptNumber.check(z.positive()),
		columns: z.int().check(z.positive()),
		rows: z.int().check(z.positive()),
		heights
	})
	.check(z.refine((grid) => grid.heights.length === grid.columns * grid.rows));
const grid = z._default(z.nullable(listedGrid), null);

/** A practice green as a browser keeps it. */
export const greenRow = z.object({
	id: z.string().check(z.minLength(1)),
	name: z.string(),
	note: z._default(z.string(), ''),
	outline,
	collar: z._default(keptNumber, 1),
	fringe: z._default(fringeField, 'smooth'),
	areas: z._default(
		z.array(z.object({ kind: areaKindField, outline, lip: z._default(keptNumber, 0) })),
		[]
	),
	spots: z._default(
		z.array(
			z.object({ at: mapPoint, height: keptNumber, leftOut: z._default(z.boolean(), false) })
		),
		[]
	),
	tilts: z._default(
		z.array(
			z.object({
				at: mapPoint,
				percent: keptNumber,
				fallsTowards: keptNumber,
				leftOut: z._default(z.boolean(), false)
			})
		),
		[]
	),
	grid,
	pins: z._default(z.array(z.object({ id: z.string(), name: z.string(), at: mapPoint })), [])
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
export const storedGreenRow = z.extend(greenRow, { grid: z.union([packedGrid, grid]) });
