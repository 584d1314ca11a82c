import { Outcome } from '../ball/simulate';
import { LIES } from '../lie/lies';
import { candidates, wantedCandidates } from '../plan/ladder/candidates';
import { planSwing } from '../plan/ladder/swing';
import { plan } from '../plan/plan';
import { Question } from '../plan/question/question';
import type { PlanRequest } from '../plan/question/request';
import { groundToAir } from '../plan/question/shotKind';
import { localSampler, shotOf } from '../plan/race/localSampler';
import { drawDeviates, sampleFinishes, type Finishes } from '../plan/race/sample';
import { mean } from '../plan/race/statistics';
import { playKey, type Play } from '../player/intent';
import { speedOfSwing } from '../player/swingLength';
import type { FlightId } from '../setup/flights';
import { pathOf, type Path } from '../solve/path';
import { playIntended, solveCarry } from '../solve/solve';
import { READ_STEPS, type Height, type LieAnswer, type ReadStep } from './steps';
import type { Metres, MetresPerSecond, Radians, Ratio } from '../units';

/** A shot as somebody read it. */
export interface Committed {
	lie: LieAnswer;
	height: Height;
	/** Along the line. */
	landing: Metres;
	/** Ground over air that the shot needs from there. */
	ratio: Ratio;
	/** Id of the club. */
	club: string;
	/** Of the lead arm. */
	swing: Radians;
	/** At the hole, + to the right. */
	aside: Metres;
}

/** One step of a reading, and what it cost. */
export interface StepCost {
	step: ReadStep;
	/** Strokes lost by this step, those before it as they were chosen and those after it as well as they could be. */
	cost: number;
	/** Ties count as right. */
	right: boolean;
}

/** A way to play a shot: what would be committed for it. */
export interface WayRead extends Omit<Committed, 'lie'> {
	play: Play;
	strokes: number;
	path: Path;
	/** Where its balls come to rest. */
	balls: [Metres, Metres][];
}

/** What came of a reading. */
export interface ShotReading {
	/** Every answer about the lie that is right. */
	lie: readonly LieAnswer[];
	steps: StepCost[];
	/** What it cost in all: the sum of the steps. */
	loss: number;
	theirs: WayRead;
	best: WayRead;
}

/** A step that costs less than this is a tie with the best. */
export const TIE = 0.05;
/** Of the lie: an answer is right where the lie takes more of the carry than this, or adds so much to the roll (assumption). */
const LIE_TELLS = { carry: 0.07, roll: 0.15 } as const;
const BALLS = 300;
const SHOWN_BALLS = 100;
/** Few samples choose the plays that are looked at; all are held against each other on equal luck. */
const PLANNED = 60;
const STRAIGHTENING = 4;

const HEIGHT_OF: Readonly<Record<FlightId, Height>> = {
	putt: 'low',
	low: 'low',
	standard: 'middle',
	high: 'high',
	open: 'high',
	splash: 'high'
};
export const heightOf = ({ flight }: Pick<Play, 'flight'>): Height => HEIGHT_OF[flight];

/** A play with its head speed and aim: all that its balls depend on. */
interface Shot {
	play: Play;
	speed: MetresPerSecond;
	aim: Radians;
}
interface Valued extends Shot {
	strokes: number;
}

/** Everything that one shot is looked at with, on equal luck. */
class Judge {
	readonly question: Question;
	readonly #deviates: Float64Array;
	readonly #known = new Map<string, Valued>();

	constructor(request: PlanRequest) {
		this.question = new Question(request);
		this.#deviates = drawDeviates(request.seed, BALLS);
	}

	finishes(shot: Shot, balls = BALLS): Finishes {
		return sampleFinishes(shotOf(this.question, shot), this.#deviates, 0, balls);
	}

	value(shot: Shot): Valued {
		const key = `${playKey(shot.play)}/${shot.speed}/${shot.aim}`;
		const known = this.#known.get(key);
		if (known) return known;
		const valued = { ...shot, strokes: mean(this.finishes(shot).strokes) };
		this.#known.set(key, valued);
		return valued;
	}

	/** The aim at which a head speed ends on the line, however the ground falls. */
	straight(play: Play, speed: MetresPerSecond): Shot {
		const intent = this.question.intent(play);
		const out = new Outcome();
		let aim = 0;
		for (let i = 0; i < STRAIGHTENING; i++) {
			playIntended(intent, this.question.bare, speed, aim, out);
			if (Math.abs(out.finishX) < 0.1) break;
			aim -= Math.atan2(out.finishZ, Math.abs(out.finishX));
		}
		return { play, speed, aim };
	}

	/** A play that lands on a spot; as far as it goes where it does not get there. */
	landed(play: Play, spot: Metres): Valued {
		const { question } = this;
		const { speed } = solveCarry(
			question.intent(play),
			question.bare,
			Math.max(0.3, spot),
			question.fastest(play)
		);
		return this.value(this.straight(play, speed));
	}

	/** What would be committed for a shot, and what comes of it. */
	read({ play, speed, aim, strokes }: Valued): WayRead {
		const { question } = this;
		const out = playIntended(question.intent(play), question.bare, speed, aim, new Outcome());
		const { x, z } = this.finishes({ play, speed, aim }, SHOWN_BALLS);
		return {
			play,
			strokes,
			height: heightOf(play),
			landing: out.landingX,
			ratio: groundToAir(out.carry, out.roll) ?? 0,
			club: play.club.id,
			swing: planSwing(play.club, speed, question.request.player).angle,
			aside: Math.tan(aim) * question.pin,
			path: pathOf(question.intent(play), question.played, speed, aim),
			balls: Array.from(x, (along, i) => [along, z[i]!])
		};
	}
}

const least = <T extends { strokes: number }>(of: readonly T[]): T =>
	of.reduce((best, one) => (one.strokes < best.strokes ? one : best));

/**
 * How a ball comes out of a lie: every answer that is right.
 *
 * @param question opened
 */
export function lieAnswers(question: Question): LieAnswer[] {
	const { situation, request } = question;
	if (LIES[situation.lie].sand) return ['sand'];
	const play = wantedCandidates(question, candidates(request.bag, situation)).find(
		({ flight }) => flight === 'standard'
	);
	if (!play) return ['clean'];
	const even = question.within({ ...situation, lie: 'fairway' });
	const speed = question.fastest(play) / 3;
	const of = (one: Question) => playIntended(one.intent(play), one.bare, speed, 0, new Outcome());
	const [here, there] = [of(question), of(even)];
	const short = here.carry < there.carry * (1 - LIE_TELLS.carry);
	const share = (out: Outcome) => out.roll / Math.max(0.1, out.carry);
	const runs = share(here) > share(there) * (1 + LIE_TELLS.roll);
	const answers: LieAnswer[] = [
		...(short ? (['short'] as const) : []),
		...(runs ? (['runs'] as const) : [])
	];
	return answers.length > 0 ? answers : ['clean'];
}

/**
 * Judges how somebody read a shot. Each step is charged with what it loses when those before it are as they were chosen and those after
 * it as good as they can be, so that the steps add up to the whole. All ways are played with the same luck.
 *
 * @param request without the putter; its samples do not count
 * @param committed as it was read
 */
export async function judgeReading(
	request: PlanRequest,
	committed: Committed
): Promise<ShotReading> {
	const judge = new Judge({ ...request, samples: PLANNED });
	const { question } = judge;
	const { options } = await plan(question, localSampler(question));
	const planned = options.map(({ rung: { play, solution } }) =>
		judge.value({ play, speed: solution.speed, aim: solution.aim })
	);
	const plays = wantedCandidates(question, candidates(request.bag, question.situation)).filter(
		({ shape, flight }) => shape === 'straight' && flight !== 'putt'
	);
	const ofHeight = plays.filter((play) => heightOf(play) === committed.height);
	const playable = ofHeight.length > 0 ? ofHeight : plays;
	const spot = Math.max(0.3, committed.landing);
	const landed = playable.map((play) => judge.landed(play, spot));

	const withClub = playable.filter(({ club }) => club.id === committed.club);
	const ofClub = plays.filter(({ club }) => club.id === committed.club);
	const own = withClub.length > 0 ? withClub : ofClub.length > 0 ? ofClub : playable;
	const clubs = own.map((play) => judge.landed(play, spot));
	const club = least(clubs);
	const { player } = request;
	const known = player.swings[club.play.club.id]?.known ?? [];
	const speed = speedOfSwing(committed.swing, known, question.fastest(club.play));
	const swung = judge.value(judge.straight(club.play, speed));
	const aim = Math.atan2(committed.aside, question.pin);
	const theirs = judge.value({ play: club.play, speed, aim });

	const ratioOf = (shot: Valued) => judge.read(shot).ratio;
	const byRatio = landed.reduce((best, one) =>
		Math.abs(Math.log((ratioOf(one) + 0.1) / (committed.ratio + 0.1))) <
		Math.abs(Math.log((ratioOf(best) + 0.1) / (committed.ratio + 0.1)))
			? one
			: best
	);
	const everything = [...planned, ...landed, ...clubs, swung, theirs];
	const best = least(everything);
	const high = everything.filter(({ play }) => heightOf(play) === committed.height);
	const values = {
		height: high.length > 0 ? least(high).strokes : least(landed).strokes,
		landing: least([...landed, ...clubs]).strokes,
		ratio: byRatio.strokes,
		club: club.strokes,
		swing: swung.strokes,
		aim: theirs.strokes
	};
	const lie = lieAnswers(question);
	let before = best.strokes;
	const steps = READ_STEPS.map((step): StepCost => {
		if (step === 'lie') return { step, cost: 0, right: lie.includes(committed.lie) };
		const cost = values[step] - before;
		before = values[step];
		return { step, cost, right: cost < TIE };
	});
	return {
		lie,
		steps,
		loss: theirs.strokes - best.strokes,
		theirs: judge.read(theirs),
		best: judge.read(best)
	};
}
