import { cloudOf, ellipseOf, type Ellipse } from '../math/ellipse';
import { huberCentre, wildOnes, type Centre } from '../math/robust';
import { carrySpreadOf } from '../player/carrySpread';
import { spreadWith } from '../player/carryDays';
import type { Metres, Ratio } from '../units';
import { driftOf, type Drift } from './drift';
import type { PractisedBall, Spot } from './practised';

/** Nobody sees where a ball lands to less than this. */
const RESOLUTION: Metres = 0.2;
/** A share of the balls that the drawn ellipse is to hold. */
const ELLIPSE_SHARE: Ratio = 0.8;
/** Relative spread of a roll and what is added to it: strike, turf and reading together (assumption; as where a green is read by balls). */
const ROLL_SPREAD: Ratio = 0.12;
const ROLL_SPREAD_LENGTH: Metres = 0.25;

/** How balls of one kind lie, in one measure. */
export interface Grouped extends Centre {
	n: number;
	/** With what the skill presumes mixed in. */
	posterior: Metres;
}

/** What the balls of one club, swing and flight say together. */
export interface Group {
	/** In the order of the balls: too far off the others, or said to be wild; kept, and left out of what follows. */
	wild: boolean[];
	/** Balls that count. */
	n: number;
	carry: Grouped;
	/** From the first to the last ball's carry, where it changed by more than luck makes it. */
	drift: Drift<Metres> | null;
	/** To the right of the line where they land. */
	side: Centre;
	/** From landing to rest; null where no ball was followed to its end. */
	roll: Grouped | null;
	landing: Ellipse;
	finish: Ellipse | null;
}

const rollOf = ({ landed, finished }: PractisedBall): Metres =>
	finished ? finished[0] - landed[0] : NaN;

/** Which of them are wild in one measure; those without it are not. */
function wildIn(values: readonly number[]): boolean[] {
	const known = values.filter((value) => !Number.isNaN(value));
	const wild = wildOnes(known, RESOLUTION);
	let at = 0;
	return values.map((value) => !Number.isNaN(value) && wild[at++]!);
}

/**
 * Which balls of a group do not belong to it: more than 3.5 robust deviations off in carry, to the side or in roll-out, or said to be wild.
 *
 * @param balls of one club, swing, flight and shape
 */
export function wildBalls(balls: readonly PractisedBall[]): boolean[] {
	const [carry, side, roll] = [
		balls.map(({ landed }) => landed[0]),
		balls.map(({ landed }) => landed[1]),
		balls.map(rollOf)
	].map(wildIn);
	return balls.map(({ tags }, i) => tags.includes('wild') || carry![i]! || side![i]! || roll![i]!);
}

const grouped = (values: readonly number[], prior: (centre: Metres) => Metres): Grouped => {
	const { centre, spread } = huberCentre(values);
	return {
		centre,
		spread,
		n: values.length,
		posterior: spreadWith(prior(centre), spread, values.length - 1)
	};
};

const ellipse = (spots: readonly Spot[]): Ellipse => ellipseOf(cloudOf(spots), ELLIPSE_SHARE);

/**
 * What balls of one kind say together.
 *
 * @param balls at least one, of one club, swing, flight and shape
 * @param speedSpread relative spread of the head speed that the skill presumes
 * @returns null where every ball is wild
 */
export function groupOf(balls: readonly PractisedBall[], speedSpread: Ratio): Group | null {
	const wild = wildBalls(balls);
	const kept = balls.filter((_, i) => !wild[i]);
	if (kept.length === 0) return null;
	const followed = kept.filter(({ finished }) => finished !== null);
	const carries = kept.map(({ landed }) => landed[0]);
	const carryPrior = (carry: Metres) => carrySpreadOf(speedSpread) * Math.max(RESOLUTION, carry);
	const rollPrior = (roll: Metres) =>
		Math.hypot(carryPrior(roll), ROLL_SPREAD * roll, ROLL_SPREAD_LENGTH);
	return {
		wild,
		n: kept.length,
		carry: grouped(carries, carryPrior),
		drift: driftOf(carries),
		side: huberCentre(kept.map(({ landed }) => landed[1])),
		roll: followed.length > 0 ? grouped(followed.map(rollOf), rollPrior) : null,
		landing: ellipse(kept.map(({ landed }) => landed)),
		finish: followed.length > 0 ? ellipse(followed.map(({ finished }) => finished!)) : null
	};
}
