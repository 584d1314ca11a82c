import { expectedPutts } from '../../src/lib/core/plan/cost';
import { PROFILE } from '../../src/lib/core/player/player';
import { planRequestSchema } from '../../src/lib/io/contract/plan';
import { answer } from './answer';
for (const skill of ['expert', 'scratch', 'middle', 'high'] as const)
	for (const d of [1, 2, 4, 6, 10, 15, 20]) {
		const a = await answer(
			planRequestSchema.parse({
				situation: { lie: 'fringe', toEdge: 0, edgeToPin: d, beyondPin: 8, stimpFeet: 10 },
				bag: [{ name: 'Putter', loft: 3, bounce: 0, putter: true }],
				player: { skill },
				samples: 1000,
				seed: 1
			})
		);
		const o = a.plan.options[0]!;
		console.log(
			skill,
			d,
			o.statistics.expectedStrokes.toFixed(2),
			'table',
			expectedPutts(d, PROFILE[skill].costs).toFixed(2),
			'leave',
			o.statistics.leave.median.toFixed(2),
			'tgt',
			(o.rung.target - a.question.target).toFixed(2),
			'holed',
			o.statistics.chances.holed.toFixed(2)
		);
	}
