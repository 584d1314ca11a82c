// Frozen: the step that gives the clubs of version 1 ids. A database and a file of one origin are lifted by the same.

const isRecord = (value: unknown): value is Record<string, unknown> =>
	typeof value === 'object' && value !== null && !Array.isArray(value);

const fitsAddress = /^[\w-]{1,64}$/;

/** Ids of clubs that had only names: the name where it can be an id, else its place in the bag. */
function withIds(bag: unknown): unknown {
	if (!Array.isArray(bag)) return bag;
	const taken = new Set<string>();
	return bag.map((club: unknown, place) => {
		if (!isRecord(club) || typeof club.id === 'string') return club;
		const name = typeof club.name === 'string' ? club.name : '';
		const id = fitsAddress.test(name) && !taken.has(name) ? name : `club-${place + 1}`;
		taken.add(id);
		return { id, ...club };
	});
}

/**
 * A working shot of version 1 as version 2 keeps it: clubs have ids. Anything that is not such a shot comes back as it is, so that a
 * database can be lifted row by row and a broken row stays what it was.
 */
export const liftShotTo2 = (shot: unknown): unknown =>
	isRecord(shot) ? { ...shot, bag: withIds(shot.bag) } : shot;

/** A kept shot of version 1 as version 2 keeps it. */
export const liftShotRowTo2 = (row: unknown): unknown =>
	isRecord(row) ? { ...row, shot: liftShotTo2(row.shot) } : row;
