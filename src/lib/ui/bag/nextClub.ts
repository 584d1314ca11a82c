import type { ClubDraft } from '$lib/io/work/club';
import { newId } from '$lib/store/base/newId';

/** A club to start from that does not take a name already in the bag. */
export function nextClub(pupilId: string, clubs: readonly ClubDraft[]): ClubDraft {
	let number = 1;
	while (clubs.some((club) => club.name === `Club ${number}`)) number++;
	const order = Math.max(-1, ...clubs.map((club) => club.order)) + 1;
	return {
		id: newId(),
		pupilId,
		name: `Club ${number}`,
		loft: 54,
		bounce: 10,
		kind: 'wedge',
		order,
		retiredAt: null
	};
}
