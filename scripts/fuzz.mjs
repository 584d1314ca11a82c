// Throws damaged requests at the HTTP interface and damaged archives at the door, on this machine only: npm run fuzz [-- SECONDS [SEED]].
// Every answer has to be one that is promised, in the contract's shape, within the server's limit; an archive is refused whole or taken in
// so that it can be read again. Wants a build (npm run build). Ends with 1 where something else happens, and prints what was sent.
import { readFileSync } from 'node:fs';
import { spawn } from 'node:child_process';
import { setTimeout as pause } from 'node:timers/promises';
import { ensurePackages, tool } from './setup.mjs';

const SECONDS = Number(process.argv[2] ?? 60);
const SEED = Number(process.argv[3] ?? Date.now() % 100_000);
const PORT = '4324';
const ADDRESS = `http://127.0.0.1:${PORT}`;
const LIMIT = 16_000;
const SMALL_SAMPLES = 20;
const PROMISED = new Set([200, 400, 404, 405, 413, 415, 422, 503]);

/** A small generator of even numbers from 0 to 1 (mulberry32). */
let state = SEED;
function chance() {
	state = (state + 0x6d2b79f5) | 0;
	let t = Math.imul(state ^ (state >>> 15), 1 | state);
	t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
	return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
}
const pick = (list) => list[Math.floor(chance() * list.length)];
const between = (low, high) => low + (high - low) * chance();

const ODD = [null, -1, 0, 1e9, 1e308, '', 'x'.repeat(3000), [], {}, true, '__proto__', [[]], 0.5];
const EXTREME = {
	toEdge: () => between(0, 60),
	edgeToPin: () => between(0.5, 60),
	stimpFeet: () => pick([3, 7, 12, 18]),
	slopeAlong: () => pick([-30, -10, -3, 0, 3, 10, 30]),
	slopeAcross: () => pick([-20, 0, 0, 4, 30]),
	lie: () => pick(['tight', 'fairway', 'fringe', 'semi-rough', 'deep-rough', 'sand']),
	fringe: () => pick(['smooth', 'grainy', 'rough']),
	rise: () => between(-5, 5)
};
const plan = () => ({
	situation: {
		lie: 'fairway',
		toEdge: 5,
		edgeToPin: 10,
		beyondPin: 8,
		stimpFeet: 10,
		...Object.fromEntries(
			Object.entries(EXTREME)
				.filter(() => chance() < 0.6)
				.map(([key, value]) => [key, value()])
		)
	},
	player: { skill: pick(['expert', 'scratch', 'middle', 'high']) },
	bag: Array.from({ length: 1 + Math.floor(chance() * 14) }, (_, i) => ({
		name: `Club ${i}`,
		loft: Math.round(between(0, 70))
	})),
	samples: pick([SMALL_SAMPLES, SMALL_SAMPLES, 60, 300]),
	seed: Math.floor(chance() * 1000)
});
const examples = {
	'/api/plan': plan,
	'/api/ratios': () => ({
		green: { stimpFeet: between(3, 18), firmness: 'medium', slopes: [-2, 0, between(-10, 10)] },
		player: { skill: 'middle' },
		carries: [3, 6, between(1, 20)]
	}),
	'/api/simulate': () => ({
		delivery: {
			clubSpeed: between(1, 30),
			attackAngle: between(-15, 5),
			dynamicLoft: between(0, 75)
		},
		ground: { stimpFeet: pick([3, 10, 18]), slopeAlong: between(-30, 30), slopeAcross: 0 }
	})
};

/** Takes out, doubles or replaces something somewhere. */
function damage(value) {
	let holder = value;
	for (;;) {
		const keys = Object.keys(holder);
		if (keys.length === 0) return;
		const key = pick(keys);
		const next = holder[key];
		if (typeof next === 'object' && next !== null && chance() < 0.7) {
			holder = next;
			continue;
		}
		const kind = chance();
		if (kind < 0.2) delete holder[key];
		else if (kind < 0.35) holder[`${key}x`] = 1;
		else holder[key] = pick(ODD);
		return;
	}
}

const server = spawn(process.execPath, ['scripts/serve.mjs'], {
	env: { ...process.env, PORT, HOST: '127.0.0.1', ORIGIN: ADDRESS },
	stdio: 'ignore'
});
const memory = () => {
	try {
		const status = readFileSync(`/proc/${server.pid}/status`, 'utf8');
		return Number(/VmRSS:\s+(\d+)/.exec(status)[1]) / 1024;
	} catch {
		return NaN;
	}
};

const counts = new Map();
const wrong = [];
let sent = 0;
let dearest = { ms: 0, body: '' };

async function ask() {
	const address = pick(Object.keys(examples));
	const body = examples[address]();
	const faults = Math.floor(chance() * 3);
	for (let i = 0; i < faults; i++) damage(body);
	const text = chance() < 0.03 ? pick(['', '{', 'null', '[]', '"a"']) : JSON.stringify(body);
	const type = chance() < 0.03 ? 'text/plain' : 'application/json';
	const begun = performance.now();
	const response = await fetch(ADDRESS + address, {
		method: chance() < 0.02 ? 'PUT' : 'POST',
		headers: { 'content-type': type },
		body: text
	});
	const answer = await response.text();
	const ms = performance.now() - begun;
	sent++;
	counts.set(response.status, (counts.get(response.status) ?? 0) + 1);
	const small = body.samples === SMALL_SAMPLES && response.status === 200;
	if (small && ms > dearest.ms) dearest = { ms, body: text };
	let inShape;
	try {
		const parsed = JSON.parse(answer);
		inShape = response.ok || typeof parsed.error.message === 'string';
	} catch {
		inShape = false;
	}
	if (!PROMISED.has(response.status) || !inShape || ms > LIMIT || /NaN|null,null/.test(answer))
		wrong.push({
			address,
			status: response.status,
			ms: Math.round(ms),
			text,
			answer: answer.slice(0, 200)
		});
}

await pause(2000);
const before = memory();
const end = performance.now() + SECONDS * 1000;
while (performance.now() < end && wrong.length < 5) await ask();
const after = memory();
server.kill();
console.log(
	`seed ${SEED}: ${sent} requests, ${[...counts].map(([s, n]) => `${n} × ${s}`).join(', ')}`
);
console.log(
	`dearest small request ${(dearest.ms / 1000).toFixed(1)} s: ${dearest.body.slice(0, 400)}`
);
console.log(`memory ${before.toFixed(0)} MB before, ${after.toFixed(0)} MB after`);
for (const one of wrong) console.error(JSON.stringify(one));

ensurePackages();
tool('@sveltejs/kit/svelte-kit.js', ['sync']);
const env = {
	...process.env,
	FAULT_SCHEDULES: String(Math.max(50, 5 * SECONDS)),
	FAULT_FROM: String(SEED + 1)
};
const archives = tool('vitest/vitest.mjs', ['run', 'tests/faults/imports', '--reporter=dot'], {
	env
});
process.exit(wrong.length > 0 ? 1 : archives);
