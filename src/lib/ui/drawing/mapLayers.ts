/** What can be drawn on a map of a green. */
export interface MapLayers {
	contours: boolean;
	arrows: boolean;
	steepness: boolean;
	readings: boolean;
	doubt: boolean;
}

export const LAYER_WORDS: readonly { id: keyof MapLayers; label: string }[] = [
	{ id: 'contours', label: 'Contours' },
	{ id: 'arrows', label: 'Slope arrows' },
	{ id: 'steepness', label: 'Steepness' },
	{ id: 'readings', label: 'Readings' },
	{ id: 'doubt', label: 'Where unsure' }
];
