import type { RejectedPlay } from '$lib/core/plan/ladder';
import type { Choice } from '$lib/ui/state/choices';

/** One row for each club that has no way to play it: the reason against its ordinary flight, or its first. */
export function clubsThatAreOut(
	choices: readonly Choice[],
	rejected: readonly RejectedPlay[]
): RejectedPlay[] {
	const playable = new Set(choices.map((choice) => choice.rung.play.club.name));
	const names = [...new Set(rejected.map(({ play }) => play.club.name))].filter(
		(name) => !playable.has(name)
	);
	return names.map((name) => {
		const own = rejected.filter(({ play }) => play.club.name === name);
		return own.find(({ play }) => play.flight === 'standard') ?? own[0]!;
	});
}
