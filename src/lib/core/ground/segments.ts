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

/** Height of a bank above its foot, as a smooth step. */
function bankHeight({ from, length, rise }: Bank, x: Metres): Metres {
	const s = (x - from) / length;
	return rise * s * s * (3 - 2 * s);
}

function bankSlope({ from, length, rise }: Bank, x: Metres): Ratio {
	const s = (x - from) / length;
	return (6 * rise * s * (1 - s)) / length;
}

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
	const { left, right, beside } = spec;
	const pieces = layOut(spec);
	const last = pieces.length - 1;
	const find = (x: Metres): Piece => {
		let i = 0;
		while (i < last && x >= pieces[i]!.to) i++;
		return pieces[i]!;
	};
	const heightOn = (piece: Piece, x: Metres, z: Metres): Metres =>
		(piece.bank ? bankHeight(piece.bank, x) : piece.base) +
		piece.gradientX * (x - (Number.isFinite(piece.from) ? piece.from : 0)) +
		piece.gradientZ * z;
	return {
		height: (x, z) => heightOn(find(x), x, z),
		sample(x: Metres, z: Metres, out: GroundSample) {
			const piece = find(x);
			out.height = heightOn(piece, x, z);
			out.gradientX = piece.bank ? bankSlope(piece.bank, x) : piece.gradientX;
			out.gradientZ = piece.gradientZ;
			const off = (z > right || z < -left) && piece.kind === SURFACE.green;
			out.kind = off ? SURFACE.rough : piece.kind;
			for (const area of beside)
				if (x >= area.from && x < area.to && z > area.fromZ && z < area.toZ) out.kind = area.kind;
		},
		patch(x: Metres, z: Metres, out: UniformPatch) {
			const piece = find(x);
			out.fromX = piece.from;
			out.toX = piece.to;
			out.fromZ = -left;
			out.toZ = right;
			for (const area of beside) {
				if (area.to <= piece.from || area.from >= piece.to) continue;
				if (area.fromZ >= z) out.toZ = Math.min(out.toZ, area.fromZ);
				else out.fromZ = Math.max(out.fromZ, area.toZ);
			}
			return piece.bank === undefined && z > out.fromZ && z < out.toZ;
		}
	};
}
