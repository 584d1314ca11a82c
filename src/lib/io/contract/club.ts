import { z } from 'zod';
import type { Club } from '$lib/core/club/club';
import { STANDARD_BAG } from '$lib/core/club/standardBag';
import { degrees, radians } from '$lib/core/units';
import { nameField, within } from './fields';

export const clubSchema = z.strictObject({
	name: nameField,
	loft: within(0, 75, 'degrees'),
	bounce: within(0, 20, 'degrees').default(6),
	putter: z.boolean().default(false)
});

/** A bag that may still be empty while it is put together. */
export const draftBagSchema = z
	.array(clubSchema)
	.max(20, 'must hold at most 20 clubs')
	.refine((bag) => new Set(bag.map((club) => club.name)).size === bag.length, {
		error: 'must not hold two clubs of one name'
	});

export const bagSchema = draftBagSchema.min(1, 'must hold at least one club');

export type ClubWire = z.output<typeof clubSchema>;

export const clubToCore = (club: ClubWire): Club => ({
	name: club.name,
	loft: radians(club.loft),
	bounce: radians(club.bounce),
	putter: club.putter
});

const tenths = (angle: number): number => Math.round(degrees(angle) * 10) / 10;

export const STANDARD_BAG_WIRE: readonly ClubWire[] = STANDARD_BAG.map((club) => ({
	...club,
	loft: tenths(club.loft),
	bounce: tenths(club.bounce)
}));
