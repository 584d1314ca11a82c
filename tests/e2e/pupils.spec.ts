import { expect, test, type Page } from './test';
import {
	answered,
	ask,
	call,
	called,
	field,
	firstCall,
	readDemo,
	sampled,
	setting,
	shotField,
	typeInto,
	visit,
	whoPlays
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
	await typeInto(carries, 'far');
	await page.getByRole('button', { name: 'Add as balls' }).click();
	await expect(page.getByRole('alert')).toContainText('no number in it');
	await expect(carries).toHaveValue('far');
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
	await called(page);
	await page.getByTestId('ladder').getByRole('button', { name: /SW/ }).first().click();
	await page.getByRole('tab', { name: 'Setup' }).click();
	await expect(page.getByText(/\(yours\)/)).toBeVisible();
});

test('pupils are called differently and told why, share saved shots and the units of the screen, and learn what to measure', async ({
	page
}) => {
	test.setTimeout(180_000);
	await readDemo(page);
	await page.goto('/saved');
	await test.step('a saved shot is copied for another pupil by keys, said, and taken back', async () => {
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
	await test.step('one shot is called differently for three', async () => {
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
	await test.step('units belong to the screen, whoever plays', async () => {
		await visit(page, '/bag');
		await expect(page.getByText('Carry in m')).toBeVisible();
		await whoPlays(page).selectOption({ label: 'Tomas Vell' });
		await expect(page.getByText('Carry in m')).toBeVisible();
		await setting(page, /^Units/, 'feet');
		await expect(page.getByText('Carry in ft')).toBeVisible();
		await page.reload();
		await expect(page.getByText('Carry in ft')).toBeVisible();
		await page.getByRole('link', { name: 'Shot', exact: true }).click();
		await called(page);
		// The shot itself is the same in either.
		const feet = Number(await (await shotField(page, 'Ball to edge')).inputValue());
		await setting(page, /^Units/, 'metres');
		const metres = Number(await (await shotField(page, 'Ball to edge')).inputValue());
		expect(metres).toBeCloseTo(feet * 0.3048, 0);
		await answered(page);
		await page.getByRole('link', { name: 'Pupils' }).click();
		await page.getByRole('button', { name: 'Ruth Amsel plays' }).click();
		await page.getByRole('link', { name: 'Shot', exact: true }).click();
		await called(page);
		await expect(whoPlays(page).locator('option:checked')).toHaveText('Ruth Amsel');
		await expect(page.getByTestId('ladder')).toContainText('Ruth Amsel');
	});
	await test.step('the swing that is worth measuring next is found, and the search can be stopped', async () => {
		await visit(page, '/bag');
		await whoPlays(page).selectOption({ label: 'Marta Oduya' });
		await page.getByRole('button', { name: 'Find it' }).click();
		await page.getByRole('button', { name: 'Stop' }).click();
		await expect(page.getByText('Stopped. Nothing is kept of it.')).toBeVisible();
		await page.getByRole('button', { name: 'Find it' }).click();
		await expect(page.getByText(/of the saved shots calls? for it/).first()).toBeVisible({
			timeout: 120_000
		});
	});
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
	await called(page);
	await ask(page, 'Who plays');
	await expect(page.getByText('Mind: left wrist')).toBeVisible();
	await expect(field(page, 'Handicap')).toHaveValue('−2');
	const before = await call(page).innerText();
	await typeInto(field(page, 'Handicap'), '28');
	await expect(call(page)).not.toHaveText(before, { useInnerText: true });
	await called(page);
	await answered(page);
	await page.getByRole('link', { name: 'Pupils' }).click();
	await typeInto(page.getByRole('searchbox'), 'wrist');
	await expect(page.getByRole('rowheader')).toHaveCount(1);
	await page.getByRole('button', { name: 'Remove Nina Sorrel' }).click();
	await expect(page.getByText('Nobody is called that.')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('link', { name: 'Nina Sorrel' })).toBeVisible();
});

test('clubs are put in order by keyboard, and no figure of a bag is cut on a phone', async ({
	page
}) => {
	await page.goto('/bag');
	await page.getByRole('tab', { name: 'Clubs' }).click();
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
	await page.setViewportSize({ width: 390, height: 844 });
	await expect(field(page, 'Loft of SW')).toHaveValue('56.0');
	const cut = await page
		.getByRole('list', { name: 'Clubs in the bag' })
		.getByRole('textbox')
		.evaluateAll(
			(inputs) => inputs.filter((input) => input.scrollWidth > input.clientWidth).length
		);
	expect(cut, 'figures that are cut on a phone').toBe(0);
});
