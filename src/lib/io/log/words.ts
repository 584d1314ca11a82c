import { soMany } from '../words/say';
import type { Calibration } from '$lib/core/log/calibration';
import type { Correction } from '$lib/core/log/corrections';
import type { Finding } from '$lib/core/log/findings';
import type { Reckoning } from '$lib/core/log/reckoning';
import type { Share } from '$lib/core/math/share';
import type { PupilFile } from '../work/pupil';
import { LIE_WORDS } from '../words/lie';

/** Says lengths in the units of the screen, and names of clubs and days. */
export interface LogSay {
	/** A length with its unit. */
	length: (metres: number) => string;
	/** A length and how far it may be off, with one unit. */
	plusMinus: (metres: number, within: number) => string;
	club: (id: string) => string;
	day: (day: string) => string;
}

/** Within so many standard errors the true one lies nine times in ten. */
const NINE_IN_TEN = 1.645;

const lieWords = (lie: string): string =>
	(LIE_WORDS.find(({ id }) => id === lie)?.name ?? lie).toLowerCase();
const balls = (n: number): string => soMany(n, 'ball');
const percent = (share: number): string => `${Math.round(100 * share)} %`;

/** Where it was, at the front of a sentence. */
function groupWords({ grouping, group }: Finding, say: LogSay): string {
	if (grouping === 'lie') return `From ${lieWords(group)} `;
	if (grouping === 'club') return `With the ${say.club(group)} `;
	if (grouping === 'swing') return group === '' ? 'Putted, ' : `With the swing ${group} `;
	if (grouping === 'day') return `On ${say.day(group)} `;
	if (grouping === 'slope')
		return { up: 'Uphill ', level: 'On the level ', down: 'Downhill ' }[group] ?? '';
	return '';
}

/** What results are off by in common: "From semi-rough the ball ends 0.8 ± 0.3 m past the forecast: 14 balls." */
export function findingWords(finding: Finding, say: LogSay): string {
	const { direction, offset } = finding;
	const { centre, error, n, days } = offset;
	const size = Math.abs(centre);
	const off = say.plusMinus(size, NINE_IN_TEN * error);
	const more = centre > 0;
	const what = {
		end: `the ball ends ${off} ${more ? 'past' : 'short of'} the forecast`,
		side: `the ball ends ${off} ${more ? 'right' : 'left'} of the forecast`,
		landing: `the ball lands ${off} ${more ? 'past' : 'short of'} where it was to land`,
		landingSide: `the ball lands ${off} ${more ? 'right' : 'left'} of where it was to land`,
		run: `the ball runs ${off} ${more ? 'farther' : 'less far'} than forecast`,
		ratio: `the ball runs ${size.toFixed(2)} ± ${(NINE_IN_TEN * error).toFixed(2)} of its carry ${more ? 'more' : 'less'} than forecast`
	}[direction];
	const begun = groupWords(finding, say) + what;
	const oneDay = days === 1 ? ', all of one day' : '';
	return `${begun.charAt(0).toUpperCase()}${begun.slice(1)}: ${balls(n)}${oneDay}.`;
}

/** How many balls of a practice the log took in, in one sentence. */
export const notedWords = (n: number): string =>
	n === 0
		? 'Not noted: the club is gone, or cannot be carried so far.'
		: `${n === 1 ? 'One ball stands' : `${n} balls stand`} in the log.`;

/** Whether forecasts were as wide as what came, in one sentence. */
export function calibrationWords({ n, rings, verdict }: Calibration): string {
	const half = rings.find(({ share }) => share === 0.5)!;
	if (n === 0) return 'No result can be compared with its forecast yet.';
	if (verdict === 'too few')
		return `${balls(n)} ${n === 1 ? 'says' : 'say'} nothing yet: from 12 on the forecast is judged.`;
	const counted = `${half.inside} of ${n} balls ended inside the ring that was to hold half of them; an honest forecast has ${half.least} to ${half.most} there`;
	if (verdict === 'honest') return `${counted}. Nothing speaks against the forecast.`;
	return verdict === 'too narrow'
		? `${counted}. The forecast promises more than came: balls end farther from its middle.`
		: `${counted}. The forecast is too careful: balls end nearer its middle.`;
}

/** How much better than the skill alone the forecast did, in one sentence; empty where that is not known. */
export function scoreWords(
	skill: { gain: number; error: number; n: number } | null,
	say: LogSay
): string {
	if (!skill) return '';
	const { gain, error, n } = skill;
	const sure = Math.abs(gain) > NINE_IN_TEN * error;
	const size = say.plusMinus(Math.abs(gain), NINE_IN_TEN * error);
	if (!sure)
		return `Against the starting skill alone the forecast is neither better nor worse: ${balls(n)}.`;
	return `The forecast is ${size} a ball ${gain > 0 ? 'nearer to what came than' : 'farther from what came than'} the starting skill alone: ${balls(n)}.`;
}

/** What a correction changes, in one sentence. */
export function correctionWords(correction: Correction, say: LogSay): string {
	const { offset } = correction;
	const days = `on ${offset.days} ${offset.days === 1 ? 'day' : 'days'}`;
	const behind = `${balls(Math.round(offset.n))} ${days}`;
	if (correction.what === 'around') {
		const { more } = correction;
		return `From grass off the green ${Math.abs(more).toFixed(2)} strokes ${more > 0 ? 'more' : 'fewer'} are needed than presumed (${behind}).`;
	}
	const { factor } = correction;
	const much = percent(Math.abs(factor - 1));
	const way = (up: string, down: string) => (factor > 1 ? up : down);
	if (correction.what === 'carry')
		return `From ${lieWords(correction.lie)} the ball flies ${much} ${way('farther', 'less far')} than the swing says: swings are said ${way('shorter', 'longer')} from there (${behind}).`;
	if (correction.what === 'run')
		return `The ball runs ${much} ${way('farther', 'less far')} on the same carry: the club is delivered with ${way('less', 'more')} loft (${behind}).`;
	if (correction.what === 'spread')
		return `Landings are spread ${much} ${way('wider', 'closer')} than presumed (${behind}).`;
	if (correction.what === 'putts')
		return `Putts are holed half the time from ${much} ${way('farther', 'nearer')} than presumed (${offset.n} first putts ${days}).`;
	return `The green ran ${much} ${way('faster', 'slower')} on ${say.day(correction.day)} than its reading says (${behind}).`;
}

/** A share with what it may be, nine times in ten. */
export const shareWords = ({ hits, of, low, high }: Share): string =>
	of === 0 ? 'none counted' : `${hits} of ${of} (${percent(low)} to ${percent(high)})`;

/** What shots came to, in one sentence. */
export function reckoningWords(
	{ n, counted, strokes, over, upAndDown }: Reckoning,
	whose: string
): string {
	if (n === 0) return `Nothing is noted ${whose}.`;
	if (counted === 0)
		return `${n === 1 ? '1 shot is' : `${n} shots are`} noted ${whose}; none was counted to the hole.`;
	const all = `${counted === 1 ? '1 shot' : `${counted} shots`} ${whose} took ${strokes.toFixed(2)} strokes on average, ${upAndDown.hits} up and down`;
	if (!over) return `${all}. From six counted ones on they are compared with the forecast.`;
	const sure = Math.abs(over.mean) > NINE_IN_TEN * over.error;
	const by = `${Math.abs(over.mean).toFixed(2)} ± ${(NINE_IN_TEN * over.error).toFixed(2)}`;
	if (!sure) return `${all}: as many as forecast, within ${(NINE_IN_TEN * over.error).toFixed(2)}.`;
	return `${all}: ${by} ${over.mean > 0 ? 'more' : 'fewer'} a shot than forecast.`;
}

/** What of a pupil's plans is their own, and what still the starting skill's, in one sentence. */
export function restsOnWords({ pupil }: PupilFile, swings: number): string {
	const own = [
		...(swings > 0 ? [soMany(swings, 'measured swing')] : []),
		...(pupil.spread ? ['an own spread'] : []),
		...(pupil.delivered ? ['an own strike'] : []),
		...(pupil.costs ? ['own putting'] : [])
	];
	const presumed = [
		...(swings > 0 ? [] : ['swings']),
		...(pupil.spread ? [] : ['spread']),
		...(pupil.delivered ? [] : ['strike']),
		...(pupil.costs ? [] : ['putting'])
	];
	const list = (parts: readonly string[]) =>
		parts.length < 2 ? parts.join('') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`;
	const skill =
		pupil.handicap === undefined
			? `the skill “${pupil.skill}”`
			: `handicap ${Math.abs(pupil.handicap)}`;
	if (own.length === 0) return `Plans rest on ${skill} alone.`;
	if (presumed.length === 0) return `Plans rest on ${list(own)}: nothing is left of ${skill}.`;
	return `Plans rest on ${list(own)}; ${list(presumed)} are still those of ${skill}.`;
}
