import type { Club } from '../../club/club';
import { fastestSwing, type Player } from '../../player/player';
import { measuredAngle, nameSwing, swingAngle, type SwingName } from '../../player/swingLength';
import type { MetresPerSecond } from '../../units';

export interface PlannedSwing extends SwingName {
	vocabulary: Player['vocabulary'];
	/** Whether the player's own carries or the model swing gave the length. */
	source: 'measured' | 'model';
	/** Longer than any swing measured with this club: carried on from the longest. */
	past: boolean;
}

/**
 * The backswing for a head speed, in the player's own vocabulary.
 *
 * @param speed of the head, above 0
 */
export function planSwing(club: Club, speed: MetresPerSecond, player: Player): PlannedSwing {
	const { vocabulary } = player;
	const measured = measuredAngle(speed, player.swings[club.id]?.known ?? []);
	const angle = measured?.angle ?? swingAngle(speed, fastestSwing(club, player));
	return {
		...nameSwing(angle, vocabulary),
		vocabulary,
		source: measured ? 'measured' : 'model',
		past: measured?.past ?? false
	};
}

/**
 * Fastest head speed measured with a club; Infinity where nothing was.
 *
 * @param club any
 * @param player with or without measured swings
 */
export const fastestMeasured = (club: Club, player: Player): MetresPerSecond =>
	player.swings[club.id]?.known.at(-1)?.speed ?? Infinity;
