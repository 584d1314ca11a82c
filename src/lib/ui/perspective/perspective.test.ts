import { PerspectiveCamera, Vector3 } from 'three';
import { describe, expect, it } from 'vitest';
import { lieOfTheLand } from '$lib/core/plan/studies/lieOfTheLand';
import { SURFACE } from '$lib/core/ground/surfaces';
import { situationToCore } from '$lib/io/fields/situation';
import { landWords } from '$lib/io/words/line';
import { freshShot } from '$lib/io/work/freshShot';
import { degrees } from '$lib/core/units';
import { eyeOf, lookFrom, lowSide, OPENING, projected, STANDPOINTS, walked } from './viewpoints';
import { terrainOf } from './terrain';

const level = () => 0;
const situation = (over: object = {}) =>
	situationToCore({ ...freshShot('somebody').situation, toEdge: 4, edgeToPin: 8, ...over });

describe('where one stands', () => {
	it('is behind the ball at eye height, looking along the line', () => {
		const { eye, at } = eyeOf(lookFrom('behind', 12, 4, level, 1.75), level);
		expect(eye).toEqual([expect.closeTo(-2.6), expect.closeTo(1.62), expect.closeTo(0)]);
		expect(at[0]).toBeCloseTo(10.5);
		const crouched = eyeOf(lookFrom('crouched', 12, 4, level, 1.75), level).eye;
		expect(crouched[1]).toBeLessThan(0.6);
		const child = eyeOf(lookFrom('behind', 12, 4, level, 1.2), level).eye;
		expect(child[1]).toBeCloseTo(1.11);
	});

	it('is beyond the hole, and on whichever side lies lower', () => {
		const beyond = eyeOf(lookFrom('hole', 12, 4, level, 1.75), level).eye;
		expect(beyond[0]).toBeGreaterThan(12);
		const fallsRight = (_: number, z: number) => -0.05 * z;
		expect(lowSide(fallsRight, 8)).toBe(1);
		expect(eyeOf(lookFrom('low', 12, 4, fallsRight, 1.75), fallsRight).eye[2]).toBeGreaterThan(5);
		const fallsLeft = (_: number, z: number) => 0.05 * z;
		expect(eyeOf(lookFrom('low', 12, 4, fallsLeft, 1.75), fallsLeft).eye[2]).toBeLessThan(-5);
	});

	it('stands on the ground there is, and walks within reason', () => {
		const bank = (x: number) => (x < 0 ? 2 : 0);
		const look = lookFrom('behind', 12, 4, bank, 1.75);
		expect(eyeOf(look, bank).eye[1]).toBeCloseTo(3.62);
		const round = walked(look, { turn: Math.PI / 2 });
		expect(eyeOf(round, bank).eye[2]).toBeCloseTo(look.away);
		expect(walked(look, { nearer: 0.001 }).away).toBeGreaterThan(1);
		expect(walked(look, { higher: 1000 }).eye).toBeLessThan(20);
	});

	it.each(STANDPOINTS)('sees places where the camera that draws puts them: %s', (standpoint) => {
		const hills = (x: number, z: number) => 0.1 * x - 0.05 * z;
		const seen = eyeOf(lookFrom(standpoint, 12, 4, hills, 1.75), hills);
		const camera = new PerspectiveCamera(degrees(OPENING), 1.8, 0.05, 400);
		camera.position.set(...seen.eye);
		camera.lookAt(...seen.at);
		camera.updateMatrixWorld();
		for (const spot of [
			[12, 1.2, 0],
			[6, 0.5, 2],
			[10, 1, -1]
		] as const) {
			const drawn = new Vector3(...spot).project(camera);
			const [across, up] = projected(spot, seen, 1.8)!;
			expect(across).toBeCloseTo(drawn.x, 6);
			expect(up).toBeCloseTo(drawn.y, 6);
		}
	});

	it('projects as computed by hand: a quarter of a turn away is off the picture, behind is nowhere', () => {
		const seen = { eye: [0, 0, 0], at: [1, 0, 0] } as const;
		const half = Math.tan(OPENING / 2);
		expect(projected([10, 0, 0], seen, 2)).toEqual([0, 0]);
		expect(projected([10, 10 * half, 0], seen, 2)![1]).toBeCloseTo(1);
		expect(projected([10, 0, 20 * half], seen, 2)![0]).toBeCloseTo(1);
		expect(projected([-1, 0, 0], seen, 2)).toBeNull();
	});
});

describe('the ground that is drawn', () => {
	it('has the heights and kinds of the shot', () => {
		const ground = terrainOf(situation({ rise: 1, slopeAlong: 3 }));
		expect(ground.pin).toBe(12);
		expect(ground.height(4.5, 0)).toBeCloseTo(1.015, 2);
		expect(ground.height(12, 0)).toBeCloseTo(1.24, 2);
		expect(ground.kind(8, 0)).toBe(SURFACE.green);
		expect(ground.kind(2, 0)).not.toBe(SURFACE.green);
	});

	it('lets a mound swell and sand lie low, and draws no slope for grain', () => {
		const mound = terrainOf(
			situation({ hazards: [{ kind: 'mound', from: 1, to: 3, height: 0.8 }] })
		);
		expect(mound.height(2, 0)).toBeCloseTo(0.8);
		expect(mound.height(0.9, 0)).toBeCloseTo(0);
		const sand = terrainOf(situation({ hazards: [{ kind: 'sand', from: 1, to: 3, height: 0.4 }] }));
		expect(sand.height(2, 0)).toBeLessThan(-0.2);
		expect(sand.height(3.01, 0)).toBeGreaterThan(0.35);
		expect(terrainOf(situation({ grain: 'left' })).height(8, 3)).toBeCloseTo(0);
	});
});

describe('what the eye should see', () => {
	it('is said stretch by stretch, with the side it falls to', () => {
		const say = (metres: number) => `${metres.toFixed(1)} m`;
		const words = (over: object) => {
			const asked = situation(over);
			return landWords(lieOfTheLand(asked), asked.toEdge, say);
		};
		expect(words({})).toBe('All the way it is level.');
		expect(words({ slopeAcross: 2, slopeAlong: -1 })).toContain(
			'The last 4.0 m falls left to right, about 2 %, and falls away about 1 %.'
		);
		expect(words({ slopeAcross: -4.2 })).toContain('falls right to left, about 4 %');
		expect(words({ rise: 0.8 })).toContain('The ground before the green rises about 20 %');
	});
});
