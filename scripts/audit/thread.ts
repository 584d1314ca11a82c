import { parentPort, workerData } from 'node:worker_threads';
import { answer } from './answer';
import { calibrate, FROM, SKILLS, YARDS, type CalibrationRow } from './calibration';
import { situationAt } from './grid';
import { jumps, seedTrouble } from './neighbours';
import { wishTrouble } from './wishes';
import { violations, type Violation } from './rules';

/** Which part of the audit a thread does. */
export interface Share {
	thread: number;
	threads: number;
	situations: number;
	/** The first of them; later ones than the audit is usually held to are news to the rules. */
	from: number;
	samples: number;
	/** Every so many situations are asked about with small steps, and with other seeds. */
	stepsEvery: number;
	seedsEvery: number;
	/** … and asked for one kind of shot. */
	wishesEvery: number;
}

export type Found =
	| { kind: 'violation'; index: number; violation: Violation; wire: unknown }
	| { kind: 'calibration'; row: CalibrationRow }
	| { kind: 'call'; lie: string; opened: boolean }
	| { kind: 'done'; index: number };

const share = workerData as Share;
const tell = (found: Found) => parentPort!.postMessage(found);

for (let index = share.thread; index < share.situations; index += share.threads) {
	const wire = situationAt(share.from + index, share.samples);
	try {
		const base = await answer(wire);
		const found = violations(base);
		const k = Math.floor(index / share.threads);
		if (base.plan.options.length > 0 && wire.player.school === 'free' && k % share.stepsEvery === 0)
			found.push(...(await jumps(base)));
		if (base.plan.options.length > 0 && k % share.seedsEvery === 0)
			found.push(...(await seedTrouble(base)));
		if (base.plan.options.length > 0 && k % share.wishesEvery === 0)
			found.push(...(await wishTrouble(base, k)));
		for (const violation of found)
			tell({ kind: 'violation', index: share.from + index, violation, wire });
		const best = base.plan.options[0];
		if (best)
			tell({ kind: 'call', lie: wire.situation.lie, opened: best.candidate.play.faceOpen > 0 });
	} catch (error) {
		tell({
			kind: 'violation',
			index: share.from + index,
			violation: { rule: 'nothing throws', detail: String(error) },
			wire
		});
	}
	tell({ kind: 'done', index });
}
const strokes = SKILLS.flatMap((skill) =>
	(Object.keys(FROM) as (keyof typeof FROM)[]).flatMap((from) =>
		YARDS.map((yards) => ({ skill, from, yards }))
	)
);
for (let i = share.thread; i < strokes.length; i += share.threads) {
	const { skill, from, yards } = strokes[i]!;
	tell({ kind: 'calibration', row: await calibrate(skill, from, yards, 800) });
}
