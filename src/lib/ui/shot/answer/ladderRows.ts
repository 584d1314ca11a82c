import type { RejectedPlay } from '$lib/core/plan/ladder/ladder';
import type { Choice } from '$lib/ui/call/choices';

/** A club with its best way to play it first, and the other ways. */
export interface ClubWays {
	club: string;
	best: Choice;
	others: Choice[];
}

/** The choices club by club, in the order of each club's best. */
export function groupByClub(choices: readonly Choice[]): ClubWays[] {
	const groups = new Map<string, ClubWays>();
	for (const choice of choices) {
		const { id, name } = choice.candidate.play.club;
		const known = groups.get(id);
		if (known) known.others.push(choice);
		else groups.set(id, { club: name, best: choice, others: [] });
	}
	return [...groups.values()];
}

/** One row for each club that has no way to play it: the reason against its ordinary flight, or its first. */
export function clubsThatAreOut(
	choices: readonly Choice[],
	rejected: readonly RejectedPlay[]
): RejectedPlay[] {
	const playable = new Set(choices.map((choice) => choice.candidate.play.club.name));
	const names = [...new Set(rejected.map(({ play }) => play.club.name))].filter(
		(name) => !playable.has(name)
	);
	return names.map((name) => {
		const own = rejected.filter(({ play }) => play.club.name === name);
		return own.find(({ play }) => play.flight === 'standard') ?? own[0]!;
	});
}
