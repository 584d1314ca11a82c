import type { Metres, Ratio } from '$lib/core/units';

/** How numbers are said where a sentence is made: the reader's units. */
export interface Say {
	length(metres: Metres): string;
	percent(ratio: Ratio): string;
}

/** The contract's own units. */
export const SAY_METRIC: Say = {
	length: (metres) => `${metres.toFixed(1)} m`,
	percent: (ratio) => `${Math.round(ratio * 100)} %`
};

/**
 * So many of something: "1 ball", "12 balls".
 *
 * @param many where it is not made with an s
 */
export const soMany = (count: number, one: string, many = `${one}s`): string =>
	`${count} ${count === 1 ? one : many}`;
