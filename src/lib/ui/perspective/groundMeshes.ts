import {
	BackSide,
	BufferAttribute,
	BufferGeometry,
	Color,
	LineBasicMaterial,
	LineSegments,
	Mesh,
	MeshBasicMaterial,
	SphereGeometry,
	Vector3,
	type Object3D
} from 'three';
import { SURFACE } from '$lib/core/ground/surfaces';
import type { Metres } from '$lib/core/units';
import type { Palette } from './groundPicture';
import type { Terrain } from './terrain';
import type { HeightAt } from './viewpoints';

const CELL: Metres = 0.4;
/** Lines lie so far above the ground that it does not hide them. */
const LIFT: Metres = 0.015;
/** Rough that goes on to the horizon. */
const SKIRT: Metres = 140;
/** Light from low at the side makes slope visible; heights count so much more for it (drawing only). */
const LIGHT_PULL = 2.6;

/** The ground itself, with its light from the side. */
export function sheetOf({ fromX, toX, fromZ, toZ }: Terrain, height: HeightAt): BufferGeometry {
	const columns = Math.ceil((toX - fromX) / CELL);
	const rows = Math.ceil((toZ - fromZ) / CELL);
	const spots: number[] = [];
	const ways: number[] = [];
	const places: number[] = [];
	for (let j = 0; j <= rows; j++)
		for (let i = 0; i <= columns; i++) {
			const x = fromX + ((toX - fromX) * i) / columns;
			const z = fromZ + ((toZ - fromZ) * j) / rows;
			spots.push(x, height(x, z), z);
			const slopeX = (height(x + 0.2, z) - height(x - 0.2, z)) / 0.4;
			const slopeZ = (height(x, z + 0.2) - height(x, z - 0.2)) / 0.4;
			ways.push(
				...new Vector3(-slopeX * LIGHT_PULL, 1, -slopeZ * LIGHT_PULL).normalize().toArray()
			);
			places.push(i / columns, 1 - j / rows);
		}
	const faces: number[] = [];
	for (let j = 0; j < rows; j++)
		for (let i = 0; i < columns; i++) {
			const a = j * (columns + 1) + i;
			faces.push(a, a + columns + 1, a + 1, a + 1, a + columns + 1, a + columns + 2);
		}
	const geometry = new BufferGeometry();
	geometry.setAttribute('position', new BufferAttribute(new Float32Array(spots), 3));
	geometry.setAttribute('normal', new BufferAttribute(new Float32Array(ways), 3));
	geometry.setAttribute('uv', new BufferAttribute(new Float32Array(places), 2));
	geometry.setIndex(faces);
	return geometry;
}

/** From the edge of the sheet out to the horizon, at the height the edge has. */
export function skirtOf({ fromX, toX, fromZ, toZ }: Terrain, height: HeightAt): BufferGeometry {
	const [midX, midZ] = [(fromX + toX) / 2, (fromZ + toZ) / 2];
	const edge: [number, number][] = [];
	const along = (a: [number, number], b: [number, number]) => {
		const pieces = Math.ceil(Math.hypot(b[0] - a[0], b[1] - a[1]) / CELL);
		for (let i = 0; i < pieces; i++)
			edge.push([a[0] + ((b[0] - a[0]) * i) / pieces, a[1] + ((b[1] - a[1]) * i) / pieces]);
	};
	along([fromX, fromZ], [toX, fromZ]);
	along([toX, fromZ], [toX, toZ]);
	along([toX, toZ], [fromX, toZ]);
	along([fromX, toZ], [fromX, fromZ]);
	const spots = edge.flatMap(([x, z]) => {
		const [dx, dz] = [x - midX, z - midZ];
		const far = SKIRT / Math.hypot(dx, dz);
		const y = height(x, z);
		return [x, y, z, midX + dx * (1 + far), y, midZ + dz * (1 + far)];
	});
	const faces = edge.flatMap((_, i) => {
		const [a, b] = [2 * i, 2 * ((i + 1) % edge.length)];
		return [a, a + 1, b, b, a + 1, b + 1];
	});
	const geometry = new BufferGeometry();
	geometry.setAttribute('position', new BufferAttribute(new Float32Array(spots), 3));
	const ways = new Float32Array(spots.length).map((_, i) => (i % 3 === 1 ? 1 : 0));
	geometry.setAttribute('normal', new BufferAttribute(ways, 3));
	geometry.setIndex(faces);
	return geometry;
}

/** From the horizon up to where it is darkest. */
export function skyOf(palette: Palette): Object3D {
	const geometry = new SphereGeometry(300, 24, 24);
	const spots = geometry.getAttribute('position');
	const [low, high] = [new Color(palette.horizon), new Color(palette.sky)];
	const colours = new Float32Array(3 * spots.count);
	for (let i = 0; i < spots.count; i++) {
		const share = Math.min(1, Math.max(0, spots.getY(i) / 70));
		low
			.clone()
			.lerp(high, share)
			.toArray(colours, 3 * i);
	}
	geometry.setAttribute('color', new BufferAttribute(colours, 3));
	const material = new MeshBasicMaterial({ vertexColors: true, side: BackSide, fog: false });
	return new Mesh(geometry, material);
}

/** A line each metre along and across the green, lying on the ground: by these the eye reads the slope. */
export function linesOn(
	{ fromX, toX, fromZ, toZ, kind }: Terrain,
	height: HeightAt,
	palette: Palette
): Object3D {
	const spots: number[] = [];
	const piece = (x0: Metres, z0: Metres, x1: Metres, z1: Metres) => {
		if (kind(x0, z0) !== SURFACE.green || kind(x1, z1) !== SURFACE.green) return;
		spots.push(x0, height(x0, z0) + LIFT, z0, x1, height(x1, z1) + LIFT, z1);
	};
	for (let x = Math.ceil(fromX); x <= toX; x++)
		for (let z = fromZ; z < toZ; z += CELL) piece(x, z, x, z + CELL);
	for (let z = Math.ceil(fromZ); z <= toZ; z++)
		for (let x = fromX; x < toX; x += CELL) piece(x, z, x + CELL, z);
	const geometry = new BufferGeometry();
	geometry.setAttribute('position', new BufferAttribute(new Float32Array(spots), 3));
	return new LineSegments(
		geometry,
		new LineBasicMaterial({ color: palette.line, transparent: true, opacity: 0.5 })
	);
}
