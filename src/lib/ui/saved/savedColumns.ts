import type { SavedShot } from '$lib/io/work/shot';
import type { SortColumn } from '$lib/ui/controls/sortedTable.svelte';
import { dayWords } from '$lib/ui/format/dates';
import { LIE_WORDS } from '$lib/io/words/lie';

/** What a coach calls the lie of a saved shot. */
export const lieName = ({ shot }: SavedShot): string =>
	LIE_WORDS.find(({ id }) => id === shot.situation.lie)?.name ?? shot.situation.lie;

/** The day a shot was saved, in local time. */
export const savedDay = ({ savedAt }: SavedShot): string => dayWords(savedAt);

/** What is in the way, in a few words; empty for nothing. */
export const overWords = ({ shot }: SavedShot): string =>
	[...new Set(shot.situation.hazards.map(({ kind }) => kind))].join(' and ');

/** Names of what a saved shot refers to; empty where that is gone. */
export interface SavedNames {
	pupil: (id: string) => string;
	green: (id: string) => string;
}

/** What the list is narrowed to; empty for everything. */
export interface SavedFilter {
	pupil: string;
	green: string;
	lie: string;
}

/** A shot without a map, among greens. */
export const NO_MAP = '-';

export const passes = ({ shot }: SavedShot, { pupil, green, lie }: SavedFilter): boolean =>
	(pupil === '' || shot.pupilId === pupil) &&
	(green === '' || (shot.place?.greenId ?? NO_MAP) === green) &&
	(lie === '' || shot.situation.lie === lie);

/** Columns of the saved shots and what each sorts by. */
export const savedColumns = ({ pupil }: SavedNames): readonly SortColumn<SavedShot>[] => [
	{ id: 'name', heading: 'Name', value: ({ name }) => name },
	{ id: 'pupil', heading: 'Whose', value: ({ shot }) => pupil(shot.pupilId) },
	{ id: 'lie', heading: 'Lie', value: lieName },
	{ id: 'edge', heading: 'To edge', value: ({ shot }) => shot.situation.toEdge },
	{ id: 'pin', heading: 'Edge to pin', value: ({ shot }) => shot.situation.edgeToPin },
	{ id: 'over', heading: 'Over', value: overWords },
	{ id: 'speed', heading: 'Green', value: ({ shot }) => shot.situation.stimpFeet },
	{ id: 'saved', heading: 'Saved', value: ({ savedAt }) => savedAt }
];
