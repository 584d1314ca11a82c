import * as z from 'zod/mini';
import type { Club } from '$lib/core/club/club';
import { contentKey } from '$lib/core/math/contentKey';
import { AS_MODELLED, type Delivered } from '$lib/core/player/delivered';
import {
	HANDICAP,
	HANDICAPS,
	PROFILE,
	profileAt,
	type Dispersion,
	type Player,
	type PlayerProfile,
	TOUR_HOLED_HALF
} from '$lib/core/player/player';
import { measuredSwings, type MeasuredCarry } from '$lib/core/solve/measuredSwings';
import { CENTIMETRE, degrees, fromPercent, radians, toPercent } from '$lib/core/units';
import {
	carryFlightField,
	handField,
	idField,
	lieField,
	nameField,
	schoolField,
	skillField,
	vocabularyField,
	within
} from '../fields/fields';

/** A player's own spread, one standard deviation at a medium swing: percent, degrees, degrees, centimetres. */
export const ownSpreadSchema = z.object({
	speed: within(0.5, 30, 'percent'),
	direction: within(0.2, 15, 'degrees'),
	loft: within(0.2, 12, 'degrees'),
	lowPoint: within(0.1, 8, 'centimetres')
});

/** What a player's own costs may be: the distance holed half the time in metres, strokes more than a tour professional. */
export const COST_LIMITS = { holedHalf: [0.5, 3], around: [-0.3, 3], sand: [-0.3, 4] } as const;

/** A player's own cost of putts and of misses. */
const ownCostsSchema = z.object({
	holedHalf: within(...COST_LIMITS.holedHalf, 'metres'),
	around: within(...COST_LIMITS.around, 'strokes'),
	sand: within(...COST_LIMITS.sand, 'strokes')
});

/** How a player's strike differs from the model's: degrees of loft by flight, and a factor on the spin. */
export const deliveredSchema = z.object({
	loft: z._default(z.partialRecord(carryFlightField, within(-15, 15, 'degrees')), {}),
	grip: z._default(within(0.4, 1.6, ''), 1),
	/** Factor on the speed of the ball, by lie, as played shots say. */
	speed: z.optional(z.partialRecord(lieField, within(0.6, 1.5, '')))
});

export type DeliveredWire = z.output<typeof deliveredSchema>;

/** In the core's terms; nothing differs where nothing is known. */
export const deliveredToCore = (delivered: DeliveredWire | undefined): Delivered =>
	delivered
		? {
				loft: Object.fromEntries(
					Object.entries(delivered.loft).map(([flight, loft]) => [flight, radians(loft)])
				),
				grip: delivered.grip,
				speed: delivered.speed
			}
		: AS_MODELLED;

/** A measured carry; the contract takes the same. */
export const carrySchema = z.strictObject({
	club: idField,
	swing: nameField,
	carry: within(0.1, 150, 'metres'),
	flight: z.optional(carryFlightField),
	spread: z.optional(within(0, 40, 'metres')),
	n: z.optional(
		z.int('must be a whole number').check(z.minimum(1, 'must be at least 1'), z.maximum(10_000))
	)
});

export const TECHNIQUE_CHOICES = {
	chip: ['lean', 'sole'],
	flop: ['lead', 'trail'],
	stroke: ['pendulum', 'set-and-drop', 'hinge-and-hold']
} as const;

/** Who plays: everything the planner asks of a pupil. */
export const golferDraftSchema = z.object({
	skill: z._default(skillField, 'middle'),
	/** Where it is known more exactly than by the skill. */
	handicap: z.optional(within(HANDICAPS.least, HANDICAPS.most, '')),
	hand: z._default(handField, 'right'),
	school: z._default(schoolField, 'free'),
	vocabulary: z._default(vocabularyField, 'clock'),
	technique: z.prefault(
		z.object({
			chip: z._default(z.enum(TECHNIQUE_CHOICES.chip), 'lean'),
			flop: z._default(z.enum(TECHNIQUE_CHOICES.flop), 'lead'),
			stroke: z._default(z.enum(TECHNIQUE_CHOICES.stroke), 'pendulum')
		}),
		{}
	),
	/** Never the putter from off the green, unless it is asked for. */
	noPutt: z.optional(z.boolean()),
	/** Instead of the skill's numbers, where they are known. */
	spread: z.optional(ownSpreadSchema),
	costs: z.optional(ownCostsSchema),
	/** How the strike differs from the model's, as balls say: degrees of loft by flight, percent of grip. */
	delivered: z.optional(deliveredSchema),
	/** Measured carries by id of the club. */
	carries: z._default(z.array(carrySchema), [])
});

type OwnCosts = z.output<typeof ownCostsSchema>;
export type OwnSpread = z.output<typeof ownSpreadSchema>;

export type Golfer = z.output<typeof golferDraftSchema>;

/** How good somebody is: a handicap where one is known, else a skill. */
export type Standard = Pick<Golfer, 'skill' | 'handicap'>;

/** The same as a number: larger is weaker. */
export const handicapOf = ({ skill, handicap }: Standard): number => handicap ?? HANDICAP[skill];

/** The starting profile of somebody. */
export const profileOf = ({ skill, handicap }: Standard): PlayerProfile =>
	handicap === undefined ? PROFILE[skill] : profileAt(handicap);

/** A player's spread: their own where it is known, else the skill's. */
export function dispersionOf({
	spread,
	...standard
}: Standard & Pick<Golfer, 'spread'>): Dispersion {
	if (!spread) return profileOf(standard).dispersion;
	return {
		speed: fromPercent(spread.speed),
		direction: radians(spread.direction),
		loft: radians(spread.loft),
		lowPoint: spread.lowPoint * CENTIMETRE
	};
}

/** What putts and misses cost a golfer: the own, or the skill's. */
export function costsOf({
	costs,
	...standard
}: Pick<Golfer, 'costs' | keyof Standard>): PlayerProfile['costs'] {
	if (!costs) return profileOf(standard).costs;
	return {
		puttStretch: TOUR_HOLED_HALF / costs.holedHalf,
		around: costs.around,
		sand: costs.sand
	};
}

/** A skill's spread in the units it is typed in. */
export function spreadOf(standard: Standard): OwnSpread {
	const { speed, direction, loft, lowPoint } = profileOf(standard).dispersion;
	const tenth = (value: number) => Math.round(value * 10) / 10;
	return {
		speed: tenth(toPercent(speed)),
		direction: tenth(degrees(direction)),
		loft: tenth(degrees(loft)),
		lowPoint: tenth(lowPoint / CENTIMETRE)
	};
}

/** A skill's cost of putts and of misses in the units it is typed in. */
export function ownCostsOf(standard: Standard): OwnCosts {
	const { puttStretch, around, sand } = profileOf(standard).costs;
	return {
		holedHalf: TOUR_HOLED_HALF / puttStretch,
		around,
		sand
	};
}

let lastKey = '';
let lastSwings: Player['swings'] = {};

/** Head speeds behind carries; worked out again only when carries, clubs or who swings them change. */
function swingsOf(
	carries: readonly MeasuredCarry[],
	bag: readonly Club[],
	player: Pick<Player, 'technique' | 'strength' | 'dispersion' | 'delivered'>
): Player['swings'] {
	if (carries.length === 0) return {};
	const measured = bag.filter(({ id }) => carries.some(({ club }) => club === id));
	const key = contentKey([
		carries,
		measured,
		player.technique,
		player.strength,
		player.dispersion,
		player.delivered
	]);
	if (key !== lastKey) {
		lastSwings = measuredSwings(carries, measured, player);
		lastKey = key;
	}
	return lastSwings;
}

/**
 * Who plays, in the core's terms: the starting profile of the skill, with the player's own numbers over it.
 *
 * @param bag the clubs that carries refer to
 */
export function playerToCore(golfer: Golfer, bag: readonly Club[]): Player {
	const { strength } = profileOf(golfer);
	const { technique, hand, vocabulary } = golfer;
	const dispersion = dispersionOf(golfer);
	const delivered = deliveredToCore(golfer.delivered);
	return {
		hand,
		technique,
		vocabulary,
		strength,
		dispersion,
		costs: costsOf(golfer),
		delivered,
		swings: swingsOf(golfer.carries, bag, { technique, strength, dispersion, delivered })
	};
}
