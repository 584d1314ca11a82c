import { newId } from '$lib/store/newId';
import type { ClubWire } from '$lib/io/club';

/** A club to start from that does not take a name already in the bag. */
export function nextClub(bag: readonly ClubWire[]): ClubWire {
	let number = 1;
	while (bag.some((club) => club.name === `Club ${number}`)) number++;
	return { id: newId(), name: `Club ${number}`, loft: 54, bounce: 10, putter: false };
}
