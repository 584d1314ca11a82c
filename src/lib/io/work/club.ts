import * as z from 'zod/mini';
import type { Club } from '$lib/core/club/club';
import { STANDARD_BAG } from '$lib/core/club/standardBag';
import { degrees, radians } from '$lib/core/units';
import { clubKindField, idField, nameField, within } from '../fields/fields';

/** What every club says of itself, wherever it comes from. */
export const clubFields = {
	name: nameField,
	loft: within(0, 75, 'degrees'),
	bounce: z._default(within(0, 20, 'degrees'), 6),
	putter: z._default(z.boolean(), false)
};

export const MOST_CLUBS = 20;

/** Two clubs of one name could not be told apart in an answer. */
export const haveOwnNames = (bag: readonly { name: string }[]): boolean =>
	new Set(bag.map((club) => club.name)).size === bag.length;

export const SAME_NAME = 'must not hold two clubs of one name';

const clubWireSchema = z.object({ id: idField, ...clubFields });

/** A bag that may still be empty while it is put together. */
export const bagDraftSchema = z
	.array(clubWireSchema)
	.check(
		z.maxLength(MOST_CLUBS, `must hold at most ${MOST_CLUBS} clubs`),
		z.refine(haveOwnNames, { error: SAME_NAME })
	);

export type ClubWire = z.output<typeof clubWireSchema>;

/** A club of a pupil under work: degrees, and an id that outlives its name. */
export const clubDraftSchema = z.object({
	id: idField,
	pupilId: idField,
	name: nameField,
	loft: clubFields.loft,
	bounce: clubFields.bounce,
	kind: z._default(clubKindField, 'wedge'),
	order: z._default(z.number(), 0),
	retiredAt: z._default(z.nullable(z.string()), null)
});

export type ClubDraft = z.output<typeof clubDraftSchema>;
export type ClubKind = ClubDraft['kind'];

export const toClub = ({ id, name, loft, bounce, kind }: ClubDraft): ClubWire => ({
	id,
	name,
	loft,
	bounce,
	putter: kind === 'putter'
});

export const clubToCore = ({ id, name, loft, bounce, putter }: ClubWire): Club => ({
	id,
	name,
	loft: radians(loft),
	bounce: radians(bounce),
	putter
});

/** What the customary names of clubs say of them: Driver, 3W, 4H, 7i. */
const NAMED: readonly [RegExp, ClubKind][] = [
	[/^(driver|\d+ ?w)$/i, 'wood'],
	[/^\d+ ?h$/i, 'hybrid'],
	[/^\d+ ?i$/i, 'iron']
];
/** Lofts below which any other club is called a wood, a hybrid or an iron, in degrees (common practice, no source). */
const KINDS: readonly [number, ClubKind][] = [
	[15.5, 'wood'],
	[24.5, 'hybrid'],
	[44, 'iron']
];

/** What kind of club it is, by its name where that says it, else by its loft. */
export function kindOfWire({
	name,
	loft,
	putter
}: Pick<ClubWire, 'name' | 'loft' | 'putter'>): ClubKind {
	if (putter) return 'putter';
	const named = NAMED.find(([pattern]) => pattern.test(name.trim()));
	return named?.[1] ?? KINDS.find(([below]) => loft < below)?.[1] ?? 'wedge';
}

const tenths = (angle: number): number => Math.round(degrees(angle) * 10) / 10;

export const STANDARD_BAG_WIRE: readonly ClubWire[] = STANDARD_BAG.map((club) => ({
	...club,
	loft: tenths(club.loft),
	bounce: tenths(club.bounce)
}));
