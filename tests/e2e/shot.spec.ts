import { readFileSync } from 'node:fs';
import { expect, test } from './test';
import {
	answered,
	ask,
	call,
	called,
	firstCall,
	sampled,
	shotField,
	type,
	typeInto
} from './screen';

/** What a browser may hold, a shot that cannot be read among it. */
const golden = JSON.parse(readFileSync('tests/golden/database-1.json', 'utf8')) as {
	version: number;
	stores: Record<string, { id: string }[]>;
};
golden.stores['greens'] = golden.stores['greens']!.filter(({ id }) => id !== 'damaged');

/** The tables of that release: their key, then their indexes. */
const { tables } = JSON.parse(readFileSync('tests/golden/database-1.schema.json', 'utf8')) as {
	tables: Record<string, string>;
};

test('leads a first visit to a call and keeps what is changed, over a reload and where the page is left at once', async ({
	page
}) => {
	await page.goto('/');
	await expect(page.getByRole('heading', { name: 'Where does the ball lie?' })).toBeVisible();
	await type(page, 'Ball to the edge of the green', '4');
	await page.getByRole('button', { name: 'Draw this shot' }).click();
	await sampled(page);
	await expect(call(page)).toContainText(/land it|roll it/);
	await type(page, 'Edge to pin', '11,5');
	await called(page);
	await page.waitForTimeout(800);
	await page.reload();
	await expect(await shotField(page, 'Ball to edge')).toHaveValue('4.0');
	await expect(await shotField(page, 'Edge to pin')).toHaveValue('11.5');
	// Whoever leaves at once has the change all the same.
	await type(page, 'Edge to pin', '7.3');
	await page.getByRole('link', { name: 'Saved shots' }).click();
	await page.getByRole('link', { name: 'Shot', exact: true }).click();
	await expect(await shotField(page, 'Edge to pin')).toHaveValue('7.3');
	await type(page, 'Edge to pin', '6.1');
	await page.reload();
	await expect(await shotField(page, 'Edge to pin')).toHaveValue('6.1');
	// What is kept of it may be broken: that is said, and one begins anew.
	await page.waitForTimeout(800);
	await page.evaluate(
		() =>
			new Promise<void>((resolve, reject) => {
				const open = indexedDB.open('crisp-landing');
				open.onerror = () => reject(new Error('no database'));
				open.onsuccess = () => {
					const change = open.result.transaction('settings', 'readwrite');
					change.objectStore('settings').put({ key: 'lastShot', value: { situation: 'gone' } });
					change.oncomplete = () => resolve();
				};
			})
	);
	await page.reload();
	await expect(page.getByText('The last shot could not be read.')).toBeVisible();
	await expect(page.getByRole('button', { name: 'Draw this shot' })).toBeVisible();
});

test('is asked and answered on one page: dragged, typed, refused, explained, and as the server says', async ({
	page,
	request
}) => {
	await firstCall(page);
	await test.step('a dragged pin and edge are followed, and undone in one step each', async () => {
		const pin = page.getByRole('slider', { name: 'Pin', exact: true });
		const box = (await pin.boundingBox())!;
		await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
		await page.mouse.down();
		await page.mouse.move(box.x - 40, box.y + 10, { steps: 6 });
		await page.mouse.up();
		await expect(await shotField(page, 'Edge to pin')).not.toHaveValue('9.0');
		await page.getByRole('button', { name: 'Undo' }).click();
		await expect(await shotField(page, 'Edge to pin')).toHaveValue('9.0');
		await page.getByRole('slider', { name: 'Edge of the green' }).press('ArrowRight');
		await expect(await shotField(page, 'Ball to edge')).toHaveValue('3.1');
		await expect(await shotField(page, 'Edge to pin')).toHaveValue('8.9');
		await page.keyboard.press('Control+z');
		await expect(await shotField(page, 'Ball to edge')).toHaveValue('3.0');
	});
	await test.step('the call and the section stay in view beside each question', async () => {
		const inView = async () => {
			await expect(call(page)).toBeInViewport({ ratio: 1 });
			await expect(page.getByLabel(/^Side view/).first()).toBeInViewport({ ratio: 1 });
		};
		const before = await call(page).textContent();
		await ask(page, 'How it lies');
		await page.getByText('Deep rough', { exact: true }).click();
		await sampled(page);
		await expect(call(page)).not.toHaveText(before!);
		await inView();
		for (const question of [
			'Stance',
			'Distances',
			'Green',
			'Slope',
			'In the way',
			'Who plays'
		] as const) {
			await ask(page, question);
			await inView();
		}
		await page.keyboard.press('Escape');
		await expect(page.getByRole('heading', { name: 'Who plays', exact: true })).toHaveCount(0);
		await expect(page.getByRole('button', { name: /^Who plays/ })).toBeFocused();
		await page.keyboard.press('Control+z');
	});
	await test.step('nonsense is refused with the last good value kept, and what is typed is left to the field', async () => {
		for (const [text, message] of [
			['far', '“far” is not a number.'],
			['-3', 'Between 0 and 80 m, please.'],
			['', 'Type a number.']
		] as const) {
			await typeInto(await shotField(page, 'Ball to edge'), text);
			await expect(page.getByRole('alert')).toContainText(message);
			await expect(page.getByRole('alert')).toContainText('Kept: 3.0');
		}
		await (await shotField(page, 'Ball to edge')).press('Escape');
		await expect(await shotField(page, 'Ball to edge')).toHaveValue('3.0');
		for (const speed of ['0', '40']) {
			await typeInto(await shotField(page, 'Green speed'), speed);
			await expect(page.getByRole('alert')).toContainText('Between 3 and 18 ft');
		}
		await (await shotField(page, 'Green speed')).press('Escape');
		// Keys that mean something elsewhere belong to a field that has the focus.
		await type(page, 'Edge to pin', '7');
		const name = page.getByLabel('Name of the shot');
		await typeInto(name, 'Abc');
		await name.press('Control+z');
		await name.press('w');
		await expect(await shotField(page, 'Edge to pin')).toHaveValue('7.0');
		await answered(page);
		await expect(page.getByRole('tab', { name: 'Clubs' })).toHaveAttribute('aria-selected', 'true');
		await page.locator('body').press('Escape');
		await page.getByRole('tab', { name: 'Clubs' }).focus();
		await page.keyboard.press('Control+z');
		await expect(await shotField(page, 'Edge to pin')).not.toHaveValue('7.0');
	});
	await test.step('the server answers the same', async () => {
		await type(page, 'Ball to edge', '3');
		await type(page, 'Edge to pin', '9');
		await type(page, 'Green speed', '9.5');
		await type(page, 'Slope to pin (+ up)', '-2');
		await ask(page, 'Distances');
		await page.getByLabel('Between ball and edge').selectOption('grainy');
		await sampled(page);
		const response = await request.post('/api/plan', {
			data: {
				situation: {
					lie: 'first-cut',
					toEdge: 3,
					edgeToPin: 9,
					stimpFeet: 9.5,
					slopeAlong: -2,
					fringe: 'grainy'
				},
				player: { skill: 'middle' },
				seed: 20_261
			}
		});
		const plan = (await response.json()) as {
			options: { club: string; carry: number; swing: { name: string } }[];
		};
		const best = plan.options[0]!;
		await expect(call(page)).toContainText(best.club);
		await expect(call(page)).toContainText(`${(best.carry - 3).toFixed(1)} m on`);
		await expect(call(page)).toContainText(best.swing.name);
	});
	await test.step('why, schools, setup, a comparison, other ways and other landing spots are a key away', async () => {
		await answered(page);
		await page.locator('body').press('w');
		await expect(page.getByRole('heading', { name: 'Why this one' })).toBeVisible();
		await page.locator('body').press('s');
		await expect(page.getByTestId('schools').getByRole('listitem')).toHaveCount(10);
		await page.locator('body').press('p');
		await expect(page.getByRole('img', { name: /Setup from above/ })).toBeVisible();
		await page.locator('body').press('c');
		await expect(page.getByRole('row', { name: /Up and down/ })).toBeVisible();
		await page.locator('body').press('2');
		await expect(call(page)).toContainText('Your choice');
		await page.locator('body').press('?');
		await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
		await page.keyboard.press('Escape');
		const rows = page.getByTestId('ladder').locator('ol > li');
		await page.locator('body').press('l');
		const before = await rows.count();
		const unfold = page.getByRole('button', { name: /other ways? with the/ }).first();
		await unfold.click();
		expect(await rows.count()).toBeGreaterThan(before);
		await page.getByRole('button', { name: /^Only the best way with the/ }).click();
		const spot = page.getByRole('slider', { name: /Landing spot/ });
		const landed = await spot.getAttribute('aria-valuenow');
		for (let i = 0; i < 4; i++) await spot.press('Shift+ArrowRight');
		await expect(spot).not.toHaveAttribute('aria-valuenow', landed ?? '');
		await expect(call(page)).toContainText('Your choice');
	});
	await test.step('the damage is limited on a slope where nothing stops, and an empty bag is explained', async () => {
		await page.locator('body').press('n');
		await called(page);
		await type(page, 'Slope to pin (+ up)', '-20');
		await expect(call(page)).toContainText('Damage limitation');
		await answered(page);
		await expect(page.getByTestId('ladder')).toContainText('would not stop by the hole');
		await ask(page, 'Who plays');
		await page.getByRole('link', { name: /^Bag:/ }).click();
		await page.getByRole('tab', { name: 'Clubs' }).click();
		const retire = page.getByRole('button', { name: /^Retire the/ });
		await expect(retire).toHaveCount(11);
		for (let left = 11; left > 0; left--) {
			await retire.first().click();
			await expect(retire).toHaveCount(left - 1);
		}
		await expect(page.getByText('The bag is empty').first()).toBeVisible();
		await page.getByRole('link', { name: 'Shot', exact: true }).click();
		await expect(call(page)).toContainText('The bag is empty');
		await page.getByRole('link', { name: 'Bag', exact: true }).click();
		await page.getByRole('tab', { name: 'Clubs' }).click();
		await page.getByRole('button', { name: 'Take this set' }).click();
		await expect(retire).toHaveCount(14);
		await page.getByRole('link', { name: 'Shot', exact: true }).click();
		await type(page, 'Slope to pin (+ up)', '0');
		await called(page);
	});
});

test('opens what the release before kept, says what cannot be read, and takes all of it along', async ({
	page
}) => {
	// The icon has the origin and none of the app: nothing has opened the database yet.
	await page.goto('/icon.svg');
	const { version, stores } = golden;
	await page.evaluate(
		({ version, stores, tables }) =>
			new Promise<void>((resolve, reject) => {
				const asked = indexedDB.open('crisp-landing', version);
				asked.onupgradeneeded = () => {
					const db = asked.result;
					for (const [store, keys] of Object.entries(tables)) {
						const [keyPath, ...indexes] = keys.split(', ');
						const made = db.createObjectStore(store, { keyPath });
						// An index of several fields is written in brackets.
						for (const index of indexes)
							made.createIndex(
								index,
								index.startsWith('[') ? index.slice(1, -1).split('+') : index
							);
					}
					for (const [store, rows] of Object.entries(stores))
						for (const row of rows) asked.transaction!.objectStore(store).put(row);
				};
				asked.onsuccess = () => {
					asked.result.close();
					resolve();
				};
				asked.onerror = () => reject(new Error('not opened'));
			}),
		{ version, stores, tables }
	);
	await page.goto('/saved');
	await expect(page.getByRole('textbox', { name: /^Name of / })).toHaveCount(
		stores['shots']!.length - 1
	);
	await expect(page.locator('html')).toHaveAttribute('data-theme', 'sunlight');
	await page.getByRole('button', { name: 'Name', exact: true }).click();
	await expect(page.getByRole('columnheader', { name: 'Name' })).toHaveAttribute(
		'aria-sort',
		'ascending'
	);
	await page.goto('/data');
	await expect(page.getByRole('row', { name: /Damaged/ })).toBeVisible();
	const [file] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'Save an archive' }).click()
	]);
	await expect(page.getByText('1 row that cannot be read, as they are')).toBeVisible();
	const path = await file.path();
	await page.getByRole('button', { name: 'Remove Damaged' }).click();
	await expect(page.getByRole('row', { name: /Damaged/ })).toHaveCount(0);
	await page.getByLabel('Read an archive').setInputFiles(path);
	// It was removed here since: it stays away unless it is asked back.
	await expect(page.getByRole('row', { name: /Stays away, removed here since/ })).toBeVisible();
	await page.getByLabel('Bring back what was removed here').check();
	await page.getByRole('button', { name: 'Take it in' }).click();
	await expect(page.getByText(/Imported: 0 new, \d replaced, 1 brought back/)).toBeVisible();
	await expect(page.getByRole('row', { name: /Damaged/ })).toBeVisible();
	await page.goto('/?shot=demo-3');
	await called(page);
});

test('keeps the call as a strip on a phone while a question is open, and tells what a stance, the sand and several kinds of grass do', async ({
	page
}) => {
	await page.setViewportSize({ width: 390, height: 844 });
	await firstCall(page);
	await page.getByRole('button', { name: /^In the way/ }).scrollIntoViewIfNeeded();
	await ask(page, 'In the way');
	await page.getByRole('button', { name: 'Add something in the way' }).click();
	await page.getByRole('combobox', { name: 'Where', exact: true }).selectOption('left');
	await page.getByRole('combobox', { name: 'What', exact: true }).selectOption('water');
	await sampled(page);
	await page.evaluate(() => window.scrollTo(0, 400));
	const [club] = (await call(page).locator('p').first().textContent())!.trim().split('·');
	// Not what is only heard.
	const seen = page.getByText(club!.trim()).and(page.locator(':not([role="status"])'));
	await expect(seen.first()).toBeInViewport();
	await answered(page);
	await expect(page.getByRole('button', { name: /^In the way/ })).toContainText('Water left');
	await ask(page, 'Stance');
	await type(page, 'Uphill to the target (+)', '-12');
	await answered(page);
	// The first is a putt, which no slope changes.
	await page.locator('body').press('2');
	await page.getByRole('tab', { name: 'Setup' }).click();
	await expect(page.getByText(/^Downhill: shoulders and weight/)).toBeVisible();
	await ask(page, 'Distances');
	await page.getByRole('button', { name: 'More than one kind' }).click();
	await page.getByLabel('Stretch 1', { exact: true }).selectOption('rough');
	await ask(page, 'How it lies');
	await page.getByText('Sand', { exact: true }).click();
	await page.getByLabel('The sand', { exact: true }).selectOption('plugged');
	await called(page);
	await expect(page.getByRole('button', { name: /^How it lies/ })).toContainText('Sand, plugged');
	await page.reload();
	await expect(page.getByRole('button', { name: /^How it lies/ })).toContainText('Sand, plugged');
	await expect(page.getByRole('button', { name: /^Stance/ })).toContainText('12 % downhill');
	await ask(page, 'Distances');
	await expect(page.getByLabel('Stretch 1', { exact: true })).toHaveValue('rough');
});

test.describe('where motion is welcome', () => {
	test.use({ contextOptions: { reducedMotion: 'no-preference' } });

	test('the ball flies a new call once, and can be held, moved and played again', async ({
		page
	}) => {
		await firstCall(page);
		const time = page.getByRole('slider', { name: 'Time since the strike' });
		const now = async () => Number(await time.inputValue());
		await page.getByRole('button', { name: 'Hold the ball' }).click();
		const held = await now();
		expect(held).toBeGreaterThan(0);
		await time.press('ArrowRight');
		expect(await now()).toBeCloseTo(held + 0.02, 6);
		await page.getByRole('button', { name: 'Play the ball' }).click();
		await expect(page.getByRole('button', { name: 'Hold the ball' })).toBeVisible();
		await expect.poll(now).toBeGreaterThan(held + 0.5);
		// At rest the ball lies where it ended, and nothing begins anew.
		await expect(page.getByRole('button', { name: 'Play the ball' })).toBeVisible();
		expect(await now()).toBeCloseTo(Number(await time.getAttribute('max')), 1);
	});
});
