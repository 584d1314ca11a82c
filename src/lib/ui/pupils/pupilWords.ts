import { soMany } from '$lib/io/words/say';
import type { PupilFile } from '$lib/io/work/pupil';
import { carriesOf, clubsInBag } from '$lib/io/work/pupil';
import { ENOUGH_BALLS } from '$lib/core/player/carryTable';

/** How much of a pupil is measured, in a few words. */
export function measuredWords(file: PupilFile): string {
	const inBag = new Set(clubsInBag(file.clubs).map(({ id }) => id));
	const cells = carriesOf(file).filter(({ club }) => inBag.has(club));
	if (cells.length === 0) return 'Nothing measured';
	const good = cells.filter(({ n }) => n >= ENOUGH_BALLS).length;
	const swings = soMany(cells.length, 'swing');
	if (good > 0) return `${swings} measured, ${good} with ${ENOUGH_BALLS} balls or more`;
	return cells.every(({ stated }) => stated)
		? `${swings}, stated from memory`
		: `${swings} measured, with few balls`;
}

/** Whether a pupil is looked for by this text: by name, notes or what to mind. */
export function isLookedFor({ pupil }: PupilFile, text: string): boolean {
	const wanted = text.trim().toLowerCase();
	return [pupil.name, pupil.notes, pupil.minding].some((part) =>
		part.toLowerCase().includes(wanted)
	);
}
