/** What fields are called on the screen, where that differs from their names. */
const FIELD: Readonly<Record<string, string>> = {
	toEdge: 'ball to edge',
	edgeToPin: 'edge to pin',
	beyondPin: 'green behind the pin',
	stimpFeet: 'green speed',
	slopeAlong: 'slope to the pin',
	slopeAcross: 'slope across',
	sandSurface: 'the sand',
	pupilId: 'whose it is',
	clubId: 'club',
	greenId: 'green',
	takenAt: 'when it was read',
	savedAt: 'when it was saved',
	startedAt: 'when it began',
	fallsTowards: 'falls toward',
	leftOut: 'left out',
	purpose: 'what it is for',
	measure: 'what is noted',
	tolerance: 'counts within',
	retiredAt: 'retired',
	exportedAt: 'when the file was made',
	format: 'what kind of file it is',
	version: 'the version of the file'
};
/** Parts that only hold others, which say it all. */
const HOLDERS = ['shot', 'situation', 'pupil', 'rules'];

const partWords = (part: string): string =>
	/^\d+$/.test(part) ? `no. ${Number(part) + 1}` : (FIELD[part] ?? part);

/**
 * A field of a record in the words of the screen.
 *
 * @param path its keys from the top of the record
 */
export const fieldWords = (path: readonly string[]): string =>
	path
		.filter((part) => !HOLDERS.includes(part))
		.map(partWords)
		.join(', ');
