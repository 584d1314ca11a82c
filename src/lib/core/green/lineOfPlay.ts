import { SURFACE, type FringeId, type SurfaceKind } from '../ground/surfaces';
import { toMap, type Placement } from './surveyed';
import type { Segment } from '../ground/segments';
import type { Point } from '../math/polygon';
import { MapSample } from './heightGrid';
import type { GreenSurface } from './surface';
import type { Metres } from '../units';

/** A stretch of sand or water on the line. */
export interface LineHazard {
	kind: 'sand' | 'water';
	from: Metres;
	to: Metres;
	/** To clear, above the ball. */
	height: Metres;
}

/** What a coach would read along the line from a ball to a pin. */
export interface LineOfPlay {
	placement: Placement;
	toEdge: Metres;
	edgeToPin: Metres;
	beyondPin: Metres;
	/** The green's edge above (+) or below the ball. */
	rise: Metres;
	fringe: FringeId;
	/** From the edge to the far side of the green. */
	segments: Segment[];
	hazards: LineHazard[];
	/** What the ball lies on. */
	ballOn: SurfaceKind;
}

/** `pinOffGreen`: the pin does not stand on the green; `tooNear`: ball and pin are less than a pace apart. */
export type LineProblem = 'pinOffGreen' | 'tooNear';

const STEP: Metres = 0.05;
const NEAREST: Metres = 0.6;
const FARTHEST_BEYOND: Metres = 60;
const SEGMENT: Metres = 1.25;
const MOST_SEGMENTS = 12;
/** Rough shorter than this along the line does not count as what lies between ball and green. */
const SHORT_ROUGH: Metres = 0.3;

/** Counts steps along the line while a test holds. */
function reach(
	kindAt: (x: Metres) => SurfaceKind,
	from: Metres,
	step: number,
	end: Metres
): Metres {
	let x = from;
	while (Math.abs(x - from) < Math.abs(end - from) && kindAt(x + step) === SURFACE.green) x += step;
	return x;
}

function segmentsOf(
	surface: GreenSurface,
	placement: Placement,
	from: Metres,
	to: Metres
): Segment[] {
	const count = Math.min(MOST_SEGMENTS, Math.max(1, Math.round((to - from) / SEGMENT)));
	const length = (to - from) / count;
	const { heading } = placement;
	const sample = new MapSample();
	return Array.from({ length: count }, (_, i) => {
		const start = surface.height(...toMap(placement, from + i * length, 0));
		const end = surface.height(...toMap(placement, from + (i + 1) * length, 0));
		surface.sample(...toMap(placement, from + (i + 0.5) * length, 0), sample);
		const toRight = sample.gradientU * Math.sin(heading) - sample.gradientV * Math.cos(heading);
		return { length, slopeAlong: (end - start) / length, slopeAcross: -toRight };
	});
}

/** Runs of sand and water on the line, with the height of their far lips. */
function hazardsOf(
	surface: GreenSurface,
	lipOf: (u: Metres, v: Metres) => Metres,
	placement: Placement,
	end: Metres
): LineHazard[] {
	const found: LineHazard[] = [];
	const ball = surface.height(placement.u, placement.v);
	let open: LineHazard | null = null;
	for (let x = STEP; x <= end; x += STEP) {
		const [u, v] = toMap(placement, x, 0);
		const kind = surface.kindAt(u, v);
		const name = kind === SURFACE.sand ? 'sand' : kind === SURFACE.water ? 'water' : null;
		if (open && name !== open.kind) open = null;
		if (!name) continue;
		if (!open) {
			open = { kind: name, from: x, to: x, height: 0 };
			found.push(open);
		}
		open.to = x + STEP;
		open.height = Math.max(0, surface.height(u, v) + lipOf(u, v) - ball);
	}
	return found;
}

function fringeOf(kindAt: (x: Metres) => SurfaceKind, toEdge: Metres): FringeId {
	let rough = 0;
	let worst: FringeId = 'smooth';
	for (let x = STEP; x < toEdge; x += STEP) {
		const kind = kindAt(x);
		if (kind === SURFACE.rough || kind === SURFACE.roughFringe) rough += STEP;
		if (kind === SURFACE.grainyFringe) worst = 'grainy';
	}
	return rough > SHORT_ROUGH ? 'rough' : worst;
}

/**
 * Cuts a green along the line from ball to pin.
 *
 * @param lipOf height of the lip of whatever bunker or bank lies at a place of the map
 * @returns the line, or why there is none
 */
export function lineOfPlay(
	surface: GreenSurface,
	lipOf: (u: Metres, v: Metres) => Metres,
	ball: Point,
	pin: Point
): LineOfPlay | LineProblem {
	const distance = Math.hypot(pin[0] - ball[0], pin[1] - ball[1]);
	if (surface.kindAt(pin[0], pin[1]) !== SURFACE.green) return 'pinOffGreen';
	if (distance < NEAREST) return 'tooNear';
	const placement: Placement = {
		u: ball[0],
		v: ball[1],
		heading: Math.atan2(pin[1] - ball[1], pin[0] - ball[0])
	};
	const kindAt = (x: Metres) => surface.kindAt(...toMap(placement, x, 0));
	const edge = reach(kindAt, distance, -STEP, 0);
	const toEdge = Math.max(0, Math.min(edge, distance - NEAREST + 0.1));
	const back = reach(kindAt, distance, STEP, distance + FARTHEST_BEYOND);
	return {
		placement,
		toEdge,
		edgeToPin: distance - toEdge,
		beyondPin: back - distance,
		rise: surface.height(...toMap(placement, toEdge, 0)) - surface.height(...ball),
		fringe: fringeOf(kindAt, toEdge),
		segments: segmentsOf(surface, placement, toEdge, Math.max(back, toEdge + SEGMENT)),
		hazards: hazardsOf(surface, lipOf, placement, back + 3),
		ballOn: surface.kindAt(ball[0], ball[1])
	};
}
