import type { Green } from '$lib/core/green/green';
import { shanksAt, type Hitter } from '$lib/core/lessons/stationBalls';
import { AS_MODELLED } from '$lib/core/player/delivered';
import { PROFILE, type Hand, type Skill } from '$lib/core/player/player';
import { DEFAULT_TECHNIQUE } from '$lib/core/setup/technique';
import type { Metres } from '$lib/core/units';
import { clubNamed } from './practice';

/** A level green with straight sides, in the rough. */
export const levelGreen = (u: Metres, v: Metres): Green => ({
	outline: [
		[0, 0],
		[u, 0],
		[u, v],
		[0, v]
	],
	collar: 1,
	fringe: 'smooth',
	areas: [],
	spots: [],
	tilts: [],
	grid: null
});

/** Somebody who hits one club one far. */
export const hitterOf = (
	skill: Skill,
	club: Parameters<typeof clubNamed>[0],
	carry: Metres,
	handicap: number,
	hand: Hand = 'right'
): Hitter => ({
	who: {
		technique: DEFAULT_TECHNIQUE,
		strength: PROFILE[skill].strength,
		hand,
		swings: {},
		delivered: AS_MODELLED,
		dispersion: PROFILE[skill].dispersion
	},
	shanks: shanksAt(handicap),
	shots: [{ shot: { club: clubNamed(club), flight: 'standard', shape: 'straight' }, carry }]
});
