import * as z from 'zod/mini';
import type { PlanRequest } from '$lib/core/plan/question/request';
import { markAngle, MARK_NAMES } from '$lib/core/player/swingLength';
import { clubToCore, STANDARD_BAG_WIRE, type ClubWire } from '../work/club';
import { handField, nameField, schoolField, skillField } from '../fields/fields';
import { carrySchema, golferDraftSchema, playerToCore } from '../work/player';
import { situationToCore } from '../fields/situation';
import { bagSchema } from './club';
import { situationSchema } from './situation';

const requestFields = z.strictObject({
	situation: situationSchema,
	bag: z.optional(bagSchema),
	player: z.strictObject({
		skill: skillField,
		hand: z._default(handField, 'right'),
		school: z._default(schoolField, 'free')
	}),
	swings: z._default(
		z
			.array(z.extend(carrySchema, { club: nameField }))
			.check(z.maxLength(100, 'must be at most 100 swings')),
		[]
	),
	samples: z._default(
		z
			.int({ error: 'must be a whole number' })
			.check(z.minimum(20, 'must be at least 20'), z.maximum(100_000, 'must be at most 100000')),
		800
	),
	seed: z._default(z.int({ error: 'must be a whole number' }), 1)
});

/** A plan request; measured swings must name clubs of the bag and swings of a vocabulary, and grow with the swing. */
export const planRequestSchema = requestFields.check(
	z.superRefine(({ bag, swings }, context) => {
		const clubs = new Set((bag ?? STANDARD_BAG_WIRE).map(({ name }) => name));
		swings.forEach(({ club, swing }, i) => {
			if (!clubs.has(club))
				context.addIssue({
					code: 'custom',
					path: ['swings', i, 'club'],
					message: `is no club of this bag: ${[...clubs].join(', ')}`
				});
			if (Number.isNaN(markAngle(swing)))
				context.addIssue({
					code: 'custom',
					path: ['swings', i, 'swing'],
					message: `is no swing that is known: ${MARK_NAMES.join(', ')}, or half-way such as 8:30`
				});
		});
		for (const [i, other] of backwards(swings))
			context.addIssue({
				code: 'custom',
				path: ['swings', i, 'carry'],
				message: `is no more than the ${swings[other]!.carry} m of the shorter swing ${swings[other]!.swing}: are the two the wrong way round?`
			});
	})
);

type Swing = z.output<typeof requestFields>['swings'][number];

/** Pairs of a club and flight in which the longer swing carries no farther: its place, and that of the shorter. */
function backwards(swings: readonly Swing[]): [number, number][] {
	return swings.flatMap((longer, i) => {
		const shorter = swings.findIndex(
			(other) =>
				other.club === longer.club &&
				(other.flight ?? 'standard') === (longer.flight ?? 'standard') &&
				markAngle(other.swing) < markAngle(longer.swing) &&
				other.carry >= longer.carry
		);
		return shorter < 0 ? [] : [[i, shorter] as [number, number]];
	});
}

export type PlanRequestWire = z.output<typeof planRequestSchema>;

/** Clubs of a request are known by their names. */
const bagOf = ({ bag }: PlanRequestWire): readonly ClubWire[] =>
	bag?.map((club) => ({ id: club.name, ...club })) ?? STANDARD_BAG_WIRE;

/** The contract's request in the core's terms. */
export function planRequestToCore(wire: PlanRequestWire): PlanRequest {
	const bag = bagOf(wire).map(clubToCore);
	const golfer = { ...golferDraftSchema.parse(wire.player), carries: wire.swings };
	return {
		situation: situationToCore(wire.situation),
		bag,
		player: playerToCore(golfer, bag),
		school: wire.player.school,
		samples: wire.samples,
		seed: wire.seed
	};
}
