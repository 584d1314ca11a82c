import { carriesOf, type PupilFile } from '$lib/io/pupil';
import type { SortColumn } from '$lib/ui/controls/sortedTable.svelte';
import { SKILL_WORDS } from '$lib/ui/shot/skillWords';

const skillOrder = ({ pupil }: PupilFile): number =>
	SKILL_WORDS.findIndex(({ value }) => value === pupil.skill);

/** Columns of the list of pupils and what each sorts by. */
export const PUPIL_COLUMNS: readonly SortColumn<PupilFile>[] = [
	{ id: 'name', heading: 'Name', value: ({ pupil }) => pupil.name },
	{ id: 'skill', heading: 'Skill', value: skillOrder },
	{ id: 'hand', heading: 'Hand', value: ({ pupil }) => pupil.hand },
	{ id: 'school', heading: 'School', value: ({ pupil }) => pupil.school },
	{ id: 'measured', heading: 'Measured', value: (file) => carriesOf(file).length }
];
