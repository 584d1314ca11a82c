import { describe, expect, it } from 'vitest';
import { zoneOf, zonesOf } from './zones';
import { createRng } from '$lib/core/math/random';

it('draw zones that hold the share they promise, turned like the cloud', () => {
	const rng = createRng(3);
	const points = Array.from({ length: 400 }, (): [number, number] => {
		const along = 2 * rng.normal();
		return [10 + along, 1 + 0.5 * along + 0.2 * rng.normal()];
	});
	const [half, most] = zonesOf(points);
	expect(half!.long).toBeLessThan(most!.long);
	expect(half!.turn).toBeCloseTo(26, -1);
	expect(half!.x).toBeCloseTo(10, 0);
	expect(zoneOf(points.slice(0, 2), 0.5)).toBeNull();
});

describe('zoneOf', () => {
	const rng = createRng(8);
	const cloud = Array.from({ length: 400 }, (): [number, number] => {
		const [a, b] = [2 * rng.normal(), 0.5 * rng.normal()];
		return [10 + a * Math.cos(0.4) - b * Math.sin(0.4), 1 + a * Math.sin(0.4) + b * Math.cos(0.4)];
	});

	const held = (share: number): number => {
		const zone = zoneOf(cloud, share)!;
		const turn = (zone.turn * Math.PI) / 180;
		const inside = cloud.filter(([x, z]) => {
			const u = ((x - zone.x) * Math.cos(turn) + (z - zone.z) * Math.sin(turn)) / zone.long;
			const v = ((z - zone.z) * Math.cos(turn) - (x - zone.x) * Math.sin(turn)) / zone.short;
			return u * u + v * v <= 1 + 1e-9;
		});
		return inside.length / cloud.length;
	};

	it('really holds its share', () => {
		expect(held(0.5)).toBeCloseTo(0.5, 2);
		expect(held(0.9)).toBeCloseTo(0.9, 2);
	});

	it('lies along the cloud', () => {
		const zone = zoneOf(cloud, 0.5)!;
		expect(zone.turn).toBeGreaterThan(18);
		expect(zone.turn).toBeLessThan(28);
		expect(zone.long).toBeGreaterThan(2 * zone.short);
		expect(zoneOf(cloud.slice(0, 2), 0.5)).toBeNull();
	});
});
