import { NEVER, stampOfTime, type Stamp } from '../stamp';

// Frozen: the step that makes pupils, clubs and balls of what version 2 kept inside every shot. Whatever it makes of a row it makes of
// it for ever and everywhere, so that a database and a file of one origin still merge.

type Fields = Record<string, unknown>;

const isRecord = (value: unknown): value is Fields =>
	typeof value === 'object' && value !== null && !Array.isArray(value);

/** What version 2 kept of who plays, wherever it was kept. */
interface Owner {
	id: string;
	golfer: Fields;
	bag: Fields[];
	shots: number;
}

/** Rows of the new tables, and the shots that now refer to them. */
export interface Lifted {
	shots: unknown[];
	pupils: Fields[];
	clubs: Fields[];
	balls: Fields[];
}

/** A word for a text, the same for ever: twice FNV-1a, from both ends. */
function wordFor(text: string): string {
	let [forth, back] = [0x811c9dc5, 0x811c9dc5];
	for (let i = 0; i < text.length; i++) {
		forth = Math.imul(forth ^ text.charCodeAt(i), 0x01000193);
		back = Math.imul(back ^ text.charCodeAt(text.length - 1 - i), 0x01000193);
	}
	return `${(forth >>> 0).toString(36)}${(back >>> 0).toString(36)}`;
}

/** Plain data as a text that does not depend on the order of its keys. */
function textOf(value: unknown): string {
	if (Array.isArray(value)) return `[${value.map(textOf).join()}]`;
	if (!isRecord(value)) return JSON.stringify(value) ?? '';
	return `{${Object.keys(value)
		.sort()
		.map((key) => `${key}:${textOf(value[key])}`)
		.join()}}`;
}

const SKILLS: Readonly<Record<string, string>> = {
	expert: 'Tour expert',
	scratch: 'Scratch',
	middle: 'Handicap 15',
	high: 'Handicap 28'
};

/** The only player is “You”; several are called after their skill, with a number where that is not enough. */
function namesOf(owners: readonly Owner[]): string[] {
	if (owners.length === 1) return ['You'];
	const used = new Map<string, number>();
	return owners.map(({ golfer }) => {
		const skill = SKILLS[String(golfer.skill)] ?? 'Player';
		const plain = golfer.hand === 'left' ? `${skill}, left-handed` : skill;
		const count = (used.get(plain) ?? 0) + 1;
		used.set(plain, count);
		return count === 1 ? plain : `${plain} (${count})`;
	});
}

function kindOf({ putter, loft }: Fields): string {
	if (putter === true) return 'putter';
	const degrees = typeof loft === 'number' ? loft : 0;
	if (degrees >= 44) return 'wedge';
	if (degrees >= 24.5) return 'iron';
	return degrees >= 15.5 ? 'hybrid' : 'wood';
}

const clubId = (owner: Owner, club: unknown): string => `${owner.id}-${wordFor(String(club))}`;

const clubsOf = (owner: Owner): Fields[] =>
	owner.bag.map((club, order) => ({
		id: clubId(owner, club.id),
		pupilId: owner.id,
		name: club.name,
		loft: club.loft,
		bounce: club.bounce,
		kind: kindOf(club),
		order,
		retiredAt: null,
		createdAt: NEVER,
		updatedAt: NEVER
	}));

const carriesOf = ({ golfer }: Owner): Fields[] =>
	Array.isArray(golfer.carries) ? golfer.carries.filter(isRecord) : [];

const ballsOf = (owner: Owner): Fields[] =>
	carriesOf(owner).map((carry, i) => ({
		id: `${owner.id}-carry-${i + 1}`,
		pupilId: owner.id,
		clubId: clubId(owner, carry.club),
		at: NEVER.slice(0, 24),
		swing: carry.swing,
		flight: carry.flight ?? 'standard',
		carry: carry.carry,
		source: 'stated',
		...(carry.spread !== undefined && { spread: carry.spread }),
		...(carry.n !== undefined && { n: carry.n }),
		createdAt: NEVER,
		updatedAt: NEVER
	}));

/** Units and pace of the browser, which become the pupils'. */
const unitsOf = (preferences: unknown): Fields => {
	if (!isRecord(preferences)) return {};
	const { units, paceLength } = preferences;
	return {
		...(units !== undefined && { units }),
		...(paceLength !== undefined && { pace: paceLength })
	};
};

/** Who plays a working shot; null for anything that version 2 could not have read. */
function ownerOf(shot: unknown): Omit<Owner, 'shots'> | null {
	if (!isRecord(shot) || !Array.isArray(shot.bag) || 'pupilId' in shot) return null;
	const golfer = isRecord(shot.golfer) ? shot.golfer : {};
	const bag = shot.bag.filter(isRecord);
	return { id: `p-${wordFor(textOf([golfer, bag]))}`, golfer, bag };
}

/** When a row was last changed, as far as version 2 knew. */
const stampsOf = (time: unknown): { createdAt: Stamp; updatedAt: Stamp } => ({
	createdAt: stampOfTime(time),
	updatedAt: stampOfTime(time)
});

/** A working shot that refers to its pupil. */
function withoutOwner(shot: unknown): unknown {
	const owner = ownerOf(shot);
	if (!owner || !isRecord(shot)) return shot;
	const { golfer: _golfer, bag: _bag, ...rest } = shot;
	return { ...rest, pupilId: owner.id };
}

/**
 * Takes golfer and bag out of shots: equal ones become one pupil with clubs and stated carries. Rows that are no shots stay as they are.
 *
 * @param rows saved shots
 * @param working shots that are not saved ones, such as the last on the screen
 * @param preferences of the same browser or file
 */
export function takePupilsOut(
	rows: readonly unknown[],
	working: readonly unknown[],
	preferences: unknown
): Lifted {
	const owners = new Map<string, Owner>();
	for (const shot of [...rows.map((row) => isRecord(row) && row.shot), ...working]) {
		const found = ownerOf(shot);
		if (!found) continue;
		const known = owners.get(found.id);
		owners.set(found.id, { ...found, shots: (known?.shots ?? 0) + 1 });
	}
	const found = [...owners.values()].sort((a, b) => b.shots - a.shots);
	const names = namesOf(found);
	return {
		shots: rows.map((row) =>
			isRecord(row) && ownerOf(row.shot)
				? { ...row, shot: withoutOwner(row.shot), ...stampsOf(row.savedAt) }
				: row
		),
		pupils: found.map(({ id, golfer }, i) => {
			const { carries: _carries, ...rest } = golfer;
			return {
				...rest,
				id,
				name: names[i],
				...unitsOf(preferences),
				createdAt: NEVER,
				updatedAt: NEVER
			};
		}),
		clubs: found.flatMap(clubsOf),
		balls: found.flatMap(ballsOf)
	};
}

/** A working shot that is no saved one, as version 3 keeps it. */
export const liftShotTo3 = withoutOwner;

/** A row of greens or readings with the stamps that version 3 gives it. */
export const stampRow = (row: unknown): unknown =>
	isRecord(row) ? { ...row, ...stampsOf(row.takenAt) } : row;
