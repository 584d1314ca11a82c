import { sandEntry } from '../ball/splash';
import { isWedge, type Club } from '../club/club';
import type { LieId } from '../lie/lies';
import { SANDS, type SandSurface } from '../lie/sand';
import type { Stance } from '../lie/stance';
import type { Metres, MetresPerSecond, Radians, Ratio } from '../units';
import { CENTIMETRE, radians } from '../units';
import type { FlightId, FlightSetup } from './flights';
import type { Technique } from './technique';

export type StanceWidth = 'narrow' | 'medium' | 'wide';
export type Wrists = 'none' | 'some' | 'early-full';
export type FinishPosition = 'low' | 'matching' | 'face-at-you';
export type Cue =
	| 'roll-it-like-a-putt'
	| 'brush-the-grass'
	| 'chest-over-ball'
	| 'let-the-sole-slide'
	| 'head-falls-by-itself'
	| 'hands-stay-ahead'
	| 'through-the-grass'
	| 'slide-the-head-under'
	| 'face-to-the-sky'
	| 'splash-the-sand'
	| 'less-sand-for-length'
	| 'down-on-it'
	| 'pick-it-clean'
	| 'dig-it-out';
/** Another way to set up for the same shot, and when to prefer it. */
export type Alternative =
	| 'upright-if-heavy'
	| 'lean-if-clean'
	| 'trail-side-flop'
	| 'lead-side-flop'
	| 'putt-if-smooth'
	| 'square-if-bounce'
	| 'three-quarter-grip'
	| 'firm-sand-less-open';

/** The setup of one shot; common practice, no source. Lead and trail fit either hand. */
export interface SetupAdvice {
	/** −1 trail heel, 0 centre, +1 lead heel. */
	ballPosition: number;
	/** Percent. */
	leadWeight: number;
	shaftLean: Radians;
	faceOpen: Radians;
	stance: StanceWidth;
	stanceOpen: Radians;
	gripDown: Metres;
	/** 1 to 10. */
	gripPressure: number;
	grip: 'putting' | 'normal' | 'weak';
	standClose: boolean;
	wrists: Wrists;
	/** Through-swing against backswing. */
	through: 'same' | 'longer';
	finish: FinishPosition;
	cue: Cue;
	alternatives: Alternative[];
	/** What a sloping stance asks for besides. */
	slope: SlopeAdvice[];
}

/** What to do on a slope. */
export type SlopeAdvice = 'uphill' | 'downhill' | 'ball-above-feet' | 'ball-below-feet';

export interface SetupQuestion {
	club: Club;
	flight: FlightId;
	faceOpen: Radians;
	/** From the re-aim of the opened face. */
	stanceOpen: Radians;
	lie: LieId;
	setup: FlightSetup;
	speed: MetresPerSecond;
	technique: Technique;
	stance: Stance;
	sand: SandSurface;
}

/** A chip is played with a small, quiet motion up to this head speed (common practice, no source). */
const SHORT_CHIP: MetresPerSecond = 7.5;
const PITCH: MetresPerSecond = 13;
/** An entry so near the ball is worth saying. */
const SHALLOW_ENTRY: Metres = 4.25 * CENTIMETRE;
/** A body line is opened in steps that can be seen, and no farther than one can still turn from. */
const LEAST_STANCE_OPEN = radians(5);
const STANCE_STEP = radians(5);
const MOST_STANCE_OPEN = radians(30);
/** A slope that is felt underfoot, and how far weight and ball go with it per unit of slope. */
const FELT: Ratio = 0.03;
const WEIGHT_WITH_SLOPE = 60;
const BALL_WITH_SLOPE = 1.5;

/** How a lie changes the setup of whatever flight is played from it. */
const LIE_SETUP: Partial<
	Record<
		LieId,
		{ ball?: number; weight?: number; gripDown?: Metres; cue?: Cue; stance?: StanceWidth }
	>
> = {
	tight: { ball: -0.1, weight: 5, cue: 'chest-over-ball' },
	'sitting-up': { weight: -8, gripDown: 2 * CENTIMETRE },
	'sitting-down': { ball: -0.2, weight: 8, cue: 'down-on-it' },
	'semi-rough': { ball: 0.1, stance: 'medium', cue: 'through-the-grass' },
	'deep-rough': { ball: 0.2, weight: 8, stance: 'medium', cue: 'through-the-grass' },
	sand: { weight: 5 }
};

function stanceOf({ flight, speed }: SetupQuestion): StanceWidth {
	if (flight === 'open' || flight === 'splash') return 'wide';
	if (flight === 'putt') return 'medium';
	return speed < SHORT_CHIP ? 'narrow' : speed < PITCH ? 'medium' : 'wide';
}

function wristsOf({ flight, speed, technique, lie }: SetupQuestion): Wrists {
	if (flight === 'putt') return 'none';
	if (flight === 'open' || flight === 'splash' || lie === 'deep-rough') return 'early-full';
	const rough = lie === 'semi-rough' || lie === 'sitting-down';
	if (technique.stroke === 'pendulum' && !(rough && speed < SHORT_CHIP))
		return speed < SHORT_CHIP ? 'none' : speed < PITCH ? 'some' : 'early-full';
	return speed < SHORT_CHIP ? 'some' : 'early-full';
}

function finishOf({ flight, speed, technique, faceOpen }: SetupQuestion): FinishPosition {
	if (flight === 'open' || flight === 'splash') return faceOpen > 0 ? 'face-at-you' : 'matching';
	if (flight === 'low' || technique.stroke === 'hinge-and-hold') return 'low';
	return speed < SHORT_CHIP && technique.stroke === 'set-and-drop' ? 'low' : 'matching';
}

function splashCue(sand: SandSurface, speed: MetresPerSecond): Cue {
	if (sand === 'plugged') return 'dig-it-out';
	return sandEntry(speed, SANDS[sand]) < SHALLOW_ENTRY ? 'less-sand-for-length' : 'splash-the-sand';
}

function cueOf(question: SetupQuestion): Cue {
	const { flight, technique, lie, speed, sand, faceOpen } = question;
	if (flight === 'putt') return 'roll-it-like-a-putt';
	if (flight === 'splash') return splashCue(sand, speed);
	if (lie === 'sand') return 'pick-it-clean';
	if (flight === 'open')
		return technique.flop === 'trail' ? 'slide-the-head-under' : 'face-to-the-sky';
	if (lie === 'semi-rough' && faceOpen === 0 && speed < SHORT_CHIP) return 'down-on-it';
	const fromLie = LIE_SETUP[lie]?.cue;
	if (fromLie) return fromLie;
	if (technique.chip === 'sole') return 'let-the-sole-slide';
	if (technique.stroke === 'set-and-drop') return 'head-falls-by-itself';
	if (flight === 'low') return 'hands-stay-ahead';
	return speed < PITCH ? 'brush-the-grass' : 'chest-over-ball';
}

function alternativesOf({ club, flight, technique, lie, faceOpen }: SetupQuestion): Alternative[] {
	const found: Alternative[] = [];
	if (flight === 'standard' || flight === 'low')
		found.push(technique.chip === 'lean' ? 'upright-if-heavy' : 'lean-if-clean');
	if (flight === 'open')
		found.push(technique.flop === 'lead' ? 'trail-side-flop' : 'lead-side-flop');
	if ((lie === 'fringe' || lie === 'tight') && flight !== 'putt') found.push('putt-if-smooth');
	if (lie === 'tight' && faceOpen > 0) found.push('square-if-bounce');
	if (flight === 'splash' && faceOpen > 0) found.push('firm-sand-less-open');
	if (isWedge(club) && flight === 'high') found.push('three-quarter-grip');
	return found;
}

const bounded = (value: number, low: number, high: number): number =>
	Math.max(low, Math.min(high, value));
const rounded = (value: number, step: number): number => Math.round(value / step) * step;

function gripDownOf({ flight, speed, club }: SetupQuestion): Metres {
	if (flight === 'putt' || flight === 'open') return 0;
	const byClub = isWedge(club) ? 0 : 2 * CENTIMETRE;
	return byClub + (speed < SHORT_CHIP ? 4 : speed < PITCH ? 2 : 0) * CENTIMETRE;
}

const WIDTHS: readonly StanceWidth[] = ['narrow', 'medium', 'wide'];
const widest = (a: StanceWidth, b: StanceWidth = 'narrow'): StanceWidth =>
	WIDTHS[Math.max(WIDTHS.indexOf(a), WIDTHS.indexOf(b))]!;

/** Shoulders and weight go with a slope that is felt; a putt is played as on the level. */
function slopeAdvice({ stance, flight }: SetupQuestion): SlopeAdvice[] {
	if (flight === 'putt') return [];
	const found: SlopeAdvice[] = [];
	if (Math.abs(stance.along) >= FELT) found.push(stance.along > 0 ? 'uphill' : 'downhill');
	if (Math.abs(stance.across) >= FELT)
		found.push(stance.across > 0 ? 'ball-above-feet' : 'ball-below-feet');
	return found;
}

/**
 * Sets up for a shot: the flight's own setup, changed by the lie, the length of the swing and the player's technique.
 *
 * @param question play, lie, stance and player
 */
export function adviseSetup(question: SetupQuestion): SetupAdvice {
	const { flight, setup, speed, technique, lie } = question;
	const change = (flight === 'putt' ? null : LIE_SETUP[lie]) ?? {};
	const along =
		flight === 'putt' || Math.abs(question.stance.along) < FELT ? 0 : question.stance.along;
	const shortChip = speed < SHORT_CHIP && (flight === 'low' || flight === 'standard');
	const pendulum = technique.stroke === 'pendulum' && shortChip;
	const naturallyOpen = flight === 'putt' ? 0 : LEAST_STANCE_OPEN;
	const stanceOpen = Math.max(naturallyOpen, question.stanceOpen);
	return {
		ballPosition: rounded(
			bounded(setup.ballPosition + (change.ball ?? 0) + BALL_WITH_SLOPE * along, -1, 1),
			0.05
		),
		leadWeight: rounded(
			bounded(setup.leadWeight + (change.weight ?? 0) - WEIGHT_WITH_SLOPE * along, 30, 80),
			1
		),
		shaftLean: setup.shaftLean,
		faceOpen: question.faceOpen,
		stance: widest(stanceOf(question), flight === 'putt' ? undefined : change.stance),
		stanceOpen: Math.min(MOST_STANCE_OPEN, STANCE_STEP * Math.round(stanceOpen / STANCE_STEP)),
		gripDown: gripDownOf(question) + (change.gripDown ?? 0),
		gripPressure:
			lie === 'deep-rough' ? 6 : flight === 'open' || technique.stroke === 'set-and-drop' ? 2 : 4,
		grip: flight === 'putt' || pendulum ? 'putting' : flight === 'open' ? 'weak' : 'normal',
		standClose: flight === 'putt' || shortChip,
		wrists: wristsOf(question),
		through: flight === 'open' || flight === 'splash' ? 'longer' : 'same',
		finish: finishOf(question),
		cue: cueOf(question),
		alternatives: alternativesOf(question),
		slope: slopeAdvice(question)
	};
}
