import * as z from 'zod/mini';
import { idField, mapPointField } from '../fields/fields';
import { wantedFields } from '../fields/wanted';
import { situationFields } from '../fields/situationFields';

/** Ball and hole on the map of one green. */
const placeDraftSchema = z.object({
	greenId: idField,
	ball: mapPointField,
	pin: mapPointField
});

/**
 * The shot under work on the screen, as it may be asked about: where, and whose it is. Metres, percent, feet of green speed. What is
 * kept (`rows/`) is let in more leniently and judged by this when it is opened.
 */
export const shotDraftSchema = z.object({
	situation: z.object(situationFields),
	pupilId: idField,
	/** The shot that is asked for, clubs by id; the best of all where it is left out. */
	wanted: z.optional(z.object(wantedFields)),
	/** Where it is on a surveyed green; distances, slopes and hazards of the situation are then read off its map. */
	place: z.optional(placeDraftSchema)
});

/** The three numbers that a first call needs. */
export const firstNumbersSchema = z.pick(z.object(situationFields), {
	toEdge: true,
	edgeToPin: true,
	stimpFeet: true
});

export type Place = z.output<typeof placeDraftSchema>;
export type WorkingShot = z.output<typeof shotDraftSchema>;

/** What a shot was called when it was saved: club and flight in words, air and ground in metres. */
export interface Called {
	words: string;
	carry: number;
	roll: number;
}

/** A shot that is kept under a name. */
export interface SavedShot {
	id: string;
	name: string;
	savedAt: string;
	shot: WorkingShot;
	/** Missing where nothing was called yet. */
	called?: Called | undefined;
}
