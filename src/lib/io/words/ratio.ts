import type { Metres, Ratio } from '$lib/core/units';

/** How a coach says how much of a shot is air and how much ground. */
export const RATIO_STYLES = ['ratio', 'share', 'units'] as const;
export type RatioStyle = (typeof RATIO_STYLES)[number];

/** A flight and the run after it. */
interface AirAndGround {
	carry: Metres;
	roll: Metres;
}

const FRACTIONS: readonly [Ratio, string][] = [
	[1 / 4, 'a quarter'],
	[1 / 3, 'a third'],
	[1 / 2, 'half'],
	[2 / 3, 'two thirds'],
	[3 / 4, 'three quarters']
];

/** A space at which no line breaks. */
const FIRM = '\u00a0';

const figure = (value: number): string => value.toFixed(value < 9.95 ? 1 : 0).replace('.0', '');

/**
 * “1 : 2.3”, “30 %” or “×2.3”: as a figure in a column.
 *
 * @returns a dash for a ball that never flies
 */
export function ratioFigure({ carry, roll }: AirAndGround, style: RatioStyle): string {
	if (carry <= 0) return '–';
	if (style === 'share') return `${Math.round((100 * carry) / (carry + roll))}${FIRM}%`;
	return style === 'ratio' ? `1${FIRM}:${FIRM}${figure(roll / carry)}` : `×${figure(roll / carry)}`;
}

/**
 * In words: “1 : 2.3”, “30 % in the air” (a plain fraction where its landing is within half a pace), “3 paces and 2 units of it”.
 *
 * @param pace the player's own
 */
export function ratioWords(ball: AirAndGround, style: RatioStyle, pace: Metres): string {
	const { carry, roll } = ball;
	if (style === 'ratio') return ratioFigure(ball, style);
	if (style === 'units') {
		const paces = figure(carry / pace);
		return `${paces} ${paces === '1' ? 'pace' : 'paces'} and ${figure(roll / carry)} units of it`;
	}
	const whole = carry + roll;
	const plain = FRACTIONS.find(([share]) => Math.abs(carry - share * whole) <= pace / 2);
	const near = plain && Math.abs(carry / whole - plain[0]) < 0.03;
	return `${near ? plain[1] : ratioFigure(ball, style)} in the air`;
}

/** What is said of a putt. */
export const ALL_ALONG = 'all along the ground';
