import { segmentAt, type Situation } from '$lib/core/plan/question/situation';
import type { Metres } from '$lib/core/units';

/** An arrow downhill at a station of the line. */
export interface StationArrow {
	station: Metres;
	/** On the paper, degrees clockwise from the direction of play. */
	turn: number;
}

const COUNT = 5;
const FLAT = 0.005;

/** Arrows spread over the green, each for the piece it stands on; none where it is level. */
export function stationArrows(situation: Situation, back: Metres): StationArrow[] {
	const stations = Array.from(
		{ length: COUNT },
		(_, i) => situation.toEdge + ((back - situation.toEdge) * (i + 0.5)) / COUNT
	);
	return stations.flatMap((station) => {
		const { slopeAlong, slopeAcross } = segmentAt(situation, station);
		if (Math.hypot(slopeAlong, slopeAcross) < FLAT) return [];
		return [{ station, turn: (Math.atan2(slopeAcross, -slopeAlong) * 180) / Math.PI }];
	});
}
