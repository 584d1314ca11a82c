import { expect, test, type Page } from './test';
import { called, readDemo, visit } from './screen';

/** How often a thumb comes down or a key is pressed for a task. What it took before is said beside each. */
class Counted {
	count = 0;
	constructor(readonly page: Page) {}

	async tap(name: string | RegExp, role: 'button' | 'link' | 'tab' = 'button'): Promise<void> {
		this.count++;
		await this.page
			.getByRole(role, typeof name === 'string' ? { name, exact: true } : { name })
			.first()
			.tap();
	}

	async press(key: string): Promise<void> {
		this.count++;
		await this.page.keyboard.press(key);
	}
}

test.describe('by a thumb on 390 pixels', () => {
	test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

	test('a first call, another lie, a speed noted and a drill of six', async ({ page }) => {
		test.setTimeout(120_000);
		await page.goto('/');
		await expect(page.getByTestId('first-call')).toContainText(/land it|roll it/);
		const first = new Counted(page);
		await first.tap('Draw this shot');
		await called(page);
		expect(first.count, 'first call, drawn').toBe(1);

		const lie = new Counted(page);
		await lie.tap(/^How it lies/);
		lie.count++;
		await page.getByText('Semi-rough', { exact: true }).tap();
		await called(page);
		expect(lie.count, 'another lie').toBe(2);
		await page.getByRole('button', { name: 'Done' }).tap();

		// Before: a green had to be surveyed first.
		const speed = new Counted(page);
		await speed.tap(/^Green/);
		await speed.tap('Judge by eye');
		speed.count++;
		const dialog = page.getByRole('dialog', { name: 'Judge the green by eye' });
		await dialog.getByRole('button', { name: 'Green speed: more' }).tap();
		await speed.tap('Keep it');
		await expect(page.getByRole('button', { name: /^Green 10\.5 ft/ })).toBeVisible();
		expect(speed.count, 'speed noted from the shot').toBe(4);
		await page.getByRole('button', { name: 'Put this message away' }).tap();
		await page.getByRole('button', { name: 'Done' }).tap();

		// Before: the button to start lay below three screens.
		const drill = new Counted(page);
		await drill.tap('Practice', 'link');
		await drill.tap(/Rehearse to the spot/, 'link');
		const start = page.getByRole('button', { name: /^Start( with|$)/ });
		await expect(start).toBeInViewport();
		await drill.tap(/^Start( with|$)/);
		const green = page.getByRole('application');
		for (let ball = 0; ball < 6; ball++) {
			drill.count++;
			await green.tap({ position: { x: 180 + ball, y: 150 } });
		}
		await drill.tap('End the session');
		await expect(page.getByText(/of 6 .*as meant/)).toBeVisible();
		expect(drill.count, 'drill of six landings').toBe(10);
	});

	test('homework out as a message, for the pupil in the address', async ({ page, context }) => {
		await context.grantPermissions(['clipboard-read', 'clipboard-write']);
		await readDemo(page);
		await page.goto('/practice?pupil=pupil-marta');
		await expect(page.getByTestId('plays-now')).toContainText('Marta Oduya');
		const out = new Counted(page);
		await out.tap('Homework', 'tab');
		await out.tap('Give Marta Oduya homework');
		await out.tap('Give it');
		await out.tap('Message');
		await expect
			.poll(() => page.evaluate(() => navigator.clipboard.readText()))
			.toMatch(/Marta Oduya[\s\S]*8 balls/);
		expect(out.count, 'homework out').toBe(4);
	});
});

test('a pupil in the address plays, a running session keeps its pupil, and what a save replaced can be had back', async ({
	page
}) => {
	await readDemo(page);
	await page.goto('/pupils/pupil-marta');
	await expect(page.getByRole('combobox', { name: 'Who plays' })).toHaveValue('pupil-ida');
	await page.getByRole('link', { name: /^Bag:/ }).click();
	await expect(page.getByRole('heading', { name: 'The bag of Marta Oduya' })).toBeVisible();
	await page
		.getByTestId('plays-now')
		.getByRole('button', { name: /^Back to/ })
		.click();
	await expect(page.getByRole('combobox', { name: 'Who plays' })).toHaveValue('pupil-ida');
	await visit(page, '/practice/drill/sole-on-turf?pupil=pupil-marta');
	await page.getByRole('button', { name: 'Start with Marta Oduya' }).click();
	await expect(page.getByRole('heading', { name: 'Sole on the turf' })).toBeVisible();
	await page.getByRole('combobox', { name: 'Who plays' }).selectOption({ label: 'Ida Brenner' });
	await page.getByRole('button', { name: 'A ball is hit' }).click();
	await page.getByRole('button', { name: 'End the session' }).click();
	await expect(
		page.getByRole('heading', { name: 'What it changes in the bag of Marta Oduya' })
	).toBeVisible();
	await test.step('what a save replaced can be had back, and a new shot leaves the old one as it is', async () => {
		await visit(page, '/?shot=demo-3');
		await called(page);
		await page.locator('body').press('n');
		await expect(page.getByRole('textbox', { name: 'Name of the shot' })).toHaveValue('');
		await page.getByRole('button', { name: 'Back to the one before' }).click();
		await expect(page.getByRole('textbox', { name: 'Name of the shot' })).toHaveValue(
			'Kiln green: short-sided over sand'
		);
		await page.getByRole('button', { name: /^Distances/ }).click();
		await page.getByRole('button', { name: 'Edge to pin: more' }).click();
		await expect(page.getByText('Changed since it was saved')).toBeVisible();
		await page.keyboard.press('Control+s');
		await page.getByRole('button', { name: 'Have the old one back' }).click();
		await expect(page.getByText('is as it was.').first()).toBeVisible();
		await visit(page, '/saved');
		const kept = page.getByRole('row').filter({
			has: page.getByRole('textbox', {
				name: 'Name of Kiln green: short-sided over sand',
				exact: true
			})
		});
		await expect(kept).toContainText('4.5 m');
	});
	await test.step('by keys from Start to the first ball, and four clubs by four keys each', async () => {
		await visit(page, '/practice/drill/landing-box');
		const clubs = page.getByRole('group', { name: 'Clubs of this drill' });
		for (const club of ['LW', 'SW', 'PW', '9i'])
			await clubs.getByRole('button', { name: club, exact: true }).click();
		await expect(clubs.getByRole('button', { pressed: true })).toHaveText(['9i', 'PW', 'SW', 'LW']);
		const start = page.getByRole('button', { name: /^Start( with|$)/ });
		await start.focus();
		const keys = new Counted(page);
		await keys.press('Enter');
		await expect(page.getByRole('application')).toBeFocused();
		await keys.press('ArrowUp');
		await expect(page.getByText(/The cross is 3\.1 m out/)).toBeVisible();
		await keys.press('Enter');
		await keys.press('Enter');
		await expect(page.getByTestId('now')).toContainText('2 of 4');
		// Before: 52.
		expect(keys.count, 'from Start to the first ball').toBe(4);
	});
});
