import type { SituationWire } from '$lib/io/fields/situation';
import { movedAlong } from '$lib/io/work/placedShot';
import type { Place } from '$lib/io/work/shot';
import { movedBreak } from './segmentEdits';
import type { ShotBench } from './shotBench.svelte';

/** Distances move in steps of a decimetre, slopes in quarters of a percent: finer is not read off grass. */
const DECIMETRE = 0.1;
const QUARTER = 0.25;
const toStep = (value: number, step: number): number =>
	Number((Math.round(value / step) * step).toFixed(3));
const between = (low: number, value: number, high: number): number =>
	Math.min(high, Math.max(low, value));

const SHORTEST_GREEN = 0.5;
const LONGEST = 80;
const STEEPEST = 30;
const HIGHEST = 10;

/** Turns a drag on the section into a change of the situation. The view stands still while a finger is down. */
export class SectionDrag {
	/** The stations shown when the drag began; null while nothing is dragged. */
	frozen = $state<[number, number] | null>(null);
	/** How far the ball has been dragged along, so that the green stays where it is. */
	shift = $state(0);
	#before: SituationWire | null = null;
	#place: Place | undefined;

	constructor(private readonly bench: ShotBench) {}

	start(range: [number, number]): void {
		this.bench.startDrag();
		this.#before = this.bench.shot.situation;
		this.#place = this.bench.shot.place;
		this.frozen = range;
		this.shift = 0;
	}

	end(): void {
		this.bench.endDrag();
		this.frozen = null;
		this.shift = 0;
	}

	#move(change: (situation: SituationWire, before: SituationWire) => void): void {
		const before = this.#before;
		if (before) this.bench.change(({ situation }) => change(situation, before));
	}

	ball(along: number): void {
		if (this.#place) {
			this.shift = toStep(along, DECIMETRE);
			this.bench.moveTo(movedAlong(this.#place, this.shift, 0));
			return;
		}
		this.#move((situation, before) => {
			situation.toEdge = toStep(between(0, before.toEdge - along, LONGEST), DECIMETRE);
			this.shift = before.toEdge - situation.toEdge;
		});
	}

	edge(along: number, up: number): void {
		this.#move((situation, before) => {
			situation.rise = toStep(between(-HIGHEST, before.rise + up, HIGHEST), DECIMETRE / 2);
			const total = before.toEdge + before.edgeToPin;
			situation.toEdge = toStep(
				between(0, before.toEdge + along, total - SHORTEST_GREEN),
				DECIMETRE
			);
			situation.edgeToPin = toStep(total - situation.toEdge, DECIMETRE);
		});
	}

	pin(along: number): void {
		if (this.#place) {
			this.bench.moveTo(movedAlong(this.#place, 0, toStep(along, DECIMETRE)));
			return;
		}
		this.#move((situation, before) => {
			situation.edgeToPin = toStep(
				between(SHORTEST_GREEN, before.edgeToPin + along, LONGEST),
				DECIMETRE
			);
		});
	}

	/** @param up how far the far end of the green was lifted, over `length` of green */
	slope(up: number, length: number): void {
		this.#move((situation, before) => {
			const percent = between(-STEEPEST, before.slopeAlong + (100 * up) / length, STEEPEST);
			situation.slopeAlong = toStep(percent, QUARTER);
		});
	}

	/** A break point at the end of a piece: along it changes where, up it changes the slopes on both sides; the rest stays. */
	breakPoint(index: number, along: number, up: number): void {
		this.#move((situation, before) => {
			situation.segments = movedBreak(before.segments ?? [], index, along, up);
		});
	}

	/** @param up how far the far end of the last piece was lifted, over `length` of it */
	lastSlope(up: number, length: number): void {
		this.#move((situation, before) => {
			const segments = structuredClone(before.segments ?? []);
			const last = segments.at(-1);
			if (!last) return;
			last.slopeAlong = toStep(
				between(-STEEPEST, last.slopeAlong + (100 * up) / length, STEEPEST),
				QUARTER
			);
			situation.segments = segments;
		});
	}

	hazardStart(index: number, along: number): void {
		this.#move((situation, before) => {
			const old = before.hazards[index]!;
			situation.hazards[index]!.from = toStep(
				between(0, old.from + along, old.to - DECIMETRE),
				DECIMETRE
			);
		});
	}

	hazardCrest(index: number, along: number, up: number): void {
		this.#move((situation, before) => {
			const old = before.hazards[index]!;
			const hazard = situation.hazards[index]!;
			hazard.to = toStep(between(old.from + DECIMETRE, old.to + along, LONGEST), DECIMETRE);
			hazard.height = toStep(between(0, old.height + up, 10), DECIMETRE);
		});
	}
}
