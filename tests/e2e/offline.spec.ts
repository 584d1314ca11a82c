import { expect, test } from './test';
import { ask, call, called, firstCall, onDevice, sampled, type, typeInto, visit } from './screen';

test.use({ serviceWorkers: 'allow' });

test('works with the server gone: every view, a deep link, a reload and a new plan', async ({
	page,
	context
}) => {
	await firstCall(page);
	await onDevice(page);
	await typeInto(page.getByLabel('Name of the shot'), 'Out of reach');
	await page.keyboard.press('Control+s');
	await expect(page.getByText('Saved “Out of reach”.')).toBeVisible();
	await context.setOffline(true);
	await page.reload();
	await type(page, 'Edge to pin', '12');
	await ask(page, 'How it lies');
	await page.getByText('Semi-rough', { exact: true }).click();
	await sampled(page);
	await expect(call(page)).toContainText(/land it|roll it/);
	// Views that were never opened, by their address and by a link.
	await page.goto('/greens');
	await expect(page.getByRole('heading', { level: 1, name: 'Greens' })).toBeVisible();
	await visit(page, '/data');
	await expect(page.getByRole('heading', { level: 1, name: 'Data' })).toBeVisible();
	await visit(page, '/saved');
	await expect(page.getByRole('textbox', { name: /^Name of / })).toHaveValue('Out of reach');
	await page
		.getByRole('link', { name: /^Open / })
		.first()
		.click();
	await called(page);
	await page.goto('/nowhere/at/all');
	await expect(
		page.getByRole('heading', { name: 'There is nothing at this address' })
	).toBeVisible();
	await page.getByRole('link', { name: 'Back to the shot' }).click();
	await called(page);
	await context.setOffline(false);
});

test('carries a manifest with icons of its own', async ({ request }) => {
	const manifest = (await (await request.get('/manifest.webmanifest')).json()) as {
		icons: { src: string; purpose?: string }[];
	};
	expect(manifest.icons.some(({ purpose }) => purpose === 'maskable')).toBe(true);
	for (const { src } of manifest.icons) expect((await request.get(src)).status()).toBe(200);
});
