import type { Place } from '$lib/io/work/shot';
import type { PlanView } from '$lib/ui/drawing/planView';
import type { ShotBench } from './shotBench.svelte';

/** A place on grass is not read any finer than this. */
const STEP = 0.05;
const stepped = (metres: number): number => Number((Math.round(metres / STEP) * STEP).toFixed(2));

/** Turns a drag on the plan into a new place of ball or pin. The paper stands still while a finger is down. */
export class PlanDrag {
	frozen = $state.raw<PlanView | null>(null);
	#before: Place | null = null;

	constructor(private readonly bench: ShotBench) {}

	start(view: PlanView): void {
		this.bench.startDrag();
		this.#before = this.bench.shot.place ?? null;
		this.frozen = view;
	}

	end(): void {
		this.bench.endDrag();
		this.frozen = null;
	}

	ball(along: number, up: number): void {
		this.#move('ball', along, up);
	}

	pin(along: number, up: number): void {
		this.#move('pin', along, up);
	}

	/** @param along, up how far it was dragged to the right and up the paper, in metres */
	#move(what: 'ball' | 'pin', along: number, up: number): void {
		const { frozen } = this;
		const before = this.#before;
		if (!frozen || !before) return;
		const cos = Math.cos(frozen.heading);
		const sin = Math.sin(frozen.heading);
		const [u, v] = before[what];
		const moved: [number, number] = [
			stepped(u + along * cos - up * sin),
			stepped(v + along * sin + up * cos)
		];
		this.bench.moveTo({ ...before, [what]: moved });
	}
}
