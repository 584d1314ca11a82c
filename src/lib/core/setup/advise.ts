import { isWedge, type Club } from '../club/club';
import type { LieId } from '../lie/lies';
import type { Metres, MetresPerSecond, Radians } from '../units';
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
	| 'down-on-it';
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
}

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
}

/** A chip is played with a small, quiet motion up to this head speed (common practice, no source). */
const SHORT_CHIP: MetresPerSecond = 7.5;
const PITCH: MetresPerSecond = 13;
const LEAST_STANCE_OPEN = radians(5);

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
	'semi-rough': { stance: 'wide', cue: 'through-the-grass' },
	'deep-rough': { ball: 0.1, weight: 8, stance: 'wide', cue: 'through-the-grass' }
};

function stanceOf({ flight, speed }: SetupQuestion): StanceWidth {
	if (flight === 'open' || flight === 'splash') return 'wide';
	return speed < SHORT_CHIP ? 'narrow' : speed < PITCH ? 'medium' : 'wide';
}

function wristsOf({ flight, speed, technique, lie }: SetupQuestion): Wrists {
	if (flight === 'putt') return 'none';
	if (flight === 'open' || flight === 'splash' || lie === 'deep-rough') return 'early-full';
	if (technique.stroke === 'pendulum')
		return speed < SHORT_CHIP ? 'none' : speed < PITCH ? 'some' : 'early-full';
	return speed < SHORT_CHIP ? 'some' : 'early-full';
}

function finishOf({ flight, speed, technique }: SetupQuestion): FinishPosition {
	if (flight === 'open' || flight === 'splash') return 'face-at-you';
	if (flight === 'low' || technique.stroke === 'hinge-and-hold') return 'low';
	return speed < SHORT_CHIP && technique.stroke === 'set-and-drop' ? 'low' : 'matching';
}

function cueOf(question: SetupQuestion): Cue {
	const { flight, technique, lie, speed } = question;
	if (flight === 'putt') return 'roll-it-like-a-putt';
	if (flight === 'splash') return 'splash-the-sand';
	if (flight === 'open')
		return technique.flop === 'trail' ? 'slide-the-head-under' : 'face-to-the-sky';
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
	if (flight === 'splash') found.push('firm-sand-less-open');
	if (isWedge(club) && flight === 'high') found.push('three-quarter-grip');
	return found;
}

function gripDownOf({ flight, speed, club }: SetupQuestion): Metres {
	if (flight === 'putt' || flight === 'open') return 0;
	const byClub = isWedge(club) ? 0 : 2 * CENTIMETRE;
	return byClub + (speed < SHORT_CHIP ? 4 : speed < PITCH ? 2 : 0) * CENTIMETRE;
}

/** Sets up for a shot: the flight's own setup, changed by the lie, the length of the swing and the player's technique. */
export function adviseSetup(question: SetupQuestion): SetupAdvice {
	const { flight, setup, speed, technique, lie } = question;
	const change = LIE_SETUP[lie] ?? {};
	const shortChip = speed < SHORT_CHIP && (flight === 'low' || flight === 'standard');
	const pendulum = technique.stroke === 'pendulum' && shortChip;
	const naturallyOpen = flight === 'putt' ? 0 : LEAST_STANCE_OPEN;
	return {
		ballPosition: Math.max(-1, Math.min(1, setup.ballPosition + (change.ball ?? 0))),
		leadWeight: Math.max(30, Math.min(80, setup.leadWeight + (change.weight ?? 0))),
		shaftLean: setup.shaftLean,
		faceOpen: question.faceOpen,
		stance: change.stance ?? stanceOf(question),
		stanceOpen: Math.max(naturallyOpen, question.stanceOpen),
		gripDown: gripDownOf(question) + (change.gripDown ?? 0),
		gripPressure:
			lie === 'deep-rough' ? 6 : flight === 'open' || technique.stroke === 'set-and-drop' ? 2 : 4,
		grip: flight === 'putt' || pendulum ? 'putting' : flight === 'open' ? 'weak' : 'normal',
		standClose: flight === 'putt' || shortChip,
		wrists: wristsOf(question),
		through: flight === 'open' || flight === 'splash' ? 'longer' : 'same',
		finish: finishOf(question),
		cue: cueOf(question),
		alternatives: alternativesOf(question)
	};
}
