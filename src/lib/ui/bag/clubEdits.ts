import type { ClubDraft } from '$lib/io/work/club';
import { clubsInBag } from '$lib/io/work/pupil';

/** Gives clubs the places they have in a list; the others keep theirs. */
export function reorder(clubs: readonly ClubDraft[], order: readonly { id: string }[]): void {
	for (const club of clubs) {
		const place = order.findIndex(({ id }) => id === club.id);
		if (place >= 0) club.order = place;
	}
}

/** Takes a club out of the bag; what was measured with it stays. */
export function retire(clubs: readonly ClubDraft[], id: string, at: string): void {
	for (const club of clubs) if (club.id === id) club.retiredAt = at;
}

const LONGEST_NAME = 60;

/** Puts a retired club back at the end of the bag, under another name where a club there has taken its own. */
export function bringBack(clubs: readonly ClubDraft[], id: string): void {
	const inBag = clubsInBag(clubs);
	for (const club of clubs) {
		if (club.id !== id) continue;
		if (inBag.some(({ name }) => name === club.name))
			club.name = `${club.name} (2)`.slice(0, LONGEST_NAME);
		club.order = Math.max(-1, ...inBag.map(({ order }) => order)) + 1;
		club.retiredAt = null;
	}
}

/** Why a club of this bag cannot be called so; nothing where it can. */
export const refuseName = (
	inBag: readonly ClubDraft[],
	{ id }: Pick<ClubDraft, 'id'>,
	name: string
): string | undefined =>
	inBag.some((other) => other.id !== id && other.name === name)
		? `Another club in this bag is called ${name}.`
		: undefined;
