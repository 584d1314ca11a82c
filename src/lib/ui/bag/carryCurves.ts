import { monotoneCurve } from '$lib/core/math/monotone';
import type { CarryCell } from '$lib/core/player/carryTable';
import { SWING_MARKS, type SwingMark, type SwingVocabulary } from '$lib/core/player/swingLength';
import type { CarryFlight } from '$lib/core/solve/measuredSwings';
import type { Metres, Radians } from '$lib/core/units';
import { clearMarks } from '$lib/ui/drawing/clearMarks';
import type { ClubDraft } from '$lib/io/work/club';

/** One club's carry over the length of the swing, between its measured swings. */
export interface CarryCurve {
	club: string;
	name: string;
	points: { angle: Radians; carry: Metres; low: Metres; high: Metres }[];
	known: CarryCell<CarryFlight>[];
	/** Where the name stands so that it touches no other. */
	label: Metres;
}

const POINTS = 24;
/** Names closer than this share of the highest carry are moved apart. */
const NAME_ROOM = 0.07;

function curveOf(club: ClubDraft, known: CarryCell<CarryFlight>[]): CarryCurve {
	const angles = known.map(({ angle }) => angle);
	const of = (value: (cell: CarryCell<CarryFlight>) => Metres) =>
		monotoneCurve(angles, known.map(value));
	const [mean, low, high] = [of((c) => c.mean), of((c) => c.low), of((c) => c.high)];
	const [from, to] = [angles[0]!, angles.at(-1)!];
	const points = Array.from({ length: known.length > 1 ? POINTS + 1 : 1 }, (_, i) => {
		const angle = from + ((to - from) * i) / POINTS;
		return { angle, carry: mean(angle), low: low(angle), high: high(angle) };
	});
	return { club: club.id, name: club.name, points, known, label: known.at(-1)!.mean };
}

/** Moves names that would touch upwards, from the lowest on, where the curves end at about the same swing. */
function spaced(curves: CarryCurve[]): CarryCurve[] {
	const room = NAME_ROOM * Math.max(...curves.flatMap(({ points }) => points.map((p) => p.high)));
	const placed: CarryCurve[] = [];
	for (const curve of [...curves].sort((a, b) => a.label - b.label)) {
		const end = curve.known.at(-1)!.angle;
		const below = placed.filter((other) => Math.abs(other.known.at(-1)!.angle - end) < 0.3);
		const label = Math.max(curve.label, ...below.map((other) => other.label + room));
		placed.push({ ...curve, label });
	}
	return curves.map((curve) => placed.find(({ club }) => club === curve.club)!);
}

/** A curve for every club with a measured swing of this flight, in the order of the bag. */
export function carryCurves(
	cells: readonly CarryCell<CarryFlight>[],
	clubs: readonly ClubDraft[],
	flight: CarryFlight
): CarryCurve[] {
	const curves = clubs.flatMap((club) => {
		const known = cells
			.filter((cell) => cell.club === club.id && cell.flight === flight)
			.sort((a, b) => a.angle - b.angle);
		return known.length > 0 ? [curveOf(club, known)] : [];
	});
	return curves.length > 0 ? spaced(curves) : [];
}

const LEAST_APART: Radians = 0.24;

/** Marks for the axis, the longest first to be kept. */
export const tickMarks = (vocabulary: SwingVocabulary): SwingMark[] =>
	clearMarks(SWING_MARKS[vocabulary].toReversed(), LEAST_APART);
