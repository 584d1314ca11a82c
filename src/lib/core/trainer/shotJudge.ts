import { Outcome } from '../ball/simulate';
import { planSwing } from '../plan/ladder/swing';
import { Question } from '../plan/question/question';
import type { PlanRequest } from '../plan/question/request';
import { groundToAir } from '../plan/question/shotKind';
import { shotOf } from '../plan/race/localSampler';
import { drawDeviates, sampleFinishes, type Finishes } from '../plan/race/sample';
import { mean } from '../plan/race/statistics';
import { playKey, type Play } from '../player/intent';
import type { FlightId } from '../setup/flights';
import { pathOf, type Path } from '../solve/path';
import { playIntended, solveCarry } from '../solve/solve';
import type { Height, LieAnswer } from './steps';
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

/** A way to play a shot: what would be committed for it. */
export interface WayRead extends Omit<Committed, 'lie'> {
	play: Play;
	strokes: number;
	path: Path;
	/** Where its balls come to rest. */
	balls: [Metres, Metres][];
}

const BALLS = 300;
export const FEW = 100;
const STRAIGHTENING = 4;
export const LEAST_CARRY: Metres = 0.3;
/** An aim less aside than this flies no farther for it. */
const STRAIGHT: Radians = 0.05;
/** A play is tried from other landing spots by these steps: a plan of few samples may miss the best one. */
const STEPS: readonly Metres[] = [1.6, 0.8, 0.4, 0.2];

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
export interface Valued extends Shot {
	strokes: number;
}

/** Everything that one shot is looked at with, on equal luck. */
export class ShotJudge {
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

	/** @param balls fewer of them look around, all of them decide */
	value({ play, speed, aim }: Shot, balls = BALLS): Valued {
		const key = `${playKey(play)}/${speed}/${aim}/${balls}`;
		const known = this.#known.get(key);
		if (known) return known;
		const strokes = mean(this.finishes({ play, speed, aim }, balls).strokes);
		const valued = { play, speed, aim, strokes };
		this.#known.set(key, valued);
		return valued;
	}

	/** The ball of a shot that goes as it is meant to. */
	ball({ play, speed, aim }: Shot): Outcome {
		const { question } = this;
		return playIntended(question.intent(play), question.bare, speed, aim, new Outcome());
	}

	/** Ground over air of that ball; 0 for one that never flies. */
	ratio(shot: Shot): Ratio {
		const { carry, roll } = this.ball(shot);
		return groundToAir(carry, roll) ?? 0;
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

	/**
	 * A play that lands beside a spot of the line; as far as it goes where it does not get there.
	 *
	 * @param aside an aim that is tried beside the one that ends on the line: where the ground is steep, two may do
	 */
	landed(play: Play, spot: Metres, aside?: Radians, balls = BALLS): Valued {
		let shot = this.straight(play, this.#carrying(play, spot));
		// Aimed aside, it has farther to fly to the same place along the line.
		if (Math.abs(shot.aim) > STRAIGHT)
			shot = this.straight(play, this.#carrying(play, spot / Math.max(0.3, Math.cos(shot.aim))));
		const value = this.value(shot, balls);
		if (aside === undefined) return value;
		const speed = this.#carrying(play, spot / Math.max(0.3, Math.cos(aside)));
		return least([value, this.value({ play, speed, aim: aside }, balls)]);
	}

	#carrying(play: Play, carry: Metres): MetresPerSecond {
		const { question } = this;
		const wanted = Math.max(LEAST_CARRY, carry);
		return solveCarry(question.intent(play), question.bare, wanted, question.fastest(play)).speed;
	}

	/** The same play from whatever landing spot near by costs least. */
	moved(from: Valued): Valued {
		let [best, at] = [this.value(from, FEW), this.ball(from).landingX];
		for (const step of STEPS)
			for (const side of [-step, step]) {
				const there = this.landed(from.play, at + side, from.aim, FEW);
				if (there.strokes < best.strokes) [best, at] = [there, at + side];
			}
		return least([from, this.value(best)]);
	}

	/** What would be committed for a shot, and what comes of it. */
	read({ play, speed, aim, strokes }: Valued): WayRead {
		const { question } = this;
		const shot = { play, speed, aim };
		const { landingX } = this.ball(shot);
		const { x, z } = this.finishes(shot, FEW);
		return {
			play,
			strokes,
			height: heightOf(play),
			landing: landingX,
			ratio: this.ratio(shot),
			club: play.club.id,
			swing: planSwing(play.club, speed, question.request.player).angle,
			aside: Math.tan(aim) * question.pin,
			path: pathOf(question.intent(play), question.played, speed, aim),
			balls: Array.from(x, (along, i) => [along, z[i]!])
		};
	}
}

/** The cheapest of some; there is at least one. */
export const least = <T extends { strokes: number }>(of: readonly T[]): T =>
	of.reduce((best, one) => (one.strokes < best.strokes ? one : best));

/** The best shot of each play, the best of all first. */
export function bestOfEach(of: readonly Valued[]): Valued[] {
	const best = new Map<string, Valued>();
	for (const one of of.toSorted((a, b) => a.strokes - b.strokes)) {
		const key = playKey(one.play);
		if (!best.has(key)) best.set(key, one);
	}
	return [...best.values()];
}
