// Looks for something better than the call: npm run forgone [-- --situations 200 --from 20000 --seed 1 --samples 400 --write]. Hundreds of
// swings a situation (every play of the lie, faces opened by any angle, head speeds and aims drawn at random) are played against it on fresh
// balls. `--write` puts what each lie gives up into docs/model.md. Ends with 1 where more than one call in a hundred gives up more than 0.08 strokes.
import { availableParallelism } from 'node:os';
import { parseArgs } from 'node:util';
import { Worker } from 'node:worker_threads';
import { withBundled } from './bundle.mjs';
import { putTable } from './putTable.mjs';

const { values } = parseArgs({
	options: {
		situations: { type: 'string', default: '200' },
		from: { type: 'string', default: '20000' },
		seed: { type: 'string', default: '1' },
		samples: { type: 'string', default: '400' },
		write: { type: 'boolean', default: false }
	}
});
const [situations, from, seed, samples] = ['situations', 'from', 'seed', 'samples'].map((name) =>
	Number(values[name])
);
const MUCH = 0.08;
const MOST = 0.01;
const SHOWN = 20;
const threads = Math.max(1, Math.min(8, availableParallelism()));
const judged = [];

const run = (url, thread) =>
	new Promise((resolve, reject) => {
		const workerData = { thread, threads, situations, from, seed, samples };
		const worker = new Worker(new URL(url), { workerData });
		worker.on('message', (message) => {
			judged.push(message);
			if (judged.length % 20 === 0) console.error(`${judged.length} of ${situations} situations`);
		});
		worker.on('error', reject);
		worker.on('exit', resolve);
	});

await withBundled({ thread: './forgone/thread.ts' }, async (at) => {
	await Promise.all(Array.from({ length: threads }, (_, i) => run(at('thread'), i)));
});
const found = judged.filter(({ found }) => found);
// What luck alone may show is not held against a call.
const much = found.filter(({ found }) => found.strokes - 2 * found.standardError > MUCH);
much.sort((a, b) => b.found.strokes - a.found.strokes);
for (const { index, found, wire } of much.slice(0, SHOWN)) {
	console.log(`${index}: ${found.strokes.toFixed(3)} ± ${found.standardError.toFixed(3)}`);
	console.log(
		`  called ${found.called}\n  better ${found.better}\n  ${JSON.stringify(wire.situation)} ${wire.player.skill}`
	);
}
const row = (name, of) => {
	const given = of.map(({ found }) => found.strokes).sort((a, b) => a - b);
	const at = (share) => given[Math.floor(share * (given.length - 1))].toFixed(3);
	const above = of.filter((one) => much.includes(one)).length;
	return `| ${name} | ${given.length} | ${at(0.5)} | ${at(0.9)} | ${at(1)} | ${above} |`;
};
const lies = [...new Set(found.map(({ wire }) => wire.situation.lie))].sort();
const table = [
	`| Lie | Situations | Given up, strokes: half under | Nine in ten under | Most | More than ${MUCH} beyond luck |`,
	'|---|---:|---:|---:|---:|---:|',
	...lies.map((lie) =>
		row(
			lie,
			found.filter(({ wire }) => wire.situation.lie === lie)
		)
	),
	row('all', found)
].join('\n');
console.log(table);
if (values.write) putTable('forgone', table);
process.exit(much.length > MOST * found.length ? 1 : 0);
