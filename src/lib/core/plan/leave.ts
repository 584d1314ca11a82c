import type { Metres, Ratio } from '../units';
import { playable, roomOf, within } from './past';
import type { Question } from './question';
import {
	cheapest,
	enter,
	hasPlayed,
	sampleTo,
	strokesOf,
	blowUpOf,
	type Entry,
	type Played,
	type Sampler
} from './race';
import { pairedDifference } from './statistics';
import { slopeAt } from './situation';
import { leanTo, rejectRung, struck, type Rung } from './rung';

/** Places tried with every play in the race, past (+) or short (−) of the pin's own target. */
const OFFSETS: readonly Metres[] = [1.25, 3];
/** Nobody leaves it short on purpose unless there is trouble behind: a green that ends or falls away, or a hazard. */
const SHORT: Metres = -1.5;
const LITTLE_BEHIND: Metres = 5;
const FALLS_AWAY: Ratio = -0.03;
/** Places tried to the side where something lies there, right (+) or left (−). */
const SIDES: readonly Metres[] = [-2, -1, 1, 2];
/** A map has something beside most lines: there only so many leading plays are turned, and only where that looks cheaper. */
const TURNED_ON_MAP = 4;
/** Another place than the pin is worth it from so many strokes on: nobody is told to leave it short for less. */
const WORTH_LEAVING = 0.025;
/** On the few balls of a first look a turn that pays may look so much dearer. */
const MAY_PAY = 0.03;
/** A line away from trouble is said without a second thought. */
const WORTH_TURNING = 0.01;
/** A place less than this from the pin's own target is not worth a name. */
const WORTH_SAYING: Metres = 0.4;

/**
 * Where a parabola through the strokes of places is lowest, between the neighbours of the cheapest; the cheapest itself at an end.
 *
 * @param places at least one, in any order
 */
export function lowestBetween(places: readonly { at: Metres; strokes: number }[]): Metres {
	const sorted = [...places].sort((a, b) => a.at - b.at);
	const i = sorted.reduce((best, p, k) => (p.strokes < sorted[best]!.strokes ? k : best), 0);
	const [a, b, c] = [sorted[i - 1], sorted[i]!, sorted[i + 1]];
	if (!a || !c) return b.at;
	const left = (b.at - a.at) * (b.strokes - c.strokes);
	const right = (b.at - c.at) * (b.strokes - a.strokes);
	const denominator = 2 * (left - right);
	if (Math.abs(denominator) < 1e-9) return b.at;
	const lowest = b.at - ((b.at - a.at) * left - (b.at - c.at) * right) / denominator;
	return Math.max(a.at, Math.min(c.at, lowest));
}

const troubleBehind = ({ situation, pin }: Question): boolean =>
	situation.beyondPin < LITTLE_BEHIND ||
	slopeAt(situation, pin) <= FALLS_AWAY ||
	situation.hazards.some(({ to, beside }) => beside === undefined && to > pin);

/**
 * Over a bank a putt may end at one place by several head speeds, and at the next by none: there head speeds are tried instead of places.
 * A putt whose balls do best need not be the one whose middle ball does.
 */
const PUTT_SPEEDS: readonly Ratio[] = [0.84, 0.88, 0.92, 0.96, 1.04, 1.08];

/** A putt struck harder or softer, where nothing speaks against it. */
function putt(question: Question, rung: Rung, harder: Ratio): Rung | null {
	const shortest = question.target + (troubleBehind(question) ? SHORT : 0);
	const other = struck(question, rung, harder);
	if (other.target < shortest || !within(roomOf(question), other.target)) return null;
	return rejectRung(question, other) === null ? other : null;
}

const otherPutts = (question: Question, rung: Rung): Entry[] =>
	PUTT_SPEEDS.flatMap((harder) => putt(question, rung, harder) ?? []).map(enter);

/** The putt that is cheapest by its head speed. */
function bestPutt(question: Question, tried: readonly Played[]): Rung {
	const { rung } = cheapest(tried);
	const speed = lowestBetween(
		tried.map((entry) => ({ at: entry.rung.solution.speed, strokes: strokesOf(entry) }))
	);
	return putt(question, rung, speed / rung.solution.speed) ?? rung;
}

/** The other places of the line that a play may be meant to end at. */
function otherPlaces(question: Question, { rung }: Entry): Entry[] {
	if (rung.play.club.putter && question.situation.toEdge > 0) return otherPutts(question, rung);
	const room = roomOf(question);
	const offsets = troubleBehind(question) ? [SHORT, ...OFFSETS] : OFFSETS;
	return offsets
		.map((offset) => rung.target + offset)
		.filter((target) => within(room, target))
		.flatMap((target) => playable(question, rung, target) ?? [])
		.map(enter);
}

/** The place at which a play is cheapest: the best of those sampled, or the lowest point between them. */
function bestPlace(question: Question, tried: readonly Played[]): Rung {
	if (tried[0]!.rung.play.club.putter) return bestPutt(question, tried);
	const places = tried.map((entry) => ({ at: entry.rung.target, strokes: strokesOf(entry) }));
	const lowest = lowestBetween(places);
	const near = tried.reduce((a, b) =>
		Math.abs(b.rung.target - lowest) < Math.abs(a.rung.target - lowest) ? b : a
	);
	return playable(question, near.rung, lowest) ?? near.rung;
}

/** To which sides a play may be turned: away from what is stated beside the line, either way where the green ends on both. */
function sidesOf({ situation: { width, survey, hazards } }: Question): readonly Metres[] {
	if (width || survey?.kinds === 'map') return SIDES;
	const beside = new Set(hazards.map((hazard) => hazard.beside?.side));
	return SIDES.filter((side) => beside.has(side < 0 ? 'right' : 'left'));
}

/** Plays turned away from what lies beside the line, where that looks cheaper. */
async function aimed(
	question: Question,
	entries: readonly Played[],
	sampler: Sampler,
	balls: number
): Promise<Entry[]> {
	const sides = sidesOf(question);
	if (sides.length === 0) return [];
	const onMap = question.situation.survey?.kinds === 'map';
	const most = onMap ? TURNED_ON_MAP : entries.length;
	const leaders = [...entries].sort((a, b) => strokesOf(a) - strokesOf(b)).slice(0, most);
	const turned = leaders.map(({ rung }) =>
		sides.map((side) => enter(leanTo(question, rung, side)))
	);
	await sampleTo(turned.flat(), balls, sampler);
	return leaders.flatMap((leader, i) => {
		const played = turned[i]!.filter(hasPlayed);
		const own = strokesOf(leader);
		const places = played.map((entry, k) => ({ at: sides[k]!, strokes: strokesOf(entry) }));
		const side = lowestBetween([...places, { at: 0, strokes: own }]);
		if (Math.abs(side) >= WORTH_SAYING) return [enter(leanTo(question, leader.rung, side))];
		if (onMap) return [];
		// So few balls may not see that a turn pays: where it hardly costs anything it stays in the race.
		const best = played.reduce((a, b) => (strokesOf(b) < strokesOf(a) ? b : a));
		return strokesOf(best) < own + MAY_PAY ? [best] : [];
	});
}

/**
 * Looks for every play in the race where it is best left: at the pin, or at a place past, short or beside it. Common random numbers and a
 * parabola between the places keep the answer continuous.
 *
 * @param balls each place is sampled with
 * @returns the plays as they came and, for each that looks cheaper elsewhere, that place too; `settle` decides once more balls are in.
 *   The leader's most careful place comes with them where it has markedly less trouble in it.
 */
export async function chooseLeaves(
	question: Question,
	entries: readonly Played[],
	sampler: Sampler,
	balls: number
): Promise<Entry[]> {
	const others = entries.map((entry) => otherPlaces(question, entry));
	await sampleTo(others.flat(), balls, sampler);
	const tried = entries.map((entry, i) => [entry, ...others[i]!.filter(hasPlayed)]);
	const elsewhere = tried.flatMap((own, i) => {
		const rung = bestPlace(question, own);
		const { rung: pin } = entries[i]!;
		const away = Math.abs(rung.target - pin.target) >= WORTH_SAYING;
		if (rung === pin || (!away && !rung.play.club.putter)) return [];
		return [own.find((entry) => entry.rung === rung) ?? enter(rung)];
	});
	const careful = mostCareful(entries, tried);
	const turned = await aimed(question, entries, sampler, balls);
	return [...entries, ...elsewhere, ...turned, ...(careful ? [careful] : [])];
}

/** Entries by the play they are, in the order in which they came. */
function byPlay<T extends Entry>(entries: readonly T[]): T[][] {
	const plays = new Map<unknown, T[]>();
	for (const entry of entries)
		plays.set(entry.rung.play, [...(plays.get(entry.rung.play) ?? []), entry]);
	return [...plays.values()];
}

/** Strokes that another place must save. */
const worthOf = ({ rung }: Entry): number => (rung.side === 0 ? WORTH_LEAVING : WORTH_TURNING);

/**
 * The places that `settle` may still choose once more balls are in; the careful place stays.
 *
 * @param entries a play's own place before its others
 * @param errors how many standard errors of a gap may be due to chance
 */
export function stillOpen(entries: readonly Played[], errors: number): Played[] {
	const careful = entries.filter((entry) => entry.careful);
	const open = byPlay(entries.filter((entry) => !entry.careful)).flatMap(([own, ...others]) => {
		const beyond = (other: Played, errors: number): boolean => {
			const saved = pairedDifference(own!.finishes, other.finishes);
			own!.forgone = Math.max(own!.forgone, Math.min(saved.mean, worthOf(other)));
			return saved.mean + errors * saved.standardError > worthOf(other);
		};
		const left = others.filter((other) => beyond(other, errors));
		return others.some((other) => beyond(other, -errors)) ? left : [own!, ...left];
	});
	return [...open, ...careful];
}

/**
 * One place for every play: the pin's own unless another saves so much that it is worth a word; the careful place stays beside it.
 *
 * @param entries with all the balls they are to have
 */
export function settle(entries: readonly Played[]): Played[] {
	const settled = byPlay(entries.filter(({ careful }) => !careful)).map((own) => {
		const [first] = own;
		const best = own.reduce((a, b) => (strokesOf(b) < strokesOf(a) ? b : a));
		const saved = pairedDifference(first!.finishes, best.finishes).mean;
		if (saved > worthOf(best)) return best;
		first!.forgone = Math.max(first!.forgone, saved);
		return first!;
	});
	const careful = entries.filter(
		(entry) =>
			entry.careful &&
			!settled.some(
				({ rung }) => rung.target === entry.rung.target && rung.play === entry.rung.play
			)
	);
	return [...settled, ...careful];
}

/** Markedly less trouble: this much less chance of four strokes and more. */
const LESS_TROUBLE = 0.01;

/** The leader's place with the least trouble, where that is markedly less than at the place where it is cheapest. */
function mostCareful(kept: readonly Played[], tried: readonly (readonly Played[])[]): Entry | null {
	const leader = kept.reduce(
		(best, entry, i) => (strokesOf(entry) < strokesOf(kept[best]!) ? i : best),
		0
	);
	const careful = tried[leader]!.reduce((a, b) => (blowUpOf(b) < blowUpOf(a) ? b : a));
	const less = blowUpOf(kept[leader]!) - blowUpOf(careful);
	return less > LESS_TROUBLE && careful !== kept[leader] ? { ...careful, careful: true } : null;
}
