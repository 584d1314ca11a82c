import { z } from 'zod';
import type { Club } from '$lib/core/club/club';
import { STANDARD_BAG } from '$lib/core/club/standardBag';
import { degrees, radians } from '$lib/core/units';
import { idField, nameField, within } from './fields';

/** What every club says of itself, wherever it comes from. */
export const clubFields = {
	name: nameField,
	loft: within(0, 75, 'degrees'),
	bounce: within(0, 20, 'degrees').default(6),
	putter: z.boolean().default(false)
};

export const MOST_CLUBS = 20;

/** Two clubs of one name could not be told apart in an answer. */
export const haveOwnNames = (bag: readonly { name: string }[]): boolean =>
	new Set(bag.map((club) => club.name)).size === bag.length;

export const SAME_NAME = 'must not hold two clubs of one name';

/** A club under work: degrees, and an id that outlives its name. */
const clubDraftSchema = z.object({ id: idField, ...clubFields });

/** A bag that may still be empty while it is put together. */
export const bagDraftSchema = z
	.array(clubDraftSchema)
	.max(MOST_CLUBS, `must hold at most ${MOST_CLUBS} clubs`)
	.refine(haveOwnNames, { error: SAME_NAME });

export type ClubWire = z.output<typeof clubDraftSchema>;

export const clubToCore = ({ id, name, loft, bounce, putter }: ClubWire): Club => ({
	id,
	name,
	loft: radians(loft),
	bounce: radians(bounce),
	putter
});

const tenths = (angle: number): number => Math.round(degrees(angle) * 10) / 10;

export const STANDARD_BAG_WIRE: readonly ClubWire[] = STANDARD_BAG.map((club) => ({
	...club,
	loft: tenths(club.loft),
	bounce: tenths(club.bounce)
}));
