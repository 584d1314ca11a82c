import type { SchoolId } from '../../schools/school';
import type { Metres, Ratio } from '../../units';
import type { RuleShot } from './ruleShot';

/** Clubs more loft (+) or less (−) than the rule says, where a slope or the green's pace asks for it. */
export interface Corrections {
	uphill: number;
	downhill: number;
	slow: number;
	quick: number;
}

/** A rule that a person can carry in their head; clubs are places in the row of clubs, least loft first. */
export type OwnRule = Corrections &
	(
		| { form: 'minus'; from: number }
		| { form: 'fractions' | 'windows'; clubs: readonly { club: number; share: Ratio }[] }
		| { form: 'ladder'; clubs: readonly number[]; first: number; gap: number }
	);
export type RuleForm = OwnRule['form'];

/** A rule with what it costs. */
export interface JudgedRule {
	rule: OwnRule;
	/** Strokes over the best club of every shot, on average and at worst. */
	loses: number;
	worst: number;
	/** Place of the shot where it is worst. */
	failsAt: number;
}

/** What a rule of the trade costs on the same shots; those that name no club on some are judged on the others. */
export interface JudgedSchool {
	id: SchoolId;
	loses: number;
	worst: number;
}

export interface RuleSearch {
	/** The best of every form, the one that loses least first. */
	rules: JudgedRule[];
	schools: JudgedSchool[];
}

/** What is searched: everything under a common way of judging. */
interface Field {
	shots: readonly RuleShot[];
	/** Numbers of the clubs as the trade counts them, 12 a sand wedge … 4, least loft (lowest number) first. */
	numbers: readonly number[];
	pace: Metres;
	/** Of every shot the least that any club costs. */
	least: readonly number[];
}

/** A slope is felt from here on, percent. */
const FELT: Ratio = 0.01;
/** Nobody remembers more corrections than a club or two. */
const STEPS = [0, 1, 2] as const;
/** A club that cannot be played there at all costs so much. */
const NO_SHOT = 2;
const SHARES: readonly Ratio[] = [1 / 6, 1 / 5, 1 / 4, 1 / 3, 2 / 5, 1 / 2, 3 / 5, 2 / 3, 3 / 4];
const WINDOW_SHARES: readonly Ratio[] = [1 / 4, 1 / 2, 3 / 4];
const MOST_CLUBS = 5;
/** A rule that loses hardly more, for each thing less to remember, is the simpler one. */
const AS_GOOD = 0.005;

const corrected = (
	club: number,
	{ slope, pace }: RuleShot,
	{ uphill, downhill, slow, quick }: Corrections,
	clubs: number
): number => {
	const byHill = slope >= FELT ? -uphill : slope <= -FELT ? downhill : 0;
	const byPace = pace === 'slow' ? -slow : pace === 'quick' ? quick : 0;
	return Math.max(0, Math.min(clubs - 1, club + byHill + byPace));
};

/** Which place of an ascending row of numbers is nearest to a number. */
const nearest = (numbers: readonly number[], wanted: number): number =>
	numbers.reduce(
		(best, number, i) => (Math.abs(number - wanted) < Math.abs(numbers[best]! - wanted) ? i : best),
		0
	);

/** The club a rule names before any correction. */
function named(rule: OwnRule, { carry, roll }: RuleShot, { numbers, pace }: Field): number {
	if (rule.form === 'minus') {
		const paces = Math.max(1, Math.round(carry / pace));
		const units = Math.round(roll / pace) / paces;
		return nearest(numbers, rule.from - Math.round(units));
	}
	if (rule.form === 'ladder') {
		const candidate = Math.round((roll / pace - rule.first) / rule.gap);
		return rule.clubs[Math.max(0, Math.min(rule.clubs.length - 1, candidate))]!;
	}
	const share = carry / (carry + roll);
	return rule.clubs.reduce((best, one) =>
		Math.abs(Math.log(one.share / share)) < Math.abs(Math.log(best.share / share)) ? one : best
	).club;
}

function judge(rule: OwnRule, field: Field, base: readonly number[]): JudgedRule {
	const { shots, numbers, least } = field;
	let [sum, worst, failsAt] = [0, -Infinity, 0];
	for (let i = 0; i < shots.length; i++) {
		const shot = shots[i]!;
		const cost = shot.strokes[corrected(base[i]!, shot, rule, numbers.length)]!;
		const lost = Math.min(NO_SHOT, cost - least[i]!);
		sum += lost;
		if (lost > worst) [worst, failsAt] = [lost, i];
	}
	return { rule, loses: sum / shots.length, worst, failsAt };
}

/** What there is to remember: clubs with a fraction, or candidates, and clubs of correction. */
function burdenOf(rule: OwnRule): number {
	const { uphill, downhill, slow, quick } = rule;
	const clubs = 'clubs' in rule ? rule.clubs.length : 1;
	return clubs + uphill + downhill + slow + quick;
}

/** The better of two: fewer strokes lost, or hardly more with less to remember. */
function better(a: JudgedRule, b: JudgedRule): boolean {
	const saved = b.loses - a.loses;
	const heavier = burdenOf(a.rule) - burdenOf(b.rule);
	return heavier === 0 ? saved > 0 : saved > AS_GOOD * heavier;
}

/** The corrections that serve a rule best: one after the other, since each shot is on one hill and at one pace, until none helps. */
function withCorrections(rule: OwnRule, field: Field): JudgedRule {
	const base = field.shots.map((shot) => named(rule, shot, field));
	let best = judge(rule, field, base);
	for (let moved = true; moved;) {
		moved = false;
		for (const key of ['uphill', 'downhill', 'slow', 'quick'] as const)
			for (const step of STEPS) {
				const tried = judge({ ...best.rule, [key]: step }, field, base);
				if (better(tried, best)) [best, moved] = [tried, true];
			}
	}
	return best;
}

const NONE: Corrections = { uphill: 0, downhill: 0, slow: 0, quick: 0 };

/** Every choice of so many places of a row, ascending. */
function choices(of: number, count: number, from = 0): number[][] {
	if (count === 0) return [[]];
	return Array.from({ length: of - from }, (_, i) => from + i).flatMap((first) =>
		choices(of, count - 1, first + 1).map((rest) => [first, ...rest])
	);
}

/** Rules without corrections are judged first; only so many of as much to remember are corrected. */
const PROMISING = 12;

function bestOf(rules: readonly OwnRule[], field: Field): JudgedRule | null {
	const plain = rules
		.map((rule) =>
			judge(
				rule,
				field,
				field.shots.map((shot) => named(rule, shot, field))
			)
		)
		.sort((a, b) => a.loses - b.loses);
	const sizes = [...new Set(plain.map(({ rule }) => burdenOf(rule)))];
	const promising = sizes.flatMap((size) =>
		plain.filter(({ rule }) => burdenOf(rule) === size).slice(0, PROMISING)
	);
	return promising
		.map(({ rule }) => withCorrections(rule, field))
		.reduce<JudgedRule | null>((best, one) => (best && !better(one, best) ? best : one), null);
}

/** Clubs with shares: less loft flies less of the way. */
const shared = (
	form: 'fractions' | 'windows',
	clubs: readonly number[],
	shares: readonly Ratio[]
): OwnRule => ({
	...NONE,
	form,
	clubs: clubs.map((club, i) => ({ club, share: shares[i]! }))
});

function rulesOf(form: RuleForm, { numbers }: Field): OwnRule[] {
	const clubs = numbers.length;
	if (form === 'minus')
		return Array.from({ length: 7 }, (_, i): OwnRule => ({ ...NONE, form, from: 9 + i }));
	if (form === 'windows')
		return choices(clubs, WINDOW_SHARES.length).map((chosen) =>
			shared(form, chosen, WINDOW_SHARES)
		);
	if (form === 'ladder')
		return [0, 1].flatMap((start) => {
			// Every second club from the most lofted one, or the one before it, down.
			const candidates = numbers.map((_, i) => clubs - 1 - i).filter((_, i) => i % 2 === start);
			const row = candidates.slice(0, MOST_CLUBS);
			return [1, 1.5, 2, 2.5, 3, 3.5, 4, 5].flatMap((gap) =>
				[1, 2, 3, 4, 5, 6].map((first): OwnRule => ({ ...NONE, form, clubs: row, first, gap }))
			);
		});
	const sizes = [2, 3, Math.min(4, clubs), Math.min(MOST_CLUBS, clubs)];
	return [...new Set(sizes)].flatMap((size) =>
		choices(clubs, size).flatMap((chosen) =>
			choices(SHARES.length, size).map((at) =>
				shared(
					form,
					chosen,
					at.map((i) => SHARES[i]!)
				)
			)
		)
	);
}

const FORMS: readonly RuleForm[] = ['minus', 'fractions', 'windows', 'ladder'];

/**
 * The rule that loses least of every form of the trade: *N minus units*, a *fraction per club*, *windows*, *every second club*; searched over
 * whole clubs, plain fractions and half paces, each with a correction up and down hill and one for slow and quick greens.
 *
 * @param shots at least one, all over the same clubs
 * @param numbers of those clubs as the trade counts them, ascending with loft
 * @param pace of whoever is to use it, metres
 */
export function searchRules(
	shots: readonly RuleShot[],
	numbers: readonly number[],
	pace: Metres
): RuleSearch {
	const least = shots.map(({ strokes }) => Math.min(...strokes));
	const field: Field = { shots, numbers, pace, least };
	const rules = FORMS.flatMap((form) => bestOf(rulesOf(form, field), field) ?? []);
	const ids = [...new Set(shots.flatMap(({ schools }) => schools.map(({ id }) => id)))];
	const schools = ids.map((id): JudgedSchool => {
		const lost = shots.flatMap((shot, i) => {
			const said = shot.schools.find((school) => school.id === id);
			return said ? Math.min(NO_SHOT, shot.strokes[said.club]! - least[i]!) : [];
		});
		return {
			id,
			loses: lost.reduce((sum, one) => sum + one, 0) / lost.length,
			worst: Math.max(...lost)
		};
	});
	return {
		rules: rules.sort((a, b) => a.loses - b.loses),
		schools: schools.sort((a, b) => a.loses - b.loses)
	};
}
