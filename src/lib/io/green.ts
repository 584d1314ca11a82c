import { z } from 'zod';
import { issuesOf, type Issue } from './issues';
import type { Green, TiltReading } from '$lib/core/green/green';
import { areaOf } from '$lib/core/math/polygon';
import { degrees, fromPercent, radians } from '$lib/core/units';
import { areaKindField, fringeField, idField, nameField, within } from './fields';
import { blockOf } from './packedGrid';

const MAP = 500;
const coordinate = within(-MAP, MAP, 'metres');
const heightField = within(-100, 100, 'metres');

/** A place on a green's map: to the right and up the map, in metres. */
export const mapPoint = z.tuple([coordinate, coordinate]);

const SMALLEST_AREA = 0.25;
const outlineSchema = z
	.array(mapPoint)
	.min(3, 'must have at least three corners')
	.max(200, 'must have at most 200 corners')
	.refine((corners) => areaOf(corners) >= SMALLEST_AREA, 'must enclose some ground');

export const areaSchema = z.object({
	kind: areaKindField,
	outline: outlineSchema,
	/** Height of the far lip above the ground there. */
	lip: within(0, 5, 'metres').default(0)
});

export const spotSchema = z.object({
	at: mapPoint,
	height: heightField,
	leftOut: z.boolean().default(false)
});

export const tiltSchema = z.object({
	at: mapPoint,
	/** Steepest slope. */
	percent: within(0, 40, 'percent'),
	/** Direction of the fall, clockwise from the top of the map. */
	fallsTowards: within(0, 360, 'degrees'),
	leftOut: z.boolean().default(false)
});

const MOST_NODES = 160_000;

const gridFrameSchema = z.object({
	originU: coordinate,
	originV: coordinate,
	cell: within(0.05, 20, 'metres'),
	columns: z.int().min(2).max(1000),
	rows: z.int().min(2).max(1000)
});

export const gridSchema = gridFrameSchema
	.extend({
		/** Row by row from the bottom of the map; null where nothing is known. */
		heights: z.array(z.number().nullable()).max(MOST_NODES, `must be at most ${MOST_NODES} heights`)
	})
	.refine(({ columns, rows, heights }) => heights.length === columns * rows, {
		path: ['heights'],
		error: 'must be columns × rows numbers'
	});

export const pinSchema = z.object({ id: idField, name: nameField, at: mapPoint });

/** A practice green as it is kept and exported. Metres, percent, degrees. */
export const greenDraftSchema = z.object({
	id: idField,
	name: nameField,
	note: z.string().max(400, 'must be at most 400 letters').default(''),
	outline: outlineSchema,
	/** Width of the mown ring around the green. */
	collar: within(0, 10, 'metres').default(1),
	fringe: fringeField.default('smooth'),
	areas: z.array(areaSchema).max(30, 'must be at most 30 areas').default([]),
	spots: z.array(spotSchema).max(400, 'must be at most 400 spots').default([]),
	tilts: z.array(tiltSchema).max(200, 'must be at most 200 readings').default([]),
	grid: gridSchema.nullable().default(null),
	pins: z.array(pinSchema).max(40, 'must be at most 40 pins').default([])
});

export type GreenWire = z.output<typeof greenDraftSchema>;
export type AreaWire = z.output<typeof areaSchema>;
export type SpotWire = z.output<typeof spotSchema>;
export type TiltWire = z.output<typeof tiltSchema>;
export type GridWire = z.output<typeof gridSchema>;

const FULL_TURN = 360;
const QUARTER = 90;

/** A direction clockwise from the top of the map as an angle from u toward v, and back. */
export const bearingToCore = (bearing: number): number => radians(QUARTER - bearing);
export const bearingOf = (angle: number): number =>
	(((QUARTER - degrees(angle)) % FULL_TURN) + FULL_TURN) % FULL_TURN;

const tiltToCore = ({ at: [u, v], percent, fallsTowards, leftOut }: TiltWire): TiltReading => ({
	u,
	v,
	slope: fromPercent(percent),
	fallsTowards: bearingToCore(fallsTowards),
	leftOut
});

const acceptedGrids = new WeakSet<GridWire>();

/** Whether a grid is right, told fast: a schema takes a tenth of a second over 160 000 heights. */
const isRight = ({ heights, ...frame }: GridWire): boolean =>
	heights.length === frame.columns * frame.rows &&
	heights.length <= MOST_NODES &&
	gridFrameSchema.safeParse(frame).success &&
	heights.every((height) => height === null || Number.isFinite(height));

/** What is wrong with a grid; one that was found right is not looked through again. */
function gridProblems(grid: GridWire): Issue[] {
	if (acceptedGrids.has(grid)) return [];
	if (isRight(grid)) {
		acceptedGrids.add(grid);
		return [];
	}
	const parsed = gridSchema.safeParse(grid);
	return parsed.success
		? []
		: issuesOf(parsed.error).map(({ path, message }) => ({ path: `grid.${path}`, message }));
}

/** What keeps a green from being used as it stands. Greens are values: a part that is changed is another object. */
export function greenProblems(green: GreenWire): Issue[] {
	const { grid, ...rest } = green;
	const parsed = greenDraftSchema.safeParse({ ...rest, grid: null });
	return [...(parsed.success ? [] : issuesOf(parsed.error)), ...(grid ? gridProblems(grid) : [])];
}

/** A green in the core's terms. */
export const greenToCore = (wire: GreenWire): Green => ({
	outline: wire.outline,
	collar: wire.collar,
	fringe: wire.fringe,
	areas: wire.areas,
	spots: wire.spots.map(({ at: [u, v], height, leftOut }) => ({ u, v, height, leftOut })),
	tilts: wire.tilts.map(tiltToCore),
	grid: wire.grid && { ...wire.grid, heights: blockOf(wire.grid) }
});
