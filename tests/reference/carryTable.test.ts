import { AS_MODELLED } from '$lib/core/player/delivered';
import { describe, expect, it } from 'vitest';
import { STILL_AIR } from '$lib/core/ball/aerodynamics';
import { STANDARD_BAG } from '$lib/core/club/standardBag';
import { huberCentre, madSpread } from '$lib/core/math/robust';
import { createRng, type Rng } from '$lib/core/math/random';
import { planSwing } from '$lib/core/plan/ladder/swing';
import { carryTable, type CarryFact } from '$lib/core/player/carryTable';
import { intend, PLAIN_LIE, straight } from '$lib/core/player/intent';
import { PROFILE, type Dispersion, type Player } from '$lib/core/player/player';
import { SWING_MARKS } from '$lib/core/player/swingLength';
import { DEFAULT_TECHNIQUE } from '$lib/core/setup/technique';
import { measuredSwings, type CarryFlight } from '$lib/core/solve/measuredSwings';
import { BallState } from '$lib/core/ball/state';
import { NO_LUCK } from '$lib/core/ground/surfaces';
import { DEVIATE_COUNT, strikeWithErrors } from '$lib/core/player/strike';
import { playIntended } from '$lib/core/solve/solve';
import { follow, Outcome } from '$lib/core/ball/simulate';
import { planeScene } from '../support/scenes';

/** Copper in wholemeal flour, the standard example of robust location (Analytical Methods Committee 1989), values from memory. */
const FLOUR = [
	2.9, 3.1, 3.4, 3.4, 3.7, 3.7, 2.8, 2.5, 2.4, 2.4, 2.7, 2.2, 5.28, 3.37, 3.03, 3.03, 28.95, 3.77,
	3.4, 2.2, 3.5, 3.6, 3.7, 3.7
];

describe('robust location and scale', () => {
	it('agree with the worked example of Venables and Ripley (2002, section 5.5)', () => {
		// hubers(chem): 3.205498 and 0.673652; mad(chem): 0.526323, printed there; from memory.
		const { centre, spread } = huberCentre(FLOUR);
		expect(centre).toBeCloseTo(3.205498, 4);
		expect(spread).toBeCloseTo(0.673652, 4);
		expect(madSpread(FLOUR)).toBeCloseTo(0.526323, 6);
	});
});

/** A player who swings a mark with a head speed of their own, and whose every ball differs. */
const SIMULATED = { full: 29, spread: 0.04 };
const club = STANDARD_BAG.find(({ name }) => name === 'SW')!;
const profile = PROFILE.middle;
const scene = planeScene({ edge: 0 });
const trueSpeed = (angle: number) =>
	(SIMULATED.full * Math.sin(angle / 2) ** 0.9) / Math.sin((75 * Math.PI) / 180);

/** Every error of a strike: speed, loft, and the depth at which the club meets the turf. */
function carryOfStrike(speed: number, dispersion: Dispersion, rng: Rng): number {
	const intent = intend(straight(club), PLAIN_LIE, DEFAULT_TECHNIQUE);
	const deviates = Float64Array.from({ length: DEVIATE_COUNT }, () => rng.normal());
	const ball = new BallState();
	strikeWithErrors(intent, dispersion, speed, 0, deviates, 0, ball);
	const out = new Outcome();
	follow(ball, { ...scene, air: STILL_AIR }, NO_LUCK, out);
	return out.carry;
}

function carryOf(speed: number): number {
	const intent = intend(straight(club), PLAIN_LIE, DEFAULT_TECHNIQUE);
	return playIntended(intent, { ...scene, air: STILL_AIR }, speed, 0, new Outcome()).carry;
}

/** @param dispersion of a player who errs in everything; without one only the head speed differs */
function measured(seed: number, dispersion?: Dispersion): Player {
	const rng = createRng(seed);
	const balls = SWING_MARKS.clock.slice(2).flatMap(({ name, angle }) =>
		Array.from({ length: 8 }, (): CarryFact<CarryFlight> => ({
			club: club.id,
			swing: name,
			flight: 'standard',
			carry: dispersion
				? carryOfStrike(trueSpeed(angle), dispersion, rng)
				: carryOf(trueSpeed(angle) * (1 + SIMULATED.spread * rng.normal())),
			stated: false
		}))
	);
	const cells = carryTable(balls, profile.dispersion.speed);
	const carries = cells.map(({ swing, mean, n, spread }) => ({
		club: club.id,
		swing,
		carry: mean,
		n,
		spread: spread ?? undefined
	}));
	const technique = DEFAULT_TECHNIQUE;
	const swings = measuredSwings(carries, [club], {
		technique,
		...profile,
		delivered: AS_MODELLED
	});
	return {
		...profile,
		technique,
		hand: 'right',
		vocabulary: 'clock',
		swings,
		delivered: AS_MODELLED
	};
}

describe('a carry table made from a simulated player', () => {
	it('gives that player’s swing back within a quarter of a mark', () => {
		const marks = SWING_MARKS.clock;
		for (let seed = 1; seed <= 12; seed++) {
			const player = measured(seed);
			for (const degrees of [32, 40, 52, 68, 81, 97, 112]) {
				const angle = (degrees * Math.PI) / 180;
				const above = marks.findIndex((mark) => mark.angle >= angle);
				const apart = marks[above]!.angle - marks[above - 1]!.angle;
				const found = planSwing(club, trueSpeed(angle), player);
				expect(found.source).toBe('measured');
				expect(Math.abs(found.angle - angle), `seed ${seed}, ${degrees}°`).toBeLessThan(apart / 4);
			}
		}
	});

	it('finds the spread of the head speed, between the skill’s and the balls’ own', () => {
		const { dispersion } = PROFILE.expert;
		const spreads = Array.from(
			{ length: 12 },
			(_, i) => measured(i + 1, dispersion).swings[club.id]!.spread!
		);
		const mean = spreads.reduce((sum, spread) => sum + spread, 0) / spreads.length;
		expect(mean).toBeGreaterThan(dispersion.speed * 0.95);
		expect(mean).toBeLessThan(profile.dispersion.speed);
	});
});
