import * as z from 'zod/mini';
import { issuesOf, type Issue } from '$lib/io/fields/issues';
import { bagDraftSchema, type ClubWire } from '$lib/io/work/club';
import { shotDraftSchema, type WorkingShot } from '$lib/io/work/shot';

const LABELS: Record<string, string> = {
	bag: 'The bag',
	'situation.toEdge': 'Ball to edge',
	'situation.edgeToPin': 'Edge to pin',
	'situation.beyondPin': 'Green behind pin',
	'situation.rise': 'Green above ball',
	'situation.stimpFeet': 'Green speed',
	'situation.slopeAlong': 'Slope to pin',
	'situation.slopeAcross': 'Slope across'
};

const EMPTY_BAG: Issue = {
	path: 'bag',
	message: 'is empty: put a club in under Bag.'
};

/** What keeps a shot from being worked out, each with the label of its field. */
export function problemsOf(shot: WorkingShot, bag: readonly ClubWire[]): Issue[] {
	const parsed = z
		.object({ ...shotDraftSchema.shape, bag: bagDraftSchema })
		.safeParse({ ...shot, bag });
	const found = parsed.success ? [] : issuesOf(parsed.error);
	if (bag.length === 0) found.push(EMPTY_BAG);
	return found.map(({ path, message }) => ({ path: LABELS[path] ?? path, message }));
}
