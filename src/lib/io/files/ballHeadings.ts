import { BALL_FIELDS, type BallColumns, type BallField, type FileUnit } from './ballColumns';

/** How headings usually name what they hold; the first that fits is taken. */
const NAMES: Readonly<Record<BallField, RegExp>> = {
	club: /^club( name| type)?$/i,
	carry: /carry|^landed(?!.*right)/i,
	side: /landed.*right|carry.*(side|offline|lateral|deviation)|^side\b|offline|lateral/i,
	stopped: /^(stopped|total|finish)(?!.*(right|side))/i,
	roll: /^(roll|run)([ _-]?out)?\b/i,
	stoppedSide: /(stopped|total|finish).*(right|side|lateral)/i,
	swing: /^swing(?!_from)|length of swing/i,
	swingFrom: /^swing_from$/i,
	flight: /^flight$/i,
	at: /^(at|date|time|when)/i,
	tags: /^tags?$|strike|contact/i,
	shape: /^shape$/i,
	lie: /^lie$/i,
	meant: /^(meant|target)/i,
	touchError: /^touch_error_m$/i,
	strokes: /^strokes$/i,
	inferred: /^inferred$/i,
	counts: /^counts$/i,
	spread: /^(spread|std)/i,
	n: /^n$|^balls$/i
};

const UNIT: readonly [RegExp, FileUnit][] = [
	[/(\b|_|\(|\[)(yds?|yards?)(\b|\)|\])/i, 'yards'],
	[/(\b|_|\(|\[)(ft|feet)(\b|\)|\])/i, 'feet'],
	[/(\b|_|\(|\[)(m|metres?|meters?)(\b|\)|\])/i, 'metres']
];

/** Columns that hold a length. */
const LENGTHS: readonly BallField[] = [
	'carry',
	'side',
	'stopped',
	'stoppedSide',
	'roll',
	'meant',
	'touchError',
	'spread'
];
/** A heading with one of these is of no length, whatever else stands in it. */
const NO_LENGTH =
	/\b(time|speed|spin|angle|height|apex|ratio|hang|rpm|mph|deg|degrees|seconds)\b|°|%|[([](s|sec|m\/s|km\/h)[)\]]/i;

/** The unit that a heading names itself. */
export const unitIn = (heading: string): FileUnit | undefined =>
	UNIT.find(([pattern]) => pattern.test(heading))?.[1];

/** Guesses which column holds what, and the unit from the headings; to be confirmed by a person. */
export function guessColumns(headings: readonly string[]): BallColumns {
	const columns: BallColumns['columns'] = {};
	const taken = new Set<string>();
	// What is more particular is looked for first, so that “carry side” is not taken for a carry.
	for (const field of ['side', 'stoppedSide', ...BALL_FIELDS] as const) {
		if (columns[field]) continue;
		const found = headings.find(
			(name) =>
				!taken.has(name) &&
				NAMES[field].test(name.trim()) &&
				!(LENGTHS.includes(field) && NO_LENGTH.test(name))
		);
		if (!found) continue;
		columns[field] = found;
		taken.add(found);
	}
	const heading = columns.carry ?? columns.stopped ?? '';
	return { columns, unit: unitIn(heading) ?? 'metres' };
}

/** Headings as a key under which a mapping is remembered. */
export const signatureOf = (headings: readonly string[]): string => headings.join('\u001f');
