import { readFile } from 'node:fs/promises';
import { expect, test, type Page } from './test';
import { called, field, firstCall, onDevice, sampled, typeInto, visit } from './screen';

/** The whole job in the order of a coach's day, on a phone, by somebody who has nothing yet; no network after the first load. */
test.use({ viewport: { width: 390, height: 844 }, serviceWorkers: 'allow' });

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const tab = (page: Page, name: string) => page.getByRole('tab', { name, exact: true });

/** Touches a drawing at a share of its width and height. */
async function touch(page: Page, across: number, down: number): Promise<void> {
	const drawing = page.getByRole('application').last();
	await drawing.scrollIntoViewIfNeeded();
	const box = (await drawing.boundingBox())!;
	await page.mouse.click(box.x + box.width * across, box.y + box.height * down);
}

async function saved(page: Page, name: string | RegExp): Promise<Buffer> {
	const [file] = await Promise.all([page.waitForEvent('download'), button(page, name).click()]);
	return readFile(await file.path());
}

async function timePutt(page: Page, ms: number): Promise<void> {
	await button(page, 'Struck').click();
	await page.clock.fastForward(ms);
	await button(page, 'At rest').click();
	await typeInto(field(page, 'It rolled'), '5');
	await button(page, 'Note it').click();
}

test('a coach’s day: green, speed, ratios, shot, practice, log, lesson, papers, homework and a second device', async ({
	page,
	context,
	browser
}) => {
	test.setTimeout(300_000);
	await page.clock.install();
	await firstCall(page);
	await onDevice(page);
	await context.setOffline(true);

	await test.step('without a network a reload works, and an address of nothing leads back', async () => {
		await page.reload();
		await called(page);
		await page.goto('/nowhere/at/all');
		await expect(
			page.getByRole('heading', { name: 'There is nothing at this address' })
		).toBeVisible();
		await page.getByRole('link', { name: 'Back to the shot' }).click();
		await called(page);
	});
	await test.step('a quick green and its speed', async () => {
		await page.goto('/greens');
		await button(page, 'A quick green').click();
		await page.getByLabel('Slope', { exact: true }).selectOption('2');
		await button(page, 'Make this green').click();
		await tab(page, 'Speed').click();
		await button(page, 'Time a few putts').click();
		await page.getByLabel('Slope of the line').selectOption('level');
		await timePutt(page, 2600);
		await timePutt(page, 2620);
		await expect(page.getByTestId('timed-speed')).toContainText(/\d+\.\d ± \d\.\d ft/);
		await button(page, 'Keep it').click();
		await expect(page.getByTestId('speed')).toContainText('ft');
	});
	const green = page.url();

	await test.step('today’s ratios, moved by three balls', async () => {
		await page.getByRole('link', { name: 'What each club does at this speed' }).click();
		const pitching = page.getByRole('row', { name: /^PW 1 : / });
		const before = (await pitching.textContent())!;
		for (const stopped of ['13.5', '14', '13']) {
			await typeInto(page.getByLabel('Stopped after', { exact: true }), stopped);
			await button(page, 'Note this ball').click();
		}
		await expect(pitching).not.toHaveText(before);
	});

	await test.step('a shot on that green, as a chip, seen from behind the ball', async () => {
		await visit(page, green);
		await tab(page, 'Pins').click();
		await page.getByRole('link', { name: 'Plan a shot' }).first().click();
		await called(page);
		await button(page, /^Which shot/).click();
		await button(page, /^Chip/).click();
		await button(page, 'Done').click();
		await called(page);
		await expect(page.locator('.call-strip')).toContainText(/chip/);
		await button(page, 'From behind the ball').click();
		await expect(
			page.getByRole('application', { name: /^The shot as the eye meets it/ })
		).toBeVisible();
		await button(page, 'From above').click();
		await typeInto(page.getByLabel('Name of the shot'), 'The chip');
		await page.keyboard.press('Control+s');
		await expect(page.getByText('Saved “The chip”.')).toBeVisible();
	});
	const shot = page.url();

	await test.step('from a speed to the shots on its green', async () => {
		await visit(page, green);
		await tab(page, 'Speed').click();
		await page.getByRole('link', { name: 'Shots on this green' }).click();
		await expect(page.getByLabel('On', { exact: true }).locator('option:checked')).toHaveText(
			/Green|green/
		);
		await expect(page.getByRole('textbox', { name: 'Name of The chip' })).toBeVisible();
	});

	await test.step('twelve balls, taken into the bag', async () => {
		await visit(page, '/practice');
		await page
			.getByRole('link', { name: /Landing box/ })
			.first()
			.click();
		await button(page, /^Start( with|$)/).click();
		const now = page.getByTestId('now');
		for (let ball = 0; ball < 12; ball++) {
			const before = (await now.textContent())!;
			await touch(page, 0.47 + 0.02 * (ball % 4), 0.74);
			await touch(page, 0.5, 0.32 + 0.01 * (ball % 3));
			if (ball < 11) await expect(now).not.toHaveText(before);
		}
		await button(page, 'End the session').click();
		await expect(page.getByRole('heading', { name: /What it changes in/ })).toBeVisible();
		await page
			.getByLabel(/^Swing of the /)
			.first()
			.selectOption('7');
		await button(page, 'Take them into the bag').click();
		await expect(page.getByText('The ticked swings count in the bag now.')).toBeVisible();
	});

	await test.step('three played, and their forecast', async () => {
		await visit(page, shot);
		await sampled(page);
		for (const strokes of ['2', '3', '2']) {
			await button(page, 'Played it').click();
			const sheet = page.getByRole('dialog');
			const box = (await sheet.getByRole('application').boundingBox())!;
			await page.mouse.click(box.x + box.width / 2, box.y + box.height * 0.7);
			await page.mouse.click(box.x + box.width * 0.52, box.y + box.height * 0.3);
			await sheet.getByRole('button', { name: strokes, exact: true }).click();
			await sheet.getByRole('button', { name: 'Keep it' }).click();
			await expect(page.getByText('Noted in the log.').first()).toBeVisible();
		}
		await visit(page, '/log');
		await expect(page.getByText('3 shots').first()).toBeVisible();
		// What it gained or lost on what was to be expected.
		const noted = page.getByRole('row').filter({ has: page.getByRole('checkbox') });
		await expect(noted.first()).toContainText(/[−+]\d\.\d/);
		await tab(page, 'Forecast').click();
		await expect(page.getByRole('tabpanel')).toContainText('3 balls say nothing yet');
	});

	await test.step('a lesson is held and closed, with hand-out, card and homework', async () => {
		await visit(page, '/lessons');
		await button(page, 'New lesson').first().click();
		await page.getByRole('dialog').getByRole('button', { name: 'Put it in' }).click();
		await button(page, '+ Drill').click();
		await button(page, 'Begin the lesson').click();
		await page.getByLabel('What came of it').fill('Holds the finish');
		await button(page, 'End the lesson').click();
		await button(page, 'Take the notes above').click();
		await button(page, /^Give .* homework$/).click();
		await button(page, 'Give it').click();
		await expect(page.getByText(/^Homework given:/)).toBeVisible();
		await page.getByRole('link', { name: /^Hand-out/ }).click();
		await expect(page.getByText('Holds the finish')).toBeVisible();
		const handout = await saved(page, 'PDF');
		expect(handout.subarray(0, 5).toString()).toBe('%PDF-');
		expect(handout.length).toBeLessThan(300_000);
		await visit(page, '/lessons/card');
		await expect(button(page, 'PDF to cut')).toBeEnabled({ timeout: 60_000 });
		await expect(page.getByText(/^From short grass:/).first()).toBeVisible();
		expect((await saved(page, 'PDF to cut')).subarray(0, 5).toString()).toBe('%PDF-');
	});

	await test.step('homework goes out, comes back, and a second device has all of it', async () => {
		const item = page.getByRole('listitem').filter({ hasText: 'Open' }).first();
		await visit(page, '/practice');
		await tab(page, 'Homework').click();
		const sent = await saved(page, /^File$/);
		await expect(item).toBeVisible();
		await visit(page, '/data');
		const archive = await saved(page, 'Save an archive');

		const device = await (await browser.newContext()).newPage();
		const json = { mimeType: 'application/json' };
		await visit(device, '/practice');
		await tab(device, 'Homework').click();
		await device
			.getByLabel('Open a homework file')
			.setInputFiles({ ...json, name: 'homework.json', buffer: sent });
		await expect(device.getByTestId('now')).toContainText('1 of');
		for (let i = 0; i < 2; i++) await touch(device, 0.5, 0.4 + 0.01 * i);
		await expect(device.getByTestId('now')).toContainText('3 of');
		await visit(device, '/practice');
		await tab(device, 'Homework').click();
		const back = await saved(device, /^File$/);
		await visit(device, '/data');
		await device
			.getByLabel('Read an archive')
			.setInputFiles({ ...json, name: 'all.json', buffer: archive });
		await button(device, 'Take it in').click();
		await expect(device.getByText(/^Imported: /)).toBeVisible();
		await visit(device, '/log');
		await expect(device.getByText('3 shots').first()).toBeVisible();

		await visit(page, '/practice');
		await tab(page, 'Homework').click();
		await page
			.getByLabel('Open a homework file')
			.setInputFiles({ ...json, name: 'homework.json', buffer: back });
		await expect(page.getByText(/came back with 2 balls\./)).toBeVisible();
	});
});
