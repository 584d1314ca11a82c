import { kindOfWire, type ClubDraft } from '$lib/io/work/club';
import { newId } from '$lib/store/base/newId';

/** Name, loft and bounce in degrees. */
type SetClub = readonly [name: string, loft: number, bounce: number];

/** A bag to start from; lofts are middling ones of their kind (common practice, no source). */
export interface ClubSet {
	id: string;
	label: string;
	clubs: readonly SetClub[];
}

const PUTTER: SetClub = ['Putter', 3.5, 0];

export const CLUB_SETS: readonly ClubSet[] = [
	{
		id: 'standard',
		label: 'Standard fourteen',
		clubs: [
			['Driver', 10.5, 0],
			['3W', 15, 0],
			['5W', 18, 0],
			['4H', 22, 2],
			['5i', 27, 3],
			['6i', 30.5, 3],
			['7i', 34, 4],
			['8i', 38, 4],
			['9i', 42, 5],
			['PW', 46, 6],
			['GW', 51, 8],
			['SW', 56, 12],
			['LW', 60, 8],
			PUTTER
		]
	},
	{
		id: 'half',
		label: 'Half set',
		clubs: [
			['5W', 18, 0],
			['5H', 25, 2],
			['7i', 34, 4],
			['9i', 42, 5],
			['PW', 46, 6],
			['SW', 56, 12],
			PUTTER
		]
	},
	{
		id: 'wedges',
		label: 'Wedges and putter',
		clubs: [['PW', 46, 6], ['GW', 50, 8], ['SW', 54, 12], ['LW', 58, 10], PUTTER]
	},
	{
		id: 'strong',
		label: 'Strong lofts',
		clubs: [
			['4H', 20, 2],
			['5i', 22, 3],
			['6i', 25, 3],
			['7i', 28.5, 4],
			['8i', 33, 4],
			['9i', 38, 5],
			['PW', 43, 6],
			['GW', 48, 8],
			['SW', 54, 12],
			['LW', 60, 8],
			PUTTER
		]
	},
	{
		id: 'traditional',
		label: 'Traditional lofts',
		clubs: [
			['3i', 24, 3],
			['4i', 28, 3],
			['5i', 32, 3],
			['6i', 36, 4],
			['7i', 40, 4],
			['8i', 44, 5],
			['9i', 48, 5],
			['PW', 52, 8],
			['SW', 56, 12],
			PUTTER
		]
	}
];

/**
 * Puts a set into a bag: a club of the same name stays the club it is, with the set's loft; others are retired with what was measured.
 *
 * @param at when, for what is retired
 */
export function withSet(
	clubs: readonly ClubDraft[],
	{ clubs: wanted }: ClubSet,
	pupilId: string,
	at: string
): ClubDraft[] {
	const kept = wanted.map(([name, loft, bounce], order): ClubDraft => {
		const known = clubs.find((club) => club.name === name);
		const kind = kindOfWire({ name, loft, putter: name === PUTTER[0] });
		const fresh = { id: newId(), pupilId, kind };
		return { ...(known ?? fresh), name, loft, bounce, order, retiredAt: null };
	});
	const retired = clubs
		.filter(({ name }) => !kept.some((club) => club.name === name))
		.map((club) => ({ ...club, retiredAt: club.retiredAt ?? at }));
	return [...kept, ...retired];
}

/** The first two neighbours in a bag whose lofts fall instead of rising; putters aside. */
export function outOfOrder(clubs: readonly ClubDraft[]): [ClubDraft, ClubDraft] | null {
	const row = clubs.filter(({ kind }) => kind !== 'putter');
	for (let i = 1; i < row.length; i++)
		if (row[i]!.loft < row[i - 1]!.loft) return [row[i - 1]!, row[i]!];
	return null;
}

/** The order of a bag by rising loft, the putter last. */
export const byLoft = (clubs: readonly ClubDraft[]): ClubDraft[] =>
	[...clubs].sort(
		(a, b) => Number(a.kind === 'putter') - Number(b.kind === 'putter') || a.loft - b.loft
	);
