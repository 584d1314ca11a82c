import { describe, expect, it } from 'vitest';
import * as z from 'zod/mini';
import { readJson, refuse } from './jsonBody';

const schema = z.strictObject({ length: z.number(), name: z.string() });
const send = (body: string, type = 'application/json') =>
	readJson(
		new Request('http://localhost/x', { method: 'POST', body, headers: { 'content-type': type } }),
		schema
	);

async function refusal(body: string): Promise<{ status: number; error: unknown }> {
	const read = await send(body);
	if (!('refusal' in read)) throw new Error('was read');
	const { error } = (await read.refusal.json()) as { error: unknown };
	return { status: read.refusal.status, error };
}

describe('readJson', () => {
	it('hands out what is valid', async () => {
		expect(await send('{"length":3,"name":"a"}')).toEqual({ data: { length: 3, name: 'a' } });
	});

	it('refuses what is not JSON, not valid or not known, in one shape', async () => {
		expect(await refusal('hello')).toMatchObject({
			status: 400,
			error: { issues: [{ path: '' }] }
		});
		expect(await refusal('{"length":"3","name":"a"}')).toMatchObject({
			status: 400,
			error: { issues: [{ path: 'length' }] }
		});
		expect(await refusal('{"length":3,"name":"a","more":1}')).toMatchObject({
			status: 400,
			error: { issues: [{ path: 'more', message: 'is not a known key' }] }
		});
	});

	it('accepts JSON with a charset and no other type: a page elsewhere cannot start work', async () => {
		const body = '{"length":3,"name":"a"}';
		expect(await send(body, 'application/json; charset=utf-8')).toHaveProperty('data');
		for (const type of ['text/plain', 'application/jsonp', 'multipart/form-data', '']) {
			const read = await send(body, type);
			expect('refusal' in read && read.refusal.status, type).toBe(415);
		}
	});

	it('refuses more than 256 KiB before reading it as JSON', async () => {
		const { status } = await refusal(JSON.stringify({ length: 1, name: 'x'.repeat(300 * 1024) }));
		expect(status).toBe(413);
	});

	it('sends headers along with a refusal', () => {
		expect(refuse(503, 'busy', [], { 'Retry-After': '5' }).headers.get('retry-after')).toBe('5');
	});

	it('refuses with a reason', async () => {
		const response = refuse(422, 'too much');
		expect(response.status).toBe(422);
		expect(await response.json()).toEqual({ error: { message: 'too much', issues: [] } });
	});
});
