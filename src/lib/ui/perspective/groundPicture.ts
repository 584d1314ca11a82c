import { SURFACE, type SurfaceKind } from '$lib/core/ground/surfaces';
import { createRng } from '$lib/core/math/random';
import type { Terrain } from './terrain';

/** Colours of a look: ground by kind, sky from above to the horizon, marks. */
export interface Palette {
	green: string;
	greenMown: string;
	fringe: string;
	rough: string;
	sand: string;
	water: string;
	line: string;
	sky: string;
	horizon: string;
	ink: string;
	clay: string;
	blue: string;
	/** Share of the light that comes from everywhere. */
	ambient: number;
}

const DAY: Palette = {
	green: '#8fb573',
	greenMown: '#86ad69',
	fringe: '#74995a',
	rough: '#5c7d48',
	sand: '#e6d3a1',
	water: '#6f9fb8',
	line: '#2f4a2a',
	sky: '#a9cbe0',
	horizon: '#e9efe6',
	ink: '#1f2429',
	clay: '#a83a22',
	blue: '#1d5f8f',
	ambient: 1.9
};

/** By the name of a theme. */
export const PALETTES: Readonly<Record<string, Palette>> = {
	paper: DAY,
	sunlight: {
		...DAY,
		green: '#a9d089',
		greenMown: '#98c276',
		fringe: '#6f9a4f',
		rough: '#466b31',
		line: '#0c2a08',
		sky: '#ffffff',
		horizon: '#ffffff',
		clay: '#8f1d00'
	},
	slate: {
		...DAY,
		green: '#5f8a55',
		greenMown: '#578250',
		fringe: '#47693f',
		rough: '#344f31',
		sand: '#bba878',
		water: '#3c6a86',
		line: '#d7e5cd',
		sky: '#1c2731',
		horizon: '#3c4a52',
		ink: '#ecebe2',
		clay: '#ff9a78',
		blue: '#8fc7ee',
		ambient: 1.5
	}
};

/** Pixels a metre of the ground's picture. */
const FINENESS = 16;
const MOWN = 1.1;

const kindColour = (kind: SurfaceKind, palette: Palette): string => {
	switch (kind) {
		case SURFACE.green:
			return palette.green;
		case SURFACE.sand:
			return palette.sand;
		case SURFACE.water:
			return palette.water;
		case SURFACE.rough:
		case SURFACE.roughFringe:
		case SURFACE.mound:
			return palette.rough;
		default:
			return palette.fringe;
	}
};

const channels = (hex: string): [number, number, number] => [
	Number.parseInt(hex.slice(1, 3), 16),
	Number.parseInt(hex.slice(3, 5), 16),
	Number.parseInt(hex.slice(5, 7), 16)
];

/** What grows where is asked so often a metre; a blade more or less to the side hides the steps. */
const ASKED = 7;
/** Rows at a stretch. */
const ROWS = 24;

/**
 * What grows where, seen from straight above: mown stripes both ways on the green, blades in the rough, grains in the sand. Painted in
 * steps of some ms, so that the page answers in between.
 */
export function* paintGround(
	canvas: HTMLCanvasElement,
	{ fromX, toX, fromZ, toZ, kind }: Terrain,
	palette: Palette
): Generator<void> {
	canvas.width = Math.round((toX - fromX) * FINENESS);
	canvas.height = Math.round((toZ - fromZ) * FINENESS);
	const context = canvas.getContext('2d');
	if (!context) return;
	const columns = Math.ceil((toX - fromX) * ASKED) + 1;
	const kinds = new Uint8Array(columns * (Math.ceil((toZ - fromZ) * ASKED) + 1));
	for (let i = 0; i < kinds.length; i++) {
		const row = Math.floor(i / columns);
		kinds[i] = kind(fromX + (i - row * columns) / ASKED, fromZ + row / ASKED);
		if (i % (ROWS * columns) === 0) yield;
	}
	const picture = context.createImageData(canvas.width, canvas.height);
	const rng = createRng(5);
	const colours = Object.values(SURFACE).map((of) => channels(kindColour(of, palette)));
	const mown = channels(palette.greenMown);
	const scale = ASKED / FINENESS;
	for (let row = 0; row < canvas.height; row++) {
		if (row % ROWS === 0) yield;
		const z = fromZ + row / FINENESS;
		for (let column = 0; column < canvas.width; column++) {
			const x = fromX + column / FINENESS;
			const luck = rng.uniform();
			const here =
				kinds[Math.floor(row * scale + luck) * columns + Math.floor(column * scale + luck)]!;
			const onGreen = here === SURFACE.green;
			const stripe = (Math.floor(x / MOWN) + Math.floor(z / MOWN)) % 2 === 0;
			const [r, g, b] = onGreen && stripe ? mown : colours[here]!;
			// Blades and grains: finer on the green than in the rough.
			const rough = here === SURFACE.rough || here === SURFACE.roughFringe;
			const grain = (luck - 0.5) * (onGreen ? 8 : rough ? 34 : 16);
			const at = 4 * (row * canvas.width + column);
			picture.data[at] = r + grain;
			picture.data[at + 1] = g + grain;
			picture.data[at + 2] = b + 0.7 * grain;
			picture.data[at + 3] = 255;
		}
	}
	context.putImageData(picture, 0, 0);
}
