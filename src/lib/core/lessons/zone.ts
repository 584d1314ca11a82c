import { distanceToPiece, type Point } from '../math/polygon';
import type { Metres } from '../units';

/** Where people are: round about a line between two places, which may be one. */
export interface Zone {
	from: Point;
	to: Point;
	radius: Metres;
}

/** A zone as balls are held against it: which way its line goes, as a unit vector, and how far. */
export class Lane {
	readonly #du: number;
	readonly #dv: number;
	readonly #length: Metres;

	constructor(private readonly zone: Zone) {
		const { from, to } = zone;
		this.#length = Math.hypot(to[0] - from[0], to[1] - from[1]);
		const isPlace = this.#length === 0;
		this.#du = isPlace ? 1 : (to[0] - from[0]) / this.#length;
		this.#dv = isPlace ? 0 : (to[1] - from[1]) / this.#length;
	}

	/** Whether a piece of a ball's way comes to it. */
	isMetBy(a: Point, b: Point): boolean {
		const { from, to, radius } = this.zone;
		const au = a[0] - from[0];
		const av = a[1] - from[1];
		const bu = b[0] - from[0];
		const bv = b[1] - from[1];
		// Most are far away: wholly on one side of it, before or beyond it.
		const sideA = av * this.#du - au * this.#dv;
		const sideB = bv * this.#du - bu * this.#dv;
		if ((sideA > radius && sideB > radius) || (sideA < -radius && sideB < -radius)) return false;
		const alongA = au * this.#du + av * this.#dv;
		const alongB = bu * this.#du + bv * this.#dv;
		const end = this.#length + radius;
		if ((alongA > end && alongB > end) || (alongA < -radius && alongB < -radius)) return false;
		return apart(a, b, from, to) <= radius;
	}
}

/** Least distance of two pieces of line. */
function apart(a: Point, b: Point, c: Point, d: Point): Metres {
	if (cross(a, b, c) * cross(a, b, d) < 0 && cross(c, d, a) * cross(c, d, b) < 0) return 0;
	return Math.min(
		distanceToPiece(a, b, c[0], c[1]),
		distanceToPiece(a, b, d[0], d[1]),
		distanceToPiece(c, d, a[0], a[1]),
		distanceToPiece(c, d, b[0], b[1])
	);
}
const cross = (o: Point, a: Point, b: Point): number =>
	(a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);
