import * as z from 'zod/mini';
import { possiblePlays } from '$lib/core/plan/ladder/possiblePlays';
import { mayBeWanted, wantsClub } from '$lib/core/plan/question/wanted';
import type { PlanRequest } from '$lib/core/plan/question/request';
import { markAngle, MARK_NAMES } from '$lib/core/player/swingLength';
import { clubToCore, STANDARD_BAG_WIRE, type ClubWire } from '../work/club';
import { handField, nameField, schoolField, skillField } from '../fields/fields';
import { carrySchema, golferDraftSchema, playerToCore } from '../work/player';
import { situationToCore } from '../fields/situation';
import { wantedFields, wantedToCore } from '../fields/wanted';
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
	wanted: z.optional(z.strictObject(wantedFields)),
	samples: z._default(
		z
			.int({ error: 'must be a whole number' })
			.check(z.minimum(20, 'must be at least 20'), z.maximum(100_000, 'must be at most 100000')),
		800
	),
	seed: z._default(z.int({ error: 'must be a whole number' }), 1)
});

type Fields = z.output<typeof requestFields>;

/** Names of clubs that are asked for, or left out, and are in no bag; nothing at all left to play; a flight under and over at once. */
function wantedProblems({ bag, situation, wanted }: Fields): { path: string[]; message: string }[] {
	if (!wanted) return [];
	const clubs = bag ?? STANDARD_BAG_WIRE;
	const names = clubs.map(({ name }) => name);
	const unknown = (['clubs', 'without'] as const).flatMap((key) =>
		(wanted[key] ?? [])
			.filter((name) => !names.includes(name))
			.map((name) => ({
				path: ['wanted', key],
				message: `${name} is no club of this bag: ${names.join(', ')}`
			}))
	);
	if (unknown.length > 0) return unknown;
	const { apexAtMost, apexAtLeast, kinds } = wanted;
	if (apexAtMost !== undefined && apexAtLeast !== undefined && apexAtLeast > apexAtMost)
		return [
			{ path: ['wanted', 'apexAtLeast'], message: `is more than apexAtMost, ${apexAtMost} m` }
		];
	const core = wantedToCore(wanted);
	if (!core) return [];
	const carried = clubs.map((club) => clubToCore({ id: club.name, ...club }));
	const chosen = carried.filter(({ id }) => wantsClub(core, id));
	if (chosen.length === 0)
		return [{ path: ['wanted'], message: 'leaves no club of this bag to play with' }];
	const plays = possiblePlays(chosen, situationToCore(situation));
	return plays.some((play) => mayBeWanted(core, play))
		? []
		: [
				{
					path: ['wanted'],
					message: `leaves nothing to play: none of ${chosen.map(({ name }) => name).join(', ')} makes a ${(kinds ?? []).join(' or a ')} from this lie`
				}
			];
}

/** A plan request; measured swings must name clubs of the bag and swings of a vocabulary, and grow with the swing. */
export const planRequestSchema = requestFields.check(
	z.superRefine((request, context) => {
		const { bag, swings } = request;
		for (const problem of wantedProblems(request)) context.addIssue({ code: 'custom', ...problem });
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

type Swing = Fields['swings'][number];

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
	const wanted = wantedToCore(wire.wanted);
	return {
		situation: situationToCore(wire.situation),
		bag,
		player: playerToCore(golfer, bag),
		school: wire.player.school,
		...(wanted && { wanted }),
		samples: wire.samples,
		seed: wire.seed
	};
}
