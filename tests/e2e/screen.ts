import { expect, type Locator, type Page } from '@playwright/test';

/** A text field by its label. */
export const field = (page: Page, label: string) =>
	page.getByRole('textbox', { name: label, exact: true });

/** The call at the head of the sheet. */
export const call = (page: Page) => page.getByTestId('call');

/** Waits until the strokes are in: seen as it happens, where an expectation would look once a second. */
export const sampled = (page: Page): Promise<void> =>
	page.locator('[data-testid="call"][data-status="ready"]').waitFor({ timeout: 60_000 });

/** Waits until there is a call, while its strokes may still be worked out: whoever asks for something else need not wait for them. */
export const called = (page: Page): Promise<void> =>
	call(page)
		.filter({ hasText: /land it|roll it/ })
		.waitFor({ timeout: 60_000 });

/** What a shot is asked about, by the label of its tile. */
type Question =
	| 'How it lies'
	| 'Stance'
	| 'Distances'
	| 'Green'
	| 'Slope'
	| 'In the way'
	| 'Who plays'
	| 'Air';

/** Opens one of the questions, unless it is open. */
export async function ask(page: Page, question: Question): Promise<void> {
	const tile = page
		.getByRole('navigation', { name: 'What is asked about the shot' })
		.getByRole('button', { name: new RegExp(`^${question}`) });
	if ((await tile.getAttribute('aria-expanded')) === 'false') await tile.click();
	await expect(page.getByRole('heading', { name: question, exact: true })).toBeVisible();
}

/** Goes back to the panels. */
export async function answered(page: Page): Promise<void> {
	await page.getByRole('button', { name: 'Done', exact: true }).click();
}

const ASKED_UNDER: Record<string, Question> = {
	'Ball to edge': 'Distances',
	'Edge to pin': 'Distances',
	'Green speed': 'Green',
	'Slope to pin (+ up)': 'Slope'
};

/** A field of the shot, with its question open. */
export async function shotField(page: Page, label: string) {
	await ask(page, ASKED_UNDER[label]!);
	return field(page, label);
}

/** Types over what a field says, key by key, as a hand does: a field that loses the focus in between is found out. */
export async function typeInto(input: Locator, text: string): Promise<void> {
	await input.focus();
	await input.press('Control+a');
	if (text === '') await input.press('Delete');
	else await input.page().keyboard.type(text);
}

/** Types into a field of the shot and leaves it. */
export async function type(page: Page, label: string, text: string): Promise<void> {
	const input = label in ASKED_UNDER ? await shotField(page, label) : field(page, label);
	await typeInto(input, text);
	await input.blur();
}

/** Chooses something in the settings, which hold the units and the look. */
export async function setting(page: Page, label: RegExp, option: string): Promise<void> {
	await page.getByRole('button', { name: 'Settings' }).click();
	await page.getByLabel(label).selectOption(option);
	await page.keyboard.press('Escape');
	await expect(page.getByLabel(label)).toHaveCount(0);
}

/** A first visit: three numbers and a button. */
export async function firstCall(page: Page): Promise<void> {
	await page.goto('/');
	await page.getByRole('button', { name: 'Draw this shot' }).click();
	await sampled(page);
}

/** Opens a view: the first by its address, any other as a link does, without loading the app anew; the one that is open is loaded again. */
export async function visit(page: Page, path: string): Promise<void> {
	const before = page.url();
	const isAnother =
		before !== 'about:blank' && new URL(path, before).pathname !== new URL(before).pathname;
	if (!isAnother) {
		await page.goto(path);
		return;
	}
	await page.evaluate((href) => {
		const link = document.createElement('a');
		link.href = href;
		document.body.append(link);
		link.click();
		link.remove();
	}, path);
	await page.waitForURL((url) => url.href !== before);
}

/** Takes the demo's data in, as anybody would. */
export async function takeDemoIn(page: Page): Promise<void> {
	await visit(page, '/data');
	await page.getByLabel('Read an archive').setInputFiles('static/demo/quarry-academy.json');
	await expect(page.getByRole('row', { name: /Added .* Ida Brenner/ })).toBeVisible();
	await page.getByRole('button', { name: 'Take it in' }).click();
	await expect(page.getByText(/^Imported: \d+ new, 0 replaced\.$/)).toBeVisible();
}

/** What a browser holds once the demo's data have been taken in: written by `demo.setup.ts`. */
export const DEMO_HELD = 'test-results/demo.json';

/** Goes on from where the demo's data have been taken in; no page is open yet. */
export async function readDemo(page: Page): Promise<void> {
	await page.context().setStorageState(DEMO_HELD);
}

/** Who plays, in the header. */
export const whoPlays = (page: Page) => page.getByRole('combobox', { name: 'Who plays' });

/** The app is on the device once its worker has kept every file of it. */
export async function onDevice(page: Page): Promise<void> {
	await page.evaluate(async () => {
		await navigator.serviceWorker.ready;
		while (!navigator.serviceWorker.controller)
			await new Promise((resolve) => setTimeout(resolve, 50));
	});
}
