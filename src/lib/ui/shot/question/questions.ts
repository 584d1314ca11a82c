import type { Stance } from '$lib/core/lie/stance';
import { toPercent, type Metres, type Ratio } from '$lib/core/units';
import type { SituationWire } from '$lib/io/fields/situation';
import type { Pupil } from '$lib/io/work/pupil';
import type { WorkingShot } from '$lib/io/work/shot';
import { wantedWords } from '$lib/io/words/wanted';
import { LIE_NAMES } from '$lib/io/words/lie';

export type QuestionId =
	| 'lie'
	| 'stance'
	| 'distance'
	| 'green'
	| 'slope'
	| 'way'
	| 'wanted'
	| 'who'
	| 'air';

/** One thing a coach asks about a shot, and what is known of it in a few words. */
export interface QuestionTile {
	id: QuestionId;
	label: string;
	answer: string;
}

const FELT: Ratio = 0.015;
const percent = (ratio: Ratio): string => `${Math.round(Math.abs(toPercent(ratio)))} %`;

function lieWords({ lie, wet, sandSurface }: SituationWire): string {
	const sand = lie === 'sand' && sandSurface && sandSurface !== 'medium' ? `, ${sandSurface}` : '';
	return `${LIE_NAMES[lie]}${sand}${wet ? ', wet' : ''}`;
}

/** A stance in words: level, or what slopes which way. */
export function stanceWords({ along, across }: Stance): string {
	const parts = [
		Math.abs(along) < FELT ? '' : `${percent(along)} ${along > 0 ? 'uphill' : 'downhill'}`,
		Math.abs(across) < FELT ? '' : `ball ${across > 0 ? 'above' : 'below'} feet`
	].filter(Boolean);
	return parts.join(', ') || 'Level';
}

/** A slope of less than this, percent, is level to the eye. */
const LEVEL = 0.3;
/** Pieces whose slopes differ by less read as one. */
const ALIKE = 0.75;

interface Piece {
	length: number;
	slopeAlong: number;
	slopeAcross: number;
}

const mean = (pieces: readonly Piece[], pick: (piece: Piece) => number): number =>
	pieces.reduce((sum, piece) => sum + piece.length * pick(piece), 0) /
	pieces.reduce((sum, { length }) => sum + length, 0);

/** Slopes one after another along the line, neighbours that look alike as one. */
function stretches(pieces: readonly Piece[]): number[] {
	const runs: Piece[][] = [];
	for (const piece of pieces) {
		const run = runs.at(-1);
		const alike =
			run && Math.abs(mean(run, ({ slopeAlong }) => slopeAlong) - piece.slopeAlong) < ALIKE;
		if (alike) run.push(piece);
		else runs.push([piece]);
	}
	return runs.map((run) => mean(run, ({ slopeAlong }) => slopeAlong));
}

const alongWords = (slope: number): string =>
	Math.abs(slope) < LEVEL
		? 'level'
		: `${Math.abs(slope).toFixed(1)} % ${slope > 0 ? 'up' : 'down'}`;

/** What the eye sees of the slope: one or two stretches along the line, or the whole in one figure; then which way it falls across. */
export function slopeWords({
	segments,
	slopeAlong,
	slopeAcross,
	edgeToPin
}: Pick<SituationWire, 'segments' | 'slopeAlong' | 'slopeAcross' | 'edgeToPin'>): string {
	const pieces = segments?.length ? segments : [{ length: edgeToPin, slopeAlong, slopeAcross }];
	const along = stretches(pieces);
	const across = mean(pieces, (piece) => piece.slopeAcross);
	const side = Math.abs(across) < LEVEL ? '' : `falls ${across > 0 ? 'right' : 'left'}`;
	const way =
		along.length <= 2
			? along.map(alongWords).join(', then ')
			: `${alongWords(mean(pieces, (piece) => piece.slopeAlong))} in all`;
	if (way === 'level' && side)
		return `${Math.abs(across).toFixed(1)} % to the ${across > 0 ? 'right' : 'left'}`;
	const words = [way, side].filter(Boolean).join(', ');
	return words.charAt(0).toUpperCase() + words.slice(1);
}

function wayWords({ hazards }: SituationWire): string {
	if (hazards.length === 0) return 'Nothing';
	const [first] = hazards;
	const side = first!.side && first!.side !== 'across' ? ` ${first!.side}` : '';
	const name = `${first!.kind[0]!.toUpperCase()}${first!.kind.slice(1)}${side}`;
	return hazards.length === 1 ? name : `${name} and ${hazards.length - 1} more`;
}

function airWords({ wind }: SituationWire): string {
	if (!wind || (wind.along === 0 && wind.across === 0)) return 'Still';
	const speed = Math.round(Math.hypot(wind.along, wind.across));
	if (Math.abs(wind.across) > Math.abs(wind.along))
		return `${speed} m/s to the ${wind.across > 0 ? 'right' : 'left'}`;
	return `${speed} m/s ${wind.along > 0 ? 'helping' : 'against'}`;
}

/** Speed of the green, and its firmness where it is not the ordinary. */
const greenWords = ({ stimpFeet, firmness }: SituationWire): string =>
	`${stimpFeet.toFixed(1)} ft${firmness === 'medium' ? '' : `, ${firmness}`}`;

/**
 * Everything a shot is asked about, in the order a coach asks.
 *
 * @param pupil who plays
 * @param stance as said, or as the ground has it
 * @param length says a distance in the reader's units, or only its figure
 */
export function questionTiles(
	{ situation, wanted }: WorkingShot,
	{ name, noPutt }: Pick<Pupil, 'name' | 'noPutt'>,
	stance: Stance,
	length: (metres: Metres, symbol?: boolean) => string
): QuestionTile[] {
	return [
		{ id: 'lie', label: 'How it lies', answer: lieWords(situation) },
		{ id: 'stance', label: 'Stance', answer: stanceWords(stance) },
		{
			id: 'distance',
			label: 'Distances',
			answer: `${length(situation.toEdge, false)} + ${length(situation.edgeToPin)}`
		},
		{
			id: 'green',
			label: 'Green',
			answer: greenWords(situation)
		},
		{ id: 'slope', label: 'Slope', answer: slopeWords(situation) },
		{ id: 'way', label: 'In the way', answer: wayWords(situation) },
		{ id: 'wanted', label: 'Which shot', answer: wantedWords(wanted, noPutt === true) },
		{ id: 'who', label: 'Who plays', answer: name },
		{ id: 'air', label: 'Air', answer: airWords(situation) }
	];
}
