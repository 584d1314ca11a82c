import { expect, test, type Locator, type Page } from './test';
import { call, called, readDemo, sampled } from './screen';

/** The whole job without a mouse: every step is a key, and what is used next is reached by the Tab key. */

const MOST_STOPS = 160;

/** Goes on with the Tab key until something has the focus. */
async function reach(page: Page, wanted: Locator): Promise<Locator> {
	await expect(wanted).toBeVisible();
	for (let i = 0; i < MOST_STOPS; i++) {
		if (await wanted.evaluate((node) => node === document.activeElement)) return wanted;
		await page.keyboard.press('Tab');
	}
	throw new Error(`the Tab key does not reach ${String(wanted)}`);
}

async function press(page: Page, wanted: Locator, key = 'Enter'): Promise<void> {
	await reach(page, wanted);
	await page.keyboard.press(key);
}

/** Writes over what a field says and leaves it. */
async function write(page: Page, wanted: Locator, text: string): Promise<void> {
	await reach(page, wanted);
	await page.keyboard.press('Control+a');
	await page.keyboard.type(text);
	await page.keyboard.press('Tab');
}

const button = (page: Page, name: string | RegExp) =>
	page.getByRole('button', { name, exact: typeof name === 'string' }).first();
const textbox = (page: Page, name: string) => page.getByRole('textbox', { name, exact: true });

test('speed, shot, call, practice and balls by keyboard alone', async ({ page }) => {
	test.setTimeout(120_000);
	await readDemo(page);
	await page.clock.install();
	await page.goto('/');

	// The speed of a green, by putts that are timed.
	await press(page, page.getByRole('navigation').getByRole('link', { name: 'Greens' }).first());
	await press(page, page.getByRole('main').getByRole('link', { name: 'Kiln green' }).first());
	await press(page, button(page, 'Time a few putts'));
	for (const [putt, ms] of [2600, 2630, 2500, 2520].entries()) {
		// Two each way along the same line.
		if (putt === 2) await press(page, page.getByLabel('Which way'), 'b');
		await press(page, button(page, 'Struck'));
		await page.clock.fastForward(ms);
		await page.keyboard.press('Enter');
		await write(page, textbox(page, 'It rolled'), '5');
		await press(page, button(page, 'Note it'));
	}
	const speed = (await page.getByTestId('timed-speed').textContent())!.trim();
	expect(speed).toMatch(/^\d+\.\d ± \d\.\d ft/);
	await press(page, button(page, 'Keep it'));
	await expect(page.getByTestId('speed')).toHaveText(speed);

	// A shot to one of its pins: placed, asked about, and the call read.
	await reach(page, page.getByRole('tab', { name: 'Speed' }));
	for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight');
	await expect(page.getByRole('tab', { name: 'Pins', exact: true })).toHaveAttribute(
		'aria-selected',
		'true'
	);
	await press(page, page.getByRole('link', { name: 'Plan a shot' }).first());
	await called(page);
	await press(page, page.getByRole('button', { name: /^How it lies/ }));
	await reach(page, page.getByRole('radio', { checked: true }).first());
	const before = await page.getByRole('radio', { checked: true }).first().getAttribute('value');
	await page.keyboard.press('ArrowDown');
	await expect(page.getByRole('radio', { checked: true }).first()).not.toHaveAttribute(
		'value',
		before ?? ''
	);
	await page.keyboard.press('Escape');
	const ball = page.getByRole('slider', { name: 'Ball', exact: true });
	await reach(page, page.getByRole('slider').first());
	const placed = await ball.getAttribute('aria-valuetext');
	await ball.focus();
	await page.keyboard.press('Shift+ArrowLeft');
	await expect(ball).not.toHaveAttribute('aria-valuetext', placed ?? '');
	const ring = await ball.locator('.ring').evaluate((node) => getComputedStyle(node).strokeWidth);
	expect(parseFloat(ring)).toBeGreaterThanOrEqual(3);
	await expect(page.getByRole('group', { name: /m|yd/ }).first()).toHaveAttribute(
		'aria-label',
		/\d/
	);
	await sampled(page);
	await expect(call(page)).toContainText(/land it|roll it/);
	await page.keyboard.press('w');
	await expect(page.getByRole('tab', { name: /^Why/ })).toHaveAttribute('aria-selected', 'true');

	// Three balls of a drill, each by a cross on the green.
	await press(page, page.getByRole('navigation').getByRole('link', { name: 'Practice' }).first());
	await press(page, page.getByRole('link', { name: /Landing box/ }).first());
	await press(page, button(page, /^Start( with|$)/));
	const now = page.getByTestId('now');
	for (let i = 0; i < 3; i++) {
		const said = await now.textContent();
		const green = await reach(page, page.getByRole('application'));
		for (let step = 0; step <= i; step++) await page.keyboard.press('ArrowUp');
		await page.keyboard.press('Enter');
		await expect(green).toBeFocused();
		await page.keyboard.press('ArrowRight');
		await page.keyboard.press('Enter');
		await expect(now).not.toHaveText(said ?? '');
	}
	await press(page, button(page, 'End the session'));
	await expect(
		page.getByRole('heading', { name: /What it changes in (the|your) bag/ })
	).toBeVisible();
});
