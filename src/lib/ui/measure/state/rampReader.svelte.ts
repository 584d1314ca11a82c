import { reasonOf } from '$lib/io/fields/reason';
import { LEAST_ROLLS, readRamp, type RampPlace } from '$lib/core/today/readRamp';
import type { Device } from '$lib/devices/device';
import type { ReadingWire } from '$lib/io/work/reading';

type Way = 'up' | 'down';

/** Where one is in the test, so that each screen asks for one thing. */
export type TestStep =
	| { kind: 'place'; place: number }
	| { kind: 'rolls'; place: number; way: Way }
	| { kind: 'result' };

const MOST_PLACES = 3;

/** A ramp test under way: rolls both ways at one place or more, one thing asked at a time. */
export class RampReader {
	places = $state<Record<Way, number[]>[]>([{ up: [], down: [] }]);
	at = $state(0);
	measuring = $state(false);
	failure = $state('');
	#abort: AbortController | null = null;

	readonly steps: TestStep[] = $derived([
		...this.places.flatMap((_, place): TestStep[] => [
			{ kind: 'place', place },
			{ kind: 'rolls', place, way: 'up' },
			{ kind: 'rolls', place, way: 'down' }
		]),
		{ kind: 'result' }
	]);

	readonly step: TestStep = $derived(this.steps[this.at]!);

	/** The speed so far, or why there is none yet. */
	readonly reading = $derived(
		readRamp(
			this.places.map(({ up, down }): RampPlace => ({
				rolls: [
					...up.map((length) => ({ way: 'up' as const, length })),
					...down.map((length) => ({ way: 'down' as const, length }))
				]
			}))
		)
	);

	readonly canGoOn = $derived(
		this.step.kind !== 'rolls' || this.places[this.step.place]![this.step.way].length >= LEAST_ROLLS
	);

	readonly canAddPlace = $derived(this.places.length < MOST_PLACES);

	next(): void {
		if (this.canGoOn) this.at = Math.min(this.at + 1, this.steps.length - 1);
	}

	back(): void {
		this.at = Math.max(0, this.at - 1);
	}

	addPlace(): void {
		if (!this.canAddPlace) return;
		this.places.push({ up: [], down: [] });
		this.at = this.steps.findIndex(
			(step) => step.kind === 'place' && step.place === this.places.length - 1
		);
	}

	add(place: number, way: Way, length: number): void {
		this.places[place]![way].push(length);
	}

	remove(place: number, way: Way, index: number): void {
		this.places[place]![way].splice(index, 1);
	}

	/** Takes rolls off a ramp that reads itself, those of the way asked for, until it has no more. */
	async measure(device: Device, place: number, way: Way): Promise<void> {
		const abort = new AbortController();
		this.#abort = abort;
		this.measuring = true;
		this.failure = '';
		try {
			for await (const reading of device.readings(abort.signal))
				if (reading.device === 'ramp' && reading.way === way) this.add(place, way, reading.rollOut);
		} catch (error) {
			if (!abort.signal.aborted) this.failure = reasonOf(error);
		} finally {
			this.measuring = false;
		}
	}

	stop(): void {
		this.#abort?.abort();
	}

	/** The rolls as they are kept with the reading. */
	get rolls(): ReadingWire['rolls'] {
		return this.places.flatMap(({ up, down }, i) => [
			...up.map((rollOut) => ({ place: i + 1, way: 'up' as const, rollOut })),
			...down.map((rollOut) => ({ place: i + 1, way: 'down' as const, rollOut }))
		]);
	}
}
