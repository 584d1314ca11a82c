import {
	CanvasTexture,
	CircleGeometry,
	CylinderGeometry,
	DoubleSide,
	Group,
	Mesh,
	MeshBasicMaterial,
	MeshLambertMaterial,
	PlaneGeometry,
	SphereGeometry,
	type Object3D
} from 'three';
import type { Metres } from '$lib/core/units';
import type { Palette } from './groundPicture';
import type { Terrain } from './terrain';
import type { HeightAt } from './viewpoints';

const FLAG = { height: 2.13, width: 0.5, fall: 0.35 } as const;
/** What the person is drawn for. */
const PERSON: Metres = 1.75;
const HOLE: Metres = 0.054;

/** Hole, stick and flag, to scale. */
export function pinAt({ pin }: Terrain, height: HeightAt, palette: Palette): Object3D {
	const group = new Group();
	const hole = new Mesh(new CircleGeometry(HOLE, 24), new MeshBasicMaterial({ color: 0x111111 }));
	hole.rotation.x = -Math.PI / 2;
	hole.position.y = 0.012;
	const stick = new Mesh(
		new CylinderGeometry(0.012, 0.012, FLAG.height, 8),
		new MeshLambertMaterial({ color: 0xf7f3e6 })
	);
	stick.position.y = FLAG.height / 2;
	const flag = new Mesh(
		new PlaneGeometry(FLAG.width, FLAG.fall),
		new MeshLambertMaterial({ color: palette.clay, side: DoubleSide })
	);
	flag.position.set(0, FLAG.height - FLAG.fall / 2, FLAG.width / 2);
	flag.rotation.y = Math.PI / 2;
	group.add(hole, stick, flag);
	group.position.set(pin, height(pin, 0), 0);
	return group;
}

/** Somebody so tall who stands beside the hole, so that its distance can be judged. */
export function personAt({ pin }: Terrain, height: HeightAt, stature: Metres): Object3D {
	const group = new Group();
	const dark = new MeshLambertMaterial({ color: 0x3a4650 });
	const skin = new MeshLambertMaterial({ color: 0xb98c6a });
	const part = (radius: number, height: number, x: number, y: number, z: number) => {
		const mesh = new Mesh(new CylinderGeometry(radius, radius * 0.85, height, 12), dark);
		mesh.position.set(x, y, z);
		group.add(mesh);
	};
	part(0.075, 0.82, 0, 0.41, -0.09);
	part(0.075, 0.82, 0, 0.41, 0.09);
	part(0.17, 0.62, 0, 1.12, 0);
	part(0.05, 0.6, 0, 1.1, -0.23);
	part(0.05, 0.6, 0, 1.1, 0.23);
	const head = new Mesh(new SphereGeometry(0.115, 16, 12), skin);
	head.position.y = PERSON - 0.12;
	group.add(head);
	group.scale.setScalar(stature / PERSON);
	group.position.set(pin + 1.2, height(pin + 1.2, 1.6), 1.6);
	return group;
}

/** A dot for points, which are square without one. */
export function roundDot(): CanvasTexture {
	const canvas = document.createElement('canvas');
	canvas.width = canvas.height = 32;
	const context = canvas.getContext('2d');
	if (context) {
		context.fillStyle = '#fff';
		context.beginPath();
		context.arc(16, 16, 15, 0, 2 * Math.PI);
		context.fill();
	}
	return new CanvasTexture(canvas);
}
