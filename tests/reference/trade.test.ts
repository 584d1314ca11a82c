import { describe, expect, it } from 'vitest';
import { nearestByLoft } from '$lib/core/club/club';
import { STANDARD_BAG } from '$lib/core/club/standardBag';
import { localSampler } from '$lib/core/plan/race/localSampler';
import { buildLadder } from '$lib/core/plan/ladder/ladder';
import { plan, type Plan } from '$lib/core/plan/plan';
import type { Question } from '$lib/core/plan/question/question';
import { sceneOf } from '$lib/core/plan/question/scene';
import { playIntended, solveFinish } from '$lib/core/solve/solve';
import { Outcome } from '$lib/core/ball/simulate';
import type { Play } from '$lib/core/player/intent';
import { digLoss } from '$lib/core/player/strike';
import { DEVIATE_COUNT, DEVIATES, strikeWithErrors } from '$lib/core/player/strike';
import { BallState } from '$lib/core/ball/state';
import { follow } from '$lib/core/ball/simulate';
import { NO_LUCK } from '$lib/core/ground/surfaces';
import { degrees, fromFeet, radians } from '$lib/core/units';
import { ratiosToday, usuallyKnown } from '$lib/core/today/ratios';
import { clubNamed, practiser } from '../support/practice';
import { question as ask } from '../support/scenes';

const planned = (question: Question): Promise<Plan> => plan(question, localSampler(question));
const clubOf = (loft: number) => nearestByLoft(STANDARD_BAG, radians(loft))!;
const play = (loft: number, flight: Play['flight'] = 'standard', open = 0): Play => ({
	club: clubOf(loft),
	flight,
	faceOpen: radians(open),
	shape: 'straight'
});
const sandAhead = [{ kind: 'sand', from: 1.5, to: 5, height: 0.5 }];

/** Common practice in the trade, no published source. */
describe('what the trade knows', () => {
	it.each(['middle', 'high'])(
		'lets a low club win with plenty of green and nothing in the way (%s)',
		async (skill) => {
			const { options } = await planned(
				ask({ toEdge: 2, edgeToPin: 15, fringe: 'grainy' }, { skill })
			);
			expect(options[0]!.candidate.airShare).toBeLessThan(0.4);
			expect(degrees(options[0]!.candidate.play.club.loft)).toBeLessThan(47);
		}
	);

	it('goes high or plays safe over sand with little green', async () => {
		for (const skill of ['expert', 'high']) {
			const { options, rejected } = await planned(
				ask({ toEdge: 6, edgeToPin: 4.5, hazards: sandAhead, fringe: 'rough' }, { skill })
			);
			const best = options[0]!;
			expect(best.candidate.safe || degrees(best.candidate.play.club.loft) >= 56).toBe(true);
			expect(rejected.some(({ rejection }) => rejection.code === 'landsInHazard')).toBe(true);
		}
	});

	it('offers the safe shot to a weak player where there is a hazard', async () => {
		const { options } = await planned(
			ask({ toEdge: 6, edgeToPin: 4.5, hazards: sandAhead }, { skill: 'high' })
		);
		expect(options.some((option) => option.candidate.safe)).toBe(true);
	});

	it('putts from smooth fringe with a weak player, less and less gladly the longer and grainier the grass', async () => {
		const smooth = await planned(
			ask({ lie: 'fringe', toEdge: 1.5, fringe: 'smooth' }, { skill: 'high' })
		);
		expect(smooth.options[0]!.candidate.play.flight).toBe('putt');
		const grainy = await planned(
			ask({ lie: 'fringe', toEdge: 3, fringe: 'grainy' }, { skill: 'high' })
		);
		const gain = ({ options }: Plan) => {
			const costs = (putter: boolean) =>
				options.find(({ candidate }) => (candidate.play.club.putter ?? false) === putter)!
					.statistics.expectedStrokes;
			return costs(false) - costs(true);
		};
		expect(gain(grainy)).toBeLessThan(gain(smooth) / 2);
		const long = await planned(
			ask({ lie: 'fringe', toEdge: 8, fringe: 'grainy' }, { skill: 'high' })
		);
		expect(gain(long)).toBeLessThan(0);
	});

	it('ends the same thin strike much nearer with a 7-iron than with a lob wedge', () => {
		const thin = new Float64Array(DEVIATE_COUNT);
		thin[DEVIATES.lowPoint] = 3;
		const question = ask({ toEdge: 3, edgeToPin: 12 });
		const scene = sceneOf(question.situation, { hazards: true, hole: false });
		const past = (loft: number) => {
			const intent = question.intent(play(loft));
			const { speed } = solveFinish(intent, scene, 15, 40);
			const ball = new BallState();
			const out = new Outcome();
			expect(
				strikeWithErrors(intent, question.request.player.dispersion, speed, 0, thin, 0, ball)
			).toBe('thin');
			follow(ball, scene, NO_LUCK, out);
			return out.finishX - 15;
		};
		expect(past(34)).toBeGreaterThan(0);
		expect(past(60)).toBeGreaterThan(2 * past(34));
	});

	it('costs a chunker more with a leaning shaft than with an upright one', () => {
		const leaning = digLoss(0.02, radians(2), 1);
		const upright = digLoss(0.02, radians(8), 1);
		expect(leaning).toBeLessThan(upright);
		expect(digLoss(0, radians(2), 1)).toBe(1);
	});

	it('rolls farther out of the rough for the same carry', () => {
		const roll = (lie: string) => {
			const question = ask({ lie, toEdge: 3, edgeToPin: 12 });
			const scene = sceneOf(question.situation, { hazards: false, hole: false });
			const intent = question.intent(play(56));
			const { outcome } = solveFinish(intent, scene, 15, 40);
			return outcome.roll / outcome.carry;
		};
		expect(roll('semi-rough')).toBeGreaterThan(roll('fairway'));
		expect(roll('sitting-down')).toBeGreaterThan(roll('fairway'));
	});

	it('swings a flop much faster than a chip of the same distance', () => {
		const question = ask({ toEdge: 3, edgeToPin: 9 });
		const scene = sceneOf(question.situation, { hazards: false, hole: false });
		const speed = (chosen: Play) => solveFinish(question.intent(chosen), scene, 12, 40).speed;
		expect(speed(play(60, 'open', 45))).toBeGreaterThan(1.7 * speed(play(46)));
	});

	it('needs two to three times the swing from sand as for the chip from grass', () => {
		const sand = ask({ lie: 'sand', toEdge: 2, edgeToPin: 8 });
		const scene = sceneOf(sand.situation, { hazards: false, hole: false });
		const splash = solveFinish(sand.intent(play(56, 'splash', 20)), scene, 10, 40).speed;
		const grass = ask({ toEdge: 2, edgeToPin: 8 });
		const chip = solveFinish(grass.intent(play(56)), scene, 10, 40).speed;
		expect(splash / chip).toBeGreaterThan(2);
		expect(splash / chip).toBeLessThan(3.4);
	});

	it('gets the expert up and down from greenside sand about one time in two', async () => {
		const { options } = await planned(
			ask({ lie: 'sand', toEdge: 3.5, edgeToPin: 8, rise: 0.6 }, { skill: 'expert' })
		);
		expect(options[0]!.statistics.chances.upAndDown).toBeGreaterThan(0.42);
		expect(options[0]!.statistics.chances.upAndDown).toBeLessThan(0.68);
	});

	it('makes the target more modest as the lie gets worse', async () => {
		let better = { expectedStrokes: 0, standardError: 0 };
		for (const lie of ['fairway', 'semi-rough', 'deep-rough']) {
			const { statistics } = (await planned(ask({ lie, fringe: 'rough' }))).options[0]!;
			const luck = Math.hypot(statistics.standardError, better.standardError);
			expect(statistics.expectedStrokes).toBeGreaterThan(better.expectedStrokes - luck);
			better = statistics;
		}
	});

	it('refuses a high-bounce wedge opened on a tight lie and allows a low-bounce one', () => {
		const { rejected, candidates } = buildLadder(ask({ lie: 'tight', toEdge: 5, edgeToPin: 6 }));
		const highBounce = rejected.filter(
			({ play: out, rejection }) => out.club.name === 'SW' && rejection.code === 'bounceOnTight'
		);
		expect(highBounce.length).toBeGreaterThan(0);
		const lowBounce = [...rejected, ...candidates].filter(
			({ play: p }) => p.club.name === 'LW' && p.faceOpen > 0
		);
		expect(
			lowBounce.some((item) => !('rejection' in item) || item.rejection.code !== 'bounceOnTight')
		).toBe(true);
	});

	it('runs on from inside and stops sooner from outside', () => {
		const question = ask({});
		const scene = sceneOf(question.situation, { hazards: false, hole: false });
		const total = (shape: Play['shape']) => {
			const out = playIntended(question.intent({ ...play(56), shape }), scene, 9, 0, new Outcome());
			return out.roll / out.carry;
		};
		expect(total('inside')).toBeGreaterThan(total('straight'));
		expect(total('straight')).toBeGreaterThan(total('outside'));
	});
});

/** Common practice in the trade, no published source: level greens of 9 to 10 ft, a ball from short grass. */
describe.each([9, 9.5, 10])('today’s ratios at %s ft', (feet) => {
	const rowsFrom = (carry: number, clubs: readonly string[]) =>
		ratiosToday({
			green: { greenSpeed: fromFeet(feet), firmness: 'medium', wet: false },
			known: usuallyKnown(practiser().delivered),
			clubs: clubs.map(clubNamed),
			player: practiser(),
			carries: [carry],
			slopes: [0]
		});

	it('have a pitching wedge fly half, an 8-iron a third, a 6-iron a quarter of a long chip', () => {
		const shares = rowsFrom(12, ['PW', '8i', '6i']).map(({ ratio }) => 1 / (1 + ratio));
		[1 / 2, 1 / 3, 1 / 4].forEach((share, i) =>
			expect(Math.abs(shares[i]! - share)).toBeLessThan(0.06)
		);
	});

	it('have every second club run some three metres farther from a short landing', () => {
		const rolls = rowsFrom(3, ['SW', 'PW', '8i', '6i']).map(({ roll }) => roll);
		const apart = rolls.slice(1).map((roll, i) => roll - rolls[i]!);
		expect(Math.min(...apart)).toBeGreaterThan(2);
		expect(Math.max(...apart)).toBeLessThan(4.6);
		expect((rolls[3]! - rolls[0]!) / 3).toBeCloseTo(3.2, 0);
	});
});
