import { grouped } from '../../../math/grouped';
import { lowestBetween } from '../../../math/lowestBetween';
import type { Play } from '../../../player/intent';
import type { Metres } from '../../../units';
import { playable, roomOf, within } from '../../ladder/past';
import { bestPutt, otherPutts } from './puttSpeeds';
import type { Question } from '../../question/question';
import {
	cheapest,
	DOUBT,
	enter,
	hasPlayed,
	sampleTo,
	strokesOf,
	blowUpOf,
	type Entry,
	type Played,
	type Sampler
} from '../race';
import { pairedDifference } from '../statistics';
import type { Candidate } from '../../ladder/candidate';
import { turnedAway } from './turns';

/** Places tried with every play in the race, short (−) or past (+) of its own; the farther ones where the nearer are cheaper. */
const OFFSETS = {
	short: [-1.5, -3, -5, -8, -12],
	past: [1.25, 3, 5.5, 9]
} satisfies Record<string, readonly Metres[]>;
/** Another place than the pin is worth it from so many strokes on: nobody is told to leave it short for less. */
const WORTH_LEAVING = 0.015;
/** A line away from trouble, or another head speed for the same place, is said without a second thought. */
const WORTH_TURNING = 0.01;
/** Nobody likes to be told to putt it short of the green: only where that clearly pays. */
const WORTH_SHORT_OF_GREEN = 0.05;
/** A place less than this from the play's own is the same. */
const ELSEWHERE: Metres = 0.4;

/** A play at one place of the line, or null where it does not work there. */
function placed(question: Question, { candidate }: Entry, offset: Metres): Entry | null {
	const target = candidate.target + offset;
	if (!within(roomOf(question), target)) return null;
	// What works at its own place is corrected for another; only what works nowhere is looked for anew.
	const there = playable(question, candidate, target, candidate.against !== null);
	return there && enter(there);
}

/** Steps away from a play's own place in one direction for as long as none is dearer than the one before by more than luck. */
interface Walk {
	own: Played;
	offsets: readonly Metres[];
	tried: Played[];
}

/** Tries places along the line for all plays together, a step in each direction at a time. */
async function walk(
	question: Question,
	entries: readonly Played[],
	sampler: Sampler,
	balls: number
): Promise<Played[][]> {
	const walks: Walk[] = entries.flatMap((own) =>
		// Nobody putts to leave it short.
		Object.values(own.candidate.play.club.putter ? [OFFSETS.past] : OFFSETS).map((offsets) => ({
			own,
			offsets,
			tried: []
		}))
	);
	let going = walks;
	for (let step = 0; going.length > 0; step++) {
		const next = going
			.filter(({ offsets }) => step < offsets.length)
			.map((walk) => ({ walk, entry: placed(question, walk.own, walk.offsets[step]!) }));
		await sampleTo(
			next.flatMap(({ entry }) => entry ?? []),
			balls,
			sampler
		);
		going = next.flatMap(({ walk, entry }) => {
			// Where it does not work it may again farther on.
			if (!entry || !hasPlayed(entry)) return [walk];
			const before = walk.tried.at(-1) ?? walk.own;
			walk.tried.push(entry);
			const dearer = pairedDifference(entry.finishes, before.finishes);
			return dearer.mean <= DOUBT * dearer.standardError ? [walk] : [];
		});
	}
	return entries.map((own) => walks.filter((walk) => walk.own === own).flatMap((w) => w.tried));
}

/**
 * The places at which each play may be meant to end, its own among them, played; of putts from off the green by other head speeds instead,
 * and all of one play together: it may have come in by several.
 */
async function allPlaces(
	question: Question,
	entries: readonly Played[],
	sampler: Sampler,
	balls: number
): Promise<Played[][]> {
	const isPutt = ({ candidate }: Entry) =>
		candidate.play.club.putter && question.situation.toEdge > 0;
	const walked = entries.filter((entry) => !isPutt(entry));
	const places = await walk(question, walked, sampler, balls);
	const putts = [
		...grouped(entries.filter(isPutt), ({ candidate }) => candidate.play).values()
	].map((own) => ({
		own,
		others: otherPutts(question, own)
	}));
	await sampleTo(
		putts.flatMap(({ others }) => others),
		balls,
		sampler
	);
	return entries.map((entry) => {
		const putt = putts.find(({ own }) => own.includes(entry));
		return putt
			? [...putt.own, ...putt.others.filter(hasPlayed)]
			: [entry, ...places[walked.indexOf(entry)]!];
	});
}

/** The place at which a play is cheapest: the best of those sampled, or the lowest point between them. */
function bestPlace(question: Question, tried: readonly Played[]): Candidate {
	if (tried[0]!.candidate.play.club.putter) return bestPutt(question, tried);
	const places = tried.map((entry) => ({ at: entry.candidate.target, value: strokesOf(entry) }));
	const lowest = lowestBetween(places);
	const near = tried.reduce((a, b) =>
		Math.abs(b.candidate.target - lowest) < Math.abs(a.candidate.target - lowest) ? b : a
	);
	return playable(question, near.candidate, lowest) ?? near.candidate;
}

/** Where a play looks cheaper than at its own place, the first of those tried; what is in the race already is not entered again. */
function placesElsewhere(
	question: Question,
	entries: readonly Played[],
	tried: readonly Played[]
): Entry[] {
	const works = tried.filter(({ candidate }) => candidate.against === null);
	// What lands short stands as if it cost more: where that is so little cheaper that it may not be called, the best of the others is.
	const isShort = works.length > 0 && cheapest(tried).candidate.against !== null;
	return [tried, ...(isShort ? [works] : [])].flatMap((places) => {
		const candidate = bestPlace(question, places);
		const away = Math.abs(candidate.target - tried[0]!.candidate.target) >= ELSEWHERE;
		const isIn = entries.some((entry) => entry.candidate === candidate);
		if (isIn || (!away && !candidate.play.club.putter)) return [];
		return [tried.find((entry) => entry.candidate === candidate) ?? enter(candidate)];
	});
}

/**
 * Looks for every play in the race where it is best left: at the pin, or at a place past, short or beside it. Common random numbers and a
 * parabola between the places keep the answer continuous.
 *
 * @param balls each place is sampled with
 * @returns the plays as they came and, for each that looks cheaper elsewhere, that place too; `settle` decides once more balls are in.
 *   The leader's most risk-averse place comes with them where it has markedly less trouble in it.
 */
export async function chooseLeaves(
	question: Question,
	entries: readonly Played[],
	sampler: Sampler,
	balls: number
): Promise<Entry[]> {
	const tried = await allPlaces(question, entries, sampler, balls);
	// What came in by several head speeds is looked at once.
	const elsewhere = tried
		.filter((own, i) => own[0] === entries[i])
		.flatMap((own) => placesElsewhere(question, entries, own));
	const riskAverse = riskAversePlace(entries, tried);
	const turned = await turnedAway(question, entries, sampler, balls);
	return [...entries, ...elsewhere, ...turned, ...(riskAverse ? [riskAverse] : [])];
}

/** Entries by the play they are, in the order in which they came; what something speaks against is no other place for what works. */
function byPlay<T extends Entry>(entries: readonly T[]): T[][] {
	const [works, short] = [new Map<Play, T[]>(), new Map<Play, T[]>()];
	for (const entry of entries) {
		const { play, against } = entry.candidate;
		const plays = against ? short : works;
		plays.set(play, [...(plays.get(play) ?? []), entry]);
	}
	return [...works.values(), ...short.values()];
}

/** Strokes that another place than a play's own must save. */
function worthOf({ candidate: other }: Entry, { candidate: own }: Entry, edge: Metres): number {
	if (other.target < edge && own.target > edge) return WORTH_SHORT_OF_GREEN;
	return other.side === 0 && other.safe ? WORTH_LEAVING : WORTH_TURNING;
}

/** What is in the race as its places, a play's own before its others, without the risk-averse one. */
const placesOf = (entries: readonly Played[]): Played[][] =>
	byPlay(entries.filter(({ riskAverse }) => !riskAverse));

/**
 * Notes with every play what another of its places saves, up to what would be worth a word.
 *
 * @param entries a play's own place before its others
 * @param edge of the green, metres from the ball
 */
export function noteRegret(entries: readonly Played[], edge: Metres): void {
	for (const [own, ...others] of placesOf(entries))
		for (const other of others) {
			const saved = pairedDifference(own!.finishes, other.finishes).mean;
			own!.regret = Math.max(own!.regret, Math.min(saved, worthOf(other, own!, edge)));
		}
}

/**
 * The places that `settle` may still choose once more balls are in; the risk-averse place stays.
 *
 * @param entries a play's own place before its others
 * @param edge of the green, metres from the ball
 * @param errors how many standard errors of a gap may be due to chance
 */
export function stillOpen(entries: readonly Played[], edge: Metres, errors: number): Played[] {
	const open = placesOf(entries).flatMap(([own, ...others]) => {
		const beyond = (other: Played, errors: number): boolean => {
			const saved = pairedDifference(own!.finishes, other.finishes);
			return saved.mean + errors * saved.standardError > worthOf(other, own!, edge);
		};
		const left = others.filter((other) => beyond(other, errors));
		return others.some((other) => beyond(other, -errors)) ? left : [own!, ...left];
	});
	return [...open, ...entries.filter(({ riskAverse }) => riskAverse)];
}

/**
 * One place for every play: the pin's own unless another saves so much that it is worth a word, of several the cheapest; the risk-averse
 * place stays beside it.
 *
 * @param entries with all the balls they are to have
 * @param edge of the green, metres from the ball
 */
export function settle(entries: readonly Played[], edge: Metres): Played[] {
	const settled = placesOf(entries).map((own) => {
		const first = own[0]!;
		const saves = (entry: Played) => pairedDifference(first.finishes, entry.finishes).mean;
		const worthIt = own.filter((entry) => saves(entry) > worthOf(entry, first, edge));
		const chosen = cheapest(worthIt.length > 0 ? worthIt : [first]);
		const most = strokesOf(chosen) - strokesOf(cheapest(own));
		chosen.regret = Math.max(chosen.regret, most);
		return chosen;
	});
	const riskAverse = entries.filter(
		(entry) =>
			entry.riskAverse &&
			!settled.some(
				({ candidate }) =>
					candidate.target === entry.candidate.target && candidate.play === entry.candidate.play
			)
	);
	return [...settled, ...riskAverse];
}

/** Markedly less trouble: this much less chance of four strokes and more. */
const LESS_TROUBLE = 0.01;

/** The leader's place with the least trouble, where that is markedly less than at the place where it is cheapest. */
function riskAversePlace(
	kept: readonly Played[],
	tried: readonly (readonly Played[])[]
): Entry | null {
	const leader = kept.reduce(
		(best, entry, i) => (strokesOf(entry) < strokesOf(kept[best]!) ? i : best),
		0
	);
	const riskAverse = tried[leader]!.reduce((a, b) => (blowUpOf(b) < blowUpOf(a) ? b : a));
	const less = blowUpOf(kept[leader]!) - blowUpOf(riskAverse);
	return less > LESS_TROUBLE && riskAverse !== kept[leader]
		? { ...riskAverse, riskAverse: true }
		: null;
}
