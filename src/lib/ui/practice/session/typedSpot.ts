import * as z from 'zod/mini';
import type { LengthStyle } from '$lib/ui/format/lengths';
import { parseNumber } from '$lib/ui/format/parse';

const FARTHEST = 300;
const NEAREST = 0.1;
/** A ball may spin back past where it was struck from a bank. */
const BEHIND = -30;
const ASIDE = 100;

/** A length typed in a unit, in metres; null for an empty field. */
const typedLength = ({ size, symbol }: LengthStyle, low: number, what: string) =>
	z.pipe(
		z.string(),
		z.transform((text, payload): number | null => {
			if (text.trim() === '') return null;
			const parsed = parseNumber(text, { low: low / size, high: FARTHEST / size, symbol });
			if ('value' in parsed) return parsed.value * size;
			payload.issues.push({
				code: 'custom',
				message: `${what}: ${parsed.problem}`,
				input: text
			});
			return z.NEVER;
		})
	);

/**
 * Where a ball came down and stopped, as it is typed: lengths in a unit, in metres afterwards.
 *
 * @param style of the unit
 * @param wantsLanding whether the landing is asked for; else where it stopped
 */
export const typedSpotSchema = (style: LengthStyle, wantsLanding: boolean) =>
	z
		.object({
			landed: typedLength(style, NEAREST, 'Landed'),
			stopped: typedLength(style, BEHIND, 'Stopped'),
			side: typedLength(style, -ASIDE, 'Right of the line')
		})
		.check(
			z.refine(({ landed, stopped }) => landed !== null || stopped !== null, {
				path: ['landed'],
				error: `Type ${wantsLanding ? 'where it landed' : 'where it stopped'}.`
			})
		);
