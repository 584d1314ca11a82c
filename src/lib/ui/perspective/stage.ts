import {
	AmbientLight,
	BufferGeometry,
	CanvasTexture,
	Color,
	DirectionalLight,
	DoubleSide,
	Fog,
	Group,
	LineSegments,
	Mesh,
	MeshLambertMaterial,
	PerspectiveCamera,
	Points,
	Scene,
	SphereGeometry,
	Sprite,
	SRGBColorSpace,
	Vector3,
	WebGLRenderer
} from 'three';
import { BALL } from '$lib/core/constants';
import { degrees, type Metres } from '$lib/core/units';
import { collectInSlices } from '$lib/ui/state/slices';
import { personAt, pinAt } from './figures';
import { linesOn, sheetOf, skirtOf, skyOf } from './groundMeshes';
import { paintGround, type Palette } from './groundPicture';
import { laidIn, type Laid } from './laidIn';
import type { Terrain } from './terrain';
import { eyeOf, OPENING, type HeightAt, type Look } from './viewpoints';

/** A ball is drawn this large at least, as a share of its distance: smaller cannot be seen. */
const LEAST_BALL = 0.0032;

/**
 * The picture from where one stands. It draws when something has changed, and never by itself.
 *
 * @throws Error where the browser has no WebGL
 */
export class Stage {
	readonly #renderer: WebGLRenderer;
	readonly #scene = new Scene();
	readonly #camera = new PerspectiveCamera(degrees(OPENING), 1, 0.05, 400);
	readonly #ground = new Group();
	readonly #laid = new Group();
	readonly #ball: Mesh;
	readonly #light = new DirectionalLight(0xfff4dc, 2.2);
	readonly #ambient = new AmbientLight(0xffffff, 1);
	#terrain: Terrain | null = null;
	#palette: Palette;
	#exaggeration = 1;
	#frame = 0;
	#building = new AbortController();

	constructor(canvas: HTMLCanvasElement, palette: Palette) {
		this.#renderer = new WebGLRenderer({ canvas, antialias: true, preserveDrawingBuffer: true });
		this.#palette = palette;
		this.#ball = new Mesh(
			new SphereGeometry(1, 16, 12),
			new MeshLambertMaterial({ color: 0xffffff })
		);
		this.#light.position.set(4, 5, -16);
		this.#scene.add(this.#ground, this.#laid, this.#ball, this.#light, this.#ambient);
	}

	/** The height of the ground as it is drawn. */
	readonly height: HeightAt = (x, z) => (this.#terrain?.height(x, z) ?? 0) * this.#exaggeration;

	/** Puts up another ground, in steps; what is put up after it takes its place. */
	async build(
		terrain: Terrain,
		palette: Palette,
		exaggeration: number,
		lines: boolean,
		stature: Metres
	): Promise<void> {
		this.#building.abort();
		const { signal } = (this.#building = new AbortController());
		const canvas = document.createElement('canvas');
		await collectInSlices(paintGround(canvas, terrain, palette), signal);
		if (signal.aborted) return;
		this.#terrain = terrain;
		this.#palette = palette;
		this.#exaggeration = exaggeration;
		empty(this.#ground);
		this.#scene.fog = new Fog(new Color(palette.horizon), 30, 130);
		this.#ambient.intensity = palette.ambient;
		const texture = new CanvasTexture(canvas);
		texture.colorSpace = SRGBColorSpace;
		texture.anisotropy = Math.min(8, this.#renderer.capabilities.getMaxAnisotropy());
		const near = new Mesh(sheetOf(terrain, this.height), new MeshLambertMaterial({ map: texture }));
		const far = new Mesh(
			skirtOf(terrain, this.height),
			new MeshLambertMaterial({ color: new Color(palette.rough), side: DoubleSide })
		);
		this.#ground.add(
			near,
			far,
			skyOf(palette),
			pinAt(terrain, this.height, palette),
			personAt(terrain, this.height, stature)
		);
		if (lines) this.#ground.add(linesOn(terrain, this.height, palette));
	}

	/** Lays flights, balls, a mark and an area into the picture. */
	lay(laid: Laid): void {
		empty(this.#laid);
		const ground = (x: Metres, z: Metres, lift: Metres) =>
			new Vector3(x, this.height(x, z) + lift, z);
		const path = (x: Metres, y: Metres, z: Metres) => this.#onPath(x, y, z);
		const drawn = laidIn(laid, { ground, path }, this.#palette);
		if (drawn.length > 0) this.#laid.add(...drawn);
	}

	/** Puts the ball where it is on its way; at the beginning where it says nothing. */
	ballAt(spot: readonly [Metres, Metres, Metres] | null): void {
		this.#ball.position.copy(spot ? this.#onPath(...spot) : this.#onPath(0, 0, 0));
		this.#ball.position.y += BALL.radius;
	}

	/** Looks from somewhere and draws, once. */
	look(look: Look): void {
		const { eye, at } = eyeOf(look, this.height);
		this.#camera.position.set(...eye);
		this.#camera.lookAt(...at);
		// A ball under way asks anew each frame: what is asked for already is not put off.
		this.#frame ||= requestAnimationFrame(() => {
			this.#frame = 0;
			this.draw();
		});
	}

	draw(): void {
		const away = this.#camera.position.distanceTo(this.#ball.position);
		this.#ball.scale.setScalar(Math.max(BALL.radius, LEAST_BALL * away));
		this.#renderer.render(this.#scene, this.#camera);
	}

	resize(width: number, height: number): void {
		this.#renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
		this.#renderer.setSize(width, height, false);
		this.#camera.aspect = width / Math.max(1, height);
		this.#camera.updateProjectionMatrix();
	}

	/** Where a place on the picture (−1 to 1) meets the ground; null in the sky. */
	groundAt(across: number, up: number): [Metres, Metres] | null {
		const direction = new Vector3(across, up, 0.5)
			.unproject(this.#camera)
			.sub(this.#camera.position)
			.normalize();
		const spot = this.#camera.position.clone();
		// Walks along the view until it is under the ground, then halves the last step.
		let step = 0.25;
		for (let walked = 0; walked < 90; walked += step) {
			const before = spot.clone();
			spot.addScaledVector(direction, step);
			if (spot.y > this.height(spot.x, spot.z)) continue;
			for (let i = 0; i < 12; i++) {
				step /= 2;
				const under = spot.y <= this.height(spot.x, spot.z);
				spot.addScaledVector(direction, under ? -step : step);
			}
			return Number.isFinite(before.x) ? [spot.x, spot.z] : null;
		}
		return null;
	}

	dispose(): void {
		this.#building.abort();
		cancelAnimationFrame(this.#frame);
		empty(this.#ground);
		empty(this.#laid);
		this.#renderer.dispose();
	}

	/** A point of a path: heights above the ground stay, the ground's own are exaggerated. */
	#onPath(x: Metres, y: Metres, z: Metres): Vector3 {
		const ground = this.#terrain?.height(x, z) ?? 0;
		return new Vector3(x, ground * this.#exaggeration + Math.max(0.02, y - ground), z);
	}
}

/** Takes everything out of a group and frees it. */
function empty(group: Group): void {
	group.traverse((one) => {
		if (
			!(
				one instanceof Mesh ||
				one instanceof Points ||
				one instanceof LineSegments ||
				one instanceof Sprite
			)
		)
			return;
		(one.geometry as BufferGeometry).dispose();
		const material = one.material as MeshLambertMaterial;
		material.map?.dispose();
		material.dispose();
	});
	group.clear();
}
