import { readFile } from 'node:fs/promises';
import { expect, test, type Page } from './test';
import { accessible } from './accessible';
import { readDemo } from './screen';

const tab = (page: Page, name: string) => page.getByRole('tab', { name, exact: true });
const clock = (page: Page) => page.getByTestId('clock');
const heading = (page: Page) => page.getByRole('heading', { level: 1 });

/** Opens the next planned lesson of somebody in the agenda. */
async function openNext(page: Page, name: string): Promise<void> {
	await page.goto('/lessons');
	await tab(page, 'Agenda').click();
	const planned = page.getByRole('link').filter({ hasText: name }).filter({ hasNotText: 'over' });
	await planned.first().click();
	await expect(heading(page)).toHaveText(name);
}

/** The clock as seconds. */
const seconds = async (page: Page): Promise<number> => {
	const [minutes, rest] = (await clock(page).textContent())!.trim().split(/\s/)[0]!.split(':');
	return 60 * Number(minutes) + Number(rest);
};

/** Touches the practice green at a share of its width and height. */
async function touch(page: Page, across: number, down: number): Promise<void> {
	const drawing = page.getByRole('application');
	await drawing.scrollIntoViewIfNeeded();
	const box = (await drawing.boundingBox())!;
	await page.mouse.click(box.x + box.width * across, box.y + box.height * down);
}

test.describe('on a phone', () => {
	test.use({ viewport: { width: 390, height: 844 } });

	test('a lesson is proposed, changed, run through a killed tab, and summed up', async ({
		page,
		context
	}) => {
		test.setTimeout(240_000);
		await readDemo(page);
		await openNext(page, 'Ida Brenner');
		await page.getByRole('button', { name: /^Propose 45 minutes/ }).click();
		await page.getByRole('button', { name: 'Take it' }).click({ timeout: 60_000 });
		const blocks = page.getByRole('list', { name: 'Blocks of the lesson' }).getByRole('listitem');
		await expect(page.getByText(/^\d+ of 45 min$/)).toBeVisible();
		const proposed = await blocks.count();
		expect(proposed).toBeGreaterThan(2);
		await page.getByRole('button', { name: '+ Drill' }).click();
		await expect(blocks).toHaveCount(proposed + 1);
		await expect(page.getByText(/min too long/)).toBeVisible();
		// The new one goes to the top by keys.
		const last = blocks.last();
		const name = (await last.getAttribute('aria-label'))!;
		await last.getByRole('button', { name: `Move ${name}` }).press(' ');
		for (let i = 0; i < proposed; i++) await page.keyboard.press('ArrowUp');
		await page.keyboard.press(' ');
		await expect(blocks.first()).toHaveAttribute('aria-label', name);
		await page.getByRole('button', { name: 'Begin the lesson' }).click();
		await page.getByRole('button', { name: 'Note the balls' }).click();
		for (let ball = 0; ball < 4; ball++) {
			await touch(page, 0.5, 0.72 + 0.01 * (ball % 3));
			await touch(page, 0.52, 0.4 - 0.01 * (ball % 3));
		}
		const counted = page.getByTestId('now');
		const before = (await counted.textContent())!;
		await page.getByLabel('What came of it').fill('Lands it short');
		await expect.poll(() => seconds(page)).toBeGreaterThan(2);
		const address = page.url();
		await page.waitForTimeout(600);
		await page.close();
		const again = await context.newPage();
		await again.goto(address);
		await expect(clock(again)).toBeVisible();
		// The clock went on while nobody looked.
		expect(await seconds(again)).toBeGreaterThan(2);
		await expect(again.getByTestId('now')).toHaveText(before);
		await expect(again.getByLabel('What came of it')).toHaveValue('Lands it short');
		await again.getByRole('button', { name: 'End the session' }).click();
		await again.getByRole('button', { name: /^Done, next/ }).click();
		await again.getByRole('button', { name: 'Two minutes more' }).click();
		await again.getByRole('button', { name: 'Leave out' }).click();
		await again.getByRole('button', { name: 'End the lesson' }).click();
		await expect(again.getByText('4 balls noted.')).toBeVisible();
		await expect(again.getByText('left out')).toBeVisible();
		await expect(again.getByText(/^Not come to:/)).toBeVisible();
		await again.getByRole('button', { name: 'Take the notes above' }).click();
		await expect(again.getByLabel(/What we worked on/)).toHaveValue('Lands it short');
	});
});

test('a lesson is moved and cancelled by keys and by drag, a clash is shown, all can be undone; a week goes out as a file', async ({
	page,
	browser
}) => {
	await readDemo(page);
	await page.goto('/lessons');
	await tab(page, 'Week').click();
	await page.getByRole('button', { name: 'Later' }).click();
	const card = (time: string) => page.getByRole('link', { name: `${time} Ida Brenner` });
	await card('16:30').focus();
	await page.keyboard.press('ArrowDown');
	await expect(page.getByText(/moved to .*16:45/).first()).toBeVisible();
	await expect(card('16:45')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).first().click();
	await expect(card('16:30')).toBeVisible();
	// Two days on, where Henrike has somebody else at ten.
	const box = (await card('16:30').boundingBox())!;
	await page.mouse.move(box.x + 20, box.y + 10);
	await page.mouse.down();
	await page.mouse.move(box.x + 20, box.y + 10 - 28, { steps: 4 });
	await page.mouse.up();
	await expect(card('16:00')).toBeVisible();
	await card('16:00').focus();
	await page.keyboard.press('Delete');
	await expect(card('16:00')).toContainText('cancelled');
	await page.getByRole('button', { name: 'Undo' }).first().click();
	await expect(card('16:00')).not.toContainText('cancelled');
	await card('16:00').click();
	await expect(heading(page)).toHaveText('Ida Brenner');
	await page.getByLabel('Begins').fill('15:30');
	await page.getByRole('checkbox', { name: 'Kaspar Lindqvist' }).check();
	await page.goBack();
	await expect(page.getByRole('link', { name: /15:30 Ida Brenner and Kaspar/ })).toBeVisible();
	await test.step('a week goes out as a calendar file and into a second profile, once', async () => {
		await page.getByRole('button', { name: 'Earlier' }).click();
		await page.getByText('Calendar file', { exact: true }).click();
		const download = page.waitForEvent('download');
		await page.getByRole('button', { name: 'This week' }).click();
		const path = await (await download).path();
		const text = await readFile(path, 'utf8');
		const count = text.split('BEGIN:VEVENT').length - 1;
		expect(count).toBeGreaterThan(4);
		const other = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
		await other.goto('/lessons');
		await other.getByText('Calendar file', { exact: true }).click();
		await other.getByLabel('Open a calendar file').setInputFiles(path);
		await expect(other.getByText(`Taken in: ${count} lessons.`).first()).toBeVisible();
		await tab(other, 'Week').click();
		await expect(other.getByRole('link', { name: /somebody|^\d\d:\d\d/ }).first()).toBeVisible();
		await other.getByLabel('Open a calendar file').setInputFiles(path);
		await expect(other.getByText(`${count} were here already.`).first()).toBeVisible();
		await other
			.getByLabel('Open a calendar file')
			.setInputFiles({ name: 'no.ics', mimeType: 'text/calendar', buffer: Buffer.from('hello') });
		await expect(other.getByText(/This is no calendar file/)).toBeVisible();
	});
});

test('a series is put in, one lesson of it clashes, and the rest is changed from one on', async ({
	page
}) => {
	await page.clock.setFixedTime(new Date('2026-07-06T09:00:00'));
	await readDemo(page);
	await page.goto('/lessons');
	const sheet = page.getByRole('dialog');
	const add = async (day: string) => {
		await page.getByRole('button', { name: 'New lesson' }).first().click();
		await sheet.getByRole('checkbox', { name: 'Pell Draycott' }).check();
		await sheet.getByLabel('Day', { exact: true }).fill(day);
		await sheet.getByLabel('Begins').fill('09:00');
	};
	await add('2026-07-07');
	await sheet.getByLabel('How often').selectOption({ label: 'Every second week' });
	await sheet.getByText('Not in some months').click();
	await sheet.getByRole('button', { name: 'August' }).click();
	await expect(sheet.getByText('every second Tuesday, not in August')).toBeVisible();
	await sheet.getByRole('button', { name: 'Put it in' }).click();
	// Whoever leaves at once has it all the same.
	await page.goto('/lessons');
	await add('2026-07-21');
	await sheet.getByRole('button', { name: 'Put it in' }).click();
	await expect(page.getByText(/^At the same time as/)).toContainText('Pell Draycott');
	await page.goto('/lessons');
	await tab(page, 'Month').click();
	await page.getByRole('button', { name: 'Later' }).click();
	await expect(page.getByText('August 2026')).toBeVisible();
	// Only the first of September stands in the last week of the grid.
	await expect(page.getByRole('link', { name: /09:00/ })).toHaveCount(1);
	await page.getByRole('button', { name: 'Later' }).click();
	await page.getByRole('link', { name: /09:00/ }).first().click();
	await page.getByLabel('Begins').fill('11:15');
	await page.getByRole('button', { name: 'All from here on like this one' }).click();
	await expect(page.getByText('From here on all are like this one.').first()).toBeVisible();
	await tab(page, 'Month').click();
	await expect(page.getByRole('link', { name: /11:15/ })).toHaveCount(3);
	await page.getByRole('button', { name: 'Undo' }).first().click();
	// The one that was changed before stays as it was changed.
	await expect(page.getByRole('link', { name: /09:00/ })).toHaveCount(2);
	await expect(page.getByRole('link', { name: /11:15/ })).toHaveCount(1);
});

test('a clinic for eight: its layout is judged, it is run by its rounds, and everybody gets a page', async ({
	page
}) => {
	test.setTimeout(400_000);
	await readDemo(page);
	await page.goto('/lessons/clinic-2026-10-31');
	const stations = page.getByRole('region', { name: 'Stations' });
	await expect(stations.getByText('Safe.')).toBeVisible({ timeout: 60_000 });
	// A station that is turned onto another is not.
	const arrow = stations.getByRole('slider', { name: /^Station 3.*hit to/ });
	const words = await arrow.getAttribute('aria-valuetext');
	await arrow.focus();
	for (let i = 0; i < 9; i++) await page.keyboard.press('Shift+ArrowDown');
	for (let i = 0; i < 9; i++) await page.keyboard.press('Shift+ArrowRight');
	await expect(arrow).not.toHaveAttribute('aria-valuetext', words!);
	await expect(stations.getByText('Not safe like this.')).toBeVisible({ timeout: 60_000 });
	await expect(stations.getByText(/of 1,000 balls of station 3 come to/).first()).toBeVisible();
	// Looking for another can be stopped.
	await stations.getByRole('button', { name: 'Find a safe layout' }).click();
	await stations.getByRole('button', { name: 'Stop' }).click();
	await expect(stations.getByRole('button', { name: 'Find a safe layout' })).toBeVisible();

	await page.setViewportSize({ width: 390, height: 844 });
	await page.getByRole('button', { name: 'Begin the lesson' }).click();
	await page.getByRole('button', { name: 'Begin the rounds' }).click();
	const turn = page.getByTestId('in-turn');
	await expect(turn).toHaveText('Ruth Amsel');
	await page.getByRole('button', { name: 'As meant', exact: true }).click();
	await expect(turn).toHaveText('Marta Oduya');
	await page.getByRole('button', { name: 'Not as meant' }).click();
	await expect(turn).toHaveText('Kaspar Lindqvist');
	await page.reload();
	await expect(page.getByRole('button', { name: /Ruth Amsel.*1 ball, 1 as meant/ })).toBeVisible();
	await expect(page.getByTestId('round-clock')).toContainText('left');
	await accessible(page, 'the rounds on a phone');
	for (const name of ['Round 2 begins', 'Round 3 begins', 'All rounds are through'])
		await page.getByRole('button', { name }).click();
	await page.getByRole('button', { name: 'End the lesson' }).click();
	await page.getByRole('link', { name: 'All 8 hand-outs' }).click();
	await expect(page.getByRole('article')).toHaveCount(8);
	const download = page.waitForEvent('download');
	await page.getByRole('button', { name: 'PDF' }).click();
	const file = await readFile(await (await download).path());
	expect(file.toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(8);
	expect(file.length).toBeLessThan(300_000);
});
