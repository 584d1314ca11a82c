import 'fake-indexeddb/auto';
import { expect, it } from 'vitest';
import { Question } from '$lib/core/plan/question/question';
import { createLocalSampler } from '$lib/core/plan/race/localSampler';
import { ballsOfText } from '$lib/io/log/play';
import { directPool } from '../../../../../tests/support/planner';
import { until } from '../../../../../tests/support/soon';
import { pupilFile } from '../../../../../tests/support/pupils';
import { keptForecast } from './keptForecast';
import { ShotBench } from './shotBench.svelte';

const spread = { speed: 18, direction: 9, loft: 5, lowPoint: 2 };

it('keeps what was forecast, beside what the skill alone would have done where more is known', async () => {
	const { pool } = directPool({
		play: (request, job) => Promise.resolve(createLocalSampler(new Question(request))([job])[0]!)
	});
	for (const file of [pupilFile(), pupilFile({ spread })]) {
		const bench = new ShotBench(() => file, pool);
		bench.refresh();
		await until(() => bench.status === 'ready');
		const best = bench.choices.find(({ candidate }) => candidate.play.flight !== 'putt');
		const kept = (await keptForecast(bench, best!))!;
		expect(kept.strokes).toBeCloseTo(best!.option!.statistics.expectedStrokes, 3);
		const ends = (text: string) => ballsOfText(text)!.map(({ finished: [x] }) => x);
		expect(ends(kept.balls)[0]).toBeCloseTo(best!.option!.finishes[0]![0], 1);
		if (!file.pupil.spread) expect(kept.prior).toBeUndefined();
		else {
			const width = (text: string) => Math.max(...ends(text)) - Math.min(...ends(text));
			expect(width(kept.prior!)).toBeLessThan(width(kept.balls));
		}
		expect(await keptForecast(bench, { ...best!, option: null })).toBeUndefined();
		await bench.close();
	}
});
