import type { Point } from '$lib/core/math/polygon';
import { figure } from '$lib/ui/format/figure';
import { markBox, placeLabels, textRoom, type Box } from '$lib/ui/drawing/labelPlacement';
import { centreOf } from '$lib/io/work/placedShot';
import type { GreenWire } from '$lib/io/work/green';
import type { GreenPart } from '$lib/ui/greens/state/greenBench.svelte';
import { sizeMark } from '$lib/ui/greens/state/greenEdits';
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
				...indexed('area', green.areas),
				...(green.grid ? [] : [{ kind: 'whole' as const, index: 0 as const }])
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
		case 'whole':
			return sizeMark(green);
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
		case 'whole':
			return 'Size of the whole green';
	}
}

/** What is written beside a part on the map; empty where nothing is. */
export function partWords(green: GreenWire, part: GreenPart, bad = false): string {
	const mark = bad ? '! ' : '';
	if (part.kind === 'pin') return green.pins[part.index]!.name;
	if (part.kind === 'spot') {
		const { leftOut, height } = green.spots[part.index]!;
		return mark + (leftOut ? 'left out' : figure(height, 2));
	}
	if (part.kind === 'tilt') {
		const { leftOut, percent } = green.tilts[part.index]!;
		return mark + (leftOut ? 'left out' : `${percent.toFixed(1)} %`);
	}
	return '';
}

/** Where the words of each kind of part stand from its mark, the best place first. */
const SHIFTS: Record<'pin' | 'spot' | 'tilt', readonly [number, number][]> = {
	pin: [
		[0, 16],
		[0, -26],
		[-34, 5],
		[34, 16]
	],
	spot: [
		[0, -7],
		[0, 17],
		[26, 4],
		[-26, 4]
	],
	tilt: [
		[0, 24],
		[30, 4],
		[-30, 4]
	]
};
const SIZE = { pin: 13, spot: 11, tilt: 11 };
const REACH = { pin: 6, spot: 4, tilt: 9 };

/** The flag over a pin's hole. */
const flagBox = (x: number, y: number): Box => ({
	left: x - 2,
	right: x + 14,
	top: y - 20,
	bottom: y
});

/** What a part on the paper is worth its words: what is chosen, then what does not fit, then pins, then readings. */
const rankOf = (part: GreenPart, chosen: boolean, bad: boolean): number =>
	chosen ? 0 : bad ? 1 : part.kind === 'pin' ? 2 : 3;

/** Marks of the parts and room for their words on the paper. */
export function placeParts(
	green: GreenWire,
	parts: readonly GreenPart[],
	project: (u: number, v: number) => readonly [number, number],
	isChosen: (part: GreenPart) => boolean,
	isBad: (part: GreenPart) => boolean
): { words: Map<GreenPart, [number, number]>; taken: Box[] } {
	const named = parts.flatMap((part, i) => {
		if (part.kind !== 'pin' && part.kind !== 'spot' && part.kind !== 'tilt') return [];
		const [x, y] = project(...markOf(green, part));
		const text = partWords(green, part, isBad(part));
		const rank = rankOf(part, isChosen(part), isBad(part));
		return [{ part, id: String(i), text, x, y, rank, size: SIZE[part.kind], kind: part.kind }];
	});
	const marks = named.flatMap(({ x, y, kind }) => [
		markBox(x, y, REACH[kind]),
		...(kind === 'pin' ? [flagBox(x, y)] : [])
	]);
	const places = placeLabels(
		named.map((item) => ({ ...item, shifts: SHIFTS[item.kind] })),
		marks
	);
	const found = named.flatMap((item) => {
		const place = places.get(item.id);
		return place ? [{ ...item, place }] : [];
	});
	return {
		words: new Map(found.map(({ part, place, x, y }) => [part, [place[0] - x, place[1] - y]])),
		taken: [...marks, ...found.map(({ text, size, place }) => textRoom(text, size, ...place))]
	};
}
