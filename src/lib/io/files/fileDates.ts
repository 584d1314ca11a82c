/** Whether days or months come first where a file writes its dates in figures. */
export type DateOrder = 'day' | 'month';

/** The orders there are, for whoever has to choose. */
export const DATE_ORDERS = ['day', 'month'] as const satisfies readonly DateOrder[];

/** A date in figures, year last, perhaps with a time behind it. */
const FIGURES = /^(\d{1,2})[./-](\d{1,2})[./-](\d{4})(?:[ ,T]+(\d{1,2}):(\d{2})(?::(\d{2}))?)?$/;

/**
 * Which comes first, from a whole column: a first figure over 12 is a day, a second one means that months come first. Where no date tells,
 * days do, as nearly everywhere.
 */
export const dateOrderOf = (texts: readonly string[]): DateOrder => {
	const figures = texts.flatMap((text) => {
		const match = FIGURES.exec(text.trim());
		return match ? [[Number(match[1]), Number(match[2])] as const] : [];
	});
	const dayFirst = figures.some(([first]) => first > 12);
	return !dayFirst && figures.some(([, second]) => second > 12) ? 'month' : 'day';
};

/** Whether a text is a date in figures, which an order decides. */
export const isInFigures = (text: string): boolean => FIGURES.test(text.trim());

/**
 * An instant as files write it.
 *
 * @param text ISO, a date in figures in the order of its column, or whatever else the platform reads
 * @returns ms since 1970, local time where none is said; NaN for what is no date
 */
export function readInstant(text: string, order: DateOrder): number {
	const match = FIGURES.exec(text.trim());
	if (!match) return Date.parse(text);
	const [, first, second, year, hours = '0', minutes = '0', seconds = '0'] = match.map(
		(part) => part as string | undefined
	);
	const [day, month] = order === 'day' ? [first, second] : [second, first];
	const [d, m] = [Number(day), Number(month)];
	const date = new Date(Number(year), m - 1, d, Number(hours), Number(minutes), Number(seconds));
	return date.getMonth() === m - 1 && date.getDate() === d ? date.getTime() : NaN;
}
