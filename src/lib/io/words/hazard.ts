import type { SituationWire } from '$lib/io/fields/situation';

type Hazard = Pick<SituationWire['hazards'][number], 'kind'>;

/**
 * What a hazard is called among all of a shot: its kind, numbered along the list where there are several of it.
 *
 * @param at its place in the list
 */
export function hazardName(hazards: readonly Hazard[], at: number): string {
	const { kind } = hazards[at]!;
	const alike = hazards.filter((other) => other.kind === kind);
	return alike.length === 1 ? kind : `${kind} ${alike.indexOf(hazards[at]!) + 1}`;
}
