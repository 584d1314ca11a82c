import { spawn } from 'node:child_process';
import http, { type IncomingMessage } from 'node:http';
import { expect, test } from './test';

const ball = {
	delivery: { clubSpeed: 8, attackAngle: -4, dynamicLoft: 51 },
	ground: { stimpFeet: 10 }
};
const question = {
	situation: { toEdge: 3, edgeToPin: 8, stimpFeet: 10 },
	player: { skill: 'middle' },
	samples: 100
};

test('simulates one ball', async ({ request }) => {
	const response = await request.post('/api/simulate', { data: ball });
	expect(response.status()).toBe(200);
	expect(await response.json()).toMatchObject({ holed: false, stopped: true, bounces: 4 });
});

test('plans, the same for the same seed', async ({ request }) => {
	const ask = async () =>
		(await request.post('/api/plan', { data: question })).json() as Promise<{
			best: number;
			schools: object[];
		}>;
	const [a, b] = await Promise.all([ask(), ask()]);
	expect(a.best).toBe(0);
	expect(a.schools).toHaveLength(10);
	expect(b).toEqual(a);
});

test('refuses what it must, in one shape', async ({ request }) => {
	const unknown = await request.post('/api/simulate', { data: { ...ball, extra: 1 } });
	expect(unknown.status()).toBe(400);
	expect(await unknown.json()).toMatchObject({ error: { issues: [{ path: 'extra' }] } });
	const notJson = await request.post('/api/plan', {
		data: 'hello',
		headers: { 'content-type': 'text/plain' }
	});
	expect(notJson.status()).toBe(415);
	const nowhere = await request.get('/api/nowhere');
	expect(nowhere.status()).toBe(404);
	expect(await nowhere.json()).toHaveProperty('error.message');
	const wrongWay = await request.get('/api/plan');
	expect(wrongWay.status()).toBe(405);
	expect(await wrongWay.json()).toHaveProperty('error.message');
	const huge = await request.post('/api/plan', {
		data: { ...question, padding: 'x'.repeat(300 * 1024) }
	});
	expect(huge.status()).toBe(413);
	const long = await request.post('/api/plan', { data: { ...question, samples: 99_999 } });
	expect(long.status()).toBe(422);
});

test('sends a manifest with icons of its own', async ({ request }) => {
	const manifest = (await (await request.get('/manifest.webmanifest')).json()) as {
		icons: { src: string; purpose?: string }[];
	};
	expect(manifest.icons.some(({ purpose }) => purpose === 'maskable')).toBe(true);
	for (const { src } of manifest.icons) expect((await request.get(src)).status()).toBe(200);
});

test('sends its headers with every answer, files included, and refuses strange methods', async ({
	request,
	baseURL
}) => {
	const page = await request.get('/');
	const policy = page.headers()['content-security-policy'] ?? '';
	expect(policy).toContain("default-src 'none'");
	expect(policy).toMatch(/script-src 'self' 'nonce-/);
	expect(page.headers()['x-content-type-options']).toBe('nosniff');
	expect(await (await request.get('/api/schema')).json()).toHaveProperty('planRequest');
	const file = await request.get('/icon.svg');
	expect(file.headers()['x-content-type-options']).toBe('nosniff');
	for (const path of [
		'/service-worker.js',
		'/icon.svg',
		'/icon-192.png',
		'/manifest.webmanifest'
	]) {
		const { headers } = { headers: (await request.get(path)).headers() };
		expect(headers['content-security-policy'], path).toContain("default-src 'none'");
	}
	for (const path of ['/', '/greens']) {
		const sent = await request.post(path, { form: { a: '1' } });
		expect(sent.status(), path).toBe(405);
		expect(await sent.json()).toEqual({
			error: { message: 'This address does not answer this method.', issues: [] }
		});
	}
	expect(file.headers()['cross-origin-resource-policy']).toBe('same-origin');
	const traced = await new Promise<IncomingMessage>((resolve, reject) =>
		http
			.request(new URL('/api/plan', baseURL), { method: 'TRACE' }, resolve)
			.on('error', reject)
			.end()
	);
	expect(traced.statusCode).toBe(405);
	expect(traced.headers['content-type']).toContain('application/json');
	traced.destroy();
});

test('plans on surveyed ground as on the slope it shows', async ({ request }) => {
	/** Spot heights of a plane that falls 2 % toward the pin and 1 % to the right. */
	const points = [0, 4, 8, 12, 16].flatMap((x) =>
		[-5, 0, 5].map((z) => [x, z, -0.02 * x - 0.01 * z])
	);
	const ask = async (ground: object) => {
		const response = await request.post('/api/plan', {
			data: { ...question, situation: { ...question.situation, fringe: 'grainy', ...ground } }
		});
		expect(response.status()).toBe(200);
		return (await response.json()) as {
			options: { club: string; carry: number; aim: { offset: number; side: string } }[];
		};
	};
	const surveyed = await ask({ survey: { points } });
	const sloped = await ask({ rise: -0.06, slopeAlong: -2, slopeAcross: 1 });
	const same = sloped.options.find(({ club }) => club === surveyed.options[0]!.club)!;
	expect(surveyed.options[0]!.carry).toBeCloseTo(same.carry, 0);
	expect(surveyed.options[0]!.aim).toMatchObject({ side: 'left' });
	const wrong = await request.post('/api/plan', {
		data: {
			...question,
			situation: {
				...question.situation,
				survey: {
					points: [
						[0, 0],
						[1, 0, 0],
						[0, 1, 0]
					]
				}
			}
		}
	});
	expect(wrong.status()).toBe(400);
	expect(await wrong.json()).toMatchObject({
		error: { issues: [{ path: 'situation.survey.points.0' }] }
	});
});

test('streams readings of a simulated device, and refuses one that there is not', async ({
	request
}) => {
	const stream = await request.get('/api/devices/ramp?count=4&interval=0&stimpFeet=10');
	expect(stream.headers()['content-type']).toContain('text/event-stream');
	const events = (await stream.text()).trim().split('\n\n');
	expect(events).toHaveLength(4);
	expect(JSON.parse(events[0]!.replace('data: ', ''))).toMatchObject({ device: 'ramp', way: 'up' });
	const address = '/api/devices/tracker?interval=0&shots=56/8,56/8,46/12';
	const tracked = (await (await request.get(address)).text()).trim().split('\n\n');
	expect(tracked.map((event) => event.split('\n')[0])).toEqual([
		'id: 1',
		'id: 2',
		'id: 3',
		'event: end'
	]);
	const rest = await request.get(address, { headers: { 'last-event-id': '2' } });
	expect(await rest.text()).toContain(tracked[2]);
	expect((await rest.text()).trim().split('\n\n')).toHaveLength(2);
	expect((await request.get('/api/devices/clock')).status()).toBe(404);
	const wrong = await request.get('/api/devices/ramp?stimpFeet=99');
	expect(wrong.status()).toBe(400);
});

test('stops when it is asked to although a plan is under way', async () => {
	const port = 4298;
	const server = spawn(process.execPath, ['scripts/serve.mjs'], {
		env: {
			...process.env,
			PORT: String(port),
			HOST: '127.0.0.1',
			ORIGIN: `http://localhost:${port}`
		},
		stdio: 'ignore'
	});
	const ask = (samples: number) =>
		fetch(`http://localhost:${port}/api/plan`, {
			method: 'POST',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify({ ...question, samples })
		});
	await expect
		.poll(() =>
			ask(20).then(
				({ status }) => status,
				() => 0
			)
		)
		.toBe(200);
	const long = ask(9000).then(
		({ status }) => status,
		() => 0
	);
	await new Promise((resolve) => setTimeout(resolve, 400));
	server.kill('SIGTERM');
	// Without an end to what is under way it would wait for half a minute.
	await expect.poll(() => server.exitCode ?? server.signalCode, { timeout: 6000 }).not.toBeNull();
	expect([0, 503]).toContain(await long);
});

test('says what each club does today, and what the shot asked for costs', async ({ request }) => {
	const ratios = await request.post('/api/ratios', {
		data: { green: { stimpFeet: 10 }, player: { skill: 'middle' }, carries: [3] }
	});
	expect(ratios.status()).toBe(200);
	const { rows } = (await ratios.json()) as { rows: { club: string; ratio: number }[] };
	expect(rows.length).toBeGreaterThan(20);
	const lob = await request.post('/api/plan', {
		data: { ...question, wanted: { kinds: ['lob'], without: ['Putter'] } }
	});
	const plan = (await lob.json()) as { options: { shot: string }[]; free: { shot: string } };
	expect(new Set(plan.options.map(({ shot }) => shot))).toEqual(new Set(['lob']));
	expect(plan.free.shot).not.toBe('lob');
	const nothing = await request.post('/api/plan', {
		data: { ...question, wanted: { kinds: ['splash'] } }
	});
	expect(nothing.status()).toBe(400);
});
