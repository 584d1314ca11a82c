import type { Choice } from '$lib/ui/call/choices';
import type { Pupil } from '$lib/io/work/pupil';
import { playWords } from '$lib/io/words/play';
import { skillWords } from '$lib/io/words/skill';

interface Played {
	pupil: Pick<Pupil, 'name' | 'skill' | 'handicap'>;
	choice: Choice;
}

const STROKES_THAT_COUNT = 0.05;

const capital = (text: string): string => text[0]!.toUpperCase() + text.slice(1);

function whoWords(before: Played, now: Played): string {
	const other =
		skillWords(before.pupil) === skillWords(now.pupil)
			? `${now.pupil.name} instead of ${before.pupil.name}`
			: `${now.pupil.name} (${skillWords(now.pupil)}) instead of ${before.pupil.name} (${skillWords(before.pupil)})`;
	return capital(other);
}

function strokesWords(before: Played, now: Played): string {
	const [was, is] = [before, now].map(({ choice }) => choice.option?.statistics.expectedStrokes);
	if (was === undefined || is === undefined) return '';
	const more = is - was;
	if (Math.abs(more) < STROKES_THAT_COUNT) return ', for as many strokes';
	return `, ${Math.abs(more).toFixed(1)} of a stroke ${more > 0 ? 'more' : 'less'}`;
}

/** What another player changes about a shot, in one sentence. */
export function switchWords(before: Played, now: Played): string {
	const [was, is] = [before, now].map(({ choice }) => playWords(choice.candidate.play));
	const putt = now.choice.candidate.play.flight === 'putt';
	const swing = !putt && now.choice.swing.name !== before.choice.swing.name;
	const call =
		was !== is
			? `from ${was} to ${is}`
			: swing
				? `still ${is}, another swing`
				: `the same call, the ${is}`;
	return `${whoWords(before, now)}: ${call}${strokesWords(before, now)}.`;
}
