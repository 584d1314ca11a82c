/** A point of a map. */
export type Point = readonly [number, number];

/**
 * Tells whether a point lies inside a closed polygon (even-odd rule); false with fewer than three corners.
 *
 * @param polygon corners in order, not closed
 * @param u metres
 * @param v metres
 */
export function contains(polygon: readonly Point[], u: number, v: number): boolean {
	let inside = false;
	for (let i = 0, j = polygon.length - 1; i < polygon.length; j = i++) {
		const [ui, vi] = polygon[i]!;
		const [uj, vj] = polygon[j]!;
		if (vi > v !== vj > v && u < ((uj - ui) * (v - vi)) / (vj - vi) + ui) inside = !inside;
	}
	return inside && polygon.length > 2;
}

/**
 * Distance of a point from the boundary of a closed polygon; Infinity without corners.
 *
 * @param polygon corners in order, not closed
 * @param u metres
 * @param v metres
 * @returns metres, 0 and up
 */
export function distanceToEdge(polygon: readonly Point[], u: number, v: number): number {
	let nearest = Infinity;
	for (let i = 0, j = polygon.length - 1; i < polygon.length; j = i++)
		nearest = Math.min(nearest, distanceToPiece(polygon[j]!, polygon[i]!, u, v));
	return nearest;
}

/**
 * Distance of a point from the straight piece between two others.
 *
 * @param a one end
 * @param b the other end
 * @param u metres
 * @param v metres
 * @returns metres, 0 and up
 */
export function distanceToPiece(a: Point, b: Point, u: number, v: number): number {
	const du = b[0] - a[0];
	const dv = b[1] - a[1];
	const squared = du * du + dv * dv;
	const along = squared > 0 ? ((u - a[0]) * du + (v - a[1]) * dv) / squared : 0;
	const share = Math.max(0, Math.min(1, along));
	const [offU, offV] = [u - a[0] - share * du, v - a[1] - share * dv];
	return Math.sqrt(offU * offU + offV * offV);
}

/**
 * Smallest box around points: [least u, least v, most u, most v]; infinite and inside out without points.
 *
 * @param points at least one
 */
export function boundsOf(points: readonly Point[]): [number, number, number, number] {
	return points.reduce<[number, number, number, number]>(
		(box, [u, v]) => [
			Math.min(box[0], u),
			Math.min(box[1], v),
			Math.max(box[2], u),
			Math.max(box[3], v)
		],
		[Infinity, Infinity, -Infinity, -Infinity]
	);
}

/**
 * Area enclosed by a closed polygon, whichever way round it is drawn.
 *
 * @param polygon corners in order, not closed
 * @returns square metres, whichever way round
 */
export function areaOf(polygon: readonly Point[]): number {
	let twice = 0;
	for (let i = 0, j = polygon.length - 1; i < polygon.length; j = i++)
		twice += polygon[j]![0] * polygon[i]![1] - polygon[i]![0] * polygon[j]![1];
	return Math.abs(twice) / 2;
}
