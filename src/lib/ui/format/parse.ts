export type ParsedNumber = { value: number } | { problem: string };

/** What a person types for a number: comma or point, a sign, spaces, a trailing unit. */
const TYPED = /^\s*([+\-−]?\d*(?:[.,]\d+)?)\s*[a-z%°′']*\s*$/i;

/**
 * Reads a typed number and checks its range.
 *
 * @param label of the field, for the message
 */
export function parseNumber(
	text: string,
	range: { low: number; high: number; symbol: string }
): ParsedNumber {
	const match = TYPED.exec(text);
	const digits = match?.[1]?.replace('−', '-').replace(',', '.') ?? '';
	if (digits === '' || digits === '-' || digits === '+')
		return {
			problem:
				text.trim() === '' ? 'Type a number.' : `“${text.trim().slice(0, 20)}” is not a number.`
		};
	const value = Number(digits);
	if (!Number.isFinite(value)) return { problem: 'Type a number.' };
	if (value < range.low || value > range.high)
		return {
			problem: `Between ${tidy(range.low)} and ${tidy(range.high)} ${range.symbol}, please.`
		};
	return { value };
}

const tidy = (value: number): string => String(Math.round(value * 100) / 100).replace('-', '−');
