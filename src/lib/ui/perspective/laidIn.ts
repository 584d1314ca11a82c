import {
	BufferAttribute,
	BufferGeometry,
	CanvasTexture,
	CatmullRomCurve3,
	DoubleSide,
	Mesh,
	MeshBasicMaterial,
	Points,
	PointsMaterial,
	RingGeometry,
	Sprite,
	SpriteMaterial,
	SRGBColorSpace,
	TubeGeometry,
	type Object3D,
	type Vector3
} from 'three';
import type { Path } from '$lib/core/solve/path';
import type { Metres } from '$lib/core/units';
import { roundDot } from './figures';
import type { Palette } from './groundPicture';

/** What is laid into the picture. */
export interface Laid {
	/** The call's flight and roll; none where it is to be guessed. */
	path: Path;
	/** Where balls came to rest, along and to the right. */
	balls: readonly (readonly [Metres, Metres])[];
	/** A place that is marked on the ground: where it is to land, or where somebody says it should. */
	mark: readonly [Metres, Metres] | null;
	/** Other flights beside it, by name. */
	others?: readonly { name: string; path: Path }[];
	/** Middles of squares of ground that are painted over: where it may land. */
	area?: { side: Metres; middles: readonly (readonly [Metres, Metres])[] };
}

/** Where something is in space. */
interface Places {
	/** On the ground, lifted so far that it is not hidden by it. */
	ground: (x: Metres, z: Metres, lift: Metres) => Vector3;
	/** On a ball's path. */
	path: (x: Metres, y: Metres, z: Metres) => Vector3;
}

const THICK: Metres = 0.014;
const THIN: Metres = 0.008;
/** A name stands as high as this share of the picture. */
const LETTERS = 0.034;

function flight(path: Path, places: Places, color: string, thick: Metres): Mesh {
	const spots = path.map(([, x, y, z]) => places.path(x, y, z));
	const curve = new CatmullRomCurve3(spots, false, 'centripetal');
	const tube = new TubeGeometry(curve, Math.min(240, 2 * spots.length), thick, 6);
	return new Mesh(tube, new MeshBasicMaterial({ color }));
}

/** A name above the highest place of a path, as large from everywhere. */
function nameOver(name: string, path: Path, places: Places, palette: Palette): Sprite {
	const canvas = document.createElement('canvas');
	[canvas.width, canvas.height] = [256, 64];
	const context = canvas.getContext('2d');
	if (context) {
		context.font = '600 44px "Atkinson Hyperlegible Next Variable", sans-serif';
		context.textAlign = 'center';
		context.textBaseline = 'middle';
		context.lineWidth = 10;
		context.strokeStyle = palette.horizon;
		context.strokeText(name, 128, 32);
		context.fillStyle = palette.ink;
		context.fillText(name, 128, 32);
	}
	const map = new CanvasTexture(canvas);
	map.colorSpace = SRGBColorSpace;
	const label = new Sprite(
		new SpriteMaterial({ map, sizeAttenuation: false, depthTest: false, fog: false })
	);
	label.scale.set(4 * LETTERS, LETTERS, 1);
	const top = path.reduce((best, one) => (one[2] > best[2] ? one : best));
	label.position.copy(places.path(top[1], top[2] + 0.12, top[3]));
	return label;
}

/** Squares of ground in one sheet of paint. */
function painted({ side, middles }: NonNullable<Laid['area']>, places: Places, color: string) {
	const half = side / 2;
	const corners = (x: Metres, z: Metres) =>
		[
			[x - half, z - half],
			[x + half, z - half],
			[x + half, z + half],
			[x - half, z - half],
			[x + half, z + half],
			[x - half, z + half]
		] as const;
	const spots = middles.flatMap(([x, z]) =>
		corners(x, z).flatMap(([a, b]) => places.ground(a, b, 0.015).toArray())
	);
	const geometry = new BufferGeometry();
	geometry.setAttribute('position', new BufferAttribute(new Float32Array(spots), 3));
	const paint = { color, side: DoubleSide, transparent: true, opacity: 0.3, depthWrite: false };
	return new Mesh(geometry, new MeshBasicMaterial(paint));
}

/** Everything that is laid into a picture, to be drawn. */
export function laidIn(
	{ path, balls, mark, others = [], area }: Laid,
	places: Places,
	palette: Palette
): Object3D[] {
	const drawn: Object3D[] = [];
	if (area && area.middles.length > 0) drawn.push(painted(area, places, palette.clay));
	for (const other of others) {
		if (other.path.length < 2) continue;
		drawn.push(flight(other.path, places, palette.ink, THIN));
		drawn.push(nameOver(other.name, other.path, places, palette));
	}
	if (path.length > 1) drawn.push(flight(path, places, palette.clay, THICK));
	if (mark) {
		const ring = new Mesh(
			new RingGeometry(0.28, 0.4, 40),
			new MeshBasicMaterial({ color: palette.blue, side: DoubleSide })
		);
		ring.rotation.x = -Math.PI / 2;
		ring.position.copy(places.ground(...mark, 0.04));
		drawn.push(ring);
	}
	if (balls.length > 0) {
		const geometry = new BufferGeometry();
		const spots = new Float32Array(balls.flatMap(([x, z]) => places.ground(x, z, 0.05).toArray()));
		geometry.setAttribute('position', new BufferAttribute(spots, 3));
		const dots = { color: palette.blue, size: 5, sizeAttenuation: false, alphaTest: 0.5 };
		drawn.push(new Points(geometry, new PointsMaterial({ ...dots, map: roundDot() })));
	}
	return drawn;
}
