import { readFileSync } from 'node:fs';
import { expect, test } from './test';

const MANY = 600;

test('a long list shows what is seen, keeps the focus while it scrolls, and gives it back after an undo', async ({
	page
}) => {
	const archive = JSON.parse(readFileSync('static/demo/quarry-academy.json', 'utf8')) as {
		shots: { id: string; name: string; savedAt: string }[];
	};
	const [shot] = archive.shots;
	archive.shots = Array.from({ length: MANY }, (_, i) => ({
		...shot!,
		id: `many-${i}`,
		name: `Shot ${i}`,
		savedAt: new Date(Date.UTC(2026, 9, 20) - i * 60_000).toISOString()
	}));
	await page.goto('/data');
	await page.getByLabel('Read an archive').setInputFiles({
		name: 'many.json',
		mimeType: 'application/json',
		buffer: Buffer.from(JSON.stringify(archive))
	});
	await page.getByRole('button', { name: 'Take it in' }).click();
	await expect(page.getByText(/^Imported/)).toBeVisible();
	await page.goto('/saved');
	const rows = page.locator('tbody tr[data-index]');
	await expect(rows.first()).toHaveAttribute('aria-rowindex', '2');
	expect(await rows.count()).toBeLessThan(80);

	// Scrolled far away by the wheel, what has the focus is still there, and nothing jumps back to it.
	const open = page.getByRole('link', { name: 'Open Shot 3', exact: true });
	await open.focus();
	await page.mouse.move(600, 500);
	await page.mouse.wheel(0, 15_000);
	await expect(page.getByRole('link', { name: 'Open Shot 3', exact: true })).toBeFocused();
	await expect.poll(() => page.evaluate(() => scrollY)).toBeGreaterThan(14_000);
	const there = await page.evaluate(() => scrollY);
	await page.waitForTimeout(400);
	expect(await page.evaluate(() => scrollY)).toBe(there);

	// A row deep in the list is deleted by keys, put back by keys, and the focus is where it was.
	await page.evaluate(() => scrollTo(0, 5000));
	await expect(page.getByRole('link', { name: 'Open Shot 80', exact: true })).toBeVisible();
	const removed = await rows.nth(20).getByRole('textbox').inputValue();
	const trash = page.getByRole('button', { name: `Delete ${removed}`, exact: true });
	await trash.focus();
	await trash.press('Enter');
	await expect(trash).toHaveCount(0);
	const next = page.getByRole('button', { name: /^Delete Shot/ }).and(page.locator(':focus'));
	await expect(next).toHaveCount(1);
	await page.keyboard.press('Tab');
	await expect(page.getByRole('button', { name: 'Undo' })).toBeFocused();
	await page.keyboard.press('Enter');
	await expect(trash).toHaveCount(1);
	await expect(next).toHaveCount(1);

	await page.evaluate(() => scrollTo(0, 1e6));
	await expect(
		page.getByRole('link', { name: `Open Shot ${MANY - 1}`, exact: true })
	).toBeVisible();
});
