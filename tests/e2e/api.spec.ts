import { expect, test } from '@playwright/test';

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
	expect(notJson.status()).toBe(400);
	const huge = await request.post('/api/plan', {
		data: { ...question, padding: 'x'.repeat(300 * 1024) }
	});
	expect(huge.status()).toBe(413);
	const long = await request.post('/api/plan', { data: { ...question, samples: 99_999 } });
	expect(long.status()).toBe(422);
});

test('sends a strict policy with every page', async ({ request }) => {
	const page = await request.get('/');
	const policy = page.headers()['content-security-policy'] ?? '';
	expect(policy).toContain("default-src 'none'");
	expect(policy).toMatch(/script-src 'self' 'nonce-/);
	expect(page.headers()['x-content-type-options']).toBe('nosniff');
	expect(await (await request.get('/api/schema')).json()).toHaveProperty('planRequest');
});
