import { describe, expect, it } from 'vitest';
import { practisedSession, sessionBall } from '../../../../tests/support/sessions';
import { pupilFile } from '../../../../tests/support/pupils';
import { SHIPPED_DRILLS, rulesToCore, shippedBehind } from './drill';
import { median } from '$lib/core/math/robust';
import type { MissKind } from '$lib/core/practice/expectedMisses';
import type { Session } from './session';
import { DRILLS } from '$lib/core/practice/drills';
import { drillPlace } from './drillPlace';
import { degrees, radians, toPercent } from '$lib/core/units';
import { changesOf, keyOfChange } from './cellChanges';
import { missKindsOf, rollQuestion, spreadFrom } from './practiceStudy';
import { rollFrom } from './practiceSetup';
import { carriesOf } from '../work/pupil';
import { practisedOf } from './session';

const session = practisedSession();

describe('what a session changes', () => {
	const known = [13.8, 14.1, 14.4].map((carry) => ({ carry, counts: true }));

	it('is shown cell by cell, before and after, whether or not it counts yet', () => {
		const balls = [15.2, 15.4].map((carry, i) =>
			sessionBall({ id: `n-${i}`, carry, landed: [carry, 0] })
		);
		const file = pupilFile({}, known);
		const [change, ...more] = changesOf({ ...file, balls: [...file.balls, ...balls] }, balls);
		expect(more).toEqual([]);
		expect(change!.before).toMatchObject({ n: 3 });
		expect(change!.after).toMatchObject({ n: 5 });
		expect(change!.after!.mean).toBeGreaterThan(change!.before!.mean);
		expect(change!.counts).toBe(false);
		expect(keyOfChange(change!)).toContain('pupil-1-SW');
	});

	it('is one cell for one length of swing, in whatever words it was said', () => {
		const balls = [sessionBall({ id: 'n', swing: 'L', carry: 15, landed: [15, 0] })];
		const file = pupilFile({}, known);
		const [change] = changesOf({ ...file, balls: [...file.balls, ...balls] }, balls);
		expect(change!.before).toMatchObject({ n: 3 });
		expect(change!.after).toMatchObject({ n: 4 });
	});

	it.each([
		['a landing that was worked out', { inferred: true }],
		['another path', { shape: 'inside' as const }],
		['a wild one', { tags: ['wild' as const] }],
		['a ball from the rough', { lie: 'semi-rough' as const }]
	])('leaves out %s', (_, change) => {
		const balls = [sessionBall(change)];
		const file = pupilFile({}, []);
		expect(changesOf({ ...file, balls }, balls)).toEqual([]);
		const before = pupilFile({}, known).balls;
		expect(changesOf({ ...file, balls: [...before, ...balls] }, balls)).toEqual([]);
		expect(carriesOf({ ...file, balls: balls.map((ball) => ({ ...ball, counts: true })) })).toEqual(
			[]
		);
	});

	it('counts in the table only once it is taken', () => {
		const file = pupilFile();
		const at = (counts: boolean) => carriesOf({ ...file, balls: [sessionBall({ counts })] });
		expect(at(false)).toEqual([]);
		expect(at(true)).toHaveLength(1);
	});
});

describe('questions to practice', () => {
	const file = pupilFile();

	it('asks how balls rolled that were seen to land and to stop, clean and straight', () => {
		const balls = [
			sessionBall({ id: '1' }),
			sessionBall({ id: '2', tags: ['heavy'] }),
			sessionBall({ id: '3', inferred: true }),
			sessionBall({ id: '4', finished: undefined }),
			sessionBall({ id: '5', shape: 'outside' }),
			sessionBall({ id: '6', clubId: 'gone' }),
			sessionBall({ id: '7', landed: [14.4, 0.2], finished: [18, 0.3] })
		];
		const { rolled, ground } = rollQuestion(session, file, balls);
		expect(rolled).toHaveLength(1);
		expect(rolled[0]!.balls).toEqual([
			{ carry: 14, roll: 4 },
			{ carry: 14.4, roll: expect.closeTo(3.6, 9) as number }
		]);
		expect(ground.toEdge).toBe(session.ground.toEdge);
	});

	it('keeps kinds of balls apart by club, swing and session, and asks nothing of sand', () => {
		const balls = [
			sessionBall({ id: '1' }),
			sessionBall({ id: '2', clubId: 'pupil-1-PW' }),
			sessionBall({ id: '3', swing: '8' }),
			sessionBall({ id: '4', sessionId: 'session-2' }),
			sessionBall({ id: '5', lie: 'sand', flight: 'splash' }),
			sessionBall({ id: '6' })
		];
		const { rolled } = rollQuestion(session, file, balls);
		expect(rolled.map(({ club, balls }) => [club.name, balls.length])).toEqual([
			['SW', 2],
			['PW', 1],
			['SW', 1],
			['SW', 1]
		]);
	});

	it('knows how far a task rolls from where it landed', () => {
		const [task] = session.turns[0]!.tasks;
		const near = rollFrom(task!, 8, session, file)!;
		expect(rollFrom(task!, 16, session, file)).toBeGreaterThan(near);
		expect(rollFrom({ ...task!, clubId: 'gone' }, 8, session, file)).toBeNull();
		expect(rollFrom(task!, 0, session, file)).toBeNull();
	});

	it('looks at low points only where strikes were looked at', () => {
		const balls = (tags: readonly 'heavy'[]) =>
			Array.from({ length: 12 }, (_, i) =>
				sessionBall({ id: String(i), landed: [14 + (i % 3), 0], tags: i < 6 ? [...tags] : [] })
			);
		const quiet = spreadFrom({ ...file, balls: balls([]) });
		const heavy = spreadFrom({ ...file, balls: balls(['heavy']) });
		expect(quiet.lowPoint.data).toBeNull();
		expect(heavy.lowPoint.used).toBeGreaterThan(quiet.lowPoint.used);
		expect(quiet.speed.n).toBe(11);
	});

	it('judges a ball by what its session counts, and leaves out those of a session that is gone', () => {
		const day = () => '2026-10-01';
		const of = (balls: Parameters<typeof sessionBall>[0][]) => ({
			...file,
			balls: balls.map(sessionBall)
		});
		const own = of([{ landed: [14.5, 0] }, { landed: [15, 0] }]);
		const missed = (of: Session[]) => [...missKindsOf(own, of, day)].flatMap(({ balls }) => balls);
		expect(missed([session]).map(({ asMeant }) => asMeant)).toEqual([true, false]);
		expect(missed([session])[0]).toMatchObject({
			meant: 14,
			flag: null,
			rules: { tolerance: 0.75 }
		});
		const flag = practisedSession({ rules: { ...session.rules, mark: 'flag' }, mark: 18 });
		expect(missed([flag])[0]).toMatchObject({ flag: 18 });
		expect(missed([])).toEqual([]);
		// A swing matrix lays no mark: how far a ball is to go is what it is to find out.
		const matrix = practisedSession({
			rules: { ...session.rules, measure: 'carry', mark: 'none' }
		});
		expect(missed([matrix])[1]).toMatchObject({ meant: null, asMeant: true });
	});

	it('lays beside the balls of a kind what their skill does from the same place', () => {
		const [{ pool }] = [
			...missKindsOf({ ...file, balls: [sessionBall({})] }, [session], String)
		] as [MissKind];
		expect(pool).toHaveLength(200);
		expect(median(pool.map(({ landed }) => landed[0]))).toBeGreaterThan(11);
		expect(median(pool.map(({ landed }) => landed[0]))).toBeLessThan(15);
	});

	it('takes a ball of which only the carry is known for one on the line', () => {
		expect(practisedOf(sessionBall({ landed: undefined }))).toMatchObject({ landed: [14, 0] });
	});
});

describe('drills as they are kept', () => {
	it('are the core’s again when they are read', () => {
		for (const { id, rules } of SHIPPED_DRILLS) {
			const drill = DRILLS[id as keyof typeof DRILLS];
			const again = rulesToCore(rules);
			expect({ ...again, clubs: null, swings: null }).toEqual({
				...drill,
				clubs: null,
				swings: null
			});
			const { clubs } = drill;
			if (again.clubs.kind !== 'lofts' || clubs.kind !== 'lofts') continue;
			again.clubs.lofts.forEach((loft, i) =>
				expect(degrees(loft)).toBeCloseTo(degrees(clubs.lofts[i]!), 1)
			);
		}
		expect(shippedBehind({ basedOn: 'gone' })).toBe('landing-box');
	});
});

describe('a drill on a map', () => {
	// A round green of ten metres that rises toward the top of the map by 2 %.
	const green = {
		outline: Array.from({ length: 36 }, (_, i) => {
			const angle = radians(10 * i);
			return [10 * Math.cos(angle), 10 * Math.sin(angle)] as const;
		}),
		collar: 1,
		fringe: 'smooth' as const,
		areas: [],
		spots: [
			[-10, -10],
			[10, -10],
			[-10, 10],
			[10, 10],
			[0, 0]
		].map(([u, v]) => ({ u: u!, v: v!, height: 0.02 * v!, leftOut: false })),
		tilts: [],
		grid: null
	};

	it('plays from the side that is asked for, so far off the green, uphill or down', () => {
		const below = drillPlace(green, [0, 2], 180, 3);
		if ('problem' in below) throw new Error(below.problem);
		expect(below.ground.place!.ball[0]).toBeCloseTo(0, 1);
		expect(below.ground.place!.ball[1]).toBeCloseTo(-12.9, 0);
		expect(below.ground.toEdge).toBeCloseTo(3, 0);
		expect(below.ground.room).toBeCloseTo(20, -0.5);
		expect(below.ground.slopeAlong).toBeCloseTo(2, 0);
		const above = drillPlace(green, [0, 2], 0, 3);
		if ('problem' in above) throw new Error(above.problem);
		expect(above.ground.slopeAlong).toBeCloseTo(-2, 0);
		const right = drillPlace(green, [0, 2], 90, 3);
		if ('problem' in right) throw new Error(right.problem);
		expect(right.ground.place!.ball[0]).toBeGreaterThan(11);
		expect(Math.abs(toPercent(right.ground.slopeAlong / 100))).toBeLessThan(0.5);
	});

	it('says why there is no line', () => {
		expect(drillPlace(green, [40, 40], 180, 3)).toHaveProperty('problem');
	});
});
