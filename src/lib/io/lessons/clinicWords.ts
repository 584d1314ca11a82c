import { soMany } from '../words/say';
import type { Danger } from '$lib/core/lessons/clinicSafety';
import type { DrillRules } from '../practice/drill';
import type { Tally } from './clinic';
import type { Block } from './lesson';
import { degrees, type Radians } from '$lib/core/units';

const THOUSAND = 1000;
const FEW = 10;

/** How many balls of a thousand; of what could not be told, what it may be. */
export function inThousand({ share, most }: Pick<Danger, 'share' | 'most'>): string {
	const figure = (of: number) =>
		of * THOUSAND >= FEW ? String(Math.round(of * THOUSAND)) : (of * THOUSAND).toFixed(1);
	return share * THOUSAND >= 1
		? `about ${figure(share)} of 1,000 balls`
		: `up to ${figure(most)} of 1,000 balls`;
}

/** One danger: "About 4.1 of 1,000 balls of station 2 come to where station 1 stands." */
export function dangerWords(danger: Danger): string {
	const { from, station, walkingTo } = danger;
	const where =
		walkingTo === null
			? `where station ${station + 1} stands`
			: `the way from station ${station + 1} to ${walkingTo + 1}`;
	const said = `${inThousand(danger)} of station ${from + 1} come to ${where}.`;
	return said.charAt(0).toUpperCase() + said.slice(1);
}

/** What helps: a turn of one station; none where only another place does. */
export const wayOutWords = (station: number, turn: Radians | null): string =>
	turn === null
		? `No turn of station ${station + 1} is enough: move it, or take another green for it.`
		: `Turn station ${station + 1} ${Math.round(Math.abs(degrees(turn)))}° to the ${turn > 0 ? 'left' : 'right'}, as one hits.`;

/** Stations whose balls nobody could play out; numbers from 1. */
export const unplayedWords = (stations: readonly number[]): string =>
	`${stations.length === 1 ? 'Station' : 'Stations'} ${stations.join(' and ')}: no ball could be played out, so nothing is said of them. Take a drill that those who come can hit.`;

/** What is said of a layout in which nothing was found. */
export const SAFE_WORDS =
	'Fewer than 1 of 1,000 balls come to where others stand or walk, thin ones and shanks of the weakest counted. Groups walk on when nobody hits.';

const MARK_THINGS: Readonly<Record<DrillRules['mark'], string>> = {
	box: 'four pegs or clubs for the landing box',
	stick: 'a stick to land at',
	flag: 'a flag',
	none: ''
};
/** Balls between which nobody has to run: a group hits so many before it fetches them, each (common practice, no source). */
const BALLS_EACH = 6;

/**
 * What has to be brought to the stations of a clinic: balls and things, a line a station.
 *
 * @param groups how many are in each
 */
export function bringWords(
	stations: readonly { block: Pick<Block, 'title'>; rules: Pick<DrillRules, 'mark'> }[],
	groups: readonly number[]
): string[] {
	const most = Math.max(1, ...groups);
	const balls = BALLS_EACH * most;
	const lines = stations.map(({ block, rules }) =>
		[`${block.title}: ${soMany(balls, 'ball')}`, MARK_THINGS[rules.mark]].filter(Boolean).join(', ')
	);
	return stations.length > 0 ? [`${soMany(balls * stations.length, 'ball')} in all`, ...lines] : [];
}

/** What was counted of a pupil at a station: "12 balls, 7 as meant. Head down." */
export function tallyWords({ balls, good, note }: Pick<Tally, 'balls' | 'good' | 'note'>): string {
	const told = balls > 0 ? `${soMany(balls, 'ball')}, ${good} as meant` : '';
	return [told, note.trim()].filter(Boolean).join('. ');
}
