import { Outcome } from '../ball/simulate';
import {
	practiseIntent,
	shotToCarry,
	type PractiseShot,
	type Practiser
} from '../practice/practiseShot';
import { GOOD_DAY, levelScene } from '../solve/levelScene';
import { mean } from '../plan/race/statistics';
import { playIntended } from '../solve/solve';
import { radians, type Metres, type Radians, type Ratio } from '../units';

const scene = levelScene({ greenSpeed: 3, firmness: 'medium', wet: false });
const STEP: Radians = radians(2);
/** Farther from the model than this nobody delivers a club on average (assumption). */
const MOST: Radians = radians(10);

/** A shot whose run is known beside its carry. */
export interface RunShot extends PractiseShot {
	carry: Metres;
}

/** What a player must deliver for balls to run as they do. */
export interface RunLoft {
	/** More (+) or less (−), within ten degrees. */
	loft: Radians;
	/** What that does to carries of one head speed, a factor: balls that fly as before need it made up for. */
	carries: Ratio;
}

/**
 * The loft that a player must deliver for balls of the same carry to run so much farther, on a level green of ordinary speed.
 *
 * @param factor on the run, above 0
 * @param shots that showed it; those that nobody can play so are passed over
 * @param who plays them; where swings of a club are measured, its carries are as measured whatever the loft
 * @returns nothing changed where no shot tells
 */
export function loftForRun(factor: Ratio, shots: readonly RunShot[], who: Practiser): RunLoft {
	const strong = { ...who, strength: who.strength * GOOD_DAY };
	const told = shots.flatMap((shot) => {
		const runWith = (more: Radians): Metres =>
			shotToCarry(shot, shot.carry, scene, withLoft(strong, shot, more))?.roll ?? NaN;
		const [less, more] = [runWith(-STEP), runWith(STEP)];
		const now = shotToCarry(shot, shot.carry, scene, strong);
		return now && less > 0 && more > 0
			? [{ shot, speed: now.speed, pull: Math.log(more / less) / (2 * STEP) }]
			: [];
	});
	const pull = mean(told.map((one) => one.pull));
	if (!pull) return { loft: 0, carries: 1 };
	const loft = Math.max(-MOST, Math.min(MOST, Math.log(factor) / pull));
	const carries = told.map(({ shot, speed }) => {
		if (who.swings[shot.club.id]?.known.length) return 1;
		const intent = practiseIntent(shot, withLoft(who, shot, loft));
		return playIntended(intent, scene, speed, 0, new Outcome()).carry / shot.carry;
	});
	return { loft, carries: mean(carries) };
}

function withLoft(who: Practiser, { flight }: RunShot, more: Radians): Practiser {
	const loft = { ...who.delivered.loft, [flight]: (who.delivered.loft[flight] ?? 0) + more };
	return { ...who, delivered: { ...who.delivered, loft } };
}
