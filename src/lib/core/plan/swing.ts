import type { Club } from '../club/club';
import { fastestSwing, type Player } from '../player/player';
import { measuredAngle, nameSwing, swingAngle, type SwingName } from '../player/swingLength';
import type { Metres, MetresPerSecond } from '../units';

export interface PlannedSwing extends SwingName {
	vocabulary: Player['vocabulary'];
	/** Whether the player's own carries or the model swing gave the length. */
	source: 'measured' | 'model';
}

/**
 * The backswing for a head speed, in the player's own vocabulary.
 *
 * @param speed of the head, above 0
 */
export function planSwing(club: Club, speed: MetresPerSecond, player: Player): PlannedSwing {
	const measured = measuredAngle(speed, player.swings[club.id]?.known ?? []);
	const source = Number.isNaN(measured) ? 'model' : 'measured';
	const angle = source === 'measured' ? measured : swingAngle(speed, fastestSwing(club, player));
	return { ...nameSwing(angle, player.vocabulary), vocabulary: player.vocabulary, source };
}

/** Longest carry measured with a club from two lengths or more; Infinity where nothing limits it. */
export const longestMeasured = (club: Club, player: Player): Metres =>
	player.swings[club.id]?.longest ?? Infinity;
