import type { Caution, Reason } from '$lib/core/plan/reasons';
import { playWords } from './play';
import { rejectionWords } from './rejection';
import { SCHOOL_WORDS } from './school';
import type { Say } from './say';

/** Strokes to the nearest twentieth: finer is noise. */
const strokes = (value: number): string => (Math.round(value * 20) / 20).toFixed(2);
const signed = (value: number, say: Say): string =>
	`${say.length(Math.abs(value))} ${value >= 0 ? 'farther' : 'shorter'}`;

const WATCHED = {
	stimp: 'Green speed matters most here: a foot off and the ball ends',
	slope: 'The slope matters most here: one percent off and the ball ends',
	distance: 'The distance matters most here: a pace off and the ball ends',
	lie: 'The lie matters most here: one step worse and the ball ends'
};

const place = (target: number, say: Say): string =>
	target >= 0 ? `${say.length(target)} past the pin` : `${say.length(-target)} short of the pin`;

/** One reason as one sentence. */
export function reasonWords(reason: Reason, say: Say): string {
	switch (reason.code) {
		case 'fewestStrokes':
			return `${playWords(reason.play)} costs this player the fewest strokes: ${strokes(reason.strokes)} on average, up and down ${say.percent(reason.upAndDown)}.`;
		case 'tieLeastAir':
			return `${playWords(reason.play)} is as good as ${reason.tied === 1 ? 'one other shot' : `${reason.tied} others`} and flies least.`;
		case 'onlyOne':
			return `${playWords(reason.play)} is the only shot that works from here.`;
		case 'compromise':
			return `Nothing lands safely on the green; ${playWords(reason.play)} comes nearest.`;
		case 'leastBad':
			return `Damage limitation: nothing works from here. ${playWords(reason.play)} is the least bad way, though it ${rejectionWords(reason.rejection, say)}; on the green, or just out, is enough.`;
		case 'runnerUp':
			return reason.more < 0.025
				? `${playWords(reason.play)} is next and costs no more.`
				: `${playWords(reason.play)} is next and costs ${strokes(reason.more)} strokes more.`;
		case 'habitCostsMore':
			return `The ${reason.club.name} costs ${reason.more < 0.025 ? 'no more here' : `${strokes(reason.more)} strokes more`}: caught heavy ${say.percent(reason.heavy)}, thin ${say.percent(reason.thin)} of the time.`;
		case 'habitIsOut':
			return `The ${reason.club.name} is out: it ${rejectionWords(reason.rejection, say)}.`;
		case 'habitIsRight':
			return `For once the most lofted club, the ${reason.club.name}, is the right one.`;
		case 'playedSafe':
			return `Play away from the flag, ${place(reason.target, say)}: going at it costs more.`;
		case 'safeCosts':
			return reason.more < 0.025
				? `Playing ${place(reason.target, say)} costs no more and is kinder.`
				: `Playing safe, ${place(reason.target, say)}, costs ${strokes(reason.more)} strokes more.`;
		case 'schoolCosts':
			return reason.more < 0.025
				? 'Staying within this school costs nothing here.'
				: `Staying within this school costs ${strokes(reason.more)} strokes here.`;
		case 'schoolLifted':
			return `Nothing that ${SCHOOL_WORDS[reason.school].name} would play works from here, so every way is looked at.`;
		case 'watch':
			return `${WATCHED[reason.what]} ${signed(reason.change, say)}.`;
	}
}

export const CAUTION_WORDS: Record<Caution, string> = {
	'nobody-in-front':
		'Full-speed swing: nobody in front or to the side. A bladed ball leaves at head height.',
	'shared-green':
		'Shared green: look up before each ball, follow the local rules, repair your marks.',
	'not-in-a-round':
		'Plan and learn beforehand: during a round the Rules of Golf (4.3, 10.2) and local rules come first.',
	'plays-to-hazard': 'A heavy strike finds the hazard: choose a length you own.',
	'downhill-runs-away': 'Downhill past the hole: a ball that misses keeps going.',
	'outside-measured': 'Longer than any swing you have measured with this club.'
};
