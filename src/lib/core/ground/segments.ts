import type { Metres, Ratio } from '../units';
import type { Ground, GroundSample, UniformPatch } from './ground';
import { SURFACE, type SurfaceKind } from './surfaces';

/** What a piece of the line is; a tier or ridge is green that is too steep to land on. */
export type SegmentKind = 'green' | 'fringe' | 'tier' | 'ridge' | 'rough';

/** A straight piece of ground along the line. */
export interface Segment {
	length: Metres;
	/** Green unless told otherwise. */
	kind?: SegmentKind;
	/** + uphill along the line of play. */
	slopeAlong: Ratio;
	/** + falls to the right. */
	slopeAcross: Ratio;
}

/** A strip of another surface across the line, in metres from the ball. */
export interface Strip {
	from: Metres;
	to: Metres;
	kind: SurfaceKind;
}

/** What grows between ball and edge, from the ball on. */
export interface GrassStretch {
	kind: SurfaceKind;
	length: Metres;
}

/** An area beside the line, in metres from the ball and from the line (+ right). */
export interface Beside extends Strip {
	fromZ: Metres;
	toZ: Metres;
}

export interface SegmentsSpec {
	kind: 'segments';
	/** From the ball to the edge of the green. */
	toEdge: Metres;
	/** The green's edge above (+) or below the ball. The ground is level around the ball; a bank leads from there to the edge. */
	rise: Metres;
	/** At least one stretch; the first grows behind the ball too, the last goes on to the edge and is the fringe of the green. */
	grass: readonly GrassStretch[];
	/** From the edge on; the last one goes on. At least one. */
	segments: readonly Segment[];
	/** Length of the green along the line. Behind it lies rough. */
	greenLength: Metres;
	/** The green reaches this far to the left and to the right of the line. */
	left: Metres;
	right: Metres;
	strips: readonly Strip[];
	beside: readonly Beside[];
}

interface Piece {
	from: Metres;
	to: Metres;
	base: Metres;
	gradientX: Ratio;
	gradientZ: Ratio;
	kind: SurfaceKind;
	/** A piece that is no plane: the bank that leads to the edge. */
	bank?: Bank;
}

/** Ground that climbs (or falls) from level to level, without a kink. */
interface Bank {
	from: Metres;
	length: Metres;
	rise: Metres;
}

const NO_BANK: Bank = { from: 0, length: 1, rise: 0 };

/** Height of a bank above its foot, as a smooth step, and its slope for a length of 1; `s` from 0 at the foot to 1 at the top. */
const bankHeight = (rise: Metres, s: number): Metres => rise * s * s * (3 - 2 * s);
const bankSlope = (rise: Metres, s: number): Metres => 6 * rise * s * (1 - s);

function kindOf({ kind }: Segment, fringe: SurfaceKind): SurfaceKind {
	if (kind === 'fringe') return fringe;
	return kind === 'rough' ? SURFACE.rough : SURFACE.green;
}

/** Level ground before a bank begins: this share of the way to the edge, and no more than so much (assumption). */
const SHELF_SHARE: Ratio = 0.25;
const LONGEST_SHELF: Metres = 0.6;

/** Level ground around the ball, then the bank that leads to the edge. */
function approach({ toEdge, rise, grass }: SegmentsSpec): Piece[] {
	const shelf = Math.min(LONGEST_SHELF, SHELF_SHARE * toEdge);
	const kind = grass[0]!.kind;
	const level = { gradientX: 0, gradientZ: 0, kind };
	const bank = { from: shelf, length: toEdge - shelf, rise };
	const pieces: Piece[] = [
		{ ...level, from: -Infinity, to: shelf, base: 0 },
		{ ...level, from: shelf, to: toEdge, base: 0, ...(rise !== 0 && { bank }) }
	].filter((piece) => piece.to > piece.from);
	let from = 0;
	const stretches = grass.map(({ kind, length }, i): Strip => {
		const to = i === grass.length - 1 ? toEdge : Math.min(toEdge, from + length);
		const strip = { from: i === 0 ? -Infinity : from, to, kind };
		from = to;
		return strip;
	});
	return splitByStrips(pieces, ...stretches);
}

/** Cuts the line into pieces of one slope and one kind, in order. */
function layOut(spec: SegmentsSpec): Piece[] {
	const pieces = approach(spec);
	let x = spec.toEdge;
	let base = x > 0 ? spec.rise : 0;
	const fringe = spec.grass[spec.grass.length - 1]!.kind;
	const back = spec.toEdge + spec.greenLength;
	spec.segments.forEach((segment, i) => {
		const last = i === spec.segments.length - 1;
		const to = last ? Infinity : x + segment.length;
		const gradientX = segment.slopeAlong;
		pieces.push({
			from: x,
			to,
			base,
			gradientX,
			gradientZ: -segment.slopeAcross,
			kind: kindOf(segment, fringe)
		});
		base += gradientX * segment.length;
		x = to;
	});
	return splitByStrips(
		splitByStrips(pieces, { from: back, to: Infinity, kind: SURFACE.rough }),
		...spec.strips
	);
}

/** Gives the part of the pieces under each strip the strip's kind. */
function splitByStrips(pieces: Piece[], ...strips: Strip[]): Piece[] {
	return strips.reduce((all, strip) => all.flatMap((piece) => cover(piece, strip)), pieces);
}

function cover(piece: Piece, strip: Strip): Piece[] {
	const from = Math.max(piece.from, strip.from);
	const to = Math.min(piece.to, strip.to);
	if (!(to > from)) return [piece];
	return [
		cut(piece, piece.from, from),
		{ ...cut(piece, from, to), kind: strip.kind },
		cut(piece, to, piece.to)
	].filter((part) => part.to > part.from);
}

/** The part of a piece between two stations; its base is the height where it begins (or at 0 for the open first piece). */
function cut(piece: Piece, from: Metres, to: Metres): Piece {
	const origin = Number.isFinite(piece.from) ? piece.from : 0;
	const start = Number.isFinite(from) ? from : 0;
	return { ...piece, from, to, base: piece.base + piece.gradientX * (start - origin) };
}

/** Columns of a piece in the table that a ball asks. */
const FROM = 0;
const TO = 1;
const BASE = 2;
const GRADIENT_X = 3;
const GRADIENT_Z = 4;
const KIND = 5;
/** Where its base is measured from: its beginning, or the ball where it has none. */
const ORIGIN = 6;
const BANK_FROM = 7;
const BANK_LENGTH = 8;
const BANK_RISE = 9;
const COLUMNS = 10;

/** Pieces as rows of numbers: whatever the ground is made of, balls find it in one shape. */
function tableOf(pieces: readonly Piece[]): Float64Array {
	const table = new Float64Array(pieces.length * COLUMNS);
	pieces.forEach(({ from, to, base, gradientX, gradientZ, kind, bank }, i) => {
		const origin = Number.isFinite(from) ? from : 0;
		const { from: foot, length, rise } = bank ?? NO_BANK;
		const row = [from, to, base, gradientX, gradientZ, kind, origin, foot, length, rise];
		table.set(row, i * COLUMNS);
	});
	return table;
}

/** Ground of pieces, see `createSegments`. */
class SegmentGround implements Ground {
	readonly #table: Float64Array;
	readonly #last: number;
	readonly #left: Metres;
	readonly #right: Metres;
	readonly #beside: readonly Beside[];

	constructor(spec: SegmentsSpec) {
		this.#table = tableOf(layOut(spec));
		this.#last = this.#table.length - COLUMNS;
		this.#left = spec.left;
		this.#right = spec.right;
		this.#beside = spec.beside;
	}

	/** Where the row of the piece begins that a station lies on. */
	#find(x: Metres): number {
		const table = this.#table;
		let row = 0;
		while (row < this.#last && x >= table[row + TO]!) row += COLUMNS;
		return row;
	}

	#heightOn(row: number, x: Metres, z: Metres): Metres {
		const table = this.#table;
		const rise = table[row + BANK_RISE]!;
		const base =
			rise === 0
				? table[row + BASE]!
				: bankHeight(rise, (x - table[row + BANK_FROM]!) / table[row + BANK_LENGTH]!);
		return (
			base + table[row + GRADIENT_X]! * (x - table[row + ORIGIN]!) + table[row + GRADIENT_Z]! * z
		);
	}

	height(x: Metres, z: Metres): Metres {
		return this.#heightOn(this.#find(x), x, z);
	}

	sample(x: Metres, z: Metres, out: GroundSample): void {
		const table = this.#table;
		const row = this.#find(x);
		const rise = table[row + BANK_RISE]!;
		const length = table[row + BANK_LENGTH]!;
		out.height = this.#heightOn(row, x, z);
		out.gradientX =
			rise === 0
				? table[row + GRADIENT_X]!
				: bankSlope(rise, (x - table[row + BANK_FROM]!) / length) / length;
		out.gradientZ = table[row + GRADIENT_Z]!;
		const kind = table[row + KIND]! as SurfaceKind;
		const off = (z > this.#right || z < -this.#left) && kind === SURFACE.green;
		out.kind = off ? SURFACE.rough : kind;
		for (const area of this.#beside)
			if (x >= area.from && x < area.to && z > area.fromZ && z < area.toZ) out.kind = area.kind;
	}

	patch(x: Metres, z: Metres, out: UniformPatch): boolean {
		const table = this.#table;
		const row = this.#find(x);
		out.fromX = table[row + FROM]!;
		out.toX = table[row + TO]!;
		out.fromZ = -this.#left;
		out.toZ = this.#right;
		for (const area of this.#beside) {
			if (area.to <= out.fromX || area.from >= out.toX) continue;
			if (area.fromZ >= z) out.toZ = Math.min(out.toZ, area.fromZ);
			else out.fromZ = Math.max(out.fromZ, area.toZ);
		}
		return table[row + BANK_RISE] === 0 && z > out.fromZ && z < out.toZ;
	}
}

/**
 * Ground made of straight pieces along the line of play. Across the line each piece is a plane, so heights to both sides
 * of the line jump where the slope across changes; balls end close enough to the line for that not to matter.
 *
 * @param spec lengths in metres from the ball on, slopes as ratios
 * @throws RangeError without segments or without grass
 */
export function createSegments(spec: SegmentsSpec): Ground {
	if (spec.segments.length === 0) throw new RangeError('createSegments: no segments');
	if (spec.grass.length === 0) throw new RangeError('createSegments: no grass before the edge');
	return new SegmentGround(spec);
}
