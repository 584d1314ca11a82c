import { calibrate, FROM, SKILLS, YARDS } from './calibration';
const only = process.argv[2];
const ys = process.argv[3]?.split(',').map(Number);
for (const from of Object.keys(FROM) as (keyof typeof FROM)[])
	for (const skill of SKILLS)
		for (const yards of YARDS) {
			if (ys && !ys.includes(yards)) continue;
			if (only && !only.split(',').includes(skill)) continue;
			const r = await calibrate(skill, from, yards, 400);
			console.log(
				`${from.padEnd(8)}${skill.padEnd(8)}${String(yards).padStart(3)} ${r.call.padEnd(16)} E ${r.strokes.toFixed(2)} cost ${r.cost.toFixed(2)} med ${r.median.toFixed(1)} mean ${r.mean.toFixed(1)} p90 ${r.p90.toFixed(1)} miss ${(100 * r.missed).toFixed(0)} ud ${(100 * r.upAndDown).toFixed(0)} d/w ${r.depthToWidth.toFixed(1)} heavy ${(100 * r.heavy).toFixed(0)} thin ${(100 * r.thin).toFixed(0)}`
			);
		}
