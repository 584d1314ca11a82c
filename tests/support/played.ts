import type { ForecastBall, Result } from '$lib/core/log/forecast';
import type { Point } from '$lib/core/math/polygon';
import { createRng, type Rng } from '$lib/core/math/random';

/** How a player's world differs from what is forecast of it. */
export interface PlayedWorld {
	/** Factor on carries, on runs, and on the spread. */
	carry: number;
	run: number;
	spread: number;
	/** Metres to the right. */
	aside: number;
	/** Standard deviation of a day's factor on runs. */
	ofDay: number;
}

export const HONEST: PlayedWorld = { carry: 1, run: 1, spread: 1, aside: 0, ofDay: 0 };

/**
 * A ball of a world that no line of the engine made: a landing with a long tail short (some are caught heavy), a run that is skewed and
 * depends on the landing.
 */
function ballOf(rng: Rng, carry: number, run: number, world: PlayedWorld, day: number) {
	const heavy = rng.uniform() < 0.08;
	const short = heavy ? 0.35 + 0.15 * rng.normal() : 0;
	const off = world.spread * (0.07 * rng.normal() - short);
	const along = Math.max(0.3, carry * world.carry * (1 + off));
	const aside = world.aside + world.spread * 0.05 * carry * rng.normal();
	const ran =
		run * world.run * day * Math.exp(0.2 * world.spread * rng.normal()) * (heavy ? 0.6 : 1);
	const landed: Point = [along, aside];
	const finished: Point = [along + ran, aside * (1 + ran / along)];
	return { landed, finished };
}

/** A forecast and what came of it. */
export interface PlayedShot {
	id: string;
	day: string;
	balls: ForecastBall[];
	result: Result & { landed: Point };
	carry: number;
	run: number;
}

/** Shots of a player who plays so many days, each of them forecast as if the world were honest. */
export function playedShots(
	seed: number,
	n: number,
	world: Partial<PlayedWorld> = {},
	days = 5
): PlayedShot[] {
	const rng = createRng(seed);
	const truth = { ...HONEST, ...world };
	const luck = Array.from({ length: days }, () => Math.exp(truth.ofDay * rng.normal()));
	return Array.from({ length: n }, (_, i) => {
		const carry = 3 + 12 * rng.uniform();
		const run = 2 + 6 * rng.uniform();
		const day = i % days;
		return {
			id: `${seed}-${i}`,
			day: `2026-10-${10 + day}`,
			balls: Array.from({ length: 64 }, () => ballOf(rng, carry, run, HONEST, 1)),
			result: { ...ballOf(rng, carry, run, truth, luck[day]!), holed: false },
			carry,
			run
		};
	});
}
