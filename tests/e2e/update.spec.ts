import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test, type BrowserContext, type Page } from './test';
import { FILES, startFileHost, type FileHost } from '../support/fileHost';
import { called, firstCall, onDevice, sampled, takeDemoIn, typeInto, visit } from './screen';

/** The build for any host of files, on a host that knows nothing but files; and a new version there, while an old one is open on the device. */

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

/** A later version is put up, and found by the page. */
async function putUpLater(page: Page): Promise<void> {
	await onDevice(page);
	host.answer((path) => LATER[path]);
	await page.evaluate(async () => {
		const registration = await navigator.serviceWorker.ready;
		await registration.update();
	});
	await expect(page.getByText('A new version is ready.')).toBeVisible();
}

test('works from files alone; a new version waits: the old one goes on with its own files, and the new one comes when it is asked for', async () => {
	test.setTimeout(180_000);
	const page = await context.newPage();
	const failed: string[] = [];
	page.on('pageerror', ({ message }) => failed.push(message));
	await test.step('a call, imports, a deep link and a simulated device', async () => {
		await firstCall(page);
		await takeDemoIn(page);
		await page.goto('/greens/green-kiln');
		await expect(page.getByRole('textbox', { name: 'Name of the green' })).toHaveValue(
			'Kiln green'
		);
		await page.getByRole('button', { name: 'Roll a ramp' }).click();
		await page.getByRole('button', { name: 'Next' }).click();
		await page.getByRole('button', { name: 'Take three from the simulated ramp' }).click();
		await expect(page.getByText('Roll 3', { exact: true })).toBeVisible({ timeout: 15_000 });
		await visit(page, '/');
		await called(page);
		expect(failed).toEqual([]);
	});
	await putUpLater(page);
	// The files of the old version are gone from the host; views that were never opened still are.
	host.answer((path) => (path.startsWith('/_app/') ? null : LATER[path]));
	await page.getByRole('link', { name: 'Bag', exact: true }).click();
	await expect(page.getByRole('heading', { level: 1, name: 'Bag' })).toBeVisible();
	await page.getByRole('link', { name: 'Shot', exact: true }).click();
	await called(page);
	await page.reload();
	await called(page);
	expect(await release(page)).toBeNull();
	// What was taken in stands in no archive yet: that is said before.
	await page.getByRole('button', { name: 'Put this message away' }).click();
	await page.getByRole('button', { name: 'Take it now' }).click();
	await expect.poll(() => release(page)).toBe('later');
	await sampled(page);
});

test('a new version comes with the next start, and what was under work is there', async () => {
	const page = await context.newPage();
	await firstCall(page);
	await putUpLater(page);
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
	await called(next);
	await expect(next.getByLabel('Name of the shot')).toHaveValue('Under work');
});
