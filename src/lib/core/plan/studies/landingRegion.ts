import { Outcome } from '../../ball/simulate';
import { SURFACE } from '../../ground/surfaces';
import { interpolate } from '../../math/interpolation';
import type { Metres, MetresPerSecond, Radians } from '../../units';
import type { Candidate } from '../ladder/candidate';
import type { Question } from '../question/question';
import { playIntended } from '../../solve/solve';

/** What becomes of a ball landed at a place: stays on the green, leaves it, ends in sand or water, or never stops. */
export const FATE = { green: 0, offGreen: 1, hazard: 2, runsAway: 3 } as const;

/** Landing spots on a grid of the line of play and what each leads to. */
export interface LandingRegion {
	fromX: Metres;
	fromZ: Metres;
	cell: Metres;
	columns: number;
	rows: number;
	/** Distance at rest from the hole, or from the other place where the play is meant to end, row by row from the lowest z; NaN where the club cannot land it. */
	leave: Float64Array;
	/** `FATE` of each. */
	fate: Uint8Array;
}

const MOST_COLUMNS = 44;
const FINEST: Metres = 0.3;
const WIDEST: Metres = 7;
const PAST_END: Metres = 2;
const CARRY_TABLE = 16;

/** Of one play aimed straight ahead, against its carries, which rise: head speeds, and how far to the right it comes down. */
function carryTable(question: Question, candidate: Candidate) {
	const intent = question.intent(candidate.play);
	const fastest = Math.min(question.fastest(candidate.play), candidate.solution.speed * 2.2);
	const slowest = candidate.solution.speed * 0.25;
	const out = new Outcome();
	const carries: Metres[] = [];
	const speeds: MetresPerSecond[] = [];
	const starts: Radians[] = [];
	for (let i = 0; i < CARRY_TABLE; i++) {
		const speed = slowest + ((fastest - slowest) * i) / (CARRY_TABLE - 1);
		const { carry } = playIntended(intent, question.bare, speed, 0, out);
		if (carry <= (carries.at(-1) ?? 0)) continue;
		carries.push(carry);
		speeds.push(speed);
		starts.push(Math.atan2(out.landingZ, out.landingX));
	}
	return { carries, speeds, starts };
}

function fateOf(out: Outcome): number {
	if (out.status === 'runaway') return FATE.runsAway;
	if (out.finishKind === SURFACE.sand || out.finishKind === SURFACE.water) return FATE.hazard;
	return out.finishKind === SURFACE.green ? FATE.green : FATE.offGreen;
}

/**
 * Where a play may land: every spot of a grid between the ball and a little past where it is meant to end is played to, and what it
 * leads to is kept.
 *
 * @param candidate a solved play that flies
 * @returns the spot meant is the one that the ball comes down on where the ground is level; on a slope it differs by centimetres
 */
export function landingRegion(question: Question, candidate: Candidate): LandingRegion {
	const { situation, pin } = question;
	const half = Math.min(WIDEST, Math.max(1.5, 0.45 * pin));
	const end = candidate.safe ? candidate.target : pin;
	const length = Math.max(pin, end) + Math.min(PAST_END, situation.beyondPin);
	const fromX = Math.max(0.3, situation.toEdge - 1.5);
	const cell = Math.max(FINEST, (length - fromX) / MOST_COLUMNS);
	const columns = Math.max(2, Math.ceil((length - fromX) / cell) + 1);
	const rows = 2 * Math.ceil(half / cell) + 1;
	const fromZ = -((rows - 1) / 2) * cell;
	const leave = new Float64Array(columns * rows).fill(NaN);
	const fate = new Uint8Array(columns * rows);
	const { carries, speeds, starts } = carryTable(question, candidate);
	const scene = question.obstructed;
	const intent = question.intent(candidate.play);
	const out = new Outcome();
	for (let at = 0; at < leave.length; at++) {
		const x = fromX + (at % columns) * cell;
		const z = fromZ + Math.floor(at / columns) * cell;
		const carry = Math.hypot(x, z);
		if (carry < carries[0]! || carry > carries.at(-1)!) continue;
		const aim = Math.atan2(z, x) - interpolate(carries, starts, carry);
		playIntended(intent, scene, interpolate(carries, speeds, carry), aim, out);
		leave[at] = Math.hypot(out.finishX - end, out.finishZ - candidate.side);
		fate[at] = fateOf(out);
	}
	return { fromX, fromZ, cell, columns, rows, leave, fate };
}
