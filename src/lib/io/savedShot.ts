import { z } from 'zod';
import { draftBagSchema } from './contract/club';
import {
	handField,
	idField,
	nameField,
	schoolField,
	skillField,
	vocabularyField,
	within
} from './contract/fields';
import { situationSchema } from './contract/situation';
import { mapPoint } from './green';

/** A player's own spread, one standard deviation at a medium swing: percent, degrees, degrees, centimetres. */
export const ownSpreadSchema = z.strictObject({
	speed: within(0.5, 30, 'percent'),
	direction: within(0.2, 15, 'degrees'),
	loft: within(0.2, 12, 'degrees'),
	lowPoint: within(0.1, 8, 'centimetres')
});

/** Who plays: everything the planner asks of a pupil that is not a measurement. */
export const golferSchema = z.strictObject({
	skill: skillField.default('middle'),
	hand: handField.default('right'),
	school: schoolField.default('free'),
	vocabulary: vocabularyField.default('clock'),
	technique: z
		.strictObject({
			chip: z.enum(['lean', 'sole']).default('lean'),
			flop: z.enum(['lead', 'trail']).default('lead'),
			stroke: z.enum(['pendulum', 'set-and-drop', 'hinge-and-hold']).default('pendulum')
		})
		.prefault({}),
	/** Instead of the skill's numbers, where they are known. */
	spread: ownSpreadSchema.optional()
});

/** Ball and hole on the map of one green. */
export const placeSchema = z.strictObject({
	greenId: idField,
	ball: mapPoint,
	pin: mapPoint
});

/** What the Shot view works on: where, who, with what. Metres, percent, feet of green speed. */
export const workingShotSchema = z.strictObject({
	situation: situationSchema,
	golfer: golferSchema.prefault({}),
	bag: draftBagSchema,
	/** Where it is on a surveyed green; distances, slopes and hazards of the situation are then read off its map. */
	place: placeSchema.optional()
});

export const savedShotSchema = z.strictObject({
	id: idField,
	name: nameField,
	savedAt: z.iso.datetime(),
	shot: workingShotSchema
});

export type Place = z.output<typeof placeSchema>;
export type OwnSpread = z.output<typeof ownSpreadSchema>;
export type Golfer = z.output<typeof golferSchema>;
export type WorkingShot = z.output<typeof workingShotSchema>;
export type SavedShot = z.output<typeof savedShotSchema>;
