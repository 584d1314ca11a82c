import type { SituationWire } from '$lib/io/fields/situation';

const LEAST_ROOM = 1.2;

/** A bunker that fits between ball and green, or one across the front of a green that begins at the ball. */
export function hazardBefore(toEdge: number): SituationWire['hazards'][number] {
	const room = Math.max(LEAST_ROOM, toEdge);
	return {
		kind: 'sand',
		from: Math.round(room * 2) / 10,
		to: Math.round(room * 8) / 10,
		height: 0.3
	};
}
