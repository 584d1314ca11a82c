import { z } from 'zod';
import { clubFields, haveOwnNames, MOST_CLUBS, SAME_NAME } from '../club';

const clubSchema = z.strictObject(clubFields);

/** The bag of a request: clubs are known by their names. */
export const bagSchema = z
	.array(clubSchema)
	.min(1, 'must hold at least one club')
	.max(MOST_CLUBS, `must hold at most ${MOST_CLUBS} clubs`)
	.refine(haveOwnNames, { error: SAME_NAME });
