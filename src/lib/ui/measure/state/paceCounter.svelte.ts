import { reasonOf } from '$lib/io/fields/reason';
import { pacedDistance, StepCounter, type Paced } from '$lib/core/today/paces';
import type { Metres } from '$lib/core/units';
import type { Swing } from '$lib/devices/phone/phoneSensors';
import type { Sensor } from '$lib/devices/sensor';

/** Paces of a walk, leg by leg: counted by touch, or by the phone in the hand. */
export class PaceCounter {
	/** Paces of each leg, the one under way last. */
	legs = $state.raw<readonly number[]>([0]);
	listening = $state(false);
	failure = $state('');
	#abort: AbortController | null = null;

	/**
	 * @param count legs the walk has
	 * @param pace of the person, metres
	 */
	constructor(
		readonly count: number,
		private readonly pace: () => Metres
	) {}

	/** Which leg is walked, from 0; the count once all are. */
	readonly at: number = $derived(this.legs.length - 1);

	get done(): boolean {
		return this.at >= this.count;
	}

	get distances(): readonly Paced[] {
		return this.legs.slice(0, this.count).map((paces) => pacedDistance(paces, this.pace()));
	}

	/** One more pace on the leg under way, or one less. */
	step(by: 1 | -1 = 1): void {
		if (this.done) return;
		const now = this.legs[this.at]!;
		this.legs = [...this.legs.slice(0, -1), Math.max(0, now + by)];
	}

	/** The leg ends here: the one touch that a leg needs. */
	turn(): void {
		if (this.done) return;
		this.legs = [...this.legs, 0];
		if (this.legs.length > this.count) this.stop();
	}

	/** Walks the leg before once more. */
	back(): void {
		if (this.legs.length > 1) this.legs = this.legs.slice(0, -1);
	}

	/** Counts by the swings of the phone until all legs are walked. */
	async listen(sensor: Sensor<Swing>): Promise<void> {
		this.stop();
		const abort = new AbortController();
		this.#abort = abort;
		this.listening = true;
		this.failure = '';
		const steps = new StepCounter();
		try {
			for await (const { size, time } of sensor.samples(abort.signal))
				if (steps.add(size, time)) this.step();
		} catch (error) {
			if (!abort.signal.aborted) this.failure = reasonOf(error);
		} finally {
			if (this.#abort === abort) this.listening = false;
		}
	}

	stop(): void {
		this.#abort?.abort();
		this.listening = false;
	}
}
