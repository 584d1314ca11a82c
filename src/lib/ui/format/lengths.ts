import { figure } from './figure';
import { FOOT, YARD, type Metres } from '$lib/core/units';

export type LengthUnit = 'metres' | 'yards' | 'feet' | 'paces';

/** The units a pupil can choose. */
export const UNIT_WORDS: readonly { value: LengthUnit; label: string }[] = [
	{ value: 'metres', label: 'Metres' },
	{ value: 'yards', label: 'Yards' },
	{ value: 'feet', label: 'Feet' },
	{ value: 'paces', label: 'Paces' }
];

/** How one unit is shown: its size, its short name, the step of a stepper and the decimals worth reading. */
export interface LengthStyle {
	unit: LengthUnit;
	size: Metres;
	symbol: string;
	step: number;
	decimals: number;
}

/** @param pace the player's own pace in metres */
export function lengthStyle(unit: LengthUnit, pace: Metres): LengthStyle {
	switch (unit) {
		case 'metres':
			return { unit, size: 1, symbol: 'm', step: 0.5, decimals: 1 };
		case 'yards':
			return { unit, size: YARD, symbol: 'yd', step: 0.5, decimals: 1 };
		case 'feet':
			return { unit, size: FOOT, symbol: 'ft', step: 1, decimals: 0 };
		case 'paces':
			return { unit, size: pace, symbol: 'paces', step: 0.5, decimals: 1 };
	}
}

/** A length as a number in a style's unit. */
export const inUnit = (length: Metres, style: LengthStyle): number => length / style.size;

/** A length's figure without its unit. */
export const formatFigure = (length: Metres, style: LengthStyle): string =>
	figure(inUnit(length, style), style.decimals);

/** A length with its unit, rounded to what can be paced. */
export function formatLength(length: Metres, style: LengthStyle): string {
	return `${formatFigure(length, style)} ${style.symbol}`;
}
