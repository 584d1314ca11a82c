import { expect, test, type Page } from '@playwright/test';
import {
	answered,
	ask,
	call,
	field,
	firstCall,
	readDemo,
	sampled,
	setting,
	shotField,
	whoPlays,
	typeInto
} from './screen';

const cell = (page: Page, name: RegExp) => page.getByRole('button', { name });

test('a newcomer is “You” without being asked, and types first carries that the call then uses', async ({
	page
}) => {
	await firstCall(page);
	await expect(whoPlays(page).locator('option')).toHaveText(['You']);
	await page.getByRole('link', { name: 'Bag', exact: true }).click();
	await expect(page.getByText('Nothing is measured yet')).toBeVisible();
	await cell(page, /^SW, 8 o’clock: not measured/).click();
	const carries = page.getByLabel('Carries in m');
	for (const [text, problem] of [
		['0', 'is no carry'],
		['400', 'is no carry'],
		['far', 'no number in it']
	] as const) {
		await typeInto(carries, text);
		await page.getByRole('button', { name: 'Add as balls' }).click();
		await expect(page.getByRole('alert')).toContainText(problem);
		await expect(carries).toHaveValue(text);
	}
	await typeInto(carries, '14, 15, 13');
	await page.keyboard.press('Enter');
	await expect(page.getByText('3 balls count')).toBeVisible();
	await page.getByRole('button', { name: 'Close' }).click();
	await expect(cell(page, /^SW, 8 o’clock: 14\.0 m, 3 balls/)).toBeVisible();
	await cell(page, /^SW, 9 o’clock: not measured/).click();
	await typeInto(carries, '4');
	await page.getByRole('button', { name: 'This is what it carries' }).click();
	await page.getByRole('button', { name: 'Close' }).click();
	await expect(cell(page, /^SW, 9 o’clock: 4\.0 m, stated, does not fit/)).toBeVisible();
	await expect(page.getByText(/9 o’clock SW does not fit the swing beside it/)).toBeVisible();
	await page.locator('body').press('Control+z');
	await expect(cell(page, /^SW, 9 o’clock: not measured/)).toBeVisible();
	await page.reload();
	await expect(cell(page, /^SW, 8 o’clock: 14\.0 m, 3 balls/)).toBeVisible();
	await page.getByRole('link', { name: 'Shot', exact: true }).click();
	await sampled(page);
	await page.getByTestId('ladder').getByRole('button', { name: /SW/ }).first().click();
	await page.getByRole('tab', { name: 'Setup' }).click();
	await expect(page.getByText(/\(yours\)/)).toBeVisible();
});

test('the same shot is called differently for three pupils, and it is said why', async ({
	page
}) => {
	test.setTimeout(180_000);
	await readDemo(page);
	await page.goto('/saved');
	await page.getByRole('combobox', { name: 'Lie', exact: true }).selectOption('Fairway');
	await page
		.getByRole('link', { name: 'Open Kiln green: short-sided over sand', exact: true })
		.click();
	await sampled(page);
	await expect(whoPlays(page).locator('option:checked')).toHaveText('Ida Brenner');
	const calls = [await call(page).textContent()];
	for (const name of ['Ruth Amsel', 'Kaspar Lindqvist']) {
		await whoPlays(page).selectOption({ label: name });
		await expect(page.getByTestId('switched')).toContainText(`${name}`);
		await sampled(page);
		await expect(page.getByTestId('switched')).toContainText(/of a stroke (more|less)\./);
		calls.push(await call(page).textContent());
	}
	expect(new Set(calls).size).toBe(3);
	await page.getByRole('button', { name: 'Undo', exact: true }).click();
	await expect(whoPlays(page).locator('option:checked')).toHaveText('Ruth Amsel');
});

test('a saved shot is copied for another pupil by keys, said, and taken back', async ({ page }) => {
	await readDemo(page);
	await page.goto('/saved');
	const copies = page.getByRole('link', { name: 'Open Kiln green: from the sand (Tomas Vell)' });
	await page
		.getByRole('button', { name: 'Copy Kiln green: from the sand for another pupil' })
		.press('Enter');
	await page.keyboard.press('Tab');
	await expect(page.locator('[popover]:popover-open button').first()).toBeFocused();
	await page.getByRole('button', { name: 'Tomas Vell', exact: true }).press('Enter');
	await expect(copies).toBeVisible();
	await page.getByRole('button', { name: 'Undo', exact: true }).click();
	await expect(copies).toHaveCount(0);
});

test('a pupil is added, changed with undo, put away, removed and brought back; the last one stays', async ({
	page
}) => {
	await page.goto('/pupils');
	await page.getByRole('button', { name: 'Remove You' }).click();
	await expect(page.getByText('You is the only pupil')).toBeVisible();
	await page.getByRole('button', { name: 'Add a pupil' }).click();
	await expect(page.getByRole('heading', { level: 1, name: 'Pupil 2' })).toBeVisible();
	await typeInto(field(page, 'Name'), 'Nina Sorrel');
	await field(page, 'Name').blur();
	await expect(page.getByRole('heading', { level: 1, name: 'Nina Sorrel' })).toBeVisible();
	await typeInto(field(page, 'Handicap'), '-2');
	await typeInto(page.getByLabel('What to mind'), 'left wrist');
	await page.getByLabel('What to mind').blur();
	await page.getByRole('button', { name: 'Undo', exact: true }).click();
	await expect(page.getByLabel('What to mind')).toHaveValue('');
	await page.getByRole('button', { name: 'Redo', exact: true }).click();
	await page.getByRole('button', { name: 'Nina Sorrel plays' }).click();
	await page.goto('/');
	await page.getByRole('button', { name: 'Draw this shot' }).click();
	await sampled(page);
	await ask(page, 'Who plays');
	await expect(page.getByText('Mind: left wrist')).toBeVisible();
	await expect(field(page, 'Handicap')).toHaveValue('−2');
	const before = await call(page).innerText();
	await typeInto(field(page, 'Handicap'), '28');
	await expect(call(page)).not.toHaveText(before, { useInnerText: true });
	await sampled(page);
	await answered(page);
	await page.getByRole('link', { name: 'Pupils' }).click();
	await typeInto(page.getByRole('searchbox'), 'wrist');
	await expect(page.getByRole('rowheader')).toHaveCount(1);
	await page.getByRole('button', { name: 'Remove Nina Sorrel' }).click();
	await expect(page.getByText('Nobody is called that.')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('link', { name: 'Nina Sorrel' })).toBeVisible();
});

test('clubs are renamed, put in order by keyboard, retired and brought back', async ({ page }) => {
	await page.goto('/bag');
	await page.getByRole('tab', { name: 'Clubs' }).click();
	const name = field(page, 'Name of GW');
	await typeInto(name, 'SW');
	await name.blur();
	await expect(page.getByText('Another club in this bag is called SW')).toBeVisible();
	await expect(name).toHaveValue('GW');
	await page.getByRole('button', { name: 'Move LW: space, then arrow keys' }).focus();
	await page.keyboard.press('Space');
	await expect(page.getByText('Started dragging item LW')).toBeAttached();
	await page.keyboard.press('ArrowUp');
	await page.keyboard.press('Space');
	await expect(page.getByRole('status').filter({ hasText: 'Is that meant' })).toContainText(
		'SW (56°) stands after LW (60°). Is that meant?'
	);
	await page.getByRole('button', { name: 'Put in order' }).click();
	await expect(page.getByRole('button', { name: 'Put in order' })).toHaveCount(0);
	await page.getByRole('button', { name: 'Retire the GW' }).click();
	await page.getByText('Retired: 1, with what was measured').click();
	await page.getByRole('button', { name: 'Put the GW back in the bag' }).click();
	await expect(name).toBeVisible();
});

test('two tabs keep what each changed of one bag', async ({ page, context }) => {
	await page.goto('/bag');
	await page.getByRole('tab', { name: 'Clubs' }).click();
	const other = await context.newPage();
	await other.goto('/bag');
	await other.getByRole('tab', { name: 'Clubs' }).click();
	await typeInto(field(page, 'Loft of SW'), '55');
	await typeInto(field(other, 'Loft of LW'), '59');
	await expect(field(page, 'Loft of LW')).toHaveValue('59.0');
	await expect(field(other, 'Loft of SW')).toHaveValue('55.0');
	await other.close();
});

test('units belong to the screen, whoever plays', async ({ page }) => {
	await readDemo(page);
	await page.goto('/bag');
	await expect(page.getByText('Carry in m')).toBeVisible();
	await whoPlays(page).selectOption({ label: 'Tomas Vell' });
	await expect(page.getByText('Carry in m')).toBeVisible();
	await setting(page, /^Units/, 'feet');
	await expect(page.getByText('Carry in ft')).toBeVisible();
	await page.reload();
	await expect(page.getByText('Carry in ft')).toBeVisible();
	await page.getByRole('link', { name: 'Shot', exact: true }).click();
	await page.getByRole('button', { name: 'Draw this shot' }).click();
	await sampled(page);
	// The shot itself is the same in either.
	await expect(await shotField(page, 'Ball to edge')).toHaveValue('10');
	await setting(page, /^Units/, 'metres');
	await expect(await shotField(page, 'Ball to edge')).toHaveValue('3.0');
	await answered(page);
	await page.getByRole('link', { name: 'Pupils' }).click();
	await page.getByRole('button', { name: 'Ruth Amsel plays' }).click();
	await page.getByRole('link', { name: 'Shot', exact: true }).click();
	await sampled(page);
	await expect(whoPlays(page).locator('option:checked')).toHaveText('Ruth Amsel');
	await expect(page.getByTestId('ladder')).toContainText('Ruth Amsel');
});

test('finds the swing that is worth measuring next, and can be stopped', async ({ page }) => {
	test.setTimeout(180_000);
	await readDemo(page);
	await page.goto('/bag');
	await whoPlays(page).selectOption({ label: 'Marta Oduya' });
	await page.getByRole('button', { name: 'Find it' }).click();
	await page.getByRole('button', { name: 'Stop' }).click();
	await expect(page.getByText('Stopped. Nothing is kept of it.')).toBeVisible();
	await page.getByRole('button', { name: 'Find it' }).click();
	await expect(page.getByText(/of the saved shots calls? for it/).first()).toBeVisible({
		timeout: 120_000
	});
});

test('no figure of a bag is cut on a phone', async ({ page }) => {
	await readDemo(page);
	await page.setViewportSize({ width: 390, height: 844 });
	await page.goto('/bag');
	await page.getByRole('tab', { name: 'Clubs' }).click();
	await expect(field(page, 'Loft of SW')).toHaveValue('56.0');
	const cut = await page
		.getByRole('list', { name: 'Clubs in the bag' })
		.getByRole('textbox')
		.evaluateAll(
			(inputs) => inputs.filter((input) => input.scrollWidth > input.clientWidth).length
		);
	expect(cut, 'figures that are cut on a phone').toBe(0);
});
