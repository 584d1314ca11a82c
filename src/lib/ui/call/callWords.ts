import { shotKind } from '$lib/core/plan/question/shotKind';
import { swingWords } from '$lib/io/words/swing';
import { ratioWords } from '$lib/io/words/ratio';
import type { Pupil } from '$lib/io/work/pupil';
import { landingWords } from '$lib/io/words/landing';
import { playWords } from '$lib/io/words/play';
import type { Choice } from './choices';
import type { Metres } from '$lib/core/units';

/** The four things a player needs, each a short phrase. */
export interface CallWords {
	club: string;
	landing: string;
	/** Air and ground. */
	ratio: string;
	swing: string;
	aim: string;
}

const STRAIGHT: Metres = 0.05;
/** A place nearer to the pin than this is at the pin. */
const WORTH_SAYING: Metres = 0.75;

/** Where the ball is meant to end, when that is well off the pin; empty otherwise. */
export function endWords(choice: Choice, pin: Metres, say: (m: Metres) => string): string {
	const past = choice.candidate.target - pin;
	if (Math.abs(past) < WORTH_SAYING) return '';
	return `to end ${say(Math.abs(past))} ${past > 0 ? 'past' : 'short'}`;
}

function aimWords(choice: Choice, pin: Metres, say: (m: Metres) => string): string {
	const end = endWords(choice, pin, say);
	if (Math.abs(choice.aimOffset) < STRAIGHT) return end || 'at the pin';
	const aim = `aim ${say(Math.abs(choice.aimOffset))} ${choice.aimOffset < 0 ? 'left' : 'right'}`;
	return end ? `${aim}, ${end}` : aim;
}

/** A choice in a few words; a safer place than the pin is named by what it is farther off: along the line, or beside it. */
export function choiceWords(
	{ candidate }: Pick<Choice, 'candidate'>,
	pin: Metres,
	say: (metres: Metres) => string
): string {
	const name = playWords(candidate.play);
	if (!candidate.safe) return name;
	const past = candidate.target - pin;
	if (Math.abs(candidate.side) > Math.abs(past))
		return `${name}, ${say(Math.abs(candidate.side))} ${candidate.side > 0 ? 'right' : 'left'}`;
	// The call says no figure of so little.
	const much = Math.abs(past) < WORTH_SAYING ? 'a touch' : say(Math.abs(past));
	return `${name}, ${much} ${past > 0 ? 'past' : 'short'}`;
}

/** Where edge and pin lie on the line, metres from the ball. */
interface LinePlace {
	toEdge: Metres;
	pin: Metres;
}

/** Edge and pin of a shot as it is asked about. */
export const linePlace = ({
	toEdge,
	edgeToPin
}: {
	toEdge: Metres;
	edgeToPin: Metres;
}): LinePlace => ({ toEdge, pin: toEdge + edgeToPin });

/** Puts a choice into the words of the call. */
export function callWords(
	choice: Choice,
	place: LinePlace,
	say: (metres: Metres) => string,
	{ ratios = 'ratio', pace }: Pick<Pupil, 'ratios' | 'pace'>
): CallWords {
	const kind = shotKind(choice.candidate.play, choice.candidate.airShare);
	const own = choice.candidate.play.flight === kind;
	const club = own
		? playWords(choice.candidate.play)
		: `${playWords(choice.candidate.play)}, ${kind}`;
	const aim = aimWords(choice, place.pin, say);
	if (choice.candidate.play.flight === 'putt') {
		const isShort = place.pin - choice.candidate.target >= WORTH_SAYING;
		const landing = isShort ? 'roll it' : 'roll it all the way';
		return { club, landing, ratio: '', swing: 'long putting stroke', aim };
	}
	const { vocabulary, name } = choice.swing;
	const { outcome } = choice.candidate.solution;
	return {
		club,
		landing: landingWords(outcome.landingX - place.toEdge, say),
		ratio: ratioWords(outcome, ratios, pace),
		swing: swingWords(name, vocabulary),
		aim
	};
}

const SPOKEN: readonly [RegExp, string][] = [
	[/(\d)\s:\s(\d)/g, '$1 to $2'],
	[/(\d) m\b/g, '$1 metres'],
	[/(\d) yd\b/g, '$1 yards'],
	[/(\d) ft\b/g, '$1 feet'],
	[/\bLW\b/g, 'lob wedge'],
	[/\bSW\b/g, 'sand wedge'],
	[/\bGW\b/g, 'gap wedge'],
	[/\bPW\b/g, 'pitching wedge'],
	[/\b(\d)i\b/g, '$1 iron'],
	[/\b(\d)H\b/g, '$1 hybrid']
];

/** A call as it is said aloud: short names and units in full. */
export const spokenCall = ({ club, landing, ratio, swing, aim }: CallWords): string =>
	SPOKEN.reduce(
		(text, [short, full]) => text.replace(short, full),
		`${[club, landing, ratio, swing, aim].filter(Boolean).join('. ')}.`
	);
