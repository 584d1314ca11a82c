import { launchOf } from '$lib/core/ball/impact';
import { BallState } from '$lib/core/ball/state';
import { STANDARD_BAG } from '$lib/core/club/standardBag';
import type { LieId } from '$lib/core/lie/lies';
import { intend, PLAIN_LIE, type Play } from '$lib/core/player/intent';
import { PROFILE } from '$lib/core/player/player';
import { DEVIATE_COUNT, DEVIATES, strikeWithErrors } from '$lib/core/player/strike';
import { DEFAULT_TECHNIQUE } from '$lib/core/setup/technique';
import { radians } from '$lib/core/units';

export const play = (name: string, flight: Play['flight'] = 'standard', open = 0): Play => ({
	club: STANDARD_BAG.find((club) => club.name === name)!,
	flight,
	faceOpen: radians(open),
	shape: 'straight'
});

export const intent = (chosen: Play, lie: LieId = 'fairway', wet = false) =>
	intend(chosen, { ...PLAIN_LIE, lie, wet }, DEFAULT_TECHNIQUE);

export const luck = (change: Partial<Record<keyof typeof DEVIATES, number>>): Float64Array => {
	const deviates = new Float64Array(DEVIATE_COUNT);
	for (const [name, value] of Object.entries(change))
		deviates[DEVIATES[name as keyof typeof DEVIATES]] = value;
	return deviates;
};

export const struck = (
	chosen: Play,
	change: Parameters<typeof luck>[0],
	lie: LieId = 'fairway'
) => {
	const ball = new BallState();
	const contact = strikeWithErrors(
		intent(chosen, lie),
		PROFILE.middle.dispersion,
		10,
		0,
		luck(change),
		0,
		ball
	);
	return { contact, ...launchOf(ball), vz: ball.vz };
};
