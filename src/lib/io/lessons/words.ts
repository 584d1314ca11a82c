import { soMany } from '../words/say';
import { DRILL_WORDS } from '../words/drill';
import { STEP_QUESTIONS, STEP_WORDS } from '../trainer/words';
import { MISS_WORDS, TAG_WORDS } from '../words/practice';
import type { StrikeTag } from '$lib/core/practice/practised';
import type { CellChange } from '../practice/cellChanges';
import type { ScoreNow } from './summary';
import { markWords } from '../words/swing';
import type { DrillId } from '$lib/core/practice/drills';
import type { Gain } from '$lib/core/lessons/proposal';
import type { PupilFile } from '../work/pupil';
import type { BlockKind, Lesson, LessonState } from './lesson';
import { repeatsOf, WEEKDAYS, type Repeats, type Weekday } from './recurrence';
import type { Appointed, Clash, PackageState } from './schedule';
import type { About } from './proposal';
import type { ProposalWords } from './proposedBlocks';

export const BLOCK_WORDS: Readonly<Record<BlockKind, string>> = {
	drill: 'Drill',
	test: 'Test',
	shot: 'Shot',
	talk: 'Talk',
	free: 'Free'
};

export const STATE_WORDS: Readonly<Record<LessonState, string>> = {
	planned: 'planned',
	running: 'goes on',
	ended: 'over',
	cancelled: 'cancelled'
};

export const WEEKDAY_WORDS: Readonly<Record<Weekday, string>> = {
	MO: 'Monday',
	TU: 'Tuesday',
	WE: 'Wednesday',
	TH: 'Thursday',
	FR: 'Friday',
	SA: 'Saturday',
	SU: 'Sunday'
};
export const MONTH_WORDS = [
	'January',
	'February',
	'March',
	'April',
	'May',
	'June',
	'July',
	'August',
	'September',
	'October',
	'November',
	'December'
] as const;

const ORDINAL = ['', 'every', 'every second', 'every third', 'every fourth'];

/** "a, b and c". */
export const listed = (parts: readonly string[]): string =>
	parts.length < 2 ? (parts[0] ?? '') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`;

/**
 * How lessons come again: "every second Tuesday, not in August, until 20 Dec".
 *
 * @param dayWords of a day
 */
export function repeatsWords(
	{ weeks, days, until, times, notIn }: Repeats,
	dayWords: (day: string) => string
): string {
	const named = WEEKDAYS.filter((day) => days.includes(day)).map((day) => WEEKDAY_WORDS[day]);
	const every = ORDINAL[weeks] ?? `every ${weeks}th`;
	return [
		`${every} ${named.length > 0 ? listed(named) : 'week'}`,
		...(notIn.length > 0
			? [`not in ${listed(notIn.map((month) => MONTH_WORDS[month - 1]!))}`]
			: []),
		...(until ? [`until ${dayWords(until)}`] : times ? [`${times} times`] : [])
	].join(', ');
}

/** The same of a rule; one that only a calendar could have made is called that. */
export function ruleWords(rule: string, dayWords: (day: string) => string): string {
	const repeats = repeatsOf(rule);
	return repeats ? repeatsWords(repeats, dayWords) : `by a calendar’s own rule (${rule})`;
}

/** Who comes: names up to three, then how many more. */
export function whoWords(names: readonly string[]): string {
	const shown = 3;
	if (names.length <= shown) return listed(names);
	return `${names.slice(0, shown - 1).join(', ')} and ${names.length - shown + 1} more`;
}

/** What two lessons want at once: "At the same time as Ida Brenner, 16:30: the same coach, Ledge green." */
export function clashWords(
	{ one, other, coach, pupilIds, greenIds }: Clash,
	about: Lesson,
	names: { pupil: (id: string) => string; green: (id: string) => string }
): string {
	const with_ = one.id === about.id ? other : one;
	const wanted = [
		...(coach ? [`the same coach, ${about.coach}`] : []),
		...pupilIds.map(names.pupil),
		...greenIds.map(names.green)
	];
	return `At the same time as ${whoWords(with_.pupilIds.map(names.pupil))}, ${with_.time}: ${listed(wanted)}.`;
}

const two = (value: number): string => value.toFixed(2);
/** "0.04 ± 0.01 strokes a shot"; what is less than its error is said to be unsure. */
export function gainWords({ strokes, error }: Gain): string {
	const sure = strokes > 1.64 * error ? '' : ', unsure';
	return `${two(strokes)} ± ${two(1.64 * error)} strokes a shot${sure}`;
}

const shotsWords = (count: number): string => (count === 1 ? 'one shot' : `${count} shots`);
const weeks = (days: number): string =>
	days === 0
		? 'today'
		: days === 1
			? 'yesterday'
			: days < 14
				? `${days} days ago`
				: `${Math.round(days / 7)} weeks ago`;

const drillName = (id: DrillId): string => DRILL_WORDS[id].name;

/**
 * Says what a proposal rests on.
 *
 * @param dayWords of a day, 2026-10-25
 */
export function proposalWords(file: PupilFile, dayWords: (day: string) => string): ProposalWords {
	const club = (id: string): string =>
		file.clubs.find((one) => one.id === id)?.name ?? 'a club that is gone';
	const swing = (mark: string): string => markWords(mark, file.pupil.vocabulary);
	return {
		title(about) {
			switch (about.kind) {
				case 'left-over':
					return about.block.title;
				case 'homework':
					return `Homework: ${about.homework.name}`.slice(0, 60);
				case 'habit':
					return drillName(about.habit.treatedBy);
				case 'measure':
					return `Measure ${swing(about.cell.swing)} ${club(about.cell.clubId)}`.slice(0, 60);
				case 'test':
				case 'basics':
				case 'spaced':
					return drillName(about.drillId);
				case 'reading':
					return `Read shots: ${STEP_WORDS[about.record.step].toLowerCase()}`;
				case 'transfer':
					return 'As on the course';
				case 'end':
					return 'What to take home';
			}
		},
		cue(about) {
			switch (about.kind) {
				case 'left-over':
					return about.block.cue;
				case 'homework':
					return 'What was easy, what was not?';
				case 'habit':
					return DRILL_WORDS[about.habit.treatedBy].look;
				case 'measure':
					return 'Length, not effort: the same rhythm.';
				case 'test':
					return 'No advice while it counts.';
				case 'basics':
				case 'spaced':
					return DRILL_WORDS[about.drillId].look;
				case 'reading':
					return STEP_QUESTIONS[about.record.step];
				case 'transfer':
					return 'Lie, height, spot, ratio, club, swing: say it, then hit it.';
				case 'end':
					return 'One thing, in the pupil’s own words.';
			}
		},
		why: (about) => whyWords(about, dayWords)
	};
}

function whyWords(about: About, dayWords: (day: string) => string): string {
	switch (about.kind) {
		case 'left-over':
			return `Left over from ${dayWords(about.from)}.`;
		case 'homework':
			return about.state === 'late'
				? `Due since ${dayWords(about.homework.due)} and not done.`
				: `Open until ${dayWords(about.homework.due)}.`;
		case 'reading': {
			const { right, cost } = about.record;
			return `In the trainer ${right.hits} of ${right.of} were right, less often than the other steps and not by luck; it loses ${cost.toFixed(2)} strokes a shot.`;
		}
		case 'habit': {
			const { habit, extra, gain, shots } = about;
			const seen = `${MISS_WORDS[habit.miss].name}: ${habit.share.hits} of ${soMany(habit.share.of, 'ball')}; ${Math.round(habit.expected ?? 0)} are usual for this skill.`;
			return shots > 0 && gain.strokes > 0
				? `${seen} On ${shotsWords(shots)} of this pupil such a ball costs ${two(extra)} strokes more; a lesson may save ${gainWords(gain)}.`
				: `${seen} What it costs is not known: no shot of this pupil is saved.`;
		}
		case 'measure': {
			const { gain, calls, shots } = about;
			return `${calls} of ${shotsWords(shots)} ${calls === 1 ? 'calls' : 'call'} for it and nobody has measured it: knowing it saves ${gainWords(gain)}.`;
		}
		case 'test':
			return about.last
				? `Last done ${weeks(about.days ?? 0)}: ${about.last.share.hits} of ${about.last.share.of}.`
				: 'Never done: a beginning, to compare with later.';
		case 'basics':
			return `Nothing is known of it yet: ${DRILL_WORDS[about.drillId].purpose.charAt(0).toLowerCase()}${DRILL_WORDS[about.drillId].purpose.slice(1)}`;
		case 'spaced':
			return `Last done ${weeks(about.days)}: what is spread over weeks stays longer than what is crowded.`;
		case 'transfer':
			return about.habit
				? `Where it has to hold: one ball, a new place each time.`
				: 'No habit stands out: what is left is choosing well.';
		case 'end':
			return '';
	}
}

/** What a proposal rests on, in a line. */
export function proposalHeading(
	name: string,
	{
		unknown,
		shots,
		balls,
		habit
	}: { unknown: boolean; shots: number; balls: number; habit: boolean }
): string {
	if (unknown)
		return `Nothing is known of ${name} yet. This begins with what tells most; after it there is something to go by.`;
	const from = `From ${balls} balls and ${shotsWords(shots)} of ${name}`;
	return `${from}${habit ? '' : ': no habit stands out from what the skill explains'}.`;
}

const MINUTE = 60;
/** "7:05": minutes and seconds. */
export function clockWords(seconds: number): string {
	const whole = Math.max(0, Math.floor(seconds));
	return `${Math.floor(whole / MINUTE)}:${String(whole % MINUTE).padStart(2, '0')}`;
}

const percent = (share: number): string => String(Math.round(100 * share));

/** "7 of 12 (36 to 78 %), 4 of 12 on 3 Oct: luck could make that much." */
export function scoreWords(
	{ now, last, better }: Pick<ScoreNow, 'now' | 'last' | 'better'>,
	dayWords: (at: string) => string
): string {
	const this_ = `${now.hits} of ${now.of} (${percent(now.low)} to ${percent(now.high)} %)`;
	if (!last) return `${this_}, the first time.`;
	const verdict = {
		'1': 'better, more than luck explains',
		'-1': 'worse, more than luck explains',
		'0': 'luck could make that much'
	}[`${better}`];
	return `${this_}; ${last.share.hits} of ${last.share.of} on ${dayWords(last.startedAt)}: ${verdict}.`;
}

/** "Heavy 4, thin 2." Empty where nothing was said. */
export const tagsWords = (tags: readonly (readonly [StrikeTag, number])[]): string =>
	tags.length === 0
		? ''
		: `Strikes: ${tags.map(([tag, count]) => `${TAG_WORDS[tag].toLowerCase()} ${count}`).join(', ')}.`;

/** "SW 9 o’clock: 14.2 m, before 13.1 m; from 8 balls." */
export function changeWords(
	{ club, swing, before, after, counts }: CellChange,
	{ clubs, pupil }: PupilFile,
	length: (metres: number) => string
): string {
	const name = clubs.find(({ id }) => id === club)?.name ?? 'A club that is gone';
	const said = `${name} ${markWords(swing, pupil.vocabulary)}`;
	if (!after) return `${said}: nothing.`;
	const was = before ? `, before ${length(before.mean)}` : ', not known before';
	return `${said}: ${length(after.mean)}${was}; from ${after.n} balls${counts ? '' : ', not in the bag yet'}.`;
}

/** "12 lessons in a year, 9.5 hours". Empty where there was none. */
export function hoursWords(had: readonly Appointed[]): string {
	if (had.length === 0) return '';
	const hours = had.reduce((sum, { lesson }) => sum + lesson.minutes, 0) / MINUTE;
	const long = hours.toFixed(1).replace('.0', '');
	return `${soMany(had.length, 'lesson')} in a year, ${long === '1' ? 'an hour' : `${long} hours`}`;
}

/** "4 of 10 had", "all 5 had, 2 more since". */
export function packageWords({ had, of }: PackageState): string {
	if (had < of) return `${had} of ${of} had`;
	return `all ${of} had${had > of ? `, ${had - of} more since` : ''}`;
}
