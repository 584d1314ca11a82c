import type { SpotStudy } from '$lib/core/plan/studies/spotStudy';
import { CancellableWork } from '$lib/ui/state/cancellableWork.svelte';
import type { ShotBench } from './shotBench.svelte';

/** What the landing spot under the finger needs, worked out anew as it moves. */
export class SpotReader extends CancellableWork {
	found = $state.raw<SpotStudy | null>(null);

	constructor(private readonly bench: Pick<ShotBench, 'studySpot'>) {
		super();
	}

	/** @param spot metres from the ball */
	study(spot: number): Promise<void> {
		return this.run(async (signal) => {
			const found = await this.bench.studySpot(spot);
			if (!signal.aborted) this.found = found;
		});
	}
}
