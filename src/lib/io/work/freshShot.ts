import { shotDraftSchema, type WorkingShot } from './shot';

/** A plain chip of somebody's. */
export const freshShot = (pupilId: string): WorkingShot =>
	shotDraftSchema.parse({
		situation: { toEdge: 3, edgeToPin: 9, stimpFeet: 10 },
		pupilId
	});
