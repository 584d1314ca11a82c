import { createReadStream, existsSync, statSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { extname, join, normalize } from 'node:path';
import { expect, test } from '@playwright/test';
import { firstCall, readDemo, sampled } from './screen';

/** The build for any host of files, on a host that knows nothing but files. */

const FOLDER = 'build-static';
const TYPES: Record<string, string> = {
	'.css': 'text/css',
	'.html': 'text/html',
	'.js': 'text/javascript',
	'.json': 'application/json',
	'.svg': 'image/svg+xml',
	'.webmanifest': 'application/manifest+json'
};

/** What any host does: a file where there is one, else the page for what it does not know. */
const host = createServer((asked, answer) => {
	const path = join(FOLDER, normalize(new URL(asked.url ?? '/', 'http://host').pathname));
	const known = existsSync(path) && statSync(path).isFile();
	const file = known ? path : join(FOLDER, path === `${FOLDER}/` ? 'index.html' : '404.html');
	answer.writeHead(known || path === `${FOLDER}/` ? 200 : 404, {
		'content-type': TYPES[extname(file)] ?? 'application/octet-stream'
	});
	createReadStream(file).pipe(answer);
});

const listening = (server: Server) =>
	new Promise<string>((resolve) =>
		server.listen(0, '127.0.0.1', () =>
			resolve(`http://localhost:${(server.address() as AddressInfo).port}`)
		)
	);

let baseURL = '';
test.beforeAll(async () => {
	baseURL = await listening(host);
});
test.afterAll(() => void host.close());

test('works from files alone: a call, a deep link, imports and a simulated device', async ({
	browser
}) => {
	test.setTimeout(240_000);
	const context = await browser.newContext({ baseURL, viewport: { width: 1280, height: 800 } });
	const page = await context.newPage();
	const failed: string[] = [];
	page.on('pageerror', ({ message }) => failed.push(message));
	await firstCall(page);
	await readDemo(page);
	await page.goto('/greens/green-kiln');
	await expect(page.getByRole('textbox', { name: 'Name of the green' })).toHaveValue('Kiln green');
	await page.getByRole('button', { name: 'Roll a ramp' }).click();
	await page.getByRole('button', { name: 'Next' }).click();
	await page.getByRole('button', { name: 'Take three from the simulated ramp' }).click();
	await expect(page.getByText('Roll 3', { exact: true })).toBeVisible({ timeout: 15_000 });
	await page.goto('/?shot=demo-9');
	await sampled(page);
	expect(failed).toEqual([]);
	await context.close();
});
