import type { LineOfPlay } from '$lib/core/green/lineOfPlay';
import { toPercent, type Metres, type Ratio } from '$lib/core/units';

const FRINGE = { smooth: 'smooth', grainy: 'with a grainy collar', rough: 'rough' };
const LEVEL: Metres = 0.03;
const FLAT: Ratio = 0.003;

const percent = (ratio: Ratio): string => `${Math.abs(toPercent(ratio)).toFixed(1)} %`;

function riseWords(rise: Metres, say: (metres: Metres) => string): string {
	if (Math.abs(rise) < LEVEL) return 'level with it';
	return `${say(Math.abs(rise))} ${rise > 0 ? 'above it' : 'below it'}`;
}

const alongWords = (slope: Ratio): string =>
	Math.abs(slope) < FLAT ? 'level' : `${percent(slope)} ${slope > 0 ? 'up' : 'down'}`;

const acrossWords = (slope: Ratio): string =>
	Math.abs(slope) < FLAT ? 'none' : `${percent(slope)} to the ${slope > 0 ? 'right' : 'left'}`;

/** What a coach would note of a line, as label and value. */
export function lineRows(line: LineOfPlay, say: (metres: Metres) => string): [string, string][] {
	const total = line.segments.reduce((sum, { length }) => sum + length, 0);
	const mean = (pick: (segment: LineOfPlay['segments'][number]) => Ratio): Ratio =>
		line.segments.reduce((sum, segment) => sum + segment.length * pick(segment), 0) / total;
	const steepest = line.segments.reduce((a, b) =>
		Math.abs(b.slopeAlong) > Math.abs(a.slopeAlong) ? b : a
	);
	return [
		['Green against the ball', riseWords(line.rise, say)],
		['Green behind the pin', say(line.beyondPin)],
		['Way to the edge', FRINGE[line.fringe]],
		['Slope toward the pin, mean', alongWords(mean((segment) => segment.slopeAlong))],
		['Steepest stretch', alongWords(steepest.slopeAlong)],
		['Falls across, mean', acrossWords(mean((segment) => segment.slopeAcross))],
		...line.hazards.map(({ kind, from, to, height }): [string, string] => [
			kind === 'sand' ? 'Sand' : 'Water',
			`${say(from)} to ${say(to)}, lip ${say(height)} up`
		])
	];
}
