import type { RuleSearch } from '$lib/core/plan/studies/ownRule';
import type { Pace, RuleShot } from '$lib/core/plan/studies/ruleShot';
import { clubNumber } from '$lib/core/schools/claims';
import type { Club } from '$lib/core/club/club';
import type { PlanRequest } from '$lib/core/plan/question/request';
import type { SituationWire } from '$lib/io/fields/situation';
import { clubToCore } from '$lib/io/work/club';
import { playingOf } from '$lib/io/work/playing';
import { bagOf, type PupilFile } from '$lib/io/work/pupil';
import { freshShot } from '$lib/io/work/freshShot';
import { CancellableWork } from '$lib/ui/state/cancellableWork.svelte';
import { shotQuestion } from '$lib/ui/state/shotQuestion';
import type { PlannerPool } from '$lib/workers/plannerPool';

/** Green speeds in feet that somebody plays: slow, usual and quick. */
export type Speeds = Record<Pace, number>;

/** Distances around a green, metres: to its edge, and from there to the pin. */
const TO_EDGE = [1, 2, 4, 7];
const EDGE_TO_PIN = [4, 8, 12, 18];
const SLOPES = [-2, 2];
/** Nobody chips with less loft. */
const LEAST_LOFT = 0.35;

/** Clubs that rules are made of, least loft first. */
export const ruleClubs = (file: PupilFile): Club[] =>
	bagOf(file.clubs)
		.map(clubToCore)
		.filter(({ putter, loft }) => !putter && loft > LEAST_LOFT)
		.sort((a, b) => a.loft - b.loft);

/** Distances of a saved shot. */
export type OwnDistance = Pick<SituationWire, 'toEdge' | 'edgeToPin'>;

/** So many shots of a player's own are played beside the usual distances. */
const MOST_OWN = 24;

/** What every club is to be played on: level at three speeds, up and down at the usual one, and where this player really was. */
export function ruleQuestions(
	file: PupilFile,
	speeds: Speeds,
	own: readonly OwnDistance[] = []
): { request: PlanRequest; pace: Pace }[] {
	const ground = (['slow', 'usual', 'quick'] as const).flatMap((pace) =>
		(pace === 'usual' ? [0, ...SLOPES] : [0]).map((slopeAlong) => ({ pace, slopeAlong }))
	);
	const playing = playingOf(file);
	const ask = (at: OwnDistance, pace: Pace, slopeAlong: number) => {
		const { situation } = freshShot(file.pupil.id);
		const asked = { ...situation, ...at, slopeAlong, stimpFeet: speeds[pace] };
		return { request: shotQuestion({ situation: asked }, playing), pace };
	};
	const usual = TO_EDGE.flatMap((toEdge) =>
		EDGE_TO_PIN.map((edgeToPin) => ({ toEdge, edgeToPin }))
	);
	return [
		...ground.flatMap(({ pace, slopeAlong }) => usual.map((at) => ask(at, pace, slopeAlong))),
		...own.slice(0, MOST_OWN).map(({ toEdge, edgeToPin }) => ask({ toEdge, edgeToPin }, 'usual', 0))
	];
}

/** Looks for the rule that loses this pupil least. */
export class RuleFinder extends CancellableWork {
	found = $state.raw<RuleSearch | null>(null);
	shots = $state.raw<readonly RuleShot[]>([]);
	clubs = $state.raw<readonly Club[]>([]);

	constructor(private readonly pool: Pick<PlannerPool, 'ruleShots' | 'searchRules'>) {
		super();
	}

	start(file: PupilFile, speeds: Speeds, own: readonly OwnDistance[] = []): Promise<void> {
		this.found = null;
		const clubs = ruleClubs(file);
		return this.run(async (signal, progress) => {
			if (clubs.length < 2) throw new Error('A rule needs two clubs to chip with.');
			const ids = clubs.map(({ id }) => id);
			const shots = await this.pool.ruleShots(
				ruleQuestions(file, speeds, own),
				ids,
				signal,
				(share) => progress(0.9 * share)
			);
			const found = await this.pool.searchRules(shots, clubs.map(clubNumber), file.pupil.pace);
			if (signal.aborted) return;
			this.shots = shots;
			this.clubs = clubs;
			this.found = found;
		});
	}
}
