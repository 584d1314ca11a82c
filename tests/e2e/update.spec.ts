import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test, type BrowserContext, type Page } from '@playwright/test';
import { FILES, startFileHost, type FileHost } from '../support/fileHost';
import { firstCall, onDevice, sampled, typeInto } from './screen';

/** A new version on the host, while an old one is open on the device. */

let host: FileHost;
let context: BrowserContext;
test.beforeEach(async ({ browser }) => {
	host = await startFileHost();
	context = await browser.newContext({
		baseURL: host.url,
		viewport: { width: 1280, height: 800 },
		serviceWorkers: 'allow'
	});
});
test.afterEach(async () => {
	await context.close();
	host.close();
});

const built = (name: string) => readFileSync(join(FILES, name), 'utf8');
const { version } = JSON.parse(built('_app/version.json')) as { version: string };
/** The same app with another mark on its page, as a later version. */
const LATER: Record<string, string> = {
	'/index.html': built('index.html').replace('<html ', '<html data-release="later" '),
	'/service-worker.js': built('service-worker.js').replaceAll(version, `${version}1`)
};

const release = (page: Page) => page.locator('html').getAttribute('data-release');

/** The page with a shot under work, on the device; then a later version is put up and found. */
async function withLater(): Promise<Page> {
	const page = await context.newPage();
	await firstCall(page);
	await onDevice(page);
	host.answer((path) => LATER[path]);
	await page.evaluate(async () => {
		const registration = await navigator.serviceWorker.ready;
		await registration.update();
	});
	await expect(page.getByText('A new version is ready.')).toBeVisible();
	return page;
}

test('a new version waits: the old one goes on with its own files, and the new one comes when it is asked for', async () => {
	const page = await withLater();
	// The files of the old version are gone from the host; views that were never opened still are.
	host.answer((path) => (path.startsWith('/_app/') ? null : LATER[path]));
	await page.getByRole('link', { name: 'Bag', exact: true }).click();
	await expect(page.getByRole('heading', { level: 1, name: 'Bag' })).toBeVisible();
	await page.getByRole('link', { name: 'Shot', exact: true }).click();
	await sampled(page);
	await page.reload();
	await sampled(page);
	expect(await release(page)).toBeNull();
	await page.getByRole('button', { name: 'Take it now' }).click();
	await expect.poll(() => release(page)).toBe('later');
	await sampled(page);
});

test('a new version comes with the next start, and what was under work is there', async () => {
	const page = await withLater();
	await typeInto(page.getByLabel('Name of the shot'), 'Under work');
	await page.keyboard.press('Control+s');
	await expect(page.getByText('Saved “Under work”.')).toBeVisible();
	await page.close();
	// The browser takes a moment until the old version counts as closed: whoever opens the app at once is early.
	const start = async () => {
		const next = await context.newPage();
		await next.goto('/');
		if ((await release(next)) === 'later') return next;
		await next.close();
		throw new Error('still the old one');
	};
	await expect(start).toPass({ intervals: [500, 2000, 5000, 10_000] });
	const next = context.pages().at(-1)!;
	await sampled(next);
	await expect(next.getByLabel('Name of the shot')).toHaveValue('Under work');
});
