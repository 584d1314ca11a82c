import { expect, test, type Page } from './test';
import { accessible } from './accessible';
import { called, readDemo, sampled, visit, whoPlays } from './screen';

const playedIt = (page: Page) => page.getByRole('button', { name: 'Played it' });
const sheet = (page: Page) => page.getByRole('dialog');
const rows = (page: Page) => page.getByRole('row').filter({ has: page.getByRole('checkbox') });

test('a shot is noted beside its forecast, taken back, and noted by keys with another club than the call', async ({
	page
}) => {
	await readDemo(page);
	await visit(page, '/?shot=demo-1');
	await sampled(page);
	await playedIt(page).click();
	await expect(sheet(page).getByRole('status').last()).toHaveText('Touch where it landed.');
	await accessible(page, 'the sheet of a result');
	await sheet(page).getByRole('button', { name: 'Holed' }).click();
	await sheet(page).getByRole('button', { name: 'Keep it' }).click();
	// The shot has an Undo of its own; the message's comes before it.
	await expect(page.getByText('Noted in the log.').first()).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).first().click();

	await playedIt(page).focus();
	await page.keyboard.press('Enter');
	const way = sheet(page).getByLabel('Played with');
	await way.focus();
	const last = (await way.locator('option').last().textContent())!;
	expect(last).toContain('not forecast');
	for (const key of ['ArrowDown', 'End', 'Enter']) await page.keyboard.press(key);
	await expect(sheet(page).getByText('held against no forecast')).toBeVisible();
	await sheet(page).getByRole('application').focus();
	await page.keyboard.press('ArrowUp');
	await page.keyboard.press('Enter');
	await expect(sheet(page).getByRole('status').last()).toHaveText('Touch where it stopped.');
	await page.keyboard.press('Enter');
	await sheet(page).getByText('Strike, lie, day, places, notes').press('Enter');
	const stopped = sheet(page).getByRole('textbox', { name: 'Stopped, from the ball' });
	await stopped.press('Control+a');
	await page.keyboard.type('14');
	await page.keyboard.press('Tab');
	await sheet(page).getByRole('textbox', { name: 'Notes' }).fill('=from a path');
	await page.keyboard.press('Tab');
	await sheet(page).getByRole('button', { name: 'Keep it' }).press('Enter');
	await visit(page, '/log');
	const first = rows(page).first();
	await expect(first).toContainText('Ledge green: bump-and-run from short grass');
	await expect(first).toContainText(last.replace(', not forecast', ''));
	await expect(first).toContainText('=from a path');
	await expect(first).toContainText('called');
	await expect(first).toContainText('4.0 m');
	await expect(page.getByText('57 shots')).toBeVisible();
});

test('the journal is filtered, searched, changed and cleared with a way back, and a bias of the forecast is found and corrected', async ({
	page
}) => {
	test.setTimeout(120_000);
	await test.step('a round is named, and its shots become practice when it goes', async () => {
		await readDemo(page);
		await visit(page, '/log');
		const where = page.getByLabel('Round or practice');
		await where.selectOption({ index: 3 });
		const name = page.getByRole('textbox', { name: 'Where the round was' });
		await name.fill('Over the old quarry');
		await name.blur();
		await expect(rows(page).first()).toContainText('Over the old quarry');
		await page.getByRole('button', { name: 'Remove the round' }).click();
		await expect(page.getByText(/Removed the round; its 8 shots stay/)).toBeVisible();
		await expect(page.getByText('56 shots')).toBeVisible();
		await page.getByRole('button', { name: 'Undo' }).click();
		await expect(rows(page).first()).toContainText('Over the old quarry');
	});
	await page.getByLabel('Round or practice').selectOption({ index: 0 });
	await expect(page.getByText('56 shots')).toBeVisible();
	await page.getByLabel('Whose').selectOption({ label: 'Everybody' });
	await expect(page.getByText('111 shots')).toBeVisible();
	await page.getByText(/^Club, lie, green/).click();
	await page.getByLabel('Lie').selectOption({ label: 'Semi-rough' });
	await page.getByLabel('Strike').selectOption({ label: 'Heavy' });
	await expect.poll(() => rows(page).count()).toBeLessThan(30);
	for (const text of await rows(page).allInnerTexts()) {
		expect(text).toContain('Semi-rough');
		expect(text).toContain('heavy');
	}
	await page.getByRole('button', { name: 'Show all again' }).click();
	await page.getByLabel('Search').fill('club evening');
	await expect(page.getByText(/^\d+ shots$/)).not.toHaveText('111 shots');
	await page.getByLabel('Search').fill('nothing of the kind');
	await expect(page.getByText('No shot is like that.')).toBeVisible();
	await page.getByLabel('Search').fill('');

	await rows(page)
		.first()
		.getByRole('button', { name: /^Change/ })
		.click();
	await sheet(page).getByText('Strike, lie, day, places, notes').click();
	await sheet(page)
		.getByLabel('Round', { exact: true })
		.selectOption({ label: 'A new round on this day' });
	await sheet(page).getByRole('button', { name: 'Toe', exact: true }).click();
	await sheet(page).getByRole('button', { name: 'Keep the change' }).click();
	await expect(rows(page).first()).toContainText('toe');
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(rows(page).first()).not.toContainText('toe');

	await page.getByRole('button', { name: 'Pick all' }).click();
	await expect(page.getByText('111 shots, 111 picked')).toBeVisible();
	await page.getByRole('button', { name: 'Remove them' }).click();
	await expect(page.getByText(/^Nothing is noted yet/)).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByText('111 shots')).toBeVisible();
	await page.reload();
	await page.getByLabel('Whose').selectOption({ label: 'Everybody' });
	await expect(page.getByText('111 shots')).toBeVisible();
	await test.step('a bias from the rough is found, corrected and taken back; a handful says nothing', async () => {
		await visit(page, '/log');
		await page.getByRole('tab', { name: 'Forecast' }).click();
		const found = page.getByText(
			/^From semi-rough the ball flies \d+ % less far than the swing says/
		);
		await expect(found).toBeVisible();
		// What a shot came to chooses neither what is judged nor what is corrected.
		const judged = await page.getByText(/balls ended inside the ring/).innerText();
		await page.getByText(/^Club, lie, green/).click();
		await page.getByLabel('Result').selectOption({ label: 'Left over 3 m' });
		await expect(page.getByText(/whoever picks results/)).toBeVisible();
		await expect(page.getByText(judged)).toBeVisible();
		await page.getByLabel('Lie').selectOption({ label: 'Fairway' });
		await expect(page.getByText(judged)).toHaveCount(0);
		await expect(found).toBeVisible();
		await page.getByRole('button', { name: 'Show all again' }).click();
		// What would change takes its time, and can be stopped and begun again.
		await page.getByRole('button', { name: 'What would change' }).click();
		await expect(page.getByText(/^Working them out, [1-9]/)).toBeVisible();
		await page.getByRole('button', { name: 'Stop', exact: true }).click();
		await expect(page.getByRole('button', { name: 'Compare the calls' })).toBeVisible();
		await page.getByRole('button', { name: 'Correct the plans' }).click();
		await expect(page.getByText(/The plans of Ida Brenner are corrected since/)).toBeVisible();
		await expect(found).toHaveCount(0);
		await page.reload();
		await page.getByRole('tab', { name: 'Forecast' }).click();
		await expect(page.getByText('Nothing speaks for a correction.')).toBeVisible();
		await page.getByRole('button', { name: 'Take it back' }).click();
		await expect(page.getByText(/are corrected since/)).toHaveCount(0);
		await expect(page.getByText(/strike and putting are still those of the skill/)).toBeVisible();

		await whoPlays(page).selectOption({ label: 'Marta Oduya' });
		await page.getByLabel('Whose').selectOption({ label: 'Marta Oduya' });
		await expect(
			page.getByText('7 balls say nothing yet: from 12 on the forecast is judged.')
		).toBeVisible();
		await expect(page.getByText('Nothing speaks for a correction.')).toBeVisible();
		await page.getByRole('tab', { name: 'Scores' }).click();
		await page.getByLabel('Beside').selectOption({ label: 'Pell Draycott' });
		await expect(page.getByRole('columnheader', { name: 'Pell Draycott' })).toBeVisible();
		await page.getByLabel('By', { exact: true }).selectOption({ label: 'Slope' });
		await expect(page.getByRole('rowheader', { name: 'Level', exact: true })).toBeVisible();
		await page.getByRole('tab', { name: 'Shots' }).click();
		const lies = await rows(page).first().innerText();
		await rows(page)
			.first()
			.getByRole('button', { name: /^Change/ })
			.click();
		await sheet(page).getByRole('link', { name: 'Ask it again' }).click();
		await called(page);
		await expect(whoPlays(page).locator('option:checked')).toHaveText('Marta Oduya');
		const [, edge] = /· (\d+\.\d) \S+ \+/.exec(lies)!;
		await expect(page.getByRole('button', { name: /^Distances/ })).toContainText(`${edge} +`);
	});
});
