import { expect, test, type Locator, type Page } from './test';
import { answered, called, readDemo, typeInto, visit } from './screen';

const TYPED = 'input:not([type]), input[type="text"], input[type="search"], textarea';
const QUESTIONS = ['Distances', 'Slope', 'In the way'];

/** Of a long list the first rows stand for all. */
const MOST = 3;

/** Types what each field says into it again, key by key, and looks whether it is there and the cursor still in it. */
async function typeEverywhere(page: Page, within: Locator, what: string): Promise<number> {
	const fields = within.locator(TYPED);
	await expect(fields.first()).toBeVisible();
	const count = Math.min(MOST, await fields.count());
	let typed = 0;
	for (let i = 0; i < count; i++) {
		const field = fields.nth(i);
		if (!(await field.isVisible()) || !(await field.isEditable())) continue;
		const numeric = (await field.getAttribute('inputmode')) === 'decimal';
		const before = await field.inputValue();
		const text = numeric ? before || '7.5' : 'Typed by hand';
		const name = (await field.getAttribute('aria-label')) ?? `field ${i + 1}`;
		await typeInto(field, text);
		await expect(field, `${what}: ${name}`).toBeFocused();
		await expect(field, `${what}: ${name}`).toHaveValue(text);
		if (!numeric) await field.fill(before);
		typed++;
	}
	return typed;
}

test('a field of any view takes what is typed, key by key, and keeps the cursor', async ({
	page
}) => {
	test.setTimeout(240_000);
	await readDemo(page);
	const main = page.getByRole('main');
	await visit(page, '/?shot=demo-7');
	await called(page);
	let typed = 0;
	for (const question of QUESTIONS) {
		await page
			.getByRole('navigation', { name: 'What is asked about the shot' })
			.getByRole('button', { name: new RegExp(`^${question}`) })
			.click();
		if (question === 'In the way') await page.getByRole('button', { name: 'Add' }).first().click();
		typed += await typeEverywhere(page, page.locator('#question'), question);
		await answered(page);
	}
	for (const path of [
		'/pupils',
		'/pupils/pupil-ida',
		'/practice/drill/landing-box',
		'/saved',
		'/ratios',
		'/rule'
	]) {
		await visit(page, path);
		typed += await typeEverywhere(page, main, path);
	}
	await visit(page, '/bag');
	await page.getByRole('tab', { name: 'Clubs' }).click();
	typed += await typeEverywhere(page, main, '/bag');
	await visit(page, '/greens/green-kiln');
	await page.getByRole('tab', { name: 'Outline' }).click();
	typed += await typeEverywhere(page, main, 'outline of a green');
	await visit(page, '/practice');
	await page.getByRole('tab', { name: 'Homework' }).click();
	await page.getByRole('button', { name: /^Give .* homework$/ }).click();
	typed += await typeEverywhere(page, main, 'homework');
	expect(typed).toBeGreaterThan(25);
});
