import * as z from 'zod/mini';

/** Most carries that are taken in at once. */
export const MOST_AT_ONCE = 60;
const [NEAREST, FARTHEST] = [0.1, 150];

/** What was typed into a cell: carries in metres, or what is wrong. */
export type TypedCarries = { carries: number[] } | { problem: string };

/** Between two numbers: spaces, semicolons, or a comma followed by a space; a comma inside a number is its point. */
const BETWEEN = /\s*[;\n]\s*|,\s+|\s+/;

/**
 * Reads carries such as "14, 15, 13" in a unit.
 *
 * @param size of the unit in metres
 * @param symbol of the unit, for the message
 */
export function readCarries(text: string, size: number, symbol: string): TypedCarries {
	const parts = text
		.trim()
		.replaceAll(/[a-z]+\.?(?=\s|,|;|$)/gi, '')
		.split(BETWEEN)
		.filter(Boolean);
	if (parts.length === 0)
		return {
			problem: /[a-z]/i.test(text)
				? `“${text.trim()}” has no number in it.`
				: 'Type one carry or several, such as 14, 15, 13.'
		};
	if (parts.length > MOST_AT_ONCE)
		return { problem: `${parts.length} carries are too many at once: at most ${MOST_AT_ONCE}.` };
	const carries: number[] = [];
	for (const part of parts) {
		const value = Number(part.replace(/,$/, '').replace(',', '.'));
		const metres = value * size;
		if (!Number.isFinite(value)) return { problem: `“${part}” is no number.` };
		if (metres < NEAREST || metres > FARTHEST)
			return {
				problem: `${part} ${symbol} is no carry: it must be from ${(NEAREST / size).toFixed(1)} to ${Math.floor(FARTHEST / size)} ${symbol}.`
			};
		carries.push(metres);
	}
	return { carries };
}

/**
 * Carries typed into one field, as a schema: what it takes comes out in metres.
 *
 * @param size of the unit in metres
 * @param symbol of the unit, for the message
 */
export const typedCarries = (size: number, symbol: string) =>
	z.pipe(
		z.string(),
		z.transform((text, payload): number[] => {
			const read = readCarries(text, size, symbol);
			if ('carries' in read) return read.carries;
			payload.issues.push({ code: 'custom', message: read.problem, input: text });
			return z.NEVER;
		})
	);
