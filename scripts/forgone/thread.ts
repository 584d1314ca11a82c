import { parentPort, workerData } from 'node:worker_threads';
import { answer } from '../audit/answer';
import { situationAt } from '../audit/grid';
import { forgone } from './bruteForce';

/** Which situations of the grid a thread judges. */
export interface Share {
	thread: number;
	threads: number;
	situations: number;
	from: number;
	samples: number;
	seed: number;
}

const { thread, threads, situations, from, samples, seed } = workerData as Share;
for (let index = thread; index < situations; index += threads) {
	const drawn = situationAt(from + index, samples);
	const wire = { ...drawn, player: { ...drawn.player, school: 'free' as const } };
	const base = await answer(wire);
	const call = base.plan.options[0];
	const found = call ? forgone(base.question, call, seed + index) : null;
	parentPort!.postMessage({ index: from + index, wire, found });
}
