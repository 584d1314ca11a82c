import { leaveOf, strokesOf, type Play } from '$lib/io/log/play';
import { playedDay } from '$lib/io/log/scored';

/** What the log is narrowed to; empty for everything. */
export interface LogFilter {
	pupil: string;
	/** By name: every pupil has clubs of their own. */
	club: string;
	lie: string;
	green: string;
	/** A round by its id, all rounds, or practice. */
	where: string;
	/** 2026-10. */
	month: string;
	result: string;
	tag: string;
	/** Anywhere in names and notes. */
	text: string;
}

export const EVERYTHING: LogFilter = {
	pupil: '',
	club: '',
	lie: '',
	green: '',
	where: '',
	month: '',
	result: '',
	tag: '',
	text: ''
};

/** Names of what a played shot refers to. */
export interface LogNames {
	pupil: (id: string) => string;
	club: (id: string) => string;
	green: (id: string) => string;
	round: (id: string) => string;
}

export const ROUNDS = 'rounds';
export const PRACTICE = 'practice';
/** A shot without a map, among greens. */
export const NO_MAP = '-';

/** What a shot can come to, as it is filtered by. */
export const RESULTS: readonly { id: string; label: string; test: (play: Play) => boolean }[] = [
	{ id: 'holed', label: 'Holed', test: ({ holed }) => holed },
	{ id: 'up-and-down', label: 'Up and down', test: (play) => (strokesOf(play) ?? 9) <= 2 },
	{ id: 'three', label: 'Three', test: (play) => strokesOf(play) === 3 },
	{ id: 'many', label: 'Four or more', test: (play) => (strokesOf(play) ?? 0) >= 4 },
	{ id: 'far', label: 'Left over 3 m', test: (play) => (leaveOf(play) ?? 0) > 3 }
];

const monthOf = (play: Play): string => playedDay(play).slice(0, 7);

const isWhere = ({ roundId }: Play, where: string): boolean =>
	where === PRACTICE ? roundId === null : where === ROUNDS ? roundId !== null : roundId === where;

function saysText(play: Play, text: string, names: LogNames): boolean {
	const all = [
		play.notes,
		play.saved?.name ?? '',
		play.played?.words ?? '',
		names.club(play.clubId),
		names.pupil(play.pupilId),
		play.shot.place ? names.green(play.shot.place.greenId) : '',
		play.roundId === null ? '' : names.round(play.roundId)
	];
	return all.join('\n').toLowerCase().includes(text.trim().toLowerCase());
}

/** Whether a played shot is one of those that are asked for. */
export function passes(play: Play, filter: LogFilter, names: LogNames): boolean {
	const { pupil, club, lie, green, where, month, result, tag, text } = filter;
	return (
		(pupil === '' || play.pupilId === pupil) &&
		(club === '' || names.club(play.clubId) === club) &&
		(lie === '' || play.lie === lie) &&
		(green === '' || (play.shot.place?.greenId ?? NO_MAP) === green) &&
		(where === '' || isWhere(play, where)) &&
		(month === '' || monthOf(play) === month) &&
		(result === '' || (RESULTS.find(({ id }) => id === result)?.test(play) ?? true)) &&
		(tag === '' || play.tags.some((one) => one === tag)) &&
		(text.trim() === '' || saysText(play, text, names))
	);
}

/** Months in which something was played, the latest first. */
export const monthsOf = (plays: readonly Play[]): string[] =>
	[...new Set(plays.map(monthOf))].sort().reverse();
