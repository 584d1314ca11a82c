import type { Reason } from '$lib/core/plan/explain/reason';
import type { Caution } from '$lib/core/plan/explain/reasons';
import type { Beyond } from '$lib/core/schools/school';
import { toFeet, toPercent } from '$lib/core/units';
import { LIE_NAMES } from './lie';
import { playWords } from './play';
import { rejectionWords } from './rejection';
import { SCHOOL_WORDS } from './school';
import type { Say } from './say';

/** Strokes to the nearest twentieth: finer is noise. */
const strokes = (value: number): string => (Math.round(value * 20) / 20).toFixed(2);
const signed = (value: number, say: Say): string =>
	`${say.length(Math.abs(value))} ${value >= 0 ? 'farther' : 'shorter'}`;

/** What a reading would be if it were off in one direction. */
function watchedWords({ what, by, lie }: Extract<Reason, { code: 'watch' }>): string {
	if (what === 'stimp')
		return `Green speed matters most here: a foot ${by > 0 ? 'faster' : 'slower'}`;
	if (what === 'slope')
		return `The slope matters most here: one percent more ${by > 0 ? 'uphill' : 'downhill'}`;
	return `The lie matters most here: take it for ${LIE_NAMES[lie].toLowerCase()}`;
}

const place = (target: number, say: Say): string =>
	target >= 0 ? `${say.length(target)} past the pin` : `${say.length(-target)} short of the pin`;

/** A place off the pin's own target, along the line and to the side. */
function placeOff(past: number, side: number, say: Say): string {
	const along = Math.abs(past) < WORTH_SAYING ? '' : place(past, say);
	const beside =
		Math.abs(side) < WORTH_SAYING
			? ''
			: `${say.length(Math.abs(side))} ${side > 0 ? 'right' : 'left'} of ${along ? 'it' : 'the pin'}`;
	return [along, beside].filter(Boolean).join(', ');
}
const WORTH_SAYING = 0.5;
/** Where so many balls end elsewhere than the middle one, that is said. */
const RUNS_ON = 0.2;

/** The ways that tie with the call, the first by name. */
function others({ other, tied }: Extract<Reason, { tied: number }>): string {
	if (!other) return 'with the ball left elsewhere';
	if (tied === 1) return playWords(other);
	return `${playWords(other)} and ${tied === 2 ? 'one other way' : `${tied - 1} other ways`}`;
}

/** What rounds to no percent is not said as a number. */
const fourOrMoreWords = (chance: number, say: Say): string =>
	chance < 0.005
		? 'it hardly ever takes four'
		: `it takes four or more ${say.percent(chance)} of the time`;

/** How often a club is caught badly; what rounds to no percent is not said as a number. */
function mishitWords({ heavy, thin }: { heavy: number; thin: number }, say: Say): string {
	if (Math.max(heavy, thin) < 0.005) return 'it is hardly ever caught heavy or thin';
	return `caught heavy ${say.percent(heavy)}, thin ${say.percent(thin)} of the time`;
}

/** Why a rule does not bind here. */
const BEYOND_WORDS: Readonly<Record<Beyond, string>> = {
	madeForGrass: 'was made for grass',
	madeForCleanLies: 'was made for clean lies',
	carryTooLong: 'was made for shorter shots',
	notEnoughGreen: 'would not land this one on the green'
};

/** One reason as one sentence. */
export function reasonWords(reason: Reason, say: Say): string {
	switch (reason.code) {
		case 'fewestStrokes':
			return `${reason.asked ? 'Of what was asked for, the ' : ''}${playWords(reason.play)} costs this player the fewest strokes; ${fourOrMoreWords(reason.fourOrMore, say)}.`;
		case 'tieLeastAir':
			return `${playWords(reason.play)} is as good as ${others(reason)} and flies least.`;
		case 'tieLeastTrouble':
			return `${playWords(reason.play)} is as good on average as ${others(reason)} and goes badly wrong ${say.percent(reason.trouble)} less often.`;
		case 'tieSafer':
			return `${playWords(reason.play)} is as good on average as ${others(reason)}; ${playWords(reason.flatter)} flies less but goes badly wrong ${say.percent(reason.trouble)} more often.`;
		case 'tieCheaper':
			return `${playWords(reason.play)} is one of ${reason.tied + 1} ways that cost about the same; ${playWords(reason.flatter)} flies less but costs ${strokes(reason.more)} strokes more.`;
		case 'tieOpened':
			return `${playWords(reason.play)} is as good as ${others(reason)}; from sand the more open face comes first: its sole slides instead of digging.`;
		case 'tieMeasured':
			return `${playWords(reason.play)} is as good as ${others(reason)}, and its swings are measured.`;
		case 'tieFlatter':
			return `${playWords(reason.play)} is as good as ${others(reason)}: it flies about as little as any and costs no more.`;
		case 'tieEven':
			return `${playWords(reason.play)} is as good as ${others(reason)}; take the one you trust.`;
		case 'tooWild':
			return `${playWords(reason.play)} stays in play: ${playWords(reason.wild)} costs a little less on average, but one ball in ten ends more than ${say.length(reason.within)} away.`;
		case 'onlyOne':
			return reason.asked
				? `Of what was asked for, only the ${playWords(reason.play)} works from here.`
				: `${playWords(reason.play)} is the only shot that works from here.`;
		case 'compromise':
			return `Nothing ${reason.asked ? 'of what was asked for ' : ''}lands safely on the green; ${playWords(reason.play)} costs the fewest strokes all the same.`;
		case 'leastBad':
			return `Damage limitation: nothing ${reason.asked ? 'of what was asked for ' : ''}works from here. ${playWords(reason.play)} is the least bad way, though it ${rejectionWords(reason.rejection, say)}; on the green, or just out, is enough.`;
		case 'drop':
			return 'If even that is too dear, the Rules let a ball be called unplayable and dropped for one penalty stroke (Rule 19; from a bunker see 19.3).';
		case 'restsNowhere':
			return `No ball stays by this hole: ${Math.round(toPercent(reason.slope))} % of slope is too steep for the speed of this green. At ${toFeet(reason.restsAt).toFixed(1)} ft one would just stay; better choose another hole.`;
		case 'runnerUp':
			return reason.more < 0.025
				? `${playWords(reason.play)} is next and costs no more.`
				: `${playWords(reason.play)} is next and costs ${strokes(reason.more)} strokes more.`;
		case 'habitCostsMore':
			return `The ${reason.club.name} costs ${reason.more < 0.025 ? 'no more here' : `${strokes(reason.more)} strokes more`}: ${mishitWords(reason, say)}.`;
		case 'habitIsOut':
			return `The ${reason.club.name} is out: it ${rejectionWords(reason.rejection, say)}.`;
		case 'habitIsRight':
			return `For once the most lofted club, the ${reason.club.name}, is the right one.`;
		case 'playedSafe': {
			const where = placeOff(reason.past, reason.side, say);
			if (!reason.onGreen)
				return `Meant to end ${where}, off the green: nothing that goes for the pin costs less.`;
			if (reason.runOn >= RUNS_ON)
				return `Meant to end ${where}: ${say.percent(reason.runOn)} of the balls run on toward it, and from either place two putts are enough.`;
			if (reason.saves === null) return `Meant to end ${where}: two putts from there are enough.`;
			return reason.saves < 0.025
				? `Meant to end ${where}: going at the pin is no better and goes wrong by more.`
				: `Meant to end ${where}: going at the pin costs ${strokes(reason.saves)} strokes more.`;
		}
		case 'safeCosts': {
			const where = place(reason.target, say);
			if (reason.more >= 0.025)
				return `Playing ${where} costs ${strokes(reason.more)} strokes more${reason.fourOrMoreLess > 0.005 ? ` and ends in four or more ${say.percent(reason.fourOrMoreLess)} less often` : ''}.`;
			return `Playing ${where} costs no more${reason.kinder ? ' and is kinder' : ''}.`;
		}
		case 'breaks':
			return `The green falls to the ${reason.slopeAcross > 0 ? 'right' : 'left'}, so it is aimed ${say.length(Math.abs(reason.aim))} to the ${reason.aim > 0 ? 'right' : 'left'} of the pin.`;
		case 'schoolCosts':
			return reason.more < 0.025
				? 'Staying within this school costs nothing here.'
				: `Staying within this school costs ${strokes(reason.more)} strokes here.`;
		case 'schoolElsewhere':
			return `“${SCHOOL_WORDS[reason.school].name}” ${BEYOND_WORDS[reason.beyond]}, so every way is looked at.`;
		case 'schoolLifted':
			return `Nothing that “${SCHOOL_WORDS[reason.school].name}” would play works from here, so every way is looked at.`;
		case 'watch':
			return `${watchedWords(reason)}, and the same swing ends ${signed(reason.change, say)}.`;
	}
}

export const CAUTION_WORDS: Record<Caution, string> = {
	'nobody-in-front':
		'Full-speed swing: nobody in front or to the side. A bladed ball leaves at head height.',
	'shared-green':
		'Shared green: look up before each ball, follow the local rules, repair your marks.',
	'not-in-a-round':
		'Plan and learn beforehand: during a round the Rules of Golf (4.3, 10.2) and local rules come first.',
	'short-finds-hazard': 'What comes up short finds the hazard: choose a length you own.',
	'long-finds-hazard': 'There is a hazard beyond: a thin strike finds it.',
	'wide-finds-hazard': 'There is a hazard beside the line: mind which side you miss on.',
	'downhill-runs-away': 'Downhill past the hole: a ball that misses keeps going.',
	'outside-measured': 'Longer than any swing you have measured with this club.'
};
