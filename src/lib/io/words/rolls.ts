import type { Estimate, RollFit } from '$lib/core/practice/rollFit';
import type { Cause } from '$lib/core/practice/rollProblem';
import type { RollStudy } from '$lib/core/practice/rollStudy';
import type { CarryFlight } from '$lib/core/solve/measuredSwings';
import { degrees } from '$lib/core/units';
import type { Say } from './say';

const FLIGHT: Readonly<Record<CarryFlight, string>> = {
	low: 'low',
	standard: 'ordinary',
	high: 'high',
	open: 'open-faced',
	splash: 'sand'
};

const between = ({ low, high }: Estimate, shown: (value: number) => string): string =>
	`between ${shown(low)} and ${shown(high)} with 90 %`;

/** A figure with a minus sign rather than a hyphen. */
const signed = (text: string): string => text.replace('-', '−');
const deg = (angle: number): string => signed(`${degrees(angle).toFixed(1)}°`);
/** Less than this is no difference worth a sentence. */
const SLIGHT = { loft: 0.017, grip: 0.05, firmness: 0.25 };

function loftWords(flight: CarryFlight, estimate: Estimate): string {
	const { value } = estimate;
	const balls = `${FLIGHT[flight]} flight`;
	const range = between(estimate, deg);
	if (Math.abs(value) < SLIGHT.loft) return `Delivers the club’s own loft, ${balls} (${range}).`;
	return `Delivers about ${Math.abs(degrees(value)).toFixed(0)}° ${value < 0 ? 'less' : 'more'} loft than the club and setup say, ${balls} (${range}).`;
}

function gripWords(estimate: Estimate): string {
	const off = Math.round((estimate.value - 1) * 100);
	const range = between(estimate, (value) => signed(`${Math.round((value - 1) * 100)} %`));
	if (Math.abs(estimate.value - 1) < SLIGHT.grip) return `Spins it as the model says (${range}).`;
	return `Spins it about ${Math.abs(off)} % ${off < 0 ? 'less' : 'more'} than the model says (${range}).`;
}

function firmnessWords({ value }: Estimate): string {
	if (Math.abs(value) < SLIGHT.firmness) return 'The turf took the balls as medium turf does.';
	return `The turf took the balls as ${value < 0 ? 'softer' : 'firmer'} turf than medium does.`;
}

/** What a fit tells; what the balls do not tell is left out. */
export function rollWords({ status, loft, grip, firmness, n }: RollFit): string[] {
	if (status === 'few')
		return [`${n} balls are too few: eight that landed and stopped are needed.`];
	if (status === 'end')
		return [
			'The balls differ more from the model than it can follow: look at how they were noted.'
		];
	if (status === 'unread')
		return [
			'Nobody measured the green that day: how far a ball ran says nothing of loft or spin. Measure its speed before the next session.'
		];
	return [
		...Object.entries(loft)
			.filter(([, estimate]) => estimate.told)
			.map(([flight, estimate]) => loftWords(flight as CarryFlight, estimate)),
		...(grip.told ? [gripWords(grip)] : []),
		...(firmness.told ? [firmnessWords(firmness)] : [])
	];
}

const CAUSE: Readonly<Record<Cause, string>> = {
	low: 'delivered loft (low flight)',
	standard: 'delivered loft',
	high: 'delivered loft (high flight)',
	open: 'delivered loft (face open)',
	splash: 'delivered loft (sand)',
	grip: 'spin',
	firmness: 'the turf',
	speed: 'the green’s speed',
	slope: 'its slope',
	landing: 'where they were seen to land'
};

/** What cannot be told apart, and the ball that would settle it; empty where everything is told. */
export function mixedWords(
	{ fit, next }: RollStudy,
	club: (id: string) => string,
	say: Say
): string {
	if (!fit.mixedUp || ['few', 'end', 'unread'].includes(fit.status)) return '';
	const [worst, other] = fit.mixedUp;
	const apart = `These balls do not tell ${CAUSE[worst]} from ${CAUSE[other]}.`;
	return next
		? `${apart} Six with the ${club(next.club)} carried ${say.length(next.carry)} would say most.`
		: apart;
}
