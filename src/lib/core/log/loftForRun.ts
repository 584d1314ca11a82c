import { shotToCarry, type PractiseShot, type Practiser } from '../practice/practiseShot';
import { GOOD_DAY, levelScene } from '../solve/levelScene';
import { radians, type Metres, type Radians, type Ratio } from '../units';

const scene = levelScene({ greenSpeed: 3, firmness: 'medium', wet: false });
const STEP: Radians = radians(2);
/** Farther from the model than this nobody delivers a club on average (assumption). */
const MOST: Radians = radians(10);

/** A shot whose run is known beside its carry. */
export interface RunShot extends PractiseShot {
	carry: Metres;
}

/**
 * The loft that a player must deliver more (+) or less (−) for balls of the same carry to run so much farther, on a level green of ordinary
 * speed.
 *
 * @param factor on the run, above 0
 * @param shots that showed it; those that nobody can play so are passed over
 * @param who plays them
 * @returns radians, within ten degrees; 0 where no shot tells
 */
export function loftForRun(factor: Ratio, shots: readonly RunShot[], who: Practiser): Radians {
	const pulls = shots.flatMap((shot) => {
		const runWith = (more: Radians): Metres => {
			const loft = (who.delivered.loft[shot.flight] ?? 0) + more;
			const delivered = { ...who.delivered, loft: { ...who.delivered.loft, [shot.flight]: loft } };
			const strong = { ...who, delivered, strength: who.strength * GOOD_DAY };
			return shotToCarry(shot, shot.carry, scene, strong)?.roll ?? NaN;
		};
		const [less, more] = [runWith(-STEP), runWith(STEP)];
		return less > 0 && more > 0 ? [Math.log(more / less) / (2 * STEP)] : [];
	});
	const pull = pulls.reduce((sum, one) => sum + one, 0) / Math.max(1, pulls.length);
	if (pull === 0) return 0;
	return Math.max(-MOST, Math.min(MOST, Math.log(factor) / pull));
}
