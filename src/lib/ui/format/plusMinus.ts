/** Within so many standard errors of a figure the true one lies nine times in ten (normal). */
export const NINE_IN_TEN = 1.645;

/** A figure with what it may be off by, in the one meaning that “±” has here: nine times in ten the true one lies within it. */
export const plusMinus = (
	value: number,
	standardError: number,
	decimals: number,
	least = 10 ** -decimals
): string =>
	`${value.toFixed(decimals)} ± ${Math.max(least, NINE_IN_TEN * standardError).toFixed(decimals)}`;
