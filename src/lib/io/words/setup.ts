import type { SetupAdvice } from '$lib/core/setup/advise';
import { degrees } from '$lib/core/units';

const place = (position: number): string => {
	if (position <= -0.55) return 'back, off the trail foot';
	if (position <= -0.15) return 'a little back of middle';
	if (position < 0.15) return 'middle';
	if (position < 0.5) return 'a little forward of middle';
	return 'forward, inside the lead heel';
};

const lean = (angle: number): string => {
	const turned = Math.round(degrees(angle));
	if (turned === 0) return 'shaft upright';
	return turned > 0 ? `hands ${turned}° ahead` : `hands ${-turned}° behind`;
};

const face = (angle: number): string => {
	const turned = Math.round(degrees(angle));
	if (turned === 0) return 'face square';
	return turned > 0 ? `face ${turned}° open` : `face ${-turned}° hooded`;
};

/** The setup in one line. */
export const setupLine = (setup: SetupAdvice): string =>
	`Ball ${place(setup.ballPosition)} · ${setup.leadWeight} % on the lead foot · ${lean(setup.shaftLean)} · ${face(setup.faceOpen)}`;

const WRISTS = {
	none: 'no wrists',
	some: 'a little wrist',
	'early-full': 'wrists early and fully'
};
const FINISH = {
	low: 'low',
	matching: 'as long as the backswing',
	'face-at-you': 'face looking at you'
};
const GRIP = { putting: 'putting grip', normal: 'normal grip', weak: 'weak grip' };

/** Every part of the setup as label and value. */
export function setupRows(
	setup: SetupAdvice,
	length: (metres: number) => string
): [string, string][] {
	return [
		['Ball', place(setup.ballPosition)],
		['Weight', `${setup.leadWeight} % lead side`],
		['Shaft', lean(setup.shaftLean)],
		['Face', face(setup.faceOpen)],
		[
			'Stance',
			`${setup.stance}, ${Math.round(degrees(setup.stanceOpen))}° open${setup.standClose ? ', close' : ''}`
		],
		['Grip', `${GRIP[setup.grip]}, pressure ${setup.gripPressure} of 10`],
		['Grip down', setup.gripDown > 0 ? length(setup.gripDown) : 'none'],
		['Wrists', WRISTS[setup.wrists]],
		['Through', setup.through === 'same' ? 'as far as back' : 'a little longer than back'],
		['Finish', FINISH[setup.finish]]
	];
}
