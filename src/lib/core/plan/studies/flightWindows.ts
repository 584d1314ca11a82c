import { heightOnPath } from '../../solve/path';
import type { Metres } from '../../units';
import type { RejectedPlay } from '../ladder/ladder';
import type { Candidate } from '../ladder/candidate';
import type { PlanOption } from '../plan';

/** Low, middle and high, seen as a height two paces ahead. */
export const WINDOWS = ['low', 'middle', 'high'] as const;
export type WindowId = (typeof WINDOWS)[number];

/** From the hip of a standing person a flight is no longer low, from the head on it is high (common practice, no source). */
const FROM: readonly [WindowId, Metres][] = [
	['high', 1.75],
	['middle', 0.95],
	['low', -Infinity]
];

/** A window with the best way through it, or what closes it. */
export interface FlightWindow {
	id: WindowId;
	best: PlanOption | null;
	/** Height at the gate of that way. */
	height: Metres;
	/** Where nothing that works goes through: what speaks against the way that ends nearest; null where nothing flies there at all. */
	closed: RejectedPlay | null;
}

/** Height of a flight at a gate; one that is down before it passes on the ground. */
function heightAt({ path, solution }: Candidate, gate: Metres): Metres {
	const { landingX, apex } = solution.outcome;
	if (landingX <= gate) return 0;
	// Nobody drew what does not work: a parabola of its height and length will do.
	if (path.length < 2) return (4 * apex * gate * (landingX - gate)) / landingX ** 2;
	const height = heightOnPath(path, gate);
	return Number.isNaN(height) ? 0 : height;
}

const windowOf = (height: Metres): WindowId => FROM.find(([, from]) => height >= from)![0];

/**
 * The best of a plan through every window.
 *
 * @param options best first, as they are ranked
 * @param rejected what is out, with its reason
 * @param gate metres ahead of the ball
 * @returns low, middle, high
 */
export function flightWindows(
	options: readonly PlanOption[],
	rejected: readonly RejectedPlay[],
	gate: Metres
): FlightWindow[] {
	const off = ({ candidate }: RejectedPlay) => Math.abs(candidate!.solution.miss);
	return WINDOWS.map((id) => {
		const best =
			options.find(({ candidate }) => windowOf(heightAt(candidate, gate)) === id) ?? null;
		const out = rejected
			.filter(({ candidate }) => candidate !== null && windowOf(heightAt(candidate, gate)) === id)
			.sort((a, b) => off(a) - off(b));
		return {
			id,
			best,
			height: best ? heightAt(best.candidate, gate) : 0,
			closed: best ? null : (out[0] ?? null)
		};
	});
}
