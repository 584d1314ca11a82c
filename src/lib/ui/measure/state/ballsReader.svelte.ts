import { reasonOf } from '$lib/io/fields/reason';
import type { Club } from '$lib/core/club/club';
import type { BallsReading } from '$lib/core/today/readBalls';
import { fromPercent } from '$lib/core/units';
import type { ReadingWire } from '$lib/io/work/reading';
import type { PlannerPool } from '$lib/workers/plannerPool';

export type BallWire = ReadingWire['balls'][number];

/** A few chipped balls and what they say of the green. */
export class BallsReader {
	balls = $state<BallWire[]>([]);
	reading = $state.raw<BallsReading | null>(null);
	working = $state(false);
	failure = $state('');
	#asked = 0;

	constructor(
		private readonly pool: PlannerPool,
		readonly clubs: readonly Club[]
	) {}

	add(ball: BallWire): void {
		this.balls.push(ball);
		void this.#read();
	}

	remove(index: number): void {
		this.balls.splice(index, 1);
		void this.#read();
	}

	async #read(): Promise<void> {
		const asked = ++this.#asked;
		const balls = $state.snapshot(this.balls).flatMap(({ club: name, carry, total, slope }) => {
			const club = this.clubs.find((candidate) => candidate.name === name);
			return club ? [{ club, carry, roll: total - carry, slope: fromPercent(slope) }] : [];
		});
		this.reading = null;
		if (balls.length === 0) return;
		this.working = true;
		try {
			const reading = await this.pool.readBalls(balls, this.clubs);
			if (asked === this.#asked) this.reading = reading;
		} catch (error) {
			this.failure = reasonOf(error);
		} finally {
			if (asked === this.#asked) this.working = false;
		}
	}
}
