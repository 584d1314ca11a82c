/** Who is at which station in which round: indices of pupils, by round and station. */
export interface Rotation {
	/** Pupils that go round together. */
	groups: number[][];
	/** For each round the group at each station; null where a station waits. */
	rounds: (number | null)[][];
}

/** How groups are made: those of like skill together, or mixed. */
export type Grouping = 'alike' | 'mixed';

/**
 * Deals pupils into groups whose sizes differ by one at most.
 *
 * @param skills of the pupils, larger is weaker
 * @param count groups, 1 and up
 */
function groupsOf(skills: readonly number[], count: number, grouping: Grouping): number[][] {
	const ranked = skills.map((_, i) => i).sort((a, b) => skills[a]! - skills[b]! || a - b);
	const groups: number[][] = Array.from({ length: count }, () => []);
	if (grouping === 'mixed') {
		// To and fro, so that no group gets the better of every deal.
		ranked.forEach((pupil, i) => {
			const lap = Math.floor(i / count);
			const at = i % count;
			groups[lap % 2 === 0 ? at : count - 1 - at]!.push(pupil);
		});
		return groups;
	}
	ranked.forEach((pupil, i) => groups[Math.floor((i * count) / ranked.length)]!.push(pupil));
	return groups;
}

/**
 * Sends pupils round stations so that everybody sees each station once: a group a station, each round one further.
 *
 * @param skills of the pupils, larger is weaker
 * @param stations 1 and up; more than pupils leaves stations waiting
 * @source a cyclic Latin square
 */
export function rotationOf(
	skills: readonly number[],
	stations: number,
	grouping: Grouping
): Rotation {
	const count = Math.min(stations, Math.max(1, skills.length));
	const groups = groupsOf(skills, count, grouping);
	const rounds = Array.from({ length: stations }, (_, round) =>
		Array.from({ length: stations }, (_, station) => {
			const group = (station - round + stations) % stations;
			return group < count ? group : null;
		})
	);
	return { groups, rounds };
}

/**
 * Deals in somebody who comes late: into the smallest group, and of those the one whose skill is nearest.
 *
 * @param skills of all pupils, the late-comer's last
 */
export function withLateComer(rotation: Rotation, skills: readonly number[]): Rotation {
	const late = skills.length - 1;
	const least = Math.min(...rotation.groups.map((group) => group.length));
	const away = (group: readonly number[]): number =>
		Math.abs(
			group.reduce((sum, pupil) => sum + skills[pupil]!, 0) / Math.max(1, group.length) -
				skills[late]!
		);
	const home = rotation.groups
		.filter((group) => group.length === least)
		.reduce((best, group) => (away(group) < away(best) ? group : best));
	return {
		...rotation,
		groups: rotation.groups.map((group) => (group === home ? [...group, late] : group))
	};
}

/**
 * Minutes of each round, so that all rounds and the walks between them fit.
 *
 * @param minutes of the whole
 * @param rounds 1 and up
 * @param walk minutes from station to station
 * @returns whole minutes, 1 at least
 */
export const roundMinutes = (minutes: number, rounds: number, walk: number): number =>
	Math.max(1, Math.floor((minutes - walk * (rounds - 1)) / rounds));
