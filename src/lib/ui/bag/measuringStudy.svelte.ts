import type { PlanRequest } from '$lib/core/plan/question/request';
import type { MeasuringGain } from '$lib/core/plan/studies/worthMeasuring';
import type { PlannerPool } from '$lib/workers/plannerPool';
import { CancellableWork } from '$lib/ui/state/cancellableWork.svelte';

/** A swing that is worth measuring, over all shots that were asked about. */
export interface WorthMeasuring extends MeasuringGain {
	/** How many of the shots call for it. */
	shots: number;
}

/** Which swing to measure next: the one that saves a pupil's shots most. */
export class MeasuringStudy extends CancellableWork {
	/** The most worth first; null until worked out. */
	found = $state.raw<readonly WorthMeasuring[] | null>(null);

	constructor(private readonly pool: PlannerPool) {
		super();
	}

	start(requests: readonly PlanRequest[]): Promise<void> {
		this.found = null;
		return this.run(async (signal, progress) => {
			const gains = await this.pool.worthMeasuring(requests, signal, progress);
			if (!signal.aborted) this.found = summed(gains.filter((gain) => gain !== null));
		});
	}

	override clear(): void {
		super.clear();
		this.found = null;
	}
}

function summed(gains: readonly MeasuringGain[]): WorthMeasuring[] {
	const cells: Record<string, WorthMeasuring> = {};
	for (const gain of gains) {
		const key = `${gain.club}/${gain.swing}/${gain.flight}`;
		const { strokes = 0, shots = 0 } = cells[key] ?? {};
		cells[key] = { ...gain, strokes: strokes + gain.strokes, shots: shots + 1 };
	}
	return Object.values(cells).sort((a, b) => b.strokes - a.strokes);
}
