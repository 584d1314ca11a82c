import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test, type Page } from './test';
import { FILES, startFileHost, type FileHost } from '../support/fileHost';
import { called, firstCall, onDevice, takeDemoIn, typeInto, visit } from './screen';

/** The build for any host of files, on a host that knows nothing but files; and a new version there, while an old one is open on the device. */

const built = (name: string) => readFileSync(join(FILES, name), 'utf8');
const { version } = JSON.parse(built('_app/version.json')) as { version: string };
/** The same app with another mark on its page, as a version after it. */
const versionAfter = (mark: string): Record<string, string> => ({
	'/index.html': built('index.html').replace('<html ', `<html data-release="${mark}" `),
	'/service-worker.js': built('service-worker.js').replaceAll(version, `${version}${mark.length}`)
});

const release = (page: Page) => page.locator('html').getAttribute('data-release');

/** A later version is put up, and found by the page. */
async function putUp(host: FileHost, later: Record<string, string>, page: Page): Promise<void> {
	await onDevice(page);
	host.answer((path) => later[path]);
	await page.evaluate(async () => {
		const registration = await navigator.serviceWorker.ready;
		await registration.update();
	});
	await expect(page.getByText('A new version is ready.')).toBeVisible();
}

test('works from files alone; a new version waits, while the old one goes on with its own files, and comes when it is asked for or with the next start', async ({
	browser
}) => {
	test.setTimeout(180_000);
	const host = await startFileHost();
	const context = await browser.newContext({
		baseURL: host.url,
		viewport: { width: 1280, height: 800 },
		serviceWorkers: 'allow'
	});
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
	await test.step('the old one goes on, with views that were never opened, until the new one is asked for', async () => {
		const later = versionAfter('later');
		await putUp(host, later, page);
		// The files of the old version are gone from the host.
		host.answer((path) => (path.startsWith('/_app/') ? null : later[path]));
		await page.getByRole('link', { name: 'Bag', exact: true }).click();
		await expect(page.getByRole('heading', { level: 1, name: 'Bag' })).toBeVisible();
		await page.getByRole('link', { name: 'Shot', exact: true }).click();
		await called(page);
		await page.reload();
		await called(page);
		expect(await release(page)).toBeNull();
		await page.getByRole('button', { name: 'Take it now' }).click();
		await expect.poll(() => release(page)).toBe('later');
		await called(page);
	});
	await test.step('one comes with the next start, and what was under work is there', async () => {
		await putUp(host, versionAfter('latest'), page);
		await typeInto(page.getByLabel('Name of the shot'), 'Under work');
		await page.keyboard.press('Control+s');
		await expect(page.getByText('Saved “Under work”.')).toBeVisible();
		await page.close();
		// The browser takes a moment until the old version counts as closed: whoever opens the app at once is early.
		const start = async () => {
			const next = await context.newPage();
			await next.goto('/');
			if ((await release(next)) === 'latest') return;
			await next.close();
			throw new Error('still the old one');
		};
		await expect(start).toPass({ intervals: [500, 2000, 5000, 10_000] });
		const next = context.pages().at(-1)!;
		await called(next);
		await expect(next.getByLabel('Name of the shot')).toHaveValue('Under work');
	});
	await context.close();
	host.close();
});
