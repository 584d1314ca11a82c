import type { Plan, PlanOption } from '$lib/core/plan/plan';
import { troubleOf } from '$lib/core/plan/race/statistics';
import type { RatioRow } from '$lib/core/today/ratios';
import { wayOf } from '$lib/io/log/kept';
import { clubsInBag, type PupilFile } from '$lib/io/work/pupil';
import { ratioFigure } from '$lib/io/words/ratio';
import { SCHOOL_WORDS } from '$lib/io/words/school';
import { markWords } from '$lib/io/words/swing';
import { formatLength, lengthStyle } from '$lib/ui/format/lengths';
import { carriesSection } from './handOut';

/** What stands on a card for the pocket. No picture of any green is among it. */
export interface PocketCard {
	name: string;
	rule: string;
	carries: { columns: string[]; rows: string[][]; unit: string } | null;
	/** By club: on slow, medium and quick greens. */
	ratios: string[][];
	safe: string[];
	foot: string;
}

/** Greens of the card: a name and a speed in feet (assumption). */
export const CARD_GREENS = [
	{ name: 'Slow', stimpFeet: 8 },
	{ name: 'Medium', stimpFeet: 10 },
	{ name: 'Quick', stimpFeet: 12 }
] as const;

/** Usual shots that a safe way is named for: where the ball lies, metres to the edge, and from there to the pin and beyond. */
export const CARD_SHOTS = [
	{ name: 'From short grass', lie: 'fairway', toEdge: 4, edgeToPin: 10, beyondPin: 8 },
	{ name: 'From semi-rough', lie: 'semi-rough', toEdge: 4, edgeToPin: 10, beyondPin: 8 }
] as const;

/** Without a school of one's own the trade's first rule holds (common practice, no source). */
const FIRST_RULE = 'Least air, most ground: go high only when something forces it.';
/** Rules of Golf 2023, Rule 4.3a, with the limits of its clarification on green-reading materials; from memory. */
export const CARD_RULES =
	'Made before the round. No picture of a green, smaller than 108 × 178 mm: meant to stay within Rule 4.3a of the Rules of Golf (2023) and its limits for green-reading material. The committee decides.';
const MOST_CLUBS = 9;
const MOST_WEDGES = 5;
const MOST_SWINGS = 5;

/** What a column can hold of the name of a swing. */
const shortly = (swing: string): string => swing.replace(' o’clock', '');

/** The way that goes wrong least: fewest chances of trouble, then fewest strokes. */
export const safestOf = ({ options }: Pick<Plan, 'options'>): PlanOption | undefined =>
	options.reduce<PlanOption | undefined>((best, one) => {
		if (!best) return one;
		const less = troubleOf(one.statistics) - troubleOf(best.statistics);
		const strokes = one.statistics.expectedStrokes - best.statistics.expectedStrokes;
		return less < 0 || (less === 0 && strokes < 0) ? one : best;
	}, undefined);

/** "From short grass: 8-iron chip, 7 o’clock, carries 5.2 m and rolls 9.1 m (1 : 1.8)." */
function safeWords(name: string, plan: Pick<Plan, 'options'>, { pupil }: PupilFile): string {
	const option = safestOf(plan);
	if (!option) return '';
	const way = wayOf(option);
	const style = lengthStyle(pupil.units, pupil.pace);
	const say = (metres: number) => formatLength(metres, style);
	if (way.swing === '') return `${name}: ${way.words}, all along the ground.`;
	return `${name}: ${way.words}, ${markWords(way.swing, pupil.vocabulary)}, lands ${say(way.carry)} away and rolls ${say(way.roll)} (${ratioFigure(way, 'ratio')}).`;
}

/**
 * A card for one pupil.
 *
 * @param ratios of a usual chip, by the greens of the card
 * @param plans of the usual shots, in their order
 */
export function pocketCardOf(
	file: PupilFile,
	ratios: readonly (readonly RatioRow[])[],
	plans: readonly Pick<Plan, 'options'>[]
): PocketCard {
	const { pupil, clubs } = file;
	const carries = carriesSection(file);
	const shown = clubsInBag(clubs)
		.filter(({ id }) => ratios.some((rows) => rows.some(({ club }) => club === id)))
		.slice(-MOST_CLUBS);
	return {
		name: pupil.name,
		rule: pupil.school === 'free' ? FIRST_RULE : SCHOOL_WORDS[pupil.school].rule,
		carries:
			carries?.kind === 'table'
				? {
						columns: carries.columns.slice(0, 1 + MOST_SWINGS).map(shortly),
						rows: carries.rows.slice(-MOST_WEDGES).map((row) => row.slice(0, 1 + MOST_SWINGS)),
						unit: pupil.units
					}
				: null,
		ratios: shown.map(({ id, name }) => [
			name,
			...ratios.map((rows) => {
				const row = rows.find(({ club }) => club === id);
				return row ? ratioFigure(row, 'ratio') : '–';
			})
		]),
		safe: plans
			.map((plan, i) => safeWords(CARD_SHOTS[i]?.name ?? '', plan, file))
			.filter((words) => words !== ''),
		foot: CARD_RULES
	};
}
