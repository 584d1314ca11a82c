import type { Club } from '../club/club';
import { fullSpeed } from '../club/club';
import type { Metres, MetresPerSecond, Radians, Ratio } from '../units';
import { CENTIMETRE, fromFeet, radians } from '../units';
import type { Technique } from '../setup/technique';
import type { Delivered } from './delivered';
import type { ClubSwings, SwingVocabulary } from './swingLength';

export type Skill = 'expert' | 'scratch' | 'middle' | 'high';
export type Hand = 'right' | 'left';

/** Standard deviations of one player's strike at a swing of medium length. */
export interface Dispersion {
	/** Relative. */
	speed: Ratio;
	direction: Radians;
	loft: Radians;
	/** Of the lowest point of the swing against the ball. */
	lowPoint: Metres;
}

/** How a player stands to the published tables of what a stroke costs. */
export interface StrokeCosts {
	/** Putts as if from this many times the distance: the distance holed half the time shrinks. */
	puttStretch: number;
	/** Strokes more than a tour professional's from grass off the green, and from sand. */
	around: number;
	sand: number;
}

/** The numbers that make one player's balls differ from another's. */
export interface PlayerProfile {
	dispersion: Dispersion;
	/** Head speed of a full swing against a skilled player's. */
	strength: Ratio;
	costs: StrokeCosts;
}

/** Who plays. */
export interface Player extends PlayerProfile {
	hand: Hand;
	technique: Technique;
	vocabulary: SwingVocabulary;
	/** Measured swings by id of the club; clubs without any are left out. */
	swings: Readonly<Record<string, ClubSwings>>;
	/** How this player's strike differs from what club and setup say. */
	delivered: Delivered;
}

/**
 * Starting values until the player's own balls replace them; ours (assumption). The expert's dispersion brings the planner to the
 * published strokes of tour professionals, the others' to what their own costs say (tests/reference/expectedStrokes); the costs are
 * shaped after the published handicap tables.
 */
export const PROFILE: Readonly<Record<Skill, PlayerProfile>> = {
	expert: {
		dispersion: {
			speed: 0.038,
			direction: radians(1.9),
			loft: radians(1.1),
			lowPoint: 0.7 * CENTIMETRE
		},
		strength: 1,
		costs: { puttStretch: 1, around: 0, sand: 0 }
	},
	scratch: {
		dispersion: {
			speed: 0.047,
			direction: radians(2.5),
			loft: radians(1.4),
			lowPoint: 0.9 * CENTIMETRE
		},
		strength: 0.97,
		costs: { puttStretch: 1.2, around: 0.12, sand: 0.18 }
	},
	middle: {
		dispersion: {
			speed: 0.065,
			direction: radians(3.7),
			loft: radians(1.85),
			lowPoint: 1.18 * CENTIMETRE
		},
		strength: 0.88,
		costs: { puttStretch: 1.6, around: 0.42, sand: 0.62 }
	},
	high: {
		dispersion: {
			speed: 0.085,
			direction: radians(4.9),
			loft: radians(2.45),
			lowPoint: 1.48 * CENTIMETRE
		},
		strength: 0.8,
		costs: { puttStretch: 1.95, around: 0.75, sand: 1.05 }
	}
};

/** Distance from which tour professionals hole every second putt: what a player's own is compared with. */
export const TOUR_HOLED_HALF: Metres = fromFeet(8);

/** Handicap at which a skill's numbers hold; below 0 is better than scratch. */
export const HANDICAP: Readonly<Record<Skill, number>> = {
	expert: -5,
	scratch: 0,
	middle: 15,
	high: 28
};

/** Handicaps that a player can have; past the last skill its own trend goes on. */
export const HANDICAPS = { least: -6, most: 40 } as const;

const BY_HANDICAP = (Object.keys(HANDICAP) as Skill[]).sort((a, b) => HANDICAP[a] - HANDICAP[b]);

/**
 * A player's starting values by handicap: those of the skills at their points, straight lines between them and on past the ends.
 *
 * @param handicap −6 (plus six) to 40; taken as the nearest of these outside
 */
export function profileAt(handicap: number): PlayerProfile {
	const at = Math.min(HANDICAPS.most, Math.max(HANDICAPS.least, handicap));
	const above = BY_HANDICAP.findIndex((skill) => HANDICAP[skill] >= at);
	const last = BY_HANDICAP.length - 1;
	const upper = above < 0 ? last : Math.max(1, above);
	const [from, to] = [BY_HANDICAP[upper - 1]!, BY_HANDICAP[upper]!];
	const share = (at - HANDICAP[from]) / (HANDICAP[to] - HANDICAP[from]);
	const between = <T extends object>(one: T, other: T): T =>
		Object.fromEntries(
			(Object.entries(one) as [keyof T, number][]).map(([key, value]) => [
				key,
				Math.max(0, value + share * ((other[key] as number) - value))
			])
		) as T;
	const [a, b] = [PROFILE[from], PROFILE[to]];
	return {
		dispersion: between(a.dispersion, b.dispersion),
		strength: a.strength + share * (b.strength - a.strength),
		costs: between(a.costs, b.costs)
	};
}

/** The skill whose point on the line of handicaps is nearest. */
export const nearestSkill = (handicap: number): Skill =>
	BY_HANDICAP.reduce((best, skill) =>
		Math.abs(HANDICAP[skill] - handicap) < Math.abs(HANDICAP[best] - handicap) ? skill : best
	);

/** Spread of a tour professional's putts: speed, direction and launch; set so that sampled putts cost what the putting table says. */
const PUTTING: Dispersion = {
	speed: 0.03,
	direction: radians(1.25),
	loft: radians(1),
	lowPoint: 0
};

/** Pace suffers less than direction from what a player lacks. */
const SPEED_POWER = 0.4;

/** How a player putts follows from how far they stand from the table: spread grows as the distance holed half the time shrinks. */
const puttingDispersion = ({ puttStretch }: StrokeCosts): Dispersion => ({
	...PUTTING,
	speed: PUTTING.speed * puttStretch ** SPEED_POWER,
	direction: PUTTING.direction * puttStretch,
	loft: PUTTING.loft * puttStretch
});

/**
 * A player's spread with a club: the skill's, with the speed as measured where it was; with a putter it follows from the putting.
 *
 * @param club any
 * @param player skill, putting and measured swings
 */
export function dispersionWith(
	club: Club,
	player: Pick<Player, 'dispersion' | 'costs' | 'swings'>
): Dispersion {
	if (club.putter) return puttingDispersion(player.costs);
	const own = player.swings[club.id]?.spread ?? null;
	return own === null ? player.dispersion : { ...player.dispersion, speed: own };
}

/**
 * Fastest head speed this player can ask of a club around a green; strength does not matter to a putter.
 *
 * @param club any
 * @param player strength, above 0
 */
export const fastestSwing = (club: Club, { strength }: Pick<Player, 'strength'>): MetresPerSecond =>
	fullSpeed(club) * (club.putter ? 1 : strength);
