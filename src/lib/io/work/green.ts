import * as z from 'zod/mini';
import { issuesOf, type Issue } from '../fields/issues';
import type { Green, TiltReading } from '$lib/core/green/green';
import { areaOf } from '$lib/core/math/polygon';
import { degrees, fromPercent, radians } from '$lib/core/units';
import {
	areaKindField,
	atMost,
	fringeField,
	idField,
	inRange,
	mapField,
	mapPointField,
	nameField,
	within
} from '../fields/fields';
import { LETTERS, RANGE } from '../fields/ranges';
import { blockOf } from './packedGrid';

const heightField = inRange(RANGE.mapHeight, 'metres');

const SMALLEST_AREA = 0.25;
const outlineSchema = z.array(mapPointField).check(
	z.minLength(3, 'must have at least three corners'),
	z.maxLength(200, 'must have at most 200 corners'),
	z.refine((corners) => areaOf(corners) >= SMALLEST_AREA, 'must enclose some ground')
);

export const areaSchema = z.object({
	kind: areaKindField,
	outline: outlineSchema,
	/** Height of the far lip above the ground there. */
	lip: z._default(inRange(RANGE.lip, 'metres'), 0)
});

export const spotSchema = z.object({
	at: mapPointField,
	height: heightField,
	leftOut: z._default(z.boolean(), false)
});

export const tiltSchema = z.object({
	at: mapPointField,
	/** Steepest slope. */
	percent: inRange(RANGE.steepest, 'percent'),
	/** Direction of the fall, clockwise from the top of the map. */
	fallsTowards: inRange(RANGE.bearing, 'degrees'),
	leftOut: z._default(z.boolean(), false)
});

const MOST_NODES = 160_000;

const gridFrameSchema = z.object({
	originU: mapField,
	originV: mapField,
	cell: within(0.05, 20, 'metres'),
	columns: z.int().check(z.minimum(2), z.maximum(1000)),
	rows: z.int().check(z.minimum(2), z.maximum(1000))
});

export const gridSchema = z
	.extend(gridFrameSchema, {
		/** Row by row from the bottom of the map; null where nothing is known. */
		heights: z
			.array(z.nullable(z.number()))
			.check(z.maxLength(MOST_NODES, `must be at most ${MOST_NODES} heights`))
	})
	.check(
		z.refine(({ columns, rows, heights }) => heights.length === columns * rows, {
			path: ['heights'],
			error: 'must be columns × rows numbers'
		})
	);

export const pinSchema = z.object({ id: idField, name: nameField, at: mapPointField });

/** A practice green as it is kept and exported. Metres, percent, degrees. */
export const greenDraftSchema = z.object({
	id: idField,
	name: nameField,
	note: z._default(z.string().check(atMost(LETTERS.paragraph)), ''),
	outline: outlineSchema,
	/** Width of the mown ring around the green. */
	collar: z._default(inRange(RANGE.collar, 'metres'), 1),
	fringe: z._default(fringeField, 'smooth'),
	areas: z._default(z.array(areaSchema).check(z.maxLength(30, 'must be at most 30 areas')), []),
	spots: z._default(z.array(spotSchema).check(z.maxLength(400, 'must be at most 400 spots')), []),
	tilts: z._default(
		z.array(tiltSchema).check(z.maxLength(200, 'must be at most 200 readings')),
		[]
	),
	grid: z._default(z.nullable(gridSchema), null),
	pins: z._default(z.array(pinSchema).check(z.maxLength(40, 'must be at most 40 pins')), [])
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
