import type { Club } from '$lib/core/club/club';
import { createRng, type Rng } from '$lib/core/math/random';
import { hitBalls, type HiddenTruth } from '$lib/core/practice/simulatedPupil';
import { DEFAULT_TECHNIQUE } from '$lib/core/setup/technique';
import { fromFeet, fromPercent, radians } from '$lib/core/units';
import type { DeviceReading } from '$lib/io/work/deviceReading';
import type { Simulation } from './simulatedDevices';

/** One event of a tracker's stream, under its number; from 1. */
export interface TrackerEvent {
	id: number;
	reading: Extract<DeviceReading, { device: 'tracker' }>;
	/** The line breaks after this one. */
	breaks: boolean;
}

/** How often a tracker sends a ball twice, sends it late, and loses its line, with faults (assumption). */
const FAULTS = { twice: 0.12, late: 0.1, broken: 0.08 };
/** A late ball comes after so many others. */
const LATE_BY = 3;
/** Between two balls, in ms. */
const PACE_MS = 9000;
/** A tracker follows a ball better than an eye does, in metres. */
const TRACKED = 0.03;

/** The hidden pupil and green of a seed: some strike with less loft, some with more spin, than the model has it. */
function hidden({ stimpFeet, slope, seed }: Simulation, rng: Rng): HiddenTruth {
	return {
		skill: seed % 2 === 0 ? 'scratch' : 'middle',
		technique: DEFAULT_TECHNIQUE,
		ground: {
			greenSpeed: fromFeet(stimpFeet),
			firmness: 'medium',
			wet: false,
			toEdge: 0,
			room: 40,
			slopeAlong: fromPercent(Math.min(slope, 4))
		},
		loft: radians(3) * rng.normal(),
		grip: 1 + 0.12 * rng.normal(),
		firmness: 0.3 * rng.normal()
	};
}

const clubOf = (loft: number): Club => ({
	id: String(loft),
	name: String(loft),
	loft: radians(loft),
	bounce: radians(8),
	putter: false
});

const to = (value: number): number => Number(value.toFixed(2));

/** The balls that the hidden pupil hits, each with its own number. */
function ballsOf(simulation: Simulation, rng: Rng, start: number): TrackerEvent['reading'][] {
	const truth = hidden(simulation, rng);
	return simulation.shots.split(',').flatMap((shot, i) => {
		const [loft, carry] = shot.split('/').map(Number);
		const [ball] = hitBalls(
			{ club: clubOf(loft!), flight: 'standard', shape: 'straight' },
			carry!,
			1,
			truth,
			rng,
			TRACKED
		);
		if (!ball) return [];
		const { landed, finished } = ball;
		return [
			{
				device: 'tracker' as const,
				id: `${simulation.seed}-${i + 1}`,
				at: new Date(start + i * PACE_MS).toISOString(),
				landed: [to(landed[0]), to(landed[1])] as [number, number],
				finished: [to(finished[0]), to(finished[1])] as [number, number]
			}
		];
	});
}

/**
 * Everything a simulated ball tracker will send, in the order it sends it: with faults some balls come twice, some late, and the line
 * breaks now and then. The same simulation gives the same stream, so that it can be taken up again from any event.
 *
 * @param start when the first ball is hit, ms
 */
export function trackerEvents(simulation: Simulation, start: number): TrackerEvent[] {
	const rng = createRng(simulation.seed);
	const balls = ballsOf(simulation, rng, start);
	const faulty = simulation.faults === 'yes';
	const sent: { at: number; reading: TrackerEvent['reading'] }[] = [];
	balls.forEach((reading, i) => {
		const late = faulty && rng.uniform() < FAULTS.late ? LATE_BY + 0.5 : 0;
		sent.push({ at: i + late, reading });
		if (faulty && rng.uniform() < FAULTS.twice) sent.push({ at: i + late + 1.2, reading });
	});
	return sent
		.sort((a, b) => a.at - b.at)
		.map(({ reading }, i) => ({
			id: i + 1,
			reading,
			breaks: faulty && rng.uniform() < FAULTS.broken
		}));
}
