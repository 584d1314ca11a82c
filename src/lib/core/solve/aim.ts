import type { Outcome } from '../ball/simulate';
import { radians, type Metres, type MetresPerSecond, type Radians } from '../units';

/**
 * `solved`: the ball ends at the target. `tooFar`: not even the fastest swing gets there. `tooNear`: the slowest swing goes past.
 * `noStop`: the ground lets no ball end there; the nearest ends at `miss` from it.
 */
export type SolveStatus = 'solved' | 'tooFar' | 'tooNear' | 'noStop';

export const TOLERANCE: Metres = 0.005;
/** A ball that ends this near is called solved even where the ground jumps. */
export const NEAR_ENOUGH: Metres = 0.3;
const JOINT_ROUNDS = 12;
/** Where it settles, it nearly always does in so many. */
const HASTY_ROUNDS = 6;
/** What a search that does not settle may leave: less than any player can aim for. */
const CLOSE: Metres = 0.15;
const MOST_TURN: Radians = radians(12);
const MOST_FASTER = 0.12;
const TURNS = 3;
const LEAST_TURN: Radians = radians(0.5);
const SCAN_AIMS = 3;
const WIDEST_AIM: Radians = radians(30);
const AIM_HALVINGS = 6;

/** One aim tried: the head speed that brings the ball level with the target, and how far it then ends to the side. */
export interface AimTried {
	aim: Radians;
	status: SolveStatus;
	speed: MetresPerSecond;
	miss: Metres;
	/** Right (+) or left (−) of the target. */
	side: Metres;
}

/** Plays balls for the search. */
export interface Shooter {
	targetX: Metres;
	slowest: MetresPerSecond;
	fastest: MetresPerSecond;
	/** One ball; the outcome is overwritten by the next. */
	play: (speed: MetresPerSecond, aim: Radians) => Outcome;
	/** Solves the head speed for one aim, finely or coarsely. */
	tryAim: (aim: Radians, coarse: boolean, guess: MetresPerSecond | null) => AimTried;
}

/**
 * Corrects head speed and aim together from a straight shot that ends beside the target (Broyden's method on the relative head speed
 * and the aim): a handful of balls where the ground is smooth.
 *
 * @param rounds balls at most
 * @returns the best within 0.15 m where it does not settle, null where there is none
 * @source C. Broyden, A class of methods for solving nonlinear simultaneous equations, Mathematics of Computation 19 (1965)
 */
export function correctTogether(
	{ play, targetX, slowest, fastest }: Omit<Shooter, 'tryAim'>,
	from: AimTried,
	rounds = JOINT_ROUNDS
): AimTried | null {
	let { speed, aim, miss, side } = from;
	let best: AimTried | null = null;
	// Rows: miss along, miss aside; columns: relative head speed (range grows with its square), aim.
	const slope = [2 * targetX, 0, 0, targetX];
	for (let round = 0; round < rounds; round++) {
		if (Math.abs(miss) <= TOLERANCE && Math.abs(side) <= 2 * TOLERANCE)
			return { status: 'solved', speed, aim, miss, side };
		if (Math.hypot(miss, side) < Math.min(CLOSE, offBy(best)))
			best = { status: 'solved', speed, aim, miss, side };
		const [a, b, c, d] = slope as [number, number, number, number];
		const determinant = a * d - b * c;
		if (!(Math.abs(determinant) > 1e-6)) return best;
		const faster = clamped((b * side - d * miss) / determinant, MOST_FASTER);
		const turn = clamped((c * miss - a * side) / determinant, MOST_TURN);
		speed *= 1 + faster;
		aim += turn;
		if (speed > fastest || speed < slowest || Math.abs(aim) > WIDEST_AIM) return best;
		const { finishX, finishZ } = play(speed, aim);
		const squared = faster * faster + turn * turn;
		const along = (finishX - targetX - miss - a * faster - b * turn) / squared;
		const aside = (finishZ - side - c * faster - d * turn) / squared;
		slope[0] = a + along * faster;
		slope[1] = b + along * turn;
		slope[2] = c + aside * faster;
		slope[3] = d + aside * turn;
		miss = finishX - targetX;
		side = finishZ;
	}
	return best;
}

const offBy = (tried: AimTried | null): Metres =>
	tried ? Math.hypot(tried.miss, tried.side) : Infinity;

const clamped = (value: number, most: number): number => Math.max(-most, Math.min(most, value));

/** Turns the aim against where the ball ends up, until a ball stops near the target; null where none does. */
function turnedUntilNear({ tryAim, targetX }: Shooter, straight: AimTried): AimTried | null {
	let last = straight;
	for (let round = 0; round < TURNS; round++) {
		const aim = last.aim - clamped(last.side / targetX, MOST_TURN);
		if (Math.abs(aim) > WIDEST_AIM || Math.abs(aim - last.aim) < LEAST_TURN) return null;
		last = tryAim(aim, true, last.speed);
		if (last.status === 'solved' && Math.abs(last.side) < 2 * NEAR_ENOUGH) return last;
		if (last.status !== 'solved' && last.status !== 'noStop') return null;
	}
	return null;
}

const nearer = (a: AimTried, b: AimTried): AimTried =>
	b.status === 'solved' && (a.status !== 'solved' || Math.abs(b.side) < Math.abs(a.side)) ? b : a;

/** Searches all sensible aims for one where the side changes sign, and halves in on it; ground with tiers and saddles may need it. */
function scanAims({ tryAim }: Shooter, straight: AimTried): AimTried {
	const coarsely = (aim: Radians) => tryAim(aim, true, straight.speed);
	let nearest = straight;
	let before: AimTried | null = null;
	for (let k = -SCAN_AIMS; k <= SCAN_AIMS; k++) {
		const tried = coarsely((k / SCAN_AIMS) * WIDEST_AIM);
		if (tried.status !== 'solved') {
			before = null;
			continue;
		}
		if (before && before.side < 0 !== tried.side < 0)
			nearest = nearer(nearest, halve(coarsely, before, tried));
		nearest = nearer(nearest, tried);
		before = tried;
	}
	return nearest;
}

function halve(tryAim: (aim: Radians) => AimTried, from: AimTried, to: AimTried): AimTried {
	let [low, high] = [from, to];
	for (let i = 0; i < AIM_HALVINGS && Math.abs(low.side - high.side) > TOLERANCE; i++) {
		const middle = tryAim((low.aim + high.aim) / 2);
		if (middle.status !== 'solved') break;
		if (middle.side < 0 === low.side < 0) low = middle;
		else high = middle;
	}
	return nearer(low, high);
}

/**
 * Finds the aim, and the head speed for it, that bring a ball to the target which a straight shot misses to one side.
 *
 * @param straight the head speed solved for aim 0: `solved`, or `noStop` where no straight ball ends level with the target
 * @param around whether to search on where Broyden's method does not settle
 * @returns the best found: Broyden's method; where it does not settle, again from an aim turned against the miss; where all else fails, 7
 *   aims over ±30° and halvings between them
 */
export function findAim(shooter: Shooter, straight: AimTried, around = true): AimTried {
	const solved = straight.status === 'solved';
	if (solved && Math.abs(straight.side) <= 2 * TOLERANCE) return straight;
	const rounds = around ? JOINT_ROUNDS : HASTY_ROUNDS;
	const direct = solved ? correctTogether(shooter, straight, rounds) : null;
	if (direct || !around) return direct ?? straight;
	const turned = turnedUntilNear(shooter, straight);
	const corrected = turned && correctTogether(shooter, turned);
	if (corrected) return corrected;
	const scanned = scanAims(shooter, straight);
	if (scanned.status !== 'solved') return scanned;
	const fine = shooter.tryAim(scanned.aim, false, scanned.speed);
	return (fine.status === 'solved' ? correctTogether(shooter, fine) : null) ?? fine;
}
