import { planRequestSchema } from '../../src/lib/io/contract/plan';
import { answer } from './answer';
const cases: [string, object, object?][] = JSON.parse(process.argv[2]!);
for (const [name, situation, player] of cases) {
	const t = performance.now();
	const a = await answer(
		planRequestSchema.parse({
			situation: {
				lie: 'fairway',
				toEdge: 5,
				edgeToPin: 10,
				beyondPin: 8,
				stimpFeet: 10,
				...situation
			},
			player: { skill: 'middle', ...player },
			samples: 400,
			seed: 1
		})
	);
	console.log(
		`== ${name}  ${(performance.now() - t).toFixed(0)} ms, options ${a.plan.options.length}`
	);
	for (const o of a.plan.options.slice(0, Number(process.argv[3] ?? 6))) {
		const { rung: r, statistics: s } = o;
		console.log(
			`  ${(r.play.club.name + ' ' + r.play.flight + ' ' + Math.round(r.play.faceOpen * 57.3) + ' ' + r.play.shape).padEnd(28)} E ${s.expectedStrokes.toFixed(3)} ±${s.standardError.toFixed(3)} ${o.tied ? 'tie' : '   '} tgt ${(r.target - a.question.target).toFixed(2)} side ${r.side.toFixed(1)} air ${r.airShare.toFixed(2)} v ${r.solution.speed.toFixed(1)} haz ${(100 * s.chances.hazard).toFixed(0)} 4+ ${(100 * s.chances.fourOrMore).toFixed(0)} miss ${(100 * s.chances.missGreen).toFixed(0)} p90 ${s.leave.p90.toFixed(1)} ${r.against?.code ?? ''} ${o.swing.name} balls ${s.balls}`
		);
	}
	for (const w of a.said.why) console.log('   why:', w);
	if (process.argv[4])
		for (const r of a.said.rejected) console.log('   out:', r.club, r.flight, r.code);
}
