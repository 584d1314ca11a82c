// A server under load, on this machine only: npm run soak [-- SECONDS]. Small plans are timed alone and beside two hundred heavy ones, in
// rounds until the time is up; memory is read after each round, and at the end how long it takes to stop. Wants a build (npm run build).
// Ends with 1 where an answer is none of those that are promised, or a server does not stop.
import { readFileSync } from 'node:fs';
import { spawn } from 'node:child_process';
import { setTimeout as pause } from 'node:timers/promises';

const SECONDS = Number(process.argv[2] ?? 60);
const HEAVY = 200;
const PORT = '4323';
const ADDRESS = `http://127.0.0.1:${PORT}`;

const situation = { lie: 'fairway', toEdge: 5, edgeToPin: 10, beyondPin: 8, stimpFeet: 10 };
const player = { skill: 'middle' };
const small = (seed) => ({ situation, player, bag: [{ name: '56', loft: 56 }], samples: 60, seed });
const heavy = (seed) => ({
	situation: { ...situation, slopeAcross: 2 },
	player,
	samples: 1500,
	seed
});
const impossible = { situation: { ...situation, toEdge: -3 }, player };

const server = spawn(process.execPath, ['scripts/serve.mjs'], {
	env: { ...process.env, PORT, HOST: '127.0.0.1', ORIGIN: ADDRESS },
	stdio: 'ignore'
});
const ended = new Promise((resolve) => server.once('exit', resolve));

const ask = async (body) => {
	const began = performance.now();
	const answer = await fetch(`${ADDRESS}/api/plan`, {
		method: 'POST',
		headers: { 'content-type': 'application/json' },
		body: JSON.stringify(body)
	});
	await answer.arrayBuffer();
	return { status: answer.status, ms: performance.now() - began };
};
const median = (values) => values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)];
const megabytes = () => {
	const held = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'));
	return Math.round(Number(held?.[1]) / 1024);
};

let seed = 1;
const several = async (count) => {
	const times = [];
	for (let i = 0; i < count; i++) times.push((await ask(small(seed++))).ms);
	return times;
};

const seen = new Map();
const note = ({ status }) => seen.set(status, (seen.get(status) ?? 0) + 1);
let failed = false;
try {
	for (let i = 0; i < 100 && !(await fetch(`${ADDRESS}/api/schema`).catch(() => null)); i++)
		await pause(100);
	const first = await ask(small(seed++));
	if (first.status !== 200) throw new Error(`a small plan is answered with ${first.status}`);
	await several(5);
	const alone = median(await several(15));
	console.log(`a small plan alone: ${alone.toFixed(0)} ms, ${megabytes()} MB held`);
	const until = Date.now() + 1000 * SECONDS;
	for (let round = 1; Date.now() < until; round++) {
		const crowd = Array.from({ length: HEAVY }, async () => note(await ask(heavy(seed++))));
		const nonsense = Array.from({ length: 20 }, async () => note(await ask(impossible)));
		await pause(300);
		const beside = await several(10);
		await Promise.all([...crowd, ...nonsense]);
		const worst = Math.max(...beside);
		console.log(
			`round ${round}: small plans beside ${HEAVY} heavy ones ${median(beside).toFixed(0)} ms (${(median(beside) / alone).toFixed(1)} ×), at worst ${worst.toFixed(0)} ms; ${megabytes()} MB`
		);
	}
	const promised = new Set([200, 400, 422, 503]);
	failed = [...seen.keys()].some((status) => !promised.has(status));
	console.log(`answers: ${[...seen].map(([status, count]) => `${count} × ${status}`).join(', ')}`);
} finally {
	void ask(heavy(seed++)).catch(() => {});
	await pause(200);
	const began = performance.now();
	server.kill('SIGTERM');
	const stopped = await Promise.race([ended.then(() => true), pause(10_000).then(() => false)]);
	console.log(
		stopped
			? `stopped ${((performance.now() - began) / 1000).toFixed(1)} s after SIGTERM, with a plan under way`
			: 'did not stop within 10 s'
	);
	if (!stopped) server.kill('SIGKILL');
	process.exitCode = failed || !stopped ? 1 : 0;
}
