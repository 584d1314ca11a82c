import type { BallsReading } from '$lib/core/today/readBalls';
import { NINE_IN_TEN } from '$lib/ui/format/plusMinus';
import { toFeet, type Metres } from '$lib/core/units';

/** How sure the firmness is, and the day's percentage. */
export function ballsWords({ airShare, nearest, firmnessError }: BallsReading): string {
	const percent = Math.round(airShare * 100);
	const firmness =
		firmnessError > 0.45 ? `perhaps ${nearest} turf: these balls hardly tell` : `${nearest} turf`;
	return `Today’s percentage: ${percent} % in the air, ${100 - percent} % rolling · ${firmness}.`;
}

/** What one more ball would settle. */
export function nextBallWords({ next }: BallsReading, say: (metres: Metres) => string): string {
	if (!next) return 'As good as a ramp: enough balls.';
	return `One more with the ${next.club.name}, landed after ${say(next.carry)}, would bring it to ± ${(NINE_IN_TEN * toFeet(next.errorAfter)).toFixed(1)} ft.`;
}
