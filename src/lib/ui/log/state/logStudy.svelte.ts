import { calibrationOf } from '$lib/core/log/calibration';
import type { Correction } from '$lib/core/log/corrections';
import { findingsOf, looksAt, type Finding } from '$lib/core/log/findings';
import { mean, standardError } from '$lib/core/plan/race/statistics';
import { correctionsFor } from '$lib/io/log/corrected';
import type { Play } from '$lib/io/log/play';
import { scoredPlay, type ScoredPlay } from '$lib/io/log/scored';
import type { PupilFile } from '$lib/io/work/pupil';
import { collectInSlices } from '$lib/ui/state/slices';

/** Fewer results with a reference say nothing of who is better. */
const FEWEST_TO_COMPARE = 6;

/** Results against their forecasts, measured while the page goes on answering. */
export class LogStudy {
	scored = $state.raw<readonly ScoredPlay[]>([]);
	/** Whether all that were asked about are measured. */
	done = $state(false);
	#work = new AbortController();

	readonly calibration = $derived(calibrationOf(this.scored.map(({ rank }) => rank)));
	findings = $state.raw<readonly Finding[]>([]);

	/** How much nearer to what came the forecast was than the skill alone, in metres a ball; null where too few know both. */
	readonly skill = $derived.by(() => {
		const gains = this.scored.flatMap(({ score, priorScore }) =>
			priorScore === null ? [] : [priorScore - score]
		);
		if (gains.length < FEWEST_TO_COMPARE) return null;
		return { gain: mean(gains), error: standardError(gains), n: gains.length };
	});

	/** Measures plays; those of a call before this one are forgotten. */
	async measure(plays: readonly Play[]): Promise<void> {
		this.#work.abort();
		const work = (this.#work = new AbortController());
		this.done = false;
		const found = await collectInSlices(measured(plays), work.signal);
		if (work.signal.aborted) return;
		const scored = found.filter((one) => one !== null);
		const looks = await collectInSlices(looksAt(scored), work.signal);
		if (work.signal.aborted) return;
		this.scored = scored;
		this.findings = findingsOf(looks);
		this.done = true;
	}

	/** What the results say that is presumed wrongly of a pupil, with the results behind it. */
	corrections(file: PupilFile): { corrections: Correction[]; scored: ScoredPlay[] } {
		const scored = this.scored.filter(({ play }) => play.pupilId === file.pupil.id);
		return { corrections: correctionsFor(scored, file), scored };
	}

	stop(): void {
		this.#work.abort();
	}
}

function* measured(plays: readonly Play[]): Generator<ScoredPlay | null> {
	for (const play of plays) yield scoredPlay(play);
}
