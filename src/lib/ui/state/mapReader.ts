import type { SurveyedGround } from '$lib/core/plan/question/situation';
import { greenToCore, type GreenWire } from '$lib/io/work/green';
import { followLie, placeOn, readGrain, readLine, type Placed } from '$lib/io/work/placedShot';
import type { Place, WorkingShot } from '$lib/io/work/shot';
import type { GreenBook } from '$lib/store/shelves/greens';

/** The surface under a placed shot; undefined where there is no line. */
export const surveyOf = (placed: Placed | null): SurveyedGround | undefined =>
	placed?.problem === null ? placed.survey : undefined;

/** Finds the green of a place and cuts the line on it. A green that stays the same keeps its surface. */
export class MapReader {
	readonly #cores = new WeakMap<GreenWire, SurveyedGround['green']>();

	/** @param greens those known at the moment */
	constructor(private readonly greens: () => readonly GreenBook[]) {}

	bookOf(place: Place | undefined): GreenBook | null {
		return this.greens().find(({ green }) => green.id === place?.greenId) ?? null;
	}

	placedOf(place: Place | undefined): Placed | null {
		const book = this.bookOf(place);
		if (!book || !place) return null;
		const core = this.#cores.get(book.green) ?? greenToCore(book.green);
		this.#cores.set(book.green, core);
		return placeOn(core, place);
	}

	/** Writes what the map shows along the line into a shot; the lie follows the ball to another kind of ground. */
	readInto({ situation, place }: WorkingShot, before: Place | undefined): void {
		const now = this.placedOf(place);
		if (now?.problem !== null) return;
		const was = this.placedOf(before);
		followLie(situation, was?.problem === null ? was.line : null, now.line);
		readLine(situation, now.line);
		const reading = this.bookOf(place)?.readings[0];
		if (reading && reading.grainTowards !== null) readGrain(situation, now.line, reading);
	}
}
