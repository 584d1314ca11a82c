import { reasonOf } from '$lib/io/fields/reason';
import {
	SAMPLES_WANTED,
	stillTilt,
	surfaceTilt,
	type StillTilt,
	type SurfaceTilt,
	type Tilt
} from '$lib/core/today/phoneTilt';
import type { Sensor } from '$lib/devices/sensor';

/** What is to be done next: lay the phone down, turn it half around, or nothing more. */
export type TiltStep = 'first' | 'turned' | 'done';

/** A slope that is measured with the phone: laid down, then turned half around at the same place. */
export class TiltReader {
	lays = $state.raw<readonly StillTilt[]>([]);
	measuring = $state(false);
	failure = $state('');
	/** How the surface seems to rise just now; null while nothing is heard. */
	now = $state.raw<Tilt | null>(null);
	/** Share of the samples that a reading wants. */
	progress = $state(0);
	#abort: AbortController | null = null;

	readonly step: TiltStep = $derived(
		this.lays.length === 0 ? 'first' : this.lays.length === 1 ? 'turned' : 'done'
	);

	readonly found: SurfaceTilt | null = $derived(
		this.lays.length < 2 ? null : surfaceTilt(this.lays[0]!, this.lays[1]!)
	);

	/** Listens until the phone lies still, and takes that for the step that is asked. */
	async measure(sensor: Sensor<Tilt>): Promise<void> {
		if (this.step === 'done') return;
		this.stop();
		const abort = new AbortController();
		this.#abort = abort;
		this.measuring = true;
		this.failure = '';
		this.progress = 0;
		const samples: Tilt[] = [];
		try {
			for await (const tilt of sensor.samples(abort.signal)) {
				samples.push(tilt);
				this.now = tilt;
				this.progress = Math.min(1, samples.length / SAMPLES_WANTED);
				const still = stillTilt(samples);
				if (!still) continue;
				this.lays = [...this.lays, still];
				break;
			}
		} catch (error) {
			if (!abort.signal.aborted) this.failure = reasonOf(error);
		} finally {
			if (this.#abort === abort) this.measuring = false;
		}
	}

	stop(): void {
		this.#abort?.abort();
		this.measuring = false;
	}

	/** Begins again. */
	reset(): void {
		this.stop();
		this.lays = [];
		this.now = null;
		this.failure = '';
	}
}
