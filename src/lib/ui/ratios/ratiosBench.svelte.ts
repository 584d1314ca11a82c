import type { FewBall } from '$lib/core/today/fewBalls';
import { usuallyKnown, type RatioAnswer, type RatioQuestion } from '$lib/core/today/ratios';
import { fromFeet, fromPercent, type Metres } from '$lib/core/units';
import { speedErrorNow } from '$lib/io/practice/asRead';
import { clubToCore } from '$lib/io/work/club';
import { playerToCore } from '$lib/io/work/player';
import { playingOf } from '$lib/io/work/playing';
import type { PupilFile } from '$lib/io/work/pupil';
import type { ReadingWire } from '$lib/io/work/reading';
import { CancellableWork } from '$lib/ui/state/cancellableWork.svelte';
import type { PlannerPool } from '$lib/workers/plannerPool';

/** A ball as it was noted. */
export interface NotedChip {
	clubId: string;
	carry: Metres;
	/** From the ball to where it stopped. */
	total: Metres;
	/** Percent, + uphill. */
	slope: number;
}

/** What the table is asked about. */
export interface RatiosAsked {
	stimpFeet: number;
	/** One standard error of the speed in feet; null where nobody measured it. */
	errorFeet: number | null;
	firmness: ReadingWire['firmness'];
	wet: boolean;
	carries: readonly Metres[];
	/** Percent, + uphill. */
	slopes: readonly number[];
}

/** Short chip, long chip, pitch (common practice, no source). */
export const USUAL_CARRIES: readonly Metres[] = [3, 6, 12];
export const USUAL_SLOPES: readonly number[] = [-2, 0, 2];
/** A green that nobody measured is as fast as it is taken for give or take so many feet; ours. */
const UNREAD = 2.5;

/** A green's table begins with its newest reading, a plain one with what most greens are. */
export function askedFrom(reading: ReadingWire | undefined, now: number): RatiosAsked {
	return {
		stimpFeet: reading?.stimpFeet ?? 10,
		errorFeet: reading ? speedErrorNow(reading, now) : null,
		firmness: reading?.firmness ?? 'medium',
		wet: reading?.wet ?? false,
		carries: USUAL_CARRIES,
		slopes: USUAL_SLOPES
	};
}

/** The question for the core, for one player; clubs that are chipped with. */
export function ratioQuestion(asked: RatiosAsked, file: PupilFile): RatioQuestion {
	const { golfer, bag } = playingOf(file);
	const clubs = bag.map(clubToCore);
	const player = playerToCore(golfer, clubs);
	return {
		green: {
			greenSpeed: fromFeet(asked.stimpFeet),
			firmness: asked.firmness,
			wet: asked.wet
		},
		known: usuallyKnown(player.delivered, fromFeet(asked.errorFeet ?? UNREAD)),
		clubs: clubs.filter(({ putter }) => !putter),
		player,
		carries: asked.carries,
		slopes: asked.slopes.map(fromPercent)
	};
}

/** Today's table, worked out anew as its question or its balls change. */
export class RatiosBench extends CancellableWork {
	answer = $state.raw<RatioAnswer | null>(null);
	/** The table before any ball, to say by how much they move it. */
	before = $state.raw<RatioAnswer | null>(null);
	balls = $state.raw<readonly NotedChip[]>([]);

	constructor(private readonly pool: Pick<PlannerPool, 'ratios'>) {
		super();
	}

	ask(question: RatioQuestion): Promise<void> {
		const balls = this.balls.flatMap(({ clubId, carry, total, slope }): FewBall[] => {
			const club = question.clubs.find(({ id }) => id === clubId);
			return club ? [{ club, carry, roll: total - carry, slope: fromPercent(slope) }] : [];
		});
		return this.run(async (signal) => {
			const before = await this.pool.ratios(question, []);
			const answer = balls.length > 0 ? await this.pool.ratios(question, balls) : before;
			if (signal.aborted) return;
			this.before = before;
			this.answer = answer;
		});
	}

	note(ball: NotedChip): void {
		this.balls = [...this.balls, ball];
	}

	take(index: number): void {
		this.balls = this.balls.filter((_, i) => i !== index);
	}
}
