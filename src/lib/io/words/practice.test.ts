import { describe, expect, it } from 'vitest';
import { practisedBall } from '../../../../tests/support/practice';
import type { RollFit } from '$lib/core/practice/rollFit';
import { groupOf } from '$lib/core/practice/grouping';
import { shareOf } from '$lib/core/math/share';
import { radians } from '$lib/core/units';
import { DRILLS, DRILL_IDS } from '$lib/core/practice/drills';
import { DRILL_WORDS, FORMAT_WORDS, goodWords, STOP_WORDS } from './drill';
import {
	driftWords,
	flagWords,
	gapWords,
	groupWords,
	leftOutWords,
	scoreWords,
	toGoWords
} from './practice';
import { mixedWords, rollWords } from './rolls';
import { SAY_METRIC } from './say';

const group = (carry: number, roll: number, n = 5) =>
	groupOf(
		Array.from({ length: n }, (_, i) =>
			practisedBall({
				landed: [carry + (i % 2 ? 0.05 : -0.05), 0],
				finished: [carry + roll + (i % 2 ? 0.1 : -0.1), 0]
			})
		),
		0.05
	)!;

describe('what is said of a group', () => {
	it.each([
		[6, 3, 'You land it right; the 9i runs as the plan says.'],
		[6, 4.2, 'You land it right; the 9i runs 1.2 ± 0.8 m more than the plan says.'],
		[6, 1.5, 'You land it right; the 9i runs 1.5 ± 0.3 m less than the plan says.'],
		[5, 3, 'You land it 1.0 ± 0.8 m short; the 9i runs as the plan says.'],
		[7.5, 3, 'You land it 1.5 ± 1.1 m long; the 9i runs as the plan says.']
	])('tells landing %f m and roll %f m apart', (carry, roll, words) => {
		expect(groupWords(group(carry, roll, 4), { club: '9i', landing: 6, roll: 3 }, SAY_METRIC)).toBe(
			words
		);
	});

	it('does not say what a ball or two cannot tell', () => {
		const meant = { club: '9i', landing: 6, roll: 3 };
		expect(groupWords(group(6.1, 3.6, 1), meant, SAY_METRIC)).toMatch(
			/^You land it near the mark so far, known to \d\.\d m; the 9i runs about as the plan says so far, known to \d\.\d m\.$/
		);
		expect(groupWords(group(6.7, 3.2, 2), meant, SAY_METRIC)).toContain('near the mark so far');
		expect(groupWords(group(6.7, 3.2, 12), meant, SAY_METRIC)).toContain('0.7 ± 0.4 m long');
		expect(flagWords(group(6, 3, 1), 9.2, '9i', SAY_METRIC)).toMatch(/near the flag so far/);
		const close = [
			{ task: { clubId: 'LW' }, group: group(3, 2, 2) },
			{ task: { clubId: 'SW' }, group: group(3, 2.5, 2) }
		];
		expect(gapWords(close, (id) => id, SAY_METRIC)).toBe(
			'Between clubs: SW to LW not told apart yet.'
		);
	});

	it('says nothing of a run that does not matter', () => {
		const meant = { club: '9i', landing: 6, roll: null };
		expect(groupWords(group(6, 3), meant, SAY_METRIC)).toBe('You land it right.');
	});

	it('says how many more, in words, or that it is good, or that it is not worth it', () => {
		const say = (n: number, spread: number) =>
			toGoWords(
				{ ...group(6, 3), carry: { centre: 6, spread, posterior: spread, n } },
				'carry',
				'9i',
				0.9,
				SAY_METRIC
			);
		expect(say(8, 0.4)).toBe('The 9i is good to a pace.');
		expect(say(2, 0.4)).toBe('Two more with the 9i and this is good to a pace.');
		expect(say(6, 4)).toMatch(
			/^So far the 9i is good to \d\.\d m; good to a pace takes more balls than one session has\.$/
		);
		const far = { ...group(6, 3), carry: { centre: 30, spread: 2, posterior: 2, n: 9 } };
		// Days differ by 6 %: of 30 m that is more than three paces nine times in ten, of a roll it is not known.
		expect(toGoWords(far, 'carry', 'SW', 0.9, SAY_METRIC)).toBe(
			'The SW is good to three paces today; balls of another day make it sure.'
		);
		expect(toGoWords({ ...far, roll: far.carry }, 'roll', 'SW', 0.9, SAY_METRIC)).toBe(
			'The SW is good to three paces.'
		);
	});

	it('says that a club fell or rose while it was practised', () => {
		const words = (from: number, to: number) =>
			driftWords({ drift: { from, to } }, 'SW', SAY_METRIC);
		expect(words(14.2, 12.6)).toBe(
			'The SW fell from 14.2 m to 12.6 m while you practised: rest, then measure it fresh.'
		);
		expect(words(12, 13)).toContain('rose from 12.0 m to 13.0 m');
		expect(driftWords(group(6, 3), 'SW', SAY_METRIC)).toBe('');
	});

	it('says what a swing carries where nothing is laid on the green to land at', () => {
		expect(
			groupWords(group(22, 3, 4), { club: 'GW', landing: null, roll: null }, SAY_METRIC)
		).toMatch(/^The GW carries 22\.0 ± \d\.\d m with this swing\.$/);
	});

	it('says where balls end against the flag', () => {
		const words = (flag: number) => flagWords(group(6, 3, 4), flag, '9i', SAY_METRIC);
		expect(words(9.1)).toBe('The 9i ends at the flag on average.');
		expect(words(7.5)).toBe('The 9i ends 1.5 ± 1.1 m past the flag on average.');
		expect(words(11)).toBe('The 9i ends 2.0 ± 1.1 m short of the flag on average.');
		expect(flagWords({ ...group(6, 3), finish: null }, 9, '9i', SAY_METRIC)).toBe('');
	});

	it('says the gaps between clubs, the longest first; none for one club in several flights', () => {
		const task = (clubId: string) => ({ task: { clubId } });
		const name = (id: string) => id;
		const three = [
			{ ...task('LW'), group: group(3, 2) },
			{ ...task('7i'), group: group(3, 9) },
			{ ...task('9i'), group: group(3, 6) },
			{ ...task('PW'), group: null }
		];
		expect(gapWords(three, name, SAY_METRIC)).toBe(
			'Between clubs: 7i to 9i 3.0 ± 1.7 m, 9i to LW 4.0 ± 1.1 m.'
		);
		expect(gapWords(three.slice(0, 1), name, SAY_METRIC)).toBe('');
		const same = [three[0]!, { ...three[0]!, group: group(3, 4) }];
		expect(gapWords(same, name, SAY_METRIC)).toBe('');
	});

	it('says why a club is left out', () => {
		const left = { club: 'x', loft: 0, by: 7.64 };
		expect(leftOutWords({ ...left, why: 'no-room' }, '5i', SAY_METRIC)).toBe(
			'5i is left out: it would end 7.6 m past the green.'
		);
		expect(leftOutWords({ ...left, why: 'short' }, '7i', SAY_METRIC)).toContain('7.6 m before');
		expect(leftOutWords({ ...left, why: 'too-far' }, 'LW', SAY_METRIC)).toContain('that far');
		expect(leftOutWords({ ...left, why: 'not-in-bag' }, '41°', SAY_METRIC)).toContain('near 41°');
	});
});

describe('what is said of a score', () => {
	const box = { mark: 'box', measure: 'roll-out', tolerance: 1 } as const;
	const of = (score: Parameters<typeof scoreWords>[0]) => scoreWords(score, box, SAY_METRIC);
	const hits = (n: number, last: number | null) =>
		of({ kind: 'hits', share: shareOf(n, 20), last: last === null ? null : shareOf(last, 20) });

	it('says by what it counts, and compares with the last time only what can be told', () => {
		const six = '6 of 20 (30 %) as meant: landed within 1.0 m of the mark';
		expect(hits(6, null)).toBe(`${six}.`);
		expect(hits(6, 8)).toBe(`${six}. Last time 8 of 20: too few balls to call it a difference.`);
		expect(hits(6, 0)).toBe(`${six}, better than last time: 0 of 20.`);
		expect(hits(6, 17)).toContain('behind last time: 17 of 20');
		expect(of({ kind: 'hits', share: shareOf(1, 1), last: shareOf(3, 20) })).toContain(
			'too few balls'
		);
	});

	it.each([
		[{ ...box, mark: 'flag' }, 'ended within 1.0 m of the flag'],
		[{ ...box, measure: 'strike' }, 'struck well'],
		[{ ...box, measure: 'strokes' }, 'holed in two']
	] as const)('counts what %j asks for', (rules, words) => {
		const score = { kind: 'hits', share: shareOf(1, 2), last: null } as const;
		expect(scoreWords(score, rules, SAY_METRIC)).toContain(words);
	});

	it('counts strokes and pairs', () => {
		expect(of({ kind: 'strokes', total: 21, upAndDown: shareOf(4, 9) })).toBe(
			'21 strokes for 9 balls; up and down 4 of 9 (44 %).'
		);
		expect(of({ kind: 'worse', pairs: 3, median: 2.4 })).toBe(
			'Worse of two: 2.4 m off in the middle of 3 pairs.'
		);
		expect(of({ kind: 'worse', pairs: 0, median: null })).toContain('No pair');
	});
});

describe('what is said of a drill', () => {
	it('has steps, what is good, and when to stop, for every drill and format', () => {
		for (const id of DRILL_IDS) {
			expect(DRILL_WORDS[id].steps.length).toBeGreaterThan(2);
			const { measure, format } = DRILLS[id];
			for (const skill of ['expert', 'scratch', 'middle', 'high'] as const)
				expect(goodWords({ measure, mark: 'box' }, skill, '1.0 m')).toMatch(
					/^Good for this skill: \d of ten/
				);
			expect(STOP_WORDS[measure]).toMatch(/^Stop/);
			expect(FORMAT_WORDS[format].means.length).toBeGreaterThan(20);
		}
		expect(goodWords({ measure: 'strokes', mark: 'flag' }, 'expert', '')).toContain(
			'6 of ten in two strokes'
		);
		expect(goodWords({ measure: 'strokes', mark: 'flag' }, 'high', '')).toContain('2 of ten');
	});
});

describe('what is said of roll-outs', () => {
	const known = (value: number, reach: number, told = true) => ({
		value,
		low: value - reach,
		high: value + reach,
		told
	});
	const fit = (change: Partial<RollFit> = {}): RollFit => ({
		status: 'found',
		n: 16,
		loft: { standard: known(radians(-4.2), radians(1.5)) },
		grip: known(0.86, 0.1),
		firmness: known(0.5, 0.3),
		mixedUp: null,
		scatter: 1,
		...change
	});

	it('tells loft, spin and turf, with what they may be', () => {
		expect(rollWords(fit())).toEqual([
			'Delivers about 4° less loft than the club and setup say, ordinary flight (between −5.7° and −2.7° with 90 %).',
			'Spins it about 14 % less than the model says (between −24 % and −4 % with 90 %).',
			'The turf took the balls as firmer turf than medium does.'
		]);
	});

	it('says of nothing that it is as the model says, and leaves out what is not told', () => {
		const plain = fit({
			loft: { low: known(0.005, 0.02), standard: known(radians(3), radians(2), false) },
			grip: known(1.02, 0.1),
			firmness: known(0, 0.4, false)
		});
		const words = rollWords(plain);
		expect(words).toHaveLength(2);
		expect(words[0]).toContain('the club’s own loft, low flight');
		expect(words[1]).toContain('as the model says');
	});

	it('names what cannot be told apart, and the ball that would settle it', () => {
		const study = {
			fit: fit({ mixedUp: ['grip', 'standard'] }),
			next: { club: 'c', flight: 'standard' as const, carry: 8 }
		};
		const club = () => 'LW';
		expect(mixedWords(study, club, SAY_METRIC)).toBe(
			'These balls do not tell spin from delivered loft. Six with the LW carried 8.0 m would say most.'
		);
		expect(mixedWords({ ...study, next: null }, club, SAY_METRIC)).toBe(
			'These balls do not tell spin from delivered loft.'
		);
		expect(mixedWords({ ...study, fit: fit() }, club, SAY_METRIC)).toBe('');
		expect(mixedWords({ ...study, fit: { ...study.fit, status: 'end' } }, club, SAY_METRIC)).toBe(
			''
		);
	});

	it('refuses in words', () => {
		expect(rollWords(fit({ status: 'few', n: 3 }))[0]).toContain('3 balls are too few');
		expect(rollWords(fit({ status: 'end' }))[0]).toContain('look at how they were noted');
	});
});
