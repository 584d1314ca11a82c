import { expect, test, type Page } from './test';
import { accessible } from './accessible';
import { readDemo, visit } from './screen';

// The pictures are drawn by software here, and nobody looks: a quarter of the points.
test.use({ deviceScaleFactor: 0.5 });

const step = (page: Page, name: string) => page.locator(`fieldset[data-step=${name}]`);
const verdict = (page: Page) =>
	page.getByRole('region', { name: 'What came of it' }).getByRole('status');

/** Answers all seven steps by keys alone: the first button, or a few presses on a slider. */
async function readByKeys(page: Page): Promise<void> {
	for (const name of ['lie', 'height', 'landing', 'ratio', 'club', 'swing', 'aim']) {
		await expect(step(page, name)).toBeVisible();
		const slider = step(page, name).getByRole('slider');
		if ((await slider.count()) > 0) {
			await slider.focus();
			for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowRight');
		}
		await step(page, name).getByRole('button').first().focus();
		await page.keyboard.press('Enter');
	}
}

test('shots are read by keys alone, judged, kept and told apart by step', async ({ page }) => {
	test.setTimeout(120_000);
	await readDemo(page);
	await page.goto('/practice');
	await page.getByRole('link', { name: 'Read a shot, without a ball' }).click();
	// Five minutes on one's own greens: a whole shot, then the step that is due.
	await page.getByLabel('Shots').selectOption('greens');
	await page.getByRole('button', { name: 'Sit down for five minutes' }).click();
	await expect(page.getByTestId('sitting-clock')).toHaveText(/^4:5\d/);
	await expect(page.getByText(/(Kiln|Ledge|Spoil-heap) green/).first()).toBeVisible();
	// What a screen reader is told of a step.
	await expect(step(page, 'lie')).toMatchAriaSnapshot(`
		- group /How does it come out of this lie/:
		  - button /As from short grass/
		  - button /^Shorter/
		  - button /^Less spin/
		  - button /^On the sand/
	`);
	// The demo's pupil has read some before.
	const before = 26;
	await readByKeys(page);
	await expect(verdict(page)).toBeVisible({ timeout: 30_000 });
	await expect(page.getByText(`${before + 1} shots read, now`)).toBeVisible();
	const rows = page.getByRole('region', { name: 'What came of it' }).getByRole('row');
	await expect(rows).toHaveCount(8);
	await expect(page.getByRole('table').first()).toMatchAriaSnapshot(`
		- table:
		  - rowgroup:
		    - row "Step You Best Cost"
	`);
	await expect(page.getByText(/1 shot read: \d of 7 steps right/)).toBeVisible();
	await page.getByRole('button', { name: 'Next shot' }).press('Enter');
	await expect(page.locator('fieldset[data-step]')).toBeVisible({ timeout: 30_000 });
	await page.getByRole('button', { name: 'Stop', exact: true }).click();
	await page.reload();
	await expect(page.getByText(`${before + 1} shots read, now`)).toBeVisible();
	// One step alone, of a shot that somebody saved.
	await page.getByLabel('Shots').selectOption('saved');
	await page.getByLabel('What is asked').selectOption('ratio');
	await step(page, 'ratio').getByRole('button', { name: '1 : 2', exact: true }).click();
	await expect(verdict(page)).toBeVisible({ timeout: 30_000 });
	await expect(page.getByRole('region', { name: 'What came of it' }).getByRole('row')).toHaveCount(
		2
	);
});

test.describe('on a phone', () => {
	test.use({ viewport: { width: 390, height: 844 } });

	test('a shot is read by thumb, and the eye alone is judged', async ({ page }) => {
		test.setTimeout(120_000);
		await readDemo(page);
		await page.goto('/practice/trainer');
		await page.getByRole('button', { name: 'Walk to the hole and count' }).click();
		await expect(page.getByTestId('walked')).toContainText('to the hole');
		await page.getByRole('button', { name: 'As from short grass' }).click();
		await page.getByRole('button', { name: 'High', exact: true }).click();
		const before = await step(page, 'landing').getByRole('slider').inputValue();
		// A touch of the ground in the picture moves the mark; a drag walks and does not.
		const picture = page.getByRole('application');
		await picture.scrollIntoViewIfNeeded();
		const box = (await picture.boundingBox())!;
		await page.mouse.click(box.x + box.width / 2, box.y + box.height * 0.72);
		await expect(step(page, 'landing').getByRole('slider')).not.toHaveValue(before);
		await page.getByRole('button', { name: 'There' }).click();
		await page.getByRole('button', { name: '1 : 1', exact: true }).click();
		await step(page, 'club').getByRole('button').last().click();
		await step(page, 'swing').getByRole('button').nth(4).click();
		await page.getByRole('button', { name: 'That is the line' }).click();
		await expect(verdict(page)).toBeVisible({ timeout: 30_000 });
		await accessible(page, 'the trainer on a phone');

		await page.getByRole('tab', { name: 'Single looks' }).click();
		await page.getByRole('slider', { name: 'Slope' }).fill('2');
		await page.getByRole('button', { name: 'Fairly sure' }).click();
		await expect(page.getByText(/^(Right|No): /)).toBeVisible();
		await expect(page.getByText('“Fairly sure”:')).toBeVisible();
	});
});

test('the picture survives the loss of its graphics, walks by keys, and is accessible with a shot, too', async ({
	page
}) => {
	await readDemo(page);
	await page.goto('/practice/trainer');
	const picture = page.getByRole('application');
	await expect(picture.locator('canvas')).toBeVisible();
	const lose = () =>
		page.evaluate(() => {
			const context = document.querySelector('canvas')!.getContext('webgl2')!;
			const extension = context.getExtension('WEBGL_lose_context')!;
			(window as unknown as { back: () => void }).back = () => extension.restoreContext();
			extension.loseContext();
		});
	const colours = () =>
		page.evaluate(() => {
			const canvas = document.querySelector('canvas')!;
			const small = document.createElement('canvas');
			small.width = small.height = 16;
			const context = small.getContext('2d')!;
			context.drawImage(canvas, 0, 0, 16, 16);
			return new Set(context.getImageData(0, 0, 16, 16).data).size;
		});
	await expect.poll(colours).toBeGreaterThan(20);
	await lose();
	await expect(page.getByText('it comes back by itself')).toBeVisible();
	await page.evaluate(() => (window as unknown as { back: () => void }).back());
	await expect(page.getByText('it comes back by itself')).toBeHidden();
	await expect.poll(colours).toBeGreaterThan(20);
	await page.getByRole('button', { name: 'Low side' }).click();
	await picture.focus();
	await page.keyboard.press('ArrowLeft');
	await expect(page.getByRole('button', { name: 'Low side' })).toHaveAttribute(
		'aria-pressed',
		'false'
	);
	await visit(page, '/saved');
	await page.getByRole('link', { name: 'Open' }).first().click();
	await page.getByRole('button', { name: 'From behind the ball' }).click();
	await expect(page.getByRole('application', { name: /as the eye meets it/ })).toBeVisible();
	await accessible(page, 'a shot from behind the ball');
});

test('an exam goes out as a file, is taken elsewhere and comes back with its answers', async ({
	page,
	browser
}) => {
	test.setTimeout(120_000);
	await readDemo(page);
	await page.goto('/practice/trainer');
	await page.getByRole('tab', { name: 'Exams' }).click();
	const exams = page.getByRole('region', { name: 'Exams' });
	// For nobody there is none.
	await exams.getByRole('button', { name: 'Set it' }).click();
	await expect(exams.getByRole('alert')).toContainText('for whom');
	await exams.getByLabel('Its name').fill('Before the winter');
	await exams.getByLabel('How many').selectOption('5');
	await exams.getByLabel('How hard').selectOption('easy');
	await exams.getByRole('checkbox', { name: 'Ida Brenner' }).check();
	await exams.getByRole('button', { name: 'Set it' }).click();
	const exam = exams.getByRole('article', { name: 'Before the winter' });
	await expect(exam).toContainText('Ida Brenner: not begun');
	const out = page.waitForEvent('download');
	await exam.getByRole('button', { name: 'File' }).click();
	const sent = await (await out).path();

	const context = await browser.newContext({ serviceWorkers: 'block' });
	const pupil = await context.newPage();
	await pupil.goto('/practice/trainer');
	await pupil.getByRole('tab', { name: 'Exams' }).click();
	await pupil.getByLabel('Open the file of an exam').setInputFiles(sent);
	await expect(pupil.getByText('is here: take it below')).toBeVisible();
	await pupil.getByRole('tab', { name: 'Exams' }).click();
	await pupil.getByRole('button', { name: 'Take it as Ida Brenner' }).click();
	await expect(pupil.getByTestId('exam-clock')).toBeVisible();
	await readByKeys(pupil);
	await expect(verdict(pupil)).toBeVisible({ timeout: 30_000 });
	await expect(pupil.getByText('4 of 5 to go')).toBeVisible();
	await pupil.getByRole('button', { name: 'Next shot' }).click();
	await pupil.getByRole('button', { name: 'Leave it' }).click();
	await expect(pupil.getByRole('article')).toContainText('1 of 5');
	const back = pupil.waitForEvent('download');
	await pupil.getByRole('article').getByRole('button', { name: 'File' }).click();
	const answers = await (await back).path();

	await page.getByLabel('Open the file of an exam').setInputFiles(answers);
	await expect(page.getByText('came back with 1 answer')).toBeVisible();
	await expect(exam).toContainText('Ida Brenner: 1 of 5');
	await accessible(page, 'exams');
	await context.close();
});
