import { shanksAt, type Hitter } from '$lib/core/lessons/stationBalls';
import type { Zone } from '$lib/core/lessons/zone';
import { standOf, type LaidOut } from '$lib/core/lessons/clinicSafety';
import type { Site } from '$lib/core/lessons/safeLayout';
import type { Point } from '$lib/core/math/polygon';
import type { LevelGreen } from '$lib/core/solve/levelScene';
import { fromFeet, type Metres } from '$lib/core/units';
import { asRead } from '../practice/asRead';
import type { DrillDraft } from '../practice/drill';
import { coreClub, plainGround, practiserOf, proposalFor } from '../practice/practiceSetup';
import { handicapOf, playerToCore } from '../work/player';
import { bagOf, golferOf, type PupilFile } from '../work/pupil';
import { clubToCore } from '../work/club';
import type { ReadingWire } from '../work/reading';
import type { Block, Lesson } from './lesson';

/** Where a block is hit, on the map of a green. */
export type StationPlace = Lesson['layout'][number];

/** The line of a station as it is drawn: this long where a layout is found by itself. */
const LINE: Metres = 6;
const CENTIMETRES = 100;
const rounded = (metres: Metres): Metres => Math.round(metres * CENTIMETRES) / CENTIMETRES;

/** A site that was found, as a lesson keeps it. */
export const placeAt = (
	{ ball, heading }: Site,
	blockId: string,
	greenId: string
): StationPlace => ({
	id: blockId,
	greenId,
	ball: [rounded(ball[0]), rounded(ball[1])],
	toward: [rounded(ball[0] + LINE * Math.cos(heading)), rounded(ball[1] + LINE * Math.sin(heading))]
});

/** Which way a station is hit, from u towards v. */
export const headingOf = ({ ball, toward }: Pick<StationPlace, 'ball' | 'toward'>): number =>
	Math.atan2(toward[1] - ball[1], toward[0] - ball[0]);

/** A layout in the core's terms; greens by their index among those of the lesson. */
export const laidOut = (places: readonly StationPlace[], greenIds: readonly string[]): LaidOut[] =>
	places.map((place) => ({
		green: greenIds.indexOf(place.greenId),
		ball: place.ball,
		heading: headingOf(place)
	}));

/** A station turned about its ball, its line as long as before. */
export function turnedBy(place: StationPlace, angle: number): StationPlace {
	const { ball, toward } = place;
	const length = Math.hypot(toward[0] - ball[0], toward[1] - ball[1]);
	const heading = headingOf(place) + angle;
	return {
		...place,
		toward: [
			rounded(ball[0] + length * Math.cos(heading)),
			rounded(ball[1] + length * Math.sin(heading))
		]
	};
}

/** A station moved with its line. */
export const movedTo = (place: StationPlace, ball: Point): StationPlace => ({
	...place,
	ball: [rounded(ball[0]), rounded(ball[1])],
	toward: [
		rounded(place.toward[0] + ball[0] - place.ball[0]),
		rounded(place.toward[1] + ball[1] - place.ball[1])
	]
});

/** A green as it is today; one that was never read is taken for a usual one. */
export function dayOf(readings: readonly ReadingWire[], now: number): LevelGreen {
	const { stimpFeet, firmness, wet } = { ...plainGround(), ...asRead(readings, now) };
	return { greenSpeed: fromFeet(stimpFeet), firmness, wet };
}

/**
 * Who hits at a station in the worst case: of each hand the weakest of those who come, with the balls of its drill.
 *
 * @param files of all who come: everybody goes round all stations
 */
export function hittersOf(
	block: Pick<Block, 'balls'>,
	drill: Pick<DrillDraft, 'rules'>,
	files: readonly PupilFile[],
	day: LevelGreen
): Hitter[] {
	const weakest = new Map<string, PupilFile>();
	for (const file of files) {
		const before = weakest.get(file.pupil.hand);
		if (!before || handicapOf(file.pupil) > handicapOf(before.pupil))
			weakest.set(file.pupil.hand, file);
	}
	return [...weakest.values()].map((file): Hitter => {
		const ground = { ...plainGround(), firmness: day.firmness, wet: day.wet };
		const { tasks } = proposalFor(drill, file, ground);
		const { dispersion } = playerToCore(golferOf(file), bagOf(file.clubs).map(clubToCore));
		return {
			who: { ...practiserOf(file), dispersion },
			shanks: shanksAt(handicapOf(file.pupil)),
			shots: tasks.flatMap(({ club: id, flight, shape, landing }) => {
				const club = file.clubs.find((one) => one.id === id);
				return club ? [{ shot: { club: coreClub(club), flight, shape }, carry: landing }] : [];
			})
		};
	});
}

/** Where the group of a station stands. */
export const standAt = (place: StationPlace): Zone =>
	standOf({ ball: place.ball, heading: headingOf(place) });
