import type { SandSurface } from '../../lie/sand';
import { describe, expect, it } from 'vitest';
import { question as ask } from '../../../../../tests/support/scenes';
import { radians } from '../../units';
import { possiblePlays } from './possiblePlays';
import { playKey } from '../../player/intent';
import { buildLadder, type Ladder } from './ladder';
import { heightOnPath, type Path } from '../../solve/path';
import { EDGE_MARGIN, rejectSetup, type Rejection } from './reject';
import { shotKind } from '../question/shotKind';
import { crestOf, pinDistance, segmentAt } from '../question/situation';
import { pinTarget } from '../question/target';

const codes = ({ rejected }: Ladder): Set<Rejection['code']> =>
	new Set(rejected.map(({ rejection }) => rejection.code));
const ladderOf = (situation: Record<string, unknown>): Ladder => buildLadder(ask(situation));
const sand = (from: number, to: number, height = 0.3) => [{ kind: 'sand', from, to, height }];

describe('a shot is out', () => {
	it('when it lands short of the safe part of the green', () => {
		const ladder = ladderOf({ toEdge: 8, edgeToPin: 6, fringe: 'grainy' });
		expect(codes(ladder)).toContain('shortOfGreen');
		for (const { solution } of ladder.candidates.filter(({ play }) => play.flight !== 'putt'))
			expect(solution.outcome.landingX).toBeGreaterThanOrEqual(8 + EDGE_MARGIN);
	});

	it('when it comes down in the sand or passes too low over its lip', () => {
		const low = ladderOf({ toEdge: 6, edgeToPin: 8, hazards: sand(1, 5, 0.2) });
		expect(codes(low)).toContain('landsInHazard');
		const high = ladderOf({ toEdge: 6, edgeToPin: 8, hazards: sand(1, 5, 2) });
		expect(codes(high)).toContain('notClear');
		expect(high.candidates.length).toBeLessThan(low.candidates.length);
	});

	it('when a putt would have to go through something', () => {
		const putt = ({ rejected }: Ladder) =>
			rejected.find(({ play }) => play.club.putter)?.rejection.code;
		expect(putt(ladderOf({ toEdge: 4, hazards: sand(1, 3) }))).toBe('blockedPutt');
		for (const fringe of ['rough', 'smooth'])
			expect(putt(ladderOf({ toEdge: 2, fringe }))).toBeUndefined();
	});

	it('when it lands on a ridge or the face of a tier, however it is told of it', () => {
		const ridge = (kind: string, slopeAlong: number) =>
			ladderOf({
				toEdge: 3,
				edgeToPin: 12,
				fringe: 'grainy',
				segments: [
					{ length: 3, slopeAlong, slopeAcross: 0, kind },
					{ length: 12, slopeAlong: 0, slopeAcross: 0 }
				]
			});
		expect(codes(ridge('green', 12))).toContain('landsOnSteep');
		expect(codes(ridge('tier', 3))).toContain('landsOnSteep');
		expect(codes(ridge('rough', 0))).toContain('landsInHazard');
		expect(codes(ridge('green', 1))).not.toContain('landsOnSteep');
	});

	it('when nothing stops on the slope', () => {
		const ladder = ladderOf({ slopeAlong: -20 });
		expect(ladder.compromised).toBe(true);
		expect(new Set(ladder.candidates.map(({ against }) => against?.code))).toContain('noStop');
		expect(codes(ladder)).toContain('noStop');
	});

	it('when a sole with much bounce would be opened on a tight lie', () => {
		const question = ask({ lie: 'tight' });
		const wedge = question.request.bag.find(({ name }) => name === 'SW')!;
		const open = (bounce: number) =>
			rejectSetup(
				question.intent({
					club: { ...wedge, bounce: radians(bounce) },
					flight: 'open',
					faceOpen: radians(15),
					shape: 'straight'
				}),
				'tight'
			);
		expect(open(12)?.code).toBe('bounceOnTight');
		expect(open(6)).toBeNull();
	});
});

describe('the ladder', () => {
	it('rises in air share and names every play once', () => {
		const { candidates, rejected } = ladderOf({ toEdge: 3, edgeToPin: 9, fringe: 'grainy' });
		const shares = candidates.map(({ airShare }) => airShare);
		expect([...shares].sort((a, b) => a - b)).toEqual(shares);
		const keys = [...candidates.map(({ play }) => play), ...rejected.map(({ play }) => play)].map(
			playKey
		);
		expect(new Set(keys).size).toBe(keys.length);
	});

	it('lets what merely lands short back in when all is out, and says so', () => {
		const question = ask({ toEdge: 3, edgeToPin: 0.5, beyondPin: 0.3, fringe: 'rough' });
		const ladder = buildLadder(question);
		expect(ladder.candidates.length).toBeGreaterThan(0);
		expect(ladder.compromised).toBe(ladder.candidates.every(({ against }) => against !== null));
	});

	it('tries from sand only what a sand shot is', () => {
		const { bag } = ask({}).request;
		const from = (sand: SandSurface, change: object = {}) =>
			possiblePlays(bag, ask({ lie: 'sand', sandSurface: sand, toEdge: 3, ...change }).situation);
		const flights = (...asked: Parameters<typeof from>) =>
			new Set(from(...asked).map(({ flight }) => flight));
		const loftsOf = (plays: ReturnType<typeof from>) => plays.map(({ club }) => club.loft);
		expect(flights('medium')).toEqual(new Set(['splash']));
		expect(flights('firm')).toEqual(new Set(['splash', 'standard', 'putt']));
		expect(flights('plugged')).toEqual(new Set(['splash']));
		const lip = { hazards: [{ kind: 'sand', from: 0, to: 2, height: 0.5 }] };
		expect(flights('firm', lip)).toEqual(new Set(['splash']));
		expect(flights('firm', { rise: 0.4 })).toEqual(new Set(['splash']));
		// Nothing straighter than a gap wedge, unless it is a long way.
		expect(Math.min(...loftsOf(from('soft')))).toBeGreaterThan(radians(49));
		expect(Math.min(...loftsOf(from('soft', { edgeToPin: 21.9 })))).toBeGreaterThan(radians(49));
		expect(Math.min(...loftsOf(from('soft', { edgeToPin: 22.1 })))).toBeLessThan(radians(37));
		const plugged = from('plugged');
		expect(plugged.every(({ faceOpen }) => faceOpen === 0)).toBe(true);
		const open = possiblePlays(bag, ask({ lie: 'deep-rough' }).situation).filter(
			({ flight }) => flight === 'open'
		);
		expect(open.every(({ faceOpen }) => faceOpen >= radians(29))).toBe(true);
	});
});

describe('the words of the line', () => {
	it('puts the crest where it is met', () => {
		expect(crestOf({ kind: 'sand', from: 1, to: 4, height: 1 })).toBe(4);
		expect(crestOf({ kind: 'mound', from: 1, to: 4, height: 1 })).toBe(2.5);
	});

	it('finds the piece at a station; the last one goes on', () => {
		const { situation } = ask({
			toEdge: 2,
			segments: [
				{ length: 3, slopeAlong: 1 },
				{ length: 4, slopeAlong: 2 }
			]
		});
		expect(segmentAt(situation, 4.9).slopeAlong).toBeCloseTo(0.01, 12);
		expect(segmentAt(situation, 5.1).slopeAlong).toBeCloseTo(0.02, 12);
		expect(segmentAt(situation, 90).slopeAlong).toBeCloseTo(0.02, 12);
		expect(segmentAt(situation, 0).slopeAlong).toBeCloseTo(0.01, 12);
	});

	it('aims a little past the hole, but not downhill and never off the back', () => {
		const target = (situation: Record<string, unknown>) => {
			const question = ask(situation).situation;
			return pinTarget(question) - pinDistance(question);
		};
		expect(target({})).toBeCloseTo(0.25, 9);
		expect(target({ slopeAlong: -3 })).toBe(0);
		expect(target({ beyondPin: 0.2 })).toBeCloseTo(0.1, 9);
	});

	it('calls a shot by ratio and height', () => {
		const club = (name: string) => ask({}).request.bag.find((item) => item.name === name)!;
		const play = (name: string, flight: 'standard' | 'open' | 'low', degrees = 0) => ({
			club: club(name),
			flight,
			faceOpen: radians(degrees),
			shape: 'straight' as const
		});
		expect(shotKind(play('7i', 'standard'), 0.25)).toBe('chip');
		expect(shotKind(play('SW', 'standard'), 0.6)).not.toBe('chip');
		expect(shotKind(play('LW', 'open', 30), 0.8)).toBe('flop');
	});

	it('reads the height of a path over a station', () => {
		const path: Path = [
			[0, 0, 0, 0],
			[1, 2, 1, 0],
			[2, 4, 0, 0]
		];
		expect(heightOnPath(path, 1)).toBeCloseTo(0.5, 12);
		expect(heightOnPath(path, 9)).toBe(0);
		expect(heightOnPath(path, -1)).toBeNaN();
		expect(heightOnPath([], 1)).toBeNaN();
	});
});
