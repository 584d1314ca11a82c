import { carriesOf, type PupilFile } from '$lib/io/work/pupil';
import type { SortColumn } from '$lib/ui/controls/sortedTable.svelte';
import { handicapOf } from '$lib/io/words/skill';

/** Columns of the list of pupils and what each sorts by. */
export const PUPIL_COLUMNS: readonly SortColumn<PupilFile>[] = [
	{ id: 'name', heading: 'Name', value: ({ pupil }) => pupil.name },
	{ id: 'skill', heading: 'Skill', value: ({ pupil }) => handicapOf(pupil) },
	{ id: 'hand', heading: 'Hand', value: ({ pupil }) => pupil.hand },
	{ id: 'school', heading: 'School', value: ({ pupil }) => pupil.school },
	{ id: 'measured', heading: 'Measured', value: (file) => carriesOf(file).length }
];
