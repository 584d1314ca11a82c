import type { MapLayers } from '$lib/ui/drawing/mapLayers';

export type GreenTab = 'today' | 'survey' | 'shape' | 'pins' | 'miss' | 'duel';

/** The panels beside the map in the order of the work, and what the map shows for each. */
export const GREEN_TABS: readonly { id: GreenTab; label: string; layers: MapLayers }[] = [
	{ id: 'today', label: 'Speed', layers: layers({ arrows: true, contours: true }) },
	{ id: 'survey', label: 'Survey', layers: layers({ contours: true, readings: true }) },
	{ id: 'shape', label: 'Outline', layers: layers({ contours: true }) },
	{ id: 'pins', label: 'Pins', layers: layers({ steepness: true, arrows: true }) },
	{ id: 'miss', label: 'Misses', layers: layers({ contours: true }) },
	{ id: 'duel', label: 'Two pins', layers: layers({ contours: true, arrows: true }) }
];

function layers(on: Partial<MapLayers>): MapLayers {
	return {
		contours: false,
		arrows: false,
		steepness: false,
		readings: false,
		doubt: false,
		...on
	};
}
