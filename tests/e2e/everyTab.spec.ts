import { expect, test, type Page } from './test';
import { field, readDemo, setting, typeInto, visit } from './screen';

/** The server marks its pages when it shows the demo; here the mark is put on the way. */
async function asDemo(page: Page): Promise<void> {
	await page.route(
		(url) => !/\.\w+$/.test(url.pathname),
		async (route) => {
			if (route.request().resourceType() !== 'document') return route.continue();
			const response = await route.fetch();
			const body = (await response.text()).replace('data-demo="no"', 'data-demo="yes"');
			return route.fulfill({ response, body });
		}
	);
}

test('a reading that was kept is there at once: in its own view, with the demo, too, and in another tab', async ({
	page,
	context
}) => {
	await asDemo(page);
	await page.goto('/greens/green-kiln');
	const other = await context.newPage();
	await asDemo(other);
	await other.goto('/greens/green-kiln');
	await expect(other.getByTestId('speed')).toBeVisible();
	await page.getByRole('button', { name: 'Judge by eye' }).click();
	await typeInto(field(page, 'Green speed'), '13.5');
	await page.getByRole('button', { name: 'Keep it' }).click();
	for (const one of [page, other]) {
		await expect(one.getByTestId('speed')).toHaveText('about 13.5 ft');
		await expect(one.getByRole('row', { name: /about 13\.5 ft/ })).toBeVisible();
		await expect(one.getByText('Read today')).toBeVisible();
	}
	await page.getByRole('group', { name: 'Message' }).getByRole('button', { name: 'Undo' }).click();
	await expect(other.getByTestId('speed')).not.toHaveText('about 13.5 ft');
});

test('whatever is kept in one tab is seen in another, table by table', async ({
	page,
	context
}) => {
	test.setTimeout(180_000);
	await readDemo(page);
	const other = await context.newPage();
	const watch = async (path: string, tab?: string) => {
		await visit(other, path);
		if (tab) await other.getByRole('tab', { name: tab }).click();
	};

	await watch('/greens');
	await visit(page, '/greens/green-ledge');
	await typeInto(field(page, 'Name of the green'), 'Upper ledge');
	await page.keyboard.press('Tab');
	await expect(other.getByRole('link', { name: 'Upper ledge', exact: true })).toBeVisible();

	await watch('/pupils');
	await visit(page, '/pupils/pupil-ida');
	await typeInto(field(page, 'Name'), 'Ida B.');
	await page.keyboard.press('Tab');
	await expect(other.getByRole('link', { name: 'Ida B.' })).toBeVisible();

	await watch('/bag?pupil=pupil-ida');
	await expect(other.getByRole('heading', { name: 'The bag of Ida B.' })).toBeVisible();
	await visit(page, '/bag?pupil=pupil-ida');
	const cell = (on: Page) => on.getByRole('button', { name: /^LW, 6:15/ });
	await cell(page).click();
	await typeInto(page.getByLabel('Carries in m'), '2.2');
	await page.getByRole('button', { name: 'Add as balls' }).click();
	await expect(cell(other)).toHaveAttribute('aria-label', /2\.2/);
	// Two tabs keep what each changed of one bag.
	await page.getByRole('button', { name: 'Close' }).click();
	for (const one of [page, other]) await one.getByRole('tab', { name: 'Clubs' }).click();
	await typeInto(field(page, 'Loft of SW'), '55');
	await typeInto(field(other, 'Loft of LW'), '59');
	await expect(field(page, 'Loft of LW')).toHaveValue('59.0');
	await expect(field(other, 'Loft of SW')).toHaveValue('55.0');

	await watch('/saved');
	await visit(page, '/saved');
	const copies = (on: Page) => on.getByLabel(/^Name of Kiln green: from the sand \(/);
	await page.getByRole('button', { name: 'Duplicate Kiln green: from the sand' }).click();
	await expect(copies(other)).toHaveCount(1);
	await page.getByRole('button', { name: /^Delete Kiln green: from the sand \(/ }).click();
	await expect(copies(other)).toHaveCount(0);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(copies(other)).toHaveCount(1);

	await watch('/practice', 'Drills');
	await visit(page, '/practice/drill/every-club');
	await page.getByRole('button', { name: 'Make one of my own' }).click();
	await expect(other.getByRole('link', { name: /Every club to one flag, own/ })).toBeVisible();

	await watch('/practice', 'Sessions');
	await page.getByRole('button', { name: /^Start( with|$)/ }).click();
	await expect(page.getByRole('application')).toBeVisible();
	await expect(
		other.getByRole('link', { name: /Go on: Every club to one flag, own/ })
	).toBeVisible();

	await watch('/practice', 'Homework');
	await visit(page, '/practice');
	await page.getByRole('tab', { name: 'Homework' }).click();
	await page.getByRole('button', { name: /^Give .* homework$/ }).click();
	await typeInto(page.getByLabel('What it is called'), 'Seen at home');
	await page.getByRole('button', { name: 'Give it' }).click();
	await expect(other.getByText('Seen at home')).toBeVisible();

	await setting(page, /^Look/, 'slate');
	await expect(other.locator('html')).toHaveAttribute('data-theme', 'slate');
});
