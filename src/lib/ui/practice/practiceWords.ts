import { soMany } from '$lib/io/words/say';
import type { TaskState } from '$lib/ui/practice/state/sessionBench.svelte';
import type { ClubDraft } from '$lib/io/work/club';
import type { SwingVocabulary } from '$lib/core/player/swingLength';
import { SHAPE_WORDS } from '$lib/io/words/practice';
import { markWords } from '$lib/io/words/swing';
import { FLIGHT_WORDS } from '$lib/ui/bag/bagWords';
import type { SessionTask } from '$lib/io/practice/session';
import type { Metres } from '$lib/core/units';

/** What a club is called; of one that is gone that is said. */
export const clubName = (clubs: readonly ClubDraft[], id: string): string =>
	clubs.find((club) => club.id === id)?.name ?? 'a club that is gone';

/** How a task is swung and flown: "hands to knee, low". */
export function taskWords(
	{ swing, flight, shape }: Pick<SessionTask, 'swing' | 'flight' | 'shape'>,
	vocabulary: SwingVocabulary
): string {
	const flown = FLIGHT_WORDS.find(({ value }) => value === flight)?.label.toLowerCase();
	return [
		markWords(swing, vocabulary),
		flight !== 'standard' && flown,
		shape !== 'straight' && SHAPE_WORDS[shape]
	]
		.filter(Boolean)
		.join(', ');
}

/** What is seen on the drawing, for whoever cannot see it. */
export function drawingWords(
	current: TaskState | undefined,
	say: (metres: Metres) => string
): string {
	if (!current) return 'The line of practice.';
	const { group, balls } = current;
	if (!group) return `The line of practice; no ball of this kind yet.`;
	const carry = `land ${say(group.carry.centre)} out on average`;
	const roll = group.roll ? `, roll ${say(group.roll.centre)}` : '';
	return `The line of practice: ${soMany(balls.length, 'ball')} ${carry}${roll}.`;
}
