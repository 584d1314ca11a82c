import { radians } from '../units';
import type { Drill } from './drill';

/** Ids of the drills that ship with the app. */
export const DRILL_IDS = [
	'landing-box',
	'second-club-ladder',
	'three-flights',
	'spin-shapes',
	'swing-matrix',
	'every-club',
	'sole-on-turf',
	'rehearse-to-spot',
	'up-and-down'
] as const;
export type DrillId = (typeof DRILL_IDS)[number];

const BASE = {
	flights: ['standard'],
	shapes: ['straight'],
	format: 'block',
	swings: { kind: 'mark' }
} as const;

/** The trade's drills (common practice, no source); distances and tolerances are ours. */
export const DRILLS: Readonly<Record<DrillId, Drill>> = {
	'landing-box': {
		...BASE,
		clubs: { kind: 'spread', count: 4 },
		swings: { kind: 'same' },
		ballsEach: 4,
		measure: 'roll-out',
		mark: 'box',
		distance: 3,
		tolerance: 0.75
	},
	'second-club-ladder': {
		...BASE,
		clubs: { kind: 'lofts', lofts: [60, 50, 41, 33, 26].map(radians) },
		swings: { kind: 'same' },
		ballsEach: 3,
		measure: 'roll-out',
		mark: 'stick',
		distance: 2.5,
		tolerance: 0.75
	},
	'three-flights': {
		...BASE,
		clubs: { kind: 'lofts', lofts: [radians(54)] },
		flights: ['low', 'standard', 'high'],
		ballsEach: 5,
		measure: 'roll-out',
		mark: 'box',
		distance: 6,
		tolerance: 1
	},
	'spin-shapes': {
		...BASE,
		clubs: { kind: 'lofts', lofts: [radians(54)] },
		shapes: ['inside', 'straight', 'outside'],
		ballsEach: 2,
		measure: 'roll-out',
		mark: 'box',
		distance: 6,
		tolerance: 1
	},
	'swing-matrix': {
		...BASE,
		clubs: { kind: 'wedges', count: 3 },
		swings: { kind: 'lengths', angles: [60, 90, 120].map(radians) },
		ballsEach: 5,
		measure: 'carry',
		mark: 'none',
		distance: 20,
		tolerance: 2
	},
	'every-club': {
		...BASE,
		clubs: { kind: 'every' },
		ballsEach: 2,
		measure: 'finish',
		mark: 'flag',
		distance: 10,
		tolerance: 1.5
	},
	'sole-on-turf': {
		...BASE,
		clubs: { kind: 'lofts', lofts: [radians(54)] },
		ballsEach: 10,
		measure: 'strike',
		mark: 'none',
		distance: 8,
		tolerance: 1.5
	},
	'rehearse-to-spot': {
		...BASE,
		clubs: { kind: 'lofts', lofts: [50, 56].map(radians) },
		ballsEach: 5,
		format: 'random',
		measure: 'carry',
		mark: 'stick',
		distance: 6,
		tolerance: 0.75
	},
	'up-and-down': {
		...BASE,
		clubs: { kind: 'lofts', lofts: [56, 46, 37].map(radians) },
		ballsEach: 3,
		format: 'up-and-down',
		measure: 'strokes',
		mark: 'flag',
		distance: 12,
		tolerance: 3
	}
};
