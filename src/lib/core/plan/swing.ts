import type { Club } from '../club/club';
import { intend, type StrikeConditions } from '../player/intent';
import type { MeasuredCarry, Player } from '../player/player';
import {
	markAngle,
	measuredAngle,
	nameSwing,
	swingAngle,
	type KnownSwing,
	type SwingName
} from '../player/swingLength';
import { createPlane } from '../ground/plane';
import { STILL_AIR } from '../ball/aerodynamics';
import { SURFACE } from '../ground/surfaces';
import { turfOf } from '../ground/turf';
import type { Scene } from '../ball/simulate';
import type { Metres, MetresPerSecond } from '../units';
import { fastestSwing } from './request';
import { solveCarry } from './solve';

export interface PlannedSwing extends SwingName {
	vocabulary: Player['vocabulary'];
	/** Whether the player's own carries or the model swing gave the length. */
	source: 'measured' | 'model';
}

const MEASURED_ON: StrikeConditions = {
	lie: 'fairway',
	wet: false,
	ball: 'soft',
	firmness: 'medium'
};

const range: Scene = {
	ground: createPlane({
		kind: 'plane',
		slopeAlong: 0,
		slopeAcross: 0,
		edge: 0,
		fringe: SURFACE.smoothFringe
	}),
	greenSpeed: 3,
	turf: turfOf('medium', false),
	air: STILL_AIR,
	obstacles: [],
	hole: null
};

/** Head speed behind a measured carry: the standard flight from a fairway lie in still air that carries as far. */
function speedOf(club: Club, carry: Metres, player: Player): MetresPerSecond {
	const intent = intend(
		{ club, flight: 'standard', faceOpen: 0, shape: 'straight' },
		MEASURED_ON,
		player.technique
	);
	return solveCarry(intent, range, carry, fastestSwing(club, player) * 1.3).speed;
}

const isFor = (club: Club) => (swing: MeasuredCarry) =>
	swing.club === club.name && swing.carry > 0 && !Number.isNaN(markAngle(swing.swing));

/** A club's measured swings as head speeds, slowest first; entries that run backwards are left out. */
export function knownSwings(club: Club, player: Player): KnownSwing[] {
	const known = player.swings
		.filter(isFor(club))
		.map((swing) => ({ angle: markAngle(swing.swing), speed: speedOf(club, swing.carry, player) }))
		.sort((a, b) => a.angle - b.angle);
	return known.filter((swing, i) => i === 0 || swing.speed > known[i - 1]!.speed);
}

/** The backswing for a head speed, in the player's own vocabulary. */
export function planSwing(club: Club, speed: MetresPerSecond, player: Player): PlannedSwing {
	const measured = measuredAngle(speed, knownSwings(club, player));
	const source = Number.isNaN(measured) ? 'model' : 'measured';
	const angle = source === 'measured' ? measured : swingAngle(speed, fastestSwing(club, player));
	return { ...nameSwing(angle, player.vocabulary), vocabulary: player.vocabulary, source };
}

/** Longest carry measured with a club from two lengths or more; Infinity where nothing limits it. */
export function longestMeasured(club: Club, player: Player): Metres {
	const carries = player.swings.filter(isFor(club)).map((swing) => swing.carry);
	return carries.length < 2 ? Infinity : Math.max(...carries);
}
