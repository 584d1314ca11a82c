import { playerToCore, golferDraftSchema } from '../work/player';
import { ratiosToday, usuallyKnown } from '$lib/core/today/ratios';
import { fromFeet, fromPercent, toPercent } from '$lib/core/units';
import * as z from 'zod/mini';
import {
	firmnessField,
	handField,
	inRange,
	schoolField,
	skillField,
	slopeField,
	stimpField
} from '../fields/fields';
import { RANGE } from '../fields/ranges';
import { clubToCore, STANDARD_BAG_WIRE } from '../work/club';
import { bagSchema } from './club';

const MOST_CARRIES = 12;
const MOST_SLOPES = 7;

export const ratiosRequestSchema = z.strictObject({
	green: z.strictObject({
		stimpFeet: stimpField,
		firmness: z._default(firmnessField, 'medium'),
		slopes: z._default(
			z
				.array(slopeField)
				.check(
					z.minLength(1, 'must hold at least one slope'),
					z.maxLength(MOST_SLOPES, `must hold at most ${MOST_SLOPES} slopes`)
				),
			[-2, 0, 2]
		)
	}),
	bag: z.optional(bagSchema),
	player: z.strictObject({
		skill: skillField,
		hand: z._default(handField, 'right'),
		school: z._default(schoolField, 'free')
	}),
	carries: z._default(
		z
			.array(inRange(RANGE.carryOfRatio, 'metres'))
			.check(
				z.minLength(1, 'must hold at least one carry'),
				z.maxLength(MOST_CARRIES, `must hold at most ${MOST_CARRIES} carries`)
			),
		[3, 6, 12]
	)
});

export const ratiosResponseSchema = z.strictObject({
	rows: z.array(
		z.strictObject({
			club: z.string(),
			carry: z.number(),
			/** Percent, + uphill. */
			slope: z.number(),
			/** Ground over air; low and high hold it nine times in ten. */
			ratio: z.number(),
			low: z.number(),
			high: z.number(),
			source: z.enum(['measured', 'model'])
		})
	)
});

/** What each club does today, in the contract's terms. */
export function answerRatios(
	wire: z.output<typeof ratiosRequestSchema>
): z.output<typeof ratiosResponseSchema> {
	const bag = (wire.bag?.map((club) => ({ id: club.name, ...club })) ?? STANDARD_BAG_WIRE).map(
		clubToCore
	);
	const { stimpFeet, firmness, slopes } = wire.green;
	const golfer = { ...golferDraftSchema.parse(wire.player), carries: [] };
	const player = playerToCore(golfer, bag);
	const rows = ratiosToday({
		green: { greenSpeed: fromFeet(stimpFeet), firmness, wet: false },
		known: usuallyKnown(player.delivered),
		clubs: bag.filter(({ putter }) => !putter),
		player,
		carries: wire.carries,
		slopes: slopes.map(fromPercent)
	});
	const nameOf = new Map(bag.map(({ id, name }) => [id, name]));
	return {
		rows: rows.map(({ club, roll: _roll, slope, ...row }) => ({
			club: nameOf.get(club)!,
			slope: Number(toPercent(slope).toFixed(6)),
			...row
		}))
	};
}
