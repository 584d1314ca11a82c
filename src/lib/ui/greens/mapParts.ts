import type { Point } from '$lib/core/math/polygon';
import { centreOf } from '$lib/io/placedShot';
import type { GreenWire } from '$lib/io/green';
import type { GreenPart } from '$lib/ui/state/greenBench.svelte';
import type { GreenTab } from './greenTabs';

/** Places that must be in view while a panel is open: the green alone where it is about the green alone. */
export const placesFor = (tab: GreenTab, green: GreenWire): Point[] =>
	tab === 'today' || tab === 'pins' || tab === 'duel' ? green.outline : everythingOn(green);

const everythingOn = (green: GreenWire): Point[] => [
	...green.outline,
	...green.areas.flatMap(({ outline }) => outline),
	...green.spots.map(({ at }) => at),
	...green.tilts.map(({ at }) => at)
];

const indexed = <Kind extends 'spot' | 'tilt' | 'pin' | 'area' | 'corner'>(
	kind: Kind,
	list: readonly unknown[]
) => list.map((_, index) => ({ kind, index }));

/** What can be taken hold of while a panel is open. */
export function partsFor(tab: GreenTab, green: GreenWire): GreenPart[] {
	switch (tab) {
		case 'survey':
			return green.grid ? [] : [...indexed('spot', green.spots), ...indexed('tilt', green.tilts)];
		case 'shape':
			return [
				...indexed('corner', green.outline),
				...green.areas.flatMap((area, index) =>
					area.outline.map((_, corner) => ({ kind: 'areaCorner' as const, index, corner }))
				),
				...indexed('area', green.areas)
			];
		case 'pins':
		case 'miss':
		case 'duel':
		case 'today':
			return indexed('pin', green.pins);
	}
}

/** Where the mark of a part stands. */
export function markOf(green: GreenWire, part: GreenPart): [number, number] {
	switch (part.kind) {
		case 'spot':
			return green.spots[part.index]!.at;
		case 'tilt':
			return green.tilts[part.index]!.at;
		case 'pin':
			return green.pins[part.index]!.at;
		case 'corner':
			return green.outline[part.index]!;
		case 'areaCorner':
			return green.areas[part.index]!.outline[part.corner]!;
		case 'area':
			return centreOf(green.areas[part.index]!.outline);
	}
}

const AREA_NAMES = { sand: 'Sand', water: 'Water', rough: 'Rough', fringe: 'Mown approach' };

/** What a part is called. */
export function partName(green: GreenWire, part: GreenPart): string {
	switch (part.kind) {
		case 'spot':
			return `Spot ${part.index + 1}`;
		case 'tilt':
			return `Tilt ${part.index + 1}`;
		case 'pin':
			return `Pin ${green.pins[part.index]!.name}`;
		case 'corner':
			return `Corner ${part.index + 1} of the green`;
		case 'areaCorner':
			return `Corner ${part.corner + 1} of ${AREA_NAMES[green.areas[part.index]!.kind].toLowerCase()} ${part.index + 1}`;
		case 'area':
			return `${AREA_NAMES[green.areas[part.index]!.kind]} ${part.index + 1}`;
	}
}
