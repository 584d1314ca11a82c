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

export interface SegmentsSpec {
	kind: 'segments';
	/** From the ball to the edge of the green. */
	toEdge: Metres;
	/** The green's edge above (+) or below the ball; the ground between rises evenly. */
	rise: Metres;
	fringe: SurfaceKind;
	/** From the edge on; the last one goes on. At least one. */
	segments: readonly Segment[];
	/** Length of the green along the line. Behind it lies rough. */
	greenLength: Metres;
	/** The green reaches this far to both sides of the line. */
	halfWidth: Metres;
	strips: readonly Strip[];
}

interface Piece {
	from: Metres;
	to: Metres;
	base: Metres;
	gradientX: Ratio;
	gradientZ: Ratio;
	kind: SurfaceKind;
}

function kindOf({ kind }: Segment, fringe: SurfaceKind): SurfaceKind {
	if (kind === 'fringe') return fringe;
	return kind === 'rough' ? SURFACE.rough : SURFACE.green;
}

/** Cuts the line into pieces of one slope and one kind, in order. */
function layOut(spec: SegmentsSpec): Piece[] {
	const pieces: Piece[] = [];
	const approach = spec.toEdge > 0 ? spec.rise / spec.toEdge : 0;
	let x = spec.toEdge;
	let base = spec.rise;
	pieces.push({
		from: -Infinity,
		to: x,
		base: 0,
		gradientX: approach,
		gradientZ: 0,
		kind: spec.fringe
	});
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
			kind: kindOf(segment, spec.fringe)
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
 * @throws RangeError without segments
 */
export function createSegments(spec: SegmentsSpec): Ground {
	if (spec.segments.length === 0) throw new RangeError('createSegments: no segments');
	const pieces = layOut(spec);
	const last = pieces.length - 1;
	const find = (x: Metres): Piece => {
		let i = 0;
		while (i < last && x >= pieces[i]!.to) i++;
		return pieces[i]!;
	};
	const heightOn = (piece: Piece, x: Metres, z: Metres): Metres =>
		piece.base +
		piece.gradientX * (x - (Number.isFinite(piece.from) ? piece.from : 0)) +
		piece.gradientZ * z;
	return {
		height: (x, z) => heightOn(find(x), x, z),
		sample(x: Metres, z: Metres, out: GroundSample) {
			const piece = find(x);
			out.height = heightOn(piece, x, z);
			out.gradientX = piece.gradientX;
			out.gradientZ = piece.gradientZ;
			const beside = (z > spec.halfWidth || z < -spec.halfWidth) && piece.kind === SURFACE.green;
			out.kind = beside ? SURFACE.rough : piece.kind;
		},
		patch(x: Metres, z: Metres, out: UniformPatch) {
			const piece = find(x);
			out.fromX = piece.from;
			out.toX = piece.to;
			out.fromZ = -spec.halfWidth;
			out.toZ = spec.halfWidth;
			return z > -spec.halfWidth && z < spec.halfWidth;
		}
	};
}
