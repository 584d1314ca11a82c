import { ballsToGo, dayReach, goodPaces, meanReach } from '$lib/core/practice/goodEnough';
import type { Score } from '$lib/core/practice/formats';
import type { Group, Grouped } from '$lib/core/practice/grouping';
import type { Miss } from '$lib/core/practice/habits';
import type { StrikeTag } from '$lib/core/practice/practised';
import type { Trend } from '$lib/core/practice/trend';
import type { LeftOut } from '$lib/core/practice/propose';
import { compareShares, type Share } from '$lib/core/math/share';
import type { SpinShape } from '$lib/core/setup/flights';
import type { Metres } from '$lib/core/units';
import type { CountedBy } from '$lib/core/practice/yardstick';
import type { Say } from './say';

/** What is said of a strike. */
export const TAG_WORDS: Readonly<Record<StrikeTag, string>> = {
	heavy: 'Heavy',
	thin: 'Thin',
	toe: 'Toe',
	heel: 'Heel',
	left: 'Left',
	right: 'Right',
	good: 'Good',
	wild: 'Wild'
};

export const SHAPE_WORDS: Readonly<Record<SpinShape, string>> = {
	inside: 'from inside',
	straight: 'straight',
	outside: 'from outside'
};

const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];
const counted = (n: number): string => NUMBERS[n] ?? String(n);
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A landing this near to where it was meant is right, and a roll this near to what was to be expected; share and length. */
const RIGHT: Metres = 0.4;
const RIGHT_SHARE = 0.08;

/** A middle that is off what was meant, and how far it may be off itself, with 90 %. */
interface Off {
	by: Metres;
	reach: Metres;
	/** Of what it is off: a length that is right within a share of itself. */
	of: Metres;
}

/** Whether balls say that it is right, that it is not, or nothing yet. */
function verdict({ by, reach, of }: Off): 'right' | 'off' | 'open' {
	const right = Math.max(RIGHT, RIGHT_SHARE * Math.abs(of));
	if (Math.abs(by) > Math.max(right, reach)) return 'off';
	return Math.abs(by) <= right && reach <= 2 * right ? 'right' : 'open';
}

/** "1.2 ± 0.4 m": the unit once. */
const give = (by: Metres, reach: Metres, say: Say): string =>
	`${say.length(Math.abs(by)).split(' ')[0]} ± ${say.length(reach)}`;

const reachOf = ({ posterior, n }: Grouped): Metres => meanReach(posterior, n);

/** How far the middle of the ends may be off: of the landings and of the runs together. */
const endReach = ({ carry, roll }: Group): Metres =>
	Math.hypot(reachOf(carry), roll ? reachOf(roll) : 0);

/** What is known of the balls of one kind, told apart: landing, then run. */
export interface GroupMeant {
	club: string;
	/** Null where nothing is laid on the green to land at: a swing is measured. */
	landing: Metres | null;
	/** How far it is to roll by the model from where it lands; null where the run does not matter. */
	roll: Metres | null;
}

/** "You land it right; the 9i runs 1.2 ± 0.4 m more than the plan says." What balls do not tell yet is not said. */
export function groupWords(group: Group, { club, landing, roll }: GroupMeant, say: Say): string {
	if (landing === null)
		return `The ${club} carries ${give(group.carry.centre, reachOf(group.carry), say)} with this swing.`;
	const off = { by: group.carry.centre - landing, reach: reachOf(group.carry), of: landing };
	const way = off.by < 0 ? 'short' : 'long';
	const landed = {
		right: 'You land it right',
		off: `You land it ${give(off.by, off.reach, say)} ${way}`,
		open: `You land it near the mark so far, known to ${say.length(off.reach)}`
	}[verdict(off)];
	if (roll === null || !group.roll) return `${landed}.`;
	const ran = { by: group.roll.centre - roll, reach: reachOf(group.roll), of: roll };
	const runs = {
		right: 'runs as the plan says',
		off: `runs ${give(ran.by, ran.reach, say)} ${ran.by > 0 ? 'more' : 'less'} than the plan says`,
		open: `runs about as the plan says so far, known to ${say.length(ran.reach)}`
	}[verdict(ran)];
	return `${landed}; the ${club} ${runs}.`;
}

/** "The 9i ends 1.2 ± 0.5 m past the flag on average." */
export function flagWords(group: Group, flag: Metres, club: string, say: Say): string {
	if (!group.finish) return '';
	const off = { by: group.finish.x - flag, reach: endReach(group), of: flag };
	return {
		right: `The ${club} ends at the flag on average.`,
		off: `The ${club} ends ${give(off.by, off.reach, say)} ${off.by > 0 ? 'past' : 'short of'} the flag on average.`,
		open: `The ${club} ends near the flag so far, known to ${say.length(off.reach)}.`
	}[verdict(off)];
}

/** Nobody hits more than this many with one club to know it better. */
const TOO_MANY = 12;

/** "Three more with the 9i and this is good to a pace." */
export function toGoWords(
	group: Group,
	measure: 'carry' | 'roll',
	club: string,
	pace: Metres,
	say: Say
): string {
	const grouped = measure === 'roll' && group.roll ? group.roll : group.carry;
	const paces = goodPaces(grouped.centre, pace);
	const fine = paces === 1 ? 'a pace' : `${counted(paces)} paces`;
	const more = ballsToGo(grouped, paces * pace);
	if (more === 0)
		return measure === 'carry' && dayReach(grouped.centre) > paces * pace
			? `The ${club} is good to ${fine} today; balls of another day make it sure.`
			: `The ${club} is good to ${fine}.`;
	if (more > TOO_MANY)
		return `So far the ${club} is good to ${say.length(meanReach(grouped.posterior, grouped.n))}; good to ${fine} takes more balls than one session has.`;
	return `${capital(counted(more))} more with the ${club} and this is good to ${fine}.`;
}

/** "The SW fell from 14.2 m to 12.6 m while you practised: rest, then measure it fresh." Empty where nothing can be told. */
export function driftWords({ drift }: Pick<Group, 'drift'>, club: string, say: Say): string {
	if (!drift) return '';
	const way = `from ${say.length(drift.from)} to ${say.length(drift.to)}`;
	return drift.to < drift.from
		? `The ${club} fell ${way} while you practised: rest, then measure it fresh.`
		: `The ${club} rose ${way} while you practised: the first balls were for warming up.`;
}

/** Where the balls of a club end on average. */
interface Ending {
	task: { clubId: string };
	group: Group | null;
}

/** How far apart clubs end, the longest first: "7i to 9i 2.1 ± 0.6 m, 9i to GW 3.0 ± 0.5 m." Empty for fewer than two. */
export function gapWords(tasks: readonly Ending[], club: (id: string) => string, say: Say): string {
	const ends = tasks
		.flatMap(({ task, group }) =>
			group?.roll
				? [
						{
							name: club(task.clubId),
							end: group.carry.centre + group.roll.centre,
							reach: endReach(group)
						}
					]
				: []
		)
		.sort((a, b) => b.end - a.end);
	if (new Set(ends.map(({ name }) => name)).size < ends.length || ends.length < 2) return '';
	const gaps = ends.slice(1).map(({ name, end, reach }, i) => {
		const [longer, gap] = [ends[i]!, ends[i]!.end - end];
		const known = Math.hypot(reach, longer.reach);
		const apart = gap > known ? give(gap, known, say) : 'not told apart yet';
		return `${longer.name} to ${name} ${apart}`;
	});
	return `Between clubs: ${gaps.join(', ')}.`;
}

/** Why a club is left out of a drill. */
export function leftOutWords({ why, by }: LeftOut, club: string, say: Say): string {
	if (why === 'no-room')
		return `${club} is left out: it would end ${say.length(Math.max(0, by))} past the green.`;
	if (why === 'short')
		return `${club} is left out: it would land ${say.length(by)} before the green.`;
	if (why === 'too-far') return `${club} is left out: it cannot be carried that far.`;
	return `Nothing in the bag near ${club}.`;
}

const shareWords = ({ hits, of }: Share, say: Say): string =>
	`${hits} of ${of}${of > 0 ? ` (${say.percent(hits / of)})` : ''}`;

/** What it takes for a ball of a drill to be as meant. */
export function meantWords({ mark, measure, tolerance }: CountedBy, say: Say): string {
	if (measure === 'strike') return 'struck well';
	if (measure === 'strokes') return 'holed in two';
	if (mark === 'none') return `landed within ${say.length(tolerance)} of the line`;
	return mark === 'flag'
		? `ended within ${say.length(tolerance)} of the flag`
		: `landed within ${say.length(tolerance)} of the mark`;
}

/** How a session went, in one sentence. */
export function scoreWords(score: Score, rules: CountedBy, say: Say): string {
	if (score.kind === 'strokes')
		return `${score.total} strokes for ${score.upAndDown.of} balls; up and down ${shareWords(score.upAndDown, say)}.`;
	if (score.kind === 'worse')
		return score.median === null
			? 'No pair was followed to its end.'
			: `Worse of two: ${say.length(score.median)} off in the middle of ${score.pairs} pairs.`;
	const { share, last } = score;
	const done = `${shareWords(share, say)} as meant: ${meantWords(rules, say)}`;
	if (!last || last.of === 0 || share.of === 0) return `${done}.`;
	const told = compareShares(share, last);
	const before = `${last.hits} of ${last.of}`;
	if (told === 0) return `${done}. Last time ${before}: too few balls to call it a difference.`;
	return `${done}, ${told > 0 ? 'better than' : 'behind'} last time: ${before}.`;
}

/** Whether a score over sessions can be told from luck. */
export function trendWords({ way, luck }: Trend, sessions: number): string {
	if (sessions === 1) return 'One session so far.';
	if (way === 0)
		return `${capital(counted(sessions))} sessions: no change that could be told from luck.`;
	const times = Math.max(2, Math.round(1 / Math.max(luck, 0.001)));
	return `${way > 0 ? 'Better' : 'Worse'} over ${counted(sessions)} sessions: luck alone would show it once in ${times}.`;
}

/** A miss, and what usually causes it (common practice, no source). */
export const MISS_WORDS: Readonly<Record<Miss, { name: string; causes: string }>> = {
	heavy: {
		name: 'Heavy',
		causes:
			'often weight back, slowing down, hands far ahead of a wedge with little bounce, or looking up'
	},
	thin: {
		name: 'Thin',
		causes: 'often scooping or rising, or much bounce opened on a tight lie'
	},
	left: { name: 'Left', causes: 'often the face, or feet and shoulders aimed there' },
	right: { name: 'Right', causes: 'often the face, or feet and shoulders aimed there' },
	short: {
		name: 'Lands short',
		causes: 'often slowed down, or too short a swing for the distance'
	},
	long: { name: 'Lands long', causes: 'often too long a swing, or a lie that jumps' },
	'runs-on': {
		name: 'Runs on',
		causes: 'often less loft than meant, a ball met thin of centre, or less spin than usual'
	},
	checks: {
		name: 'Checks',
		causes: 'often more loft or spin than meant, or a soft place'
	}
};
