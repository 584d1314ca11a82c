import * as z from 'zod/mini';
import { clubFields, haveOwnNames, MOST_CLUBS, SAME_NAME } from '../work/club';

const clubSchema = z.strictObject(clubFields);

/** The bag of a request: clubs are known by their names. */
export const bagSchema = z
	.array(clubSchema)
	.check(
		z.minLength(1, 'must hold at least one club'),
		z.maxLength(MOST_CLUBS, `must hold at most ${MOST_CLUBS} clubs`),
		z.refine(haveOwnNames, { error: SAME_NAME })
	);
