/** How groups are made: those of like skill together, or mixed. */
export type Grouping = 'alike' | 'mixed';

/**
 * Deals pupils into groups that go round together; their sizes differ by one at most, and none is empty.
 *
 * @param skills of the pupils, larger is weaker
 * @param stations 1 and up; more than pupils leave some waiting
 * @returns indices of pupils
 */
export function groupsOf(
	skills: readonly number[],
	stations: number,
	grouping: Grouping
): number[][] {
	const count = Math.min(stations, Math.max(1, skills.length));
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
 * At which station a group is in a round: each round one further, so that every group sees each station once and no two meet.
 *
 * @source a cyclic Latin square
 */
export const stationAt = (group: number, round: number, stations: number): number =>
	(group + round) % stations;

/**
 * Deals in somebody who comes late: into the smallest group, and of those the one whose skill is nearest.
 *
 * @param skills of all pupils, the late-comer's last
 */
export function withLateComer(
	groups: readonly (readonly number[])[],
	skills: readonly number[]
): number[][] {
	const late = skills.length - 1;
	const least = Math.min(...groups.map((group) => group.length));
	const away = (group: readonly number[]): number =>
		Math.abs(
			group.reduce((sum, pupil) => sum + skills[pupil]!, 0) / Math.max(1, group.length) -
				skills[late]!
		);
	const home = groups
		.filter((group) => group.length === least)
		.reduce((best, group) => (away(group) < away(best) ? group : best));
	return groups.map((group) => (group === home ? [...group, late] : [...group]));
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
