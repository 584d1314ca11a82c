import { expect, test } from '@playwright/test';
import { startFileHost, type FileHost } from '../support/fileHost';
import { firstCall, takeDemoIn, sampled, visit } from './screen';

/** The build for any host of files, on a host that knows nothing but files. */

let host: FileHost;
test.beforeAll(async () => {
	host = await startFileHost();
});
test.afterAll(() => host.close());

test('works from files alone: a call, a deep link, imports and a simulated device', async ({
	browser
}) => {
	test.setTimeout(240_000);
	const context = await browser.newContext({
		baseURL: host.url,
		viewport: { width: 1280, height: 800 }
	});
	const page = await context.newPage();
	const failed: string[] = [];
	page.on('pageerror', ({ message }) => failed.push(message));
	await firstCall(page);
	await takeDemoIn(page);
	await visit(page, '/greens/green-kiln');
	await expect(page.getByRole('textbox', { name: 'Name of the green' })).toHaveValue('Kiln green');
	await page.getByRole('button', { name: 'Roll a ramp' }).click();
	await page.getByRole('button', { name: 'Next' }).click();
	await page.getByRole('button', { name: 'Take three from the simulated ramp' }).click();
	await expect(page.getByText('Roll 3', { exact: true })).toBeVisible({ timeout: 15_000 });
	await visit(page, '/?shot=demo-9');
	await sampled(page);
	expect(failed).toEqual([]);
	await context.close();
});
