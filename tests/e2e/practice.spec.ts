import { readFileSync } from 'node:fs';
import { expect, test, type Page } from './test';
import { accessible } from './accessible';
import { readDemo, typeInto, visit } from './screen';

/** Touches the drawing at a share of its width and height. */
async function touch(page: Page, across: number, down: number): Promise<void> {
	const green = page.getByRole('application');
	await green.scrollIntoViewIfNeeded();
	const box = (await green.boundingBox())!;
	await page.mouse.click(box.x + box.width * across, box.y + box.height * down);
}

const now = (page: Page) => page.getByTestId('now');
const said = (page: Page) => page.getByTestId('said');

/** What a button hands to the browser to keep. */
async function saved(page: Page, button: string): Promise<Buffer> {
	const [file] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: button, exact: true }).click()
	]);
	return readFileSync(await file.path());
}

async function startDrill(page: Page, drill: RegExp): Promise<void> {
	await visit(page, '/practice');
	await page.getByRole('link', { name: drill }).click();
	await page.getByRole('button', { name: /^Start( with|$)/ }).click();
	await expect(now(page)).toBeVisible();
}

test.describe('on a phone', () => {
	test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

	test('a drill is run from its first ball to carries in the bag, through a reload', async ({
		page
	}) => {
		test.setTimeout(180_000);
		await startDrill(page, /^A box on the green.* Landing box/);
		await expect(now(page)).toContainText('1 of 4');
		const club = (await now(page).textContent())!.trim().split(/\s/)[0]!;
		for (const [across, down] of [
			[0.5, 0.74],
			[0.52, 0.73],
			[0.48, 0.75]
		] as const) {
			await touch(page, across, down);
			await expect(page.getByText('Now touch where it stopped.')).toBeVisible();
			await touch(page, across, 0.3);
		}
		await expect(now(page)).toContainText('4 of 4');
		await page.getByRole('button', { name: 'Heavy' }).click();
		await expect(page.getByRole('button', { name: 'Heavy' })).toHaveAttribute(
			'aria-pressed',
			'true'
		);
		await page.reload();
		await expect(now(page)).toContainText('4 of 4');
		await expect(page.getByRole('button', { name: 'Heavy' })).toHaveAttribute(
			'aria-pressed',
			'true'
		);
		await page.getByRole('button', { name: 'Take back' }).click();
		await expect(now(page)).toContainText('3 of 4');
		await page.getByRole('button', { name: 'Only the stop' }).click();
		await touch(page, 0.5, 0.32);
		await page.getByRole('button', { name: 'Type it' }).click();
		await typeInto(page.getByLabel(/^Landed/), 'three');
		await page.getByRole('button', { name: 'Note it' }).click();
		await expect(page.getByRole('alert')).toContainText('Landed');
		await typeInto(page.getByLabel(/^Landed/), '3.1');
		await typeInto(page.getByLabel(/^Stopped/), '11.5');
		await page.getByRole('button', { name: 'Note it' }).click();
		await expect(now(page)).not.toContainText(club);
		await expect(now(page)).toContainText('1 of 4');
		await page.getByRole('button', { name: 'End the session' }).click();
		await expect(
			page.getByRole('heading', { name: /What it changes in (the|your) bag/ })
		).toBeVisible();
		// What was aimed at a box says nothing of a swing until it is said which it was.
		await expect(page.getByRole('button', { name: 'Take them into the bag' })).toHaveCount(0);
		// By keys the first choice goes by on the way to the one that is meant.
		const swing = page.getByLabel(`Swing of the ${club}`);
		await swing.selectOption('6:15');
		await swing.selectOption('7 o’clock');
		await expect(swing).toHaveValue('7');
		const row = page.getByRole('row', { name: new RegExp(`^${club} `) }).last();
		await expect(row).toContainText('–');
		await page.getByRole('button', { name: 'Take them into the bag' }).click();
		await expect(page.getByText('The ticked swings count in the bag now.')).toBeVisible();
		await expect(page.getByText(/· counts/)).toBeVisible();
		// Each ball that was seen to stop, beside what was to be expected before the first.
		await page.getByRole('button', { name: 'Note them in the log' }).click();
		await expect(page.getByText(/^4 balls stand in the log/)).toBeVisible();
		await expect(page.getByText(/^4 balls say nothing yet/)).toBeVisible();
		const [svg, png] = [await saved(page, 'SVG'), await saved(page, 'PNG')];
		expect(svg.toString()).toMatch(/^<svg[^>]*xmlns="http:\/\/www.w3.org\/2000\/svg"/);
		expect(svg.toString()).not.toContain('var(--');
		expect(png.subarray(1, 4).toString()).toBe('PNG');
		expect((await saved(page, 'Balls (CSV)')).toString()).toMatch(/^at,pupil,club,swing/);
		await visit(page, '/bag');
		await expect(
			page.getByRole('button', { name: new RegExp(`^${club}, .*3 balls`) })
		).toBeVisible();
		await visit(page, '/log');
		await expect(page.getByText('4 shots')).toBeVisible();
		await page
			.getByRole('button', { name: /^Change / })
			.first()
			.click();
		await page.getByRole('link', { name: 'The practice it was a ball of' }).click();
		await page.getByRole('button', { name: 'Leave the bag as it is' }).click();
		await expect(page.getByText('The bag is as it was; the balls are kept.')).toBeVisible();
		await visit(page, '/bag');
		await expect(page.getByText('Nothing is measured yet')).toBeVisible();
		await test.step('a thumb sees through a loupe what it covers, moves it finely, and the ball keeps its error', async () => {
			await startDrill(page, /^A box on the green.* Landing box/);
			const green = page.getByRole('application');
			await green.scrollIntoViewIfNeeded();
			const box = (await green.boundingBox())!;
			const [x, y] = [box.x + box.width / 2, box.y + box.height * 0.7];
			const cdp = await page.context().newCDPSession(page);
			const finger = (type: 'touchStart' | 'touchMove' | 'touchEnd', atY?: number) =>
				cdp.send('Input.dispatchTouchEvent', {
					type,
					touchPoints: atY === undefined ? [] : [{ x, y: atY }]
				});
			await finger('touchStart', y);
			const reads = page.locator('text.reads');
			await expect(reads).toContainText(/out, /);
			const metres = async () => Number.parseFloat((await reads.textContent())!);
			const laid = await metres();
			await finger('touchMove', y - 60);
			await expect(async () => expect(await metres()).toBeGreaterThan(laid)).toPass();
			const meant = await reads.textContent();
			await finger('touchEnd');
			await expect(reads).toHaveCount(0);
			await expect(page.getByText('Now touch where it stopped.')).toBeVisible();
			// A third of sixty pixels, no more: the half that is noted lies where the loupe said.
			const half = (await green.locator('circle.half').boundingBox())!;
			expect(half.y + half.height / 2).toBeCloseTo(y - 20, -1);
			expect(meant).toContain('on the line');
			await finger('touchStart', box.y + box.height * 0.3);
			await finger('touchEnd');
			await page.getByRole('button', { name: 'End the session' }).click();
			const csv = (await saved(page, 'Balls (CSV)')).toString().split('\n');
			const at = csv[0]!.split(',').indexOf('touch_error_m');
			expect(Number(csv[1]!.split(',')[at])).toBeGreaterThan(0.02);
		});
	});
});

test('balls of a foreign file, a drill of one’s own, a green that was removed, what the balls say, homework on paper, turns and a tracker', async ({
	page
}) => {
	test.setTimeout(180_000);
	await readDemo(page);
	await test.step('columns are matched, bad rows named, and it can be undone', async () => {
		await visit(page, '/practice');
		await page.getByRole('tab', { name: 'Sessions' }).click();
		const csv = [
			'Nr,Bat,Flight length yd,Whole yd',
			'1,SW,20,24',
			'2,SW,21.5,26',
			'3,Spoon,20,24',
			'4,SW,far,24'
		].join('\n');
		const file = { name: 'tracker.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) };
		const input = page.getByLabel('Read balls from a file (CSV)');
		await input.setInputFiles({ ...file, buffer: Buffer.from('nothing') });
		await expect(page.getByRole('alert')).toContainText('no row of headings');
		await input.setInputFiles(file);
		await expect(page.getByText('4 rows are left out:')).toBeVisible();
		await page.getByLabel('Club', { exact: true }).selectOption('Bat');
		await page.getByLabel('Carry', { exact: true }).selectOption('Flight length yd');
		await page.getByLabel('Total, where it stopped').selectOption('Whole yd');
		await page.getByLabel('Lengths are in').selectOption('Yards');
		await expect(page.getByText('line 4: no club “Spoon” in the bag')).toBeVisible();
		await expect(
			page.getByText('line 5: “far” is no number (column “Flight length yd”)')
		).toBeVisible();
		await page.getByRole('button', { name: 'Take 2 balls in' }).click();
		await expect(page.getByText('2 balls read from tracker.csv.')).toBeVisible();
		await expect(page.getByRole('heading', { name: 'From tracker.csv' })).toBeVisible();
		await page.getByRole('button', { name: 'Undo' }).click();
		await page.getByRole('link', { name: 'All practice' }).click();
		await page.getByRole('tab', { name: 'Sessions' }).click();
		await expect(page.getByRole('link', { name: 'From tracker.csv' })).toHaveCount(0);
		// The mapping is remembered.
		await page.getByLabel('Read balls from a file (CSV)').setInputFiles(file);
		await expect(page.getByRole('button', { name: 'Take 2 balls in' })).toBeVisible();
	});
	await test.step('a drill is copied, changed and practised, and the shipped one stays', async () => {
		await visit(page, '/practice/drill/landing-box');
		await page.getByRole('button', { name: 'Make one of my own' }).click();
		const name = page.getByRole('textbox', { name: 'Name', exact: true });
		await expect(name).toHaveValue('Landing box, own');
		await typeInto(name, 'Two clubs, one towel');
		await name.blur();
		await page.getByLabel('Clubs', { exact: true }).selectOption('By loft');
		await typeInto(page.getByLabel('Lofts in degrees'), 'nothing');
		await page.getByLabel('Lofts in degrees').blur();
		await expect(page.getByRole('alert')).toContainText('Lofts from 10 to 75 degrees');
		await typeInto(page.getByLabel('Lofts in degrees'), '60, 46');
		await page.getByLabel('Lofts in degrees').blur();
		await expect(page.getByRole('row', { name: /^LW/ })).toBeVisible();
		await expect(page.getByRole('row', { name: /^PW/ })).toBeVisible();
		await page.reload();
		await expect(page.getByRole('heading', { name: 'Two clubs, one towel' })).toBeVisible();
		await page.getByRole('button', { name: /^Start( with|$)/ }).click();
		await expect(now(page)).toContainText('LW');
		await visit(page, '/practice');
		await expect(page.getByRole('link', { name: /Landing box/ })).toHaveCount(1);
		await expect(page.getByRole('link', { name: 'Go on: Two clubs, one towel' })).toBeVisible();
		await expect(page.getByRole('link', { name: /^A box .* Two clubs, one towel/ })).toBeVisible();
	});
	await test.step('a session whose green was removed meanwhile goes on and says so', async () => {
		await visit(page, '/greens');
		await page.getByRole('button', { name: 'Remove Ledge green' }).click();
		await expect(page.getByText(/Removed “Ledge green”/)).toBeVisible();
		await visit(page, '/practice/session-1');
		await expect(page.getByText('The green this was on has been removed')).toBeVisible();
		await page.getByRole('button', { name: 'Go on with it' }).click();
		await expect(page.getByText('All balls are hit.')).toBeVisible();
	});
	await test.step('spread, how the ball runs, and habits', async () => {
		await visit(page, '/pupils/pupil-ida');
		await page.getByRole('tab', { name: 'Learned' }).click();
		await expect(
			page.getByRole('heading', { name: /^Learned from \d+ practised balls/ })
		).toBeVisible();
		await page.getByRole('button', { name: 'Read the roll-outs' }).click();
		await expect(page.getByText(/Delivers about \d° less loft/).first()).toBeVisible({
			timeout: 90_000
		});
		await page.getByRole('button', { name: 'Plan with this strike' }).click();
		await expect(page.getByText(/Planned with what was learned: −\d/)).toBeVisible();
		await page.reload();
		await page.getByRole('tab', { name: 'Learned' }).click();
		await expect(page.getByText(/Planned with what was learned: −\d/)).toBeVisible();
		await page.getByRole('button', { name: 'By day' }).click();
		await expect(page.getByRole('row', { name: /Oct 2026/ }).first()).toBeVisible();
		await page.getByRole('button', { name: 'Plan as the model says' }).click();
		await expect(page.getByText(/Planned with what was learned/)).toHaveCount(0);
	});
	await test.step('homework goes out as a page and a calendar entry, and what was written on it is typed in', async () => {
		await visit(page, '/practice');
		await page.getByRole('tab', { name: 'Homework' }).click();
		await page.getByRole('button', { name: 'Give Ida Brenner homework' }).click();
		await typeInto(page.getByLabel('What it is called'), 'Two wedges');
		await page.getByLabel('By', { exact: true }).fill('');
		await page.getByRole('button', { name: 'Give it' }).click();
		await expect(page.getByRole('alert')).toContainText('must be a day');
		await page.getByLabel('By', { exact: true }).fill('2099-12-31');
		for (let i = 4; i > 1; i--)
			await page.getByRole('button', { name: `Leave out swing ${i}` }).click();
		await page.getByRole('button', { name: 'Give it' }).click();
		const item = page.getByRole('listitem').filter({ hasText: 'Two wedges' }).first();
		await expect(item).toContainText('Open');
		await expect(item).toContainText('0/8');
		const [entry] = await Promise.all([
			page.waitForEvent('download'),
			item.getByRole('button', { name: 'Calendar' }).click()
		]);
		expect(readFileSync(await entry.path(), 'utf8')).toContain('DTSTART;VALUE=DATE:20991231');
		// What was written on paper is typed from it.
		await item.getByRole('link', { name: 'Page' }).click();
		await expect(page.getByRole('heading', { name: 'Two wedges' })).toBeVisible();
		await accessible(page, 'homework page');
		await typeInto(page.getByLabel(/^Typed from the page/), '14 15 13 14 14 15 14 13');
		await page.getByRole('button', { name: 'Note them' }).click();
		await expect(page.getByText('8 carries noted.')).toBeVisible();
		await visit(page, '/practice');
		await page.getByRole('tab', { name: 'Homework' }).click();
		await expect(
			page.getByRole('listitem').filter({ hasText: 'Two wedges' }).first()
		).toContainText('Done');
	});
	await test.step('two pupils take turns by keyboard alone', async () => {
		await visit(page, '/practice/drill/landing-box');
		await page.getByText('Taking turns').click();
		await page.getByLabel('Marta Oduya').check();
		await page.getByRole('button', { name: /^Start( with|$)/ }).click();
		await expect(now(page)).toContainText('Ida Brenner');
		const green = page.getByRole('application');
		await green.focus();
		await page.keyboard.press('ArrowRight');
		await page.keyboard.press('Enter');
		for (let i = 0; i < 4; i++) await page.keyboard.press('Shift+ArrowUp');
		await page.keyboard.press('Enter');
		await expect(now(page)).toContainText('2 of 4');
		await page.keyboard.press('2');
		await expect(page.getByRole('button', { name: 'Thin' })).toHaveAttribute(
			'aria-pressed',
			'true'
		);
		await page.keyboard.press('n');
		await expect(now(page)).toContainText('Marta Oduya');
		await expect(now(page)).toContainText('1 of 4');
		await page.keyboard.press('n');
		await expect(now(page)).toContainText('2 of 4');
		await page.keyboard.press('Control+z');
		await expect(now(page)).toContainText('1 of 4');
	});
	await test.step('the simulated tracker notes each ball once', async () => {
		await startDrill(page, /Swing matrix/);
		await page.getByRole('button', { name: /Ball tracker/ }).click();
		await expect(page.getByText(/^\d+ noted/)).toBeVisible();
		await expect(page.getByText(/^[4-9] noted/)).toBeVisible({ timeout: 60_000 });
		await page.getByRole('button', { name: 'Disconnect the tracker' }).click();
		const noted = Number(
			/^(\d+) noted/.exec((await page.getByText(/^\d+ noted/).textContent())!)![1]
		);
		await expect(said(page)).toContainText(`of ${noted}`);
	});
});
