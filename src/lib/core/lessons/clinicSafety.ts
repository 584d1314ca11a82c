import type { Point } from '../math/polygon';
import type { Metres, Ratio } from '../units';
import type { Counts, Reach, Station } from './stationBalls';
import type { Zone } from './zone';

/** A station of a layout that may go over several greens. */
export interface LaidOut extends Pick<Station, 'ball' | 'heading'> {
	/** Which green's map it lies on. */
	green: number;
}

/** Where a station's group stands, and who hits there: this far round about a place so far behind the ball (assumption). */
const STAND = { behind: 1, radius: 2.5 } as const;
/** Two people who walk side by side need so much on either side of their way (assumption). */
const WALK_SIDE: Metres = 0.75;

/** One ball in so many may come to where others are; more is not safe. */
export const TOLERATED: Ratio = 1 / 1000;

/** Balls for a verdict, each hitter. */
export const VERDICT_BALLS: Counts = { face: 6000, hosel: 1500 };

/** Where the group of a station stands. */
export const standOf = ({ ball, heading }: Pick<Station, 'ball' | 'heading'>): Zone => {
	const at: Point = [
		ball[0] - STAND.behind * Math.cos(heading),
		ball[1] - STAND.behind * Math.sin(heading)
	];
	return { from: at, to: at, radius: STAND.radius };
};

/** Where a group walks from one station to the next. */
export const walkBetween = (one: Pick<Station, 'ball' | 'heading'>, next: typeof one): Zone => ({
	from: standOf(one).from,
	to: standOf(next).from,
	radius: WALK_SIDE
});

/** People that balls of a station could come to: those of another one, or those on their way from one to the next. */
export interface Endangered {
	zone: Zone;
	/** Index of the station they stand at or come from. */
	station: number;
	/** Index of the one they walk to; null where they stand. */
	walkingTo: number | null;
}

/**
 * Where people are whom balls of a station could come to, on its green. Groups walk on to the next station in order, the last one's to the first;
 * whoever leaves a station or comes to it is behind its balls.
 *
 * @param stations in the order in which groups go round
 * @param of index of the station
 */
export function othersOf(stations: readonly LaidOut[], of: number): Endangered[] {
	const count = stations.length;
	const { green } = stations[of]!;
	return stations.flatMap((station, i): Endangered[] => {
		if (count < 2 || station.green !== green) return [];
		const next = (i + 1) % count;
		const stands: Endangered[] =
			i === of ? [] : [{ zone: standOf(station), station: i, walkingTo: null }];
		const walks: Endangered[] =
			i === of || next === of || stations[next]!.green !== green
				? []
				: [{ zone: walkBetween(station, stations[next]!), station: i, walkingTo: next }];
		return [...stands, ...walks];
	});
}

/** Balls of a station that come to other people too often. */
export interface Danger extends Reach, Omit<Endangered, 'zone'> {
	/** Index of the station whose balls they are. */
	from: number;
}

/** Whether so many are safe: only where it could be told. */
export const isSafe = ({ most }: Reach): boolean => most < TOLERATED;

/**
 * The dangers from one station of a layout.
 *
 * @param reaches for the people of `othersOf`
 */
export const dangersFrom = (
	stations: readonly LaidOut[],
	from: number,
	reaches: readonly Reach[]
): Danger[] =>
	othersOf(stations, from).flatMap(({ station, walkingTo }, k): Danger[] => {
		const reach = reaches[k]!;
		return isSafe(reach) ? [] : [{ ...reach, from, station, walkingTo }];
	});

/**
 * Every danger of a layout, the worst first.
 *
 * @param reaches of each station, for the people of `othersOf`
 */
export const dangersOf = (
	stations: readonly LaidOut[],
	reaches: readonly (readonly Reach[])[]
): Danger[] =>
	stations
		.flatMap((_, from) => dangersFrom(stations, from, reaches[from]!))
		.sort((a, b) => b.share - a.share || b.most - a.most);
