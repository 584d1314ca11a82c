import type { Metres } from '$lib/core/units';
import { playWords } from '$lib/io/words/play';
import { strokesWords } from '$lib/ui/format/strokes';
import type { DuelSide } from '$lib/ui/greens/state/pinDuel.svelte';

const NONE = '–';
/** Strokes apart that a coach would mention. */
const WORTH = 0.05;

const percent = (share: number | undefined): string =>
	share === undefined ? NONE : `${Math.round(100 * share)} %`;

function column({ best, pin, toEdge }: DuelSide, say: (metres: Metres) => string): string[] {
	if (!best) return Array.from({ length: LABELS.length }, () => NONE);
	const { outcome } = best.candidate.solution;
	const stats = best.option?.statistics;
	const putt = best.candidate.play.flight === 'putt';
	return [
		say(pin),
		playWords(best.candidate.play),
		putt ? NONE : say(outcome.landingX - toEdge),
		say(Math.abs(best.aimOffset)) + sideWords(best.aimOffset),
		stats ? strokesWords(stats.expectedStrokes) : NONE,
		stats ? say(stats.leave.median) : NONE,
		percent(stats?.chances.upAndDown),
		percent(stats?.chances.missGreen),
		percent(stats?.chances.hazard),
		percent(stats?.chances.fourOrMore)
	];
}

const sideWords = (offset: Metres): string =>
	Math.abs(offset) < WORTH ? '' : offset < 0 ? ' left' : ' right';

const LABELS = [
	'To the pin',
	'Shot',
	'Land it past the edge',
	'Aim off',
	'Strokes to hole out',
	'Half end within',
	'Up and down',
	'Misses the green',
	'In the hazard',
	'Four or more'
];

/** A row for each measure: label, first pin, second pin. */
export function duelRows(
	sides: readonly [DuelSide, DuelSide],
	say: (metres: Metres) => string
): [string, string, string][] {
	const [first, second] = sides.map((side) => column(side, say));
	return LABELS.map((label, i) => [label, first![i]!, second![i]!]);
}

/** Which pin is harder, and by how much. */
export function duelCall(sides: readonly [DuelSide, DuelSide], names: readonly string[]): string {
	const problem = sides.findIndex((side) => side.problem);
	if (problem >= 0) return `${names[problem]}: ${sides[problem]!.problem}`;
	const [a, b] = sides.map((side) => side.best!.option?.statistics.expectedStrokes ?? NaN);
	const gap = a! - b!;
	if (Math.abs(gap) < WORTH) return `${names[0]} and ${names[1]} cost the same from here.`;
	const harder = gap > 0 ? 0 : 1;
	return `${names[harder]} costs ${strokesWords(Math.abs(gap))} of a stroke more than ${names[1 - harder]}.`;
}
