// Audits the decision: npm run audit [-- --situations 2000 --from 0 --samples 300 --steps 8 --seeds 40 --wishes 3 --write]. Plans a designed grid of situations
// over every input, checks each answer against the rules a coach would hold it to, and prints what breaks them, with a table of the
// calibration. `--write` puts the table into docs/model.md. Ends with 1 where a rule is broken.
import { readFileSync, writeFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { parseArgs } from 'node:util';
import { Worker } from 'node:worker_threads';
import { withBundled } from './bundle.mjs';

const { values } = parseArgs({
	options: {
		situations: { type: 'string', default: '2000' },
		from: { type: 'string', default: '0' },
		samples: { type: 'string', default: '300' },
		steps: { type: 'string', default: '8' },
		seeds: { type: 'string', default: '40' },
		wishes: { type: 'string', default: '3' },
		write: { type: 'boolean', default: false }
	}
});
const situations = Number(values.situations);
const threads = Math.max(1, Math.min(8, availableParallelism()));
const broken = new Map();
const rows = [];
const calls = new Map();
let done = 0;

function take(found) {
	if (found.kind === 'calibration') rows.push(found.row);
	else if (found.kind === 'call') {
		const of = calls.get(found.lie) ?? { asked: 0, opened: 0 };
		of.asked++;
		of.opened += found.opened ? 1 : 0;
		calls.set(found.lie, of);
	} else if (found.kind === 'violation') {
		const list = broken.get(found.violation.rule) ?? [];
		list.push(found);
		broken.set(found.violation.rule, list);
		console.error(`${found.violation.rule}: ${found.violation.detail} (situation ${found.index})`);
	} else if (++done % 100 === 0) console.error(`${done} of ${situations} situations`);
}

const thread = (url, index) =>
	new Promise((resolve, reject) => {
		const workerData = {
			thread: index,
			threads,
			situations,
			from: Number(values.from),
			samples: Number(values.samples),
			stepsEvery: Number(values.steps),
			seedsEvery: Number(values.seeds),
			wishesEvery: Number(values.wishes)
		};
		const worker = new Worker(new URL(url), { workerData });
		worker.on('message', take);
		worker.on('error', reject);
		worker.on('exit', resolve);
	});

const ORDER = ['fairway', 'rough', 'sand'];
const percent = (share) => `${Math.round(100 * share)} %`;
function table() {
	const order = (row) => ORDER.indexOf(row.from) * 1000 + row.yards;
	const skills = ['expert', 'scratch', 'middle', 'high'];
	rows.sort((a, b) => skills.indexOf(a.skill) - skills.indexOf(b.skill) || order(a) - order(b));
	const head =
		'| Skill | From | Yards | Call | Strokes | As costed | Left: median / mean / 90 % (m) | Missed green | Up and down | Depth : width | Heavy | Thin |\n|---|---|---|---|---|---|---|---|---|---|---|---|';
	return [
		head,
		...rows.map(
			(r) =>
				`| ${r.skill} | ${r.from} | ${r.yards} | ${r.call} | ${r.strokes.toFixed(2)} | ${r.cost.toFixed(2)} | ${r.median.toFixed(1)} / ${r.mean.toFixed(1)} / ${r.p90.toFixed(1)} | ${percent(r.missed)} | ${percent(r.upAndDown)} | ${r.depthToWidth.toFixed(1)} | ${percent(r.heavy)} | ${percent(r.thin)} |`
		)
	].join('\n');
}

await withBundled({ thread: './audit/thread.ts' }, async (at) => {
	await Promise.all(Array.from({ length: threads }, (_, i) => thread(at('thread'), i)));
});
console.log(table());
for (const [lie, { asked, opened }] of [...calls].sort())
	console.log(`${lie}: ${asked} calls, ${percent(opened / asked)} with an open face`);
for (const [rule, list] of broken) {
	console.log(`\n${rule}: ${list.length} broken`);
	for (const { index, violation, wire } of list.slice(0, 5))
		console.log(`  ${index}: ${violation.detail}\n     ${JSON.stringify(wire)}`);
}
const count = [...broken.values()].reduce((sum, list) => sum + list.length, 0);
console.log(`\n${situations} situations, ${count} rules broken`);
if (values.write) {
	const file = new URL('../docs/model.md', import.meta.url);
	const text = readFileSync(file, 'utf8');
	const [before, rest] = text.split('<!-- calibration -->\n');
	const after = rest.split('<!-- /calibration -->')[1];
	writeFileSync(file, `${before}<!-- calibration -->\n${table()}\n<!-- /calibration -->${after}`);
}
process.exit(count > 0 ? 1 : 0);
