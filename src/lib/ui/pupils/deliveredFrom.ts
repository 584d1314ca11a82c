import type { Estimate, RollFit } from '$lib/core/practice/rollFit';
import { degrees } from '$lib/core/units';
import type { DeliveredWire } from '$lib/io/work/player';
import type { CarryFlight } from '$lib/core/solve/measuredSwings';

/** Estimates of one number, each weighed by how well it is known. */
function weighed(estimates: readonly Estimate[]): number {
	const weights = estimates.map(({ low, high }) => 1 / (high - low) ** 2);
	const total = weights.reduce((sum, weight) => sum + weight, 0);
	return estimates.reduce((sum, { value }, i) => sum + value * weights[i]!, 0) / total;
}

/** A pupil’s strike out of several sessions: what was told of it, and nothing of what was not. Null where nothing was. */
export function deliveredFrom(fits: readonly RollFit[]): DeliveredWire | null {
	const found = fits.filter(({ status }) => status === 'found');
	const lofts = new Map<CarryFlight, Estimate[]>();
	for (const { loft } of found)
		for (const [flight, estimate] of Object.entries(loft) as [CarryFlight, Estimate][])
			if (estimate.told) lofts.set(flight, [...(lofts.get(flight) ?? []), estimate]);
	const grips = found.flatMap(({ grip }) => (grip.told ? [grip] : []));
	if (lofts.size === 0 && grips.length === 0) return null;
	const tenth = (value: number) => Math.round(value * 10) / 10;
	return {
		loft: Object.fromEntries(
			[...lofts].map(([flight, estimates]) => [flight, tenth(degrees(weighed(estimates)))])
		),
		grip: grips.length > 0 ? Math.round(weighed(grips) * 100) / 100 : 1
	};
}
