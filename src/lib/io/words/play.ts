import type { Play } from '$lib/core/player/intent';
import { degrees } from '$lib/core/units';

const FLIGHT = {
	putt: 'putt',
	low: 'low',
	standard: 'standard',
	high: 'high',
	open: 'open',
	splash: 'splash'
};
const SHAPE = { inside: ', path from inside', straight: '', outside: ', path from outside' };

/** A play in the fewest words: club and how it is flown. */
export function playWords(play: Play): string {
	const opening = Math.round(degrees(play.faceOpen));
	const face = opening > 0 ? ` ${opening}° open` : '';
	if (play.flight === 'putt') return `${play.club.name}`;
	if (play.flight === 'open') return `${play.club.name}${face}`;
	return `${play.club.name} ${FLIGHT[play.flight]}${face}${SHAPE[play.shape]}`;
}
