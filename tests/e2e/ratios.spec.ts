import { readFileSync } from 'node:fs';
import { expect, test } from './test';
import { accessible } from './accessible';
import { readDemo, typeInto, visit } from './screen';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

test('a coach measures today’s ratios, asks for a chip, moves the spot, reads the club, and finds a rule to take along', async ({
	page
}) => {
	test.setTimeout(180_000);
	await readDemo(page);
	await page.goto('/greens/green-ledge');
	await page.getByRole('link', { name: 'What each club does at this speed' }).tap();
	await expect(page.getByRole('heading', { name: 'Today’s ratios' })).toBeVisible();
	const pitching = page.getByRole('row', { name: /^PW 1 : / });
	await expect(pitching).toBeVisible();
	const before = await pitching.textContent();
	const balls = page.getByTestId('few-balls');
	const [csv] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'CSV' }).tap()
	]);
	const text = readFileSync(await csv.path(), 'utf8');
	expect(text).toMatch(/^club,carry_m,slope_percent,ratio,low,high,air_share,source\n/);
	expect(text.split('\n').length).toBeGreaterThan(60);
	// By touch: where it landed, then where it stopped; by the stand-in of a tracker three at once.
	await balls.getByRole('button', { name: 'Touch it on a line' }).tap();
	const green = balls.getByRole('application');
	await green.scrollIntoViewIfNeeded();
	const box = (await green.boundingBox())!;
	await page.touchscreen.tap(box.x + box.width / 2, box.y + box.height * 0.8);
	await expect(balls.getByText('Now touch where it stopped.')).toBeVisible();
	await page.touchscreen.tap(box.x + box.width / 2, box.y + box.height * 0.4);
	await expect(balls.getByRole('listitem')).toHaveCount(1);
	await balls.getByRole('button', { name: /^Three by the ball tracker/ }).tap();
	await expect(balls.getByRole('listitem')).toHaveCount(4, { timeout: 20_000 });
	await expect(balls.getByText(/By these balls the green runs/)).toBeVisible();
	await expect(pitching).not.toHaveText(before!);
	await accessible(page, 'today’s ratios, by four balls');
	await balls.getByRole('button', { name: /^Take all back/ }).tap();
	await expect(pitching).toHaveText(before!);

	await visit(page, '/?shot=demo-2');
	const call = page.getByTestId('call');
	await expect(call).toHaveAttribute('data-status', 'ready', { timeout: 30_000 });
	await page.getByRole('button', { name: /^Which shot/ }).tap();
	await page.getByRole('button', { name: /^Chip/ }).tap();
	await page.getByRole('button', { name: 'Done' }).tap();
	await expect(call).toHaveAttribute('data-status', 'ready', { timeout: 30_000 });
	await expect(page.locator('.call-strip')).toContainText(/chip .*1\s:\s\d/);
	await expect(page.getByTestId('free')).toBeVisible();
	await page.getByRole('tab', { name: 'Ratio' }).tap();
	const spot = page.getByTestId('spot');
	await typeInto(spot.getByLabel('Land it, from the ball', { exact: true }), '5');
	await expect(spot.getByRole('row')).not.toHaveCount(0);
	await expect(spot.getByText(/: between them the |at the hole|short|past/).first()).toBeVisible();
	await accessible(page, 'a landing spot and its ratio');
	await test.step('a rule to take along is found, stopped on the way, and tried on five situations', async () => {
		await visit(page, '/rule');
		const begin = page.getByRole('button', { name: 'Find the rule' });
		await begin.tap();
		await page.getByRole('button', { name: 'Stop' }).tap();
		await expect(page.getByText('Stopped. Nothing is kept of it.')).toBeVisible();
		await begin.tap();
		const rule = page.getByTestId('own-rule');
		await expect(rule).toBeVisible({ timeout: 120_000 });
		await expect(rule.getByText(/It loses \d\.\d\d strokes a shot/)).toBeVisible();
		await expect(rule.getByRole('row', { name: /^Rule of twelve/ })).toBeVisible();
		await expect(page.getByText(/on \d+ saved shots of this player/)).toBeVisible();
		await accessible(page, 'a rule to take along');
		const first = page.getByRole('group', { name: 'Club for situation 1' });
		await first.getByRole('button').first().tap();
		await expect(page.getByText(/As good as any\.|Costs \d\.\d\d strokes/)).toBeVisible();
		await page.getByRole('button', { name: 'Five others' }).tap();
		await expect(page.getByText(/As good as any\.|Costs \d\.\d\d strokes/)).toHaveCount(0);
	});
});
