import { readFileSync } from 'node:fs';
import { expect, test, type Page } from './test';
import { ask, called, field, readDemo, shotField, typeInto, visit } from './screen';

const tab = (page: Page, name: string) => page.getByRole('tab', { name, exact: true }).click();

async function openGreen(page: Page, name: string): Promise<void> {
	await readDemo(page);
	await page.goto('/greens');
	await page.getByRole('link', { name, exact: true }).click();
	await expect(field(page, 'Name of the green')).toHaveValue(name);
}

/** The surface is there when its contours are. */
async function fitted(page: Page): Promise<void> {
	await expect(page.getByText('Working out the surface …')).toBeHidden();
}

test('surveys a new green by clicking and from the keyboard, undoes, and keeps it over a reload', async ({
	page
}) => {
	await page.goto('/greens');
	await expect(page.getByText('Its speed is what matters most')).toBeVisible();
	await page.getByRole('button', { name: 'Survey a new green' }).click();
	await fitted(page);
	await tab(page, 'Survey');
	await page.getByRole('button', { name: 'Add heights' }).click();
	const map = page.getByRole('group', { name: /^Map of Green 1/ });
	const box = (await map.boundingBox())!;
	await page.mouse.click(box.x + box.width * 0.4, box.y + box.height * 0.4);
	await typeInto(field(page, 'Height'), '0.25');
	await page.mouse.click(box.x + box.width * 0.6, box.y + box.height * 0.6);
	await expect(field(page, 'Height')).toHaveValue('0.250');
	await typeInto(field(page, 'Height'), '0.1');
	await page.keyboard.press('Escape');
	await expect(page.getByRole('slider', { name: /^Spot / })).toHaveCount(2);
	const spot = page.getByRole('slider', { name: 'Spot 2', exact: true });
	const right = await spot.getAttribute('aria-valuetext');
	await spot.press('Shift+ArrowRight');
	await expect(spot).not.toHaveAttribute('aria-valuetext', right ?? '');
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(spot).toHaveAttribute('aria-valuetext', right ?? '');
	await typeInto(field(page, 'Name of the green'), 'Behind the crusher');
	await field(page, 'Name of the green').blur();
	await page.waitForTimeout(600);
	await page.reload();
	await expect(field(page, 'Name of the green')).toHaveValue('Behind the crusher');
	await tab(page, 'Survey');
	await expect(page.getByRole('row', { name: /Spot 1 0\.25 m/ })).toBeVisible();
	await test.step('corners, areas and pins from the keyboard', async () => {
		await tab(page, 'Outline');
		await expect(page.getByRole('slider', { name: /of the green$/ })).toHaveCount(16);
		await page.getByRole('slider', { name: 'Corner 1 of the green' }).press('ArrowUp');
		await page.keyboard.press('Delete');
		await expect(page.getByRole('slider', { name: /of the green$/ })).toHaveCount(15);
		await page.keyboard.press('Control+z');
		await expect(page.getByRole('slider', { name: /of the green$/ })).toHaveCount(16);
		await page.getByRole('button', { name: 'Sand' }).click();
		await expect(page.getByRole('slider', { name: 'Sand 1', exact: true })).toBeVisible();
		await typeInto(field(page, 'Far lip above the ground'), '0.6');
		await tab(page, 'Pins');
		await page.getByRole('button', { name: 'Add pins' }).click();
		await page.getByRole('group', { name: /press Enter/ }).press('Enter');
		await expect(page.getByRole('textbox', { name: 'Name of the pin' })).toHaveCount(2);
		await page.getByRole('button', { name: 'Remove pin Pin 2' }).click();
		await expect(page.getByRole('textbox', { name: 'Name of the pin' })).toHaveCount(1);
	});
});

test('greens are measured by a ramp and by chipped balls, read and written as files, removed and put back, and mapped for misses', async ({
	page
}) => {
	test.setTimeout(180_000);
	await test.step('one person is led through a ramp test, and plans with what it found', async () => {
		await openGreen(page, 'Ledge green');
		await page.getByRole('button', { name: 'Roll a ramp' }).click();
		await page.getByRole('button', { name: 'Next' }).click();
		await expect(page.getByRole('button', { name: 'Next' })).toBeDisabled();
		for (const feet of ['8', '8.25', '8']) {
			await typeInto(field(page, 'Length of the roll'), feet);
			await page.getByRole('button', { name: 'Note it' }).click();
		}
		await page.getByRole('button', { name: 'Next' }).click();
		await page.getByRole('button', { name: 'Take three from the simulated ramp' }).click();
		await expect(page.getByText('Roll 3', { exact: true })).toBeVisible({ timeout: 15_000 });
		await page.getByRole('button', { name: 'Next' }).click();
		await expect(page.getByText(/Place 1: .* one way/)).toBeVisible();
		await page.getByRole('button', { name: 'Keep it' }).click();
		await expect(page.getByText(/^Kept: /)).toBeVisible();
		await expect(page.getByText('from 6 ramp rolls').first()).toBeVisible();
		const speed = (await page.getByTestId('speed').textContent())!.split(' ')[0]!;
		await tab(page, 'Pins');
		await page.getByRole('link', { name: 'Plan a shot' }).first().click();
		await called(page);
		await expect(await shotField(page, 'Green speed')).toHaveValue(speed);
		await ask(page, 'Distances');
		await expect(page.getByLabel('Ground', { exact: true })).toHaveValue('green-ledge');
	});
	await test.step('chipped balls tell a green; heights, grids, maps and archives are read and written, and broken files refused whole', async () => {
		await visit(page, '/greens/green-spoil-heap');
		await page.getByRole('button', { name: 'Chip a few balls' }).click();
		for (const [carry, total] of [
			['4', '10.5'],
			['4.5', '11'],
			['5', '12.5']
		] as const) {
			await typeInto(field(page, 'Landed after'), carry);
			await typeInto(field(page, 'Stopped after'), total);
			await page.getByRole('button', { name: 'Note this ball' }).click();
		}
		await expect(page.getByText(/Today’s percentage: 40 % in the air/)).toBeVisible();
		await expect(page.getByText(/One more with the|enough balls/)).toBeVisible();
		await page.getByRole('button', { name: 'Keep it' }).click();
		await expect(page.getByText('from 3 chipped balls').first()).toBeVisible();
		await visit(page, '/greens/green-ledge');
		await tab(page, 'Survey');
		await fitted(page);
		const input = page.getByLabel('Read heights (CSV) or a grid (ASC)').last();
		const give = (name: string, text: string) =>
			input.setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
		await give('broken.csv', 'right_m,up_m,height_m\n1,2,0.3\n4,five,0.2\n');
		await expect(page.getByText('broken.csv, line 3, column 2: up_m “five”')).toBeVisible();
		await give('broken.asc', 'ncols 3\nnrows 2\nxllcorner 0\n');
		await expect(
			page.getByText(/broken\.asc, line \d, column \d+: the header has no/)
		).toBeVisible();
		await expect(page.getByRole('row', { name: /^Spot 38 / })).toBeVisible();
		await give('three.csv', 'right_m,up_m,height_m\n1,2,0.3\n4,5,0.2\n9,1,0.1\n');
		await expect(page.getByText('Read 3 heights and 0 tilts.')).toBeVisible();
		await expect(page.getByRole('row', { name: /^Spot / })).toHaveCount(3);
		await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
		await expect(page.getByRole('row', { name: /^Spot / })).toHaveCount(38);

		const saved = async (name: string) => {
			const [file] = await Promise.all([
				page.waitForEvent('download'),
				page.getByRole('button', { name, exact: true }).click()
			]);
			return readFileSync(await file.path(), 'utf8');
		};
		const grid = await saved('Grid (ASC)');
		expect(grid).toMatch(/^ncols \d+\nnrows \d+\nxllcenter/);
		await give('ledge.asc', grid);
		await expect(page.getByText(/nodes, 0\.50 m apart/)).toBeVisible();
		expect(await saved('Grid (ASC)')).toBe(grid);
		await page.getByRole('button', { name: 'Use the readings instead' }).click();
		expect(await saved('Heights (CSV)')).toContain('right_m,up_m,height_m');
		expect(await saved('Map (SVG)')).toContain('<title>Ledge green</title>');
		expect(JSON.parse(await saved('This green (JSON)'))).toMatchObject({
			greens: [{ id: 'green-ledge' }]
		});
	});
	await test.step('a damaged archive is refused whole, and a green that was removed is put back', async () => {
		await visit(page, '/data');
		const archive = readFileSync('static/demo/quarry-academy.json', 'utf8');
		const damaged = archive.replace(/"outline":\s*\[/, '"outline": 7, "was": [');
		await page.getByLabel('Read an archive').setInputFiles({
			name: 'damaged.json',
			mimeType: 'application/json',
			buffer: Buffer.from(damaged)
		});
		await expect(page.getByRole('alert')).toContainText(
			'damaged.json was not imported. green 1 “Ledge green”'
		);
		await visit(page, '/greens');
		await expect(page.getByRole('heading', { level: 2 })).toHaveCount(3);
		await page.getByRole('button', { name: 'Remove Kiln green' }).click();
		await expect(page.getByRole('heading', { level: 2 })).toHaveCount(2);
		await page.getByRole('button', { name: 'Undo' }).click();
		await expect(page.getByRole('heading', { level: 2 })).toHaveCount(3);
	});
	await test.step('where to miss is mapped, can be stopped, and two pins are compared', async () => {
		await visit(page, '/greens/green-kiln');
		await fitted(page);
		await tab(page, 'Misses');
		await page.getByRole('button', { name: 'Work out where to miss' }).click();
		await expect(page.getByRole('progressbar')).toBeVisible();
		await page.getByRole('button', { name: 'Stop' }).click();
		await expect(page.getByText('Stopped. Nothing is kept of it.')).toBeVisible();
		await page.getByLabel('Which shot', { exact: true }).selectOption('Flop');
		await page.getByRole('button', { name: 'Work out where to miss' }).click();
		await expect(page.getByTestId('miss-call')).toContainText('Miss toward', { timeout: 120_000 });
		await expect(page.getByRole('row', { name: /^Toward .*open/ })).not.toHaveCount(0);
		await tab(page, 'Two pins');
		await page.getByRole('slider', { name: 'Ball on the map' }).press('Shift+ArrowDown');
		await page.getByRole('button', { name: 'Compare the two' }).click();
		await expect(page.getByTestId('duel-call')).toContainText(/of a stroke more|cost the same/, {
			timeout: 60_000
		});
		await page
			.getByRole('link', { name: /^Plan it to/ })
			.first()
			.click();
		await called(page);
		await ask(page, 'Distances');
		await expect(page.getByLabel('Ground', { exact: true })).toHaveValue('green-kiln');
		await expect(page.getByLabel('Name of the shot')).toHaveValue('Kiln green: Centre');
		await typeInto(field(page, 'Ball to edge'), '7');
		await field(page, 'Ball to edge').blur();
		await page.waitForTimeout(800);
		await page.reload();
		await expect(await shotField(page, 'Ball to edge')).toHaveValue('7.0');
		await expect(page.getByLabel('Ground', { exact: true })).toHaveValue('green-kiln');
	});
});

test('plans on a line bent at its break points, and on the map, where section and plan move each other', async ({
	page
}) => {
	await readDemo(page);
	await page.goto('/');
	await page.getByRole('button', { name: 'Draw this shot' }).click();
	await test.step('a line that is bent', async () => {
		await ask(page, 'Slope');
		await page.getByRole('button', { name: 'More than one slope' }).click();
		const breakPoint = page.getByRole('slider', { name: 'Break 1 of the green' });
		await breakPoint.press('ArrowRight');
		await expect(field(page, 'Length')).toHaveValue('4.6');
		await breakPoint.press('ArrowUp');
		await expect(field(page, 'Slope (+ up)').first()).not.toHaveValue('0.0');
		await page.getByRole('combobox', { name: 'Stretch 1' }).selectOption('tier');
		await page.getByRole('button', { name: 'Add a stretch' }).click();
		await page.getByRole('button', { name: 'Remove stretch 3' }).click();
		await called(page);
	});
	await ask(page, 'Distances');
	await page.getByLabel('Ground', { exact: true }).selectOption({ label: 'Spoil-heap green' });
	await page
		.getByRole('combobox', { name: 'Pin', exact: true })
		.selectOption({ label: 'Upper tier' });
	await called(page);
	await ask(page, 'Slope');
	await expect(page.getByRole('heading', { name: 'Read off the map' })).toBeVisible();
	await ask(page, 'Distances');
	const toEdge = () => field(page, 'Ball to edge').inputValue();
	const before = await toEdge();
	const ball = page.getByRole('slider', { name: 'Ball on the map' });
	const at = (await ball.boundingBox())!;
	await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
	await page.mouse.down();
	await page.mouse.move(at.x + at.width / 2 + 40, at.y + at.height / 2 + 30, { steps: 5 });
	await page.mouse.up();
	expect(await toEdge()).not.toBe(before);
	await page.keyboard.press('Control+z');
	await expect(field(page, 'Ball to edge')).toHaveValue(before);
	const place = await ball.getAttribute('aria-valuetext');
	await page.getByRole('slider', { name: 'Ball', exact: true }).press('Shift+ArrowRight');
	await expect(ball).not.toHaveAttribute('aria-valuetext', place ?? '');
	await page.getByRole('button', { name: 'Whole green' }).click();
	await page.getByRole('slider', { name: 'Hole on the map' }).press('ArrowLeft');
	await expect(page.getByRole('combobox', { name: 'Pin', exact: true })).toHaveValue('own');
	await page.getByLabel('Ground', { exact: true }).selectOption({ label: 'Straight, no map' });
	await expect(page.getByRole('slider', { name: 'Edge of the green' })).toBeVisible();
	await called(page);
});
