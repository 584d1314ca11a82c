import { expect, test, type Page } from '@playwright/test';
import { call, readDemo, sampled } from './screen';

const VIEWS = [
	'/',
	'/greens',
	'/greens/green-kiln',
	'/bag',
	'/saved',
	'/pupils',
	'/pupils/pupil-ida',
	'/practice',
	'/practice/drill/landing-box',
	'/practice/session-3',
	'/homework/homework-1',
	'/data'
];

/** Says in every view what is wrong, and still works a shot out. */
async function isTold(page: Page, words: RegExp, views = VIEWS): Promise<void> {
	for (const path of views) {
		await page.goto(path);
		await expect(page.getByRole('alert').filter({ hasText: words }).first()).toBeVisible();
		await expect(page.getByRole('button', { name: 'Save what is stored' }).first()).toBeVisible();
		await expect(page.getByRole('button', { name: 'Try again' }).first()).toBeVisible();
	}
	await page.goto('/');
	await page.getByRole('button', { name: 'Draw this shot' }).click();
	await sampled(page);
	await expect(call(page)).toContainText(/land it|roll it/);
}

test('a browser without a database is told of in every view, and shots are still worked out', async ({
	page
}) => {
	await page.addInitScript(() => Reflect.deleteProperty(Window.prototype, 'indexedDB'));
	await page.addInitScript(() =>
		Object.defineProperty(window, 'indexedDB', { value: undefined, configurable: true })
	);
	await isTold(page, /cannot be read or kept/);
});

test('a database that is denied is told of in every view, and shots are still worked out', async ({
	page
}) => {
	await page.addInitScript(() => {
		IDBFactory.prototype.open = () => {
			throw new DOMException('The operation is insecure.', 'SecurityError');
		};
	});
	await isTold(page, /cannot be read or kept/);
});

test('a database that fails whatever is read of it is told of in every view, and shots are still worked out', async ({
	page
}) => {
	await page.addInitScript(() => {
		for (const name of ['get', 'getAll', 'openCursor', 'count'] as const)
			for (const prototype of [IDBObjectStore.prototype, IDBIndex.prototype])
				Object.assign(prototype, {
					[name]: () => {
						throw new DOMException('The disk does not answer.', 'UnknownError');
					}
				});
	});
	await isTold(page, /cannot be read or kept/);
});

test('what is stored is there again once the disk answers', async ({ page }) => {
	await readDemo(page);
	await page.addInitScript(() => {
		const { prototype } = IDBObjectStore;
		const healthy = () => sessionStorage.getItem('healthy') !== null;
		for (const name of ['getAll', 'getAllKeys']) {
			const table = Object.getOwnPropertyDescriptor(prototype, name)!;
			Object.defineProperty(prototype, name, {
				...table,
				value: new Proxy(table.value as object, {
					apply(read, store: IDBObjectStore, asked: unknown[]) {
						if (!healthy() && store.name === 'greens')
							throw new DOMException('The disk does not answer.', 'UnknownError');
						return Reflect.apply(read as () => unknown, store, asked) as unknown;
					}
				})
			});
		}
	});
	await page.goto('/greens');
	await expect(page.getByRole('alert').filter({ hasText: 'does not answer' })).toBeVisible();
	await page.evaluate(() => sessionStorage.setItem('healthy', 'yes'));
	await page.getByRole('main').getByRole('button', { name: 'Try again' }).click();
	await expect(page.getByRole('link', { name: 'Kiln green', exact: true })).toBeVisible();
});

test('a database that hangs is told of, and shots are still worked out', async ({ page }) => {
	await page.addInitScript(() => {
		IDBFactory.prototype.open = () => ({ addEventListener: () => {} }) as never;
	});
	await isTold(page, /does not answer/, ['/greens', '/bag']);
});

test('what a newer release stored is left alone, told of, and can be saved', async ({ page }) => {
	await page.goto('/icon.svg');
	await page.evaluate(
		() =>
			new Promise<void>((resolve) => {
				const asked = indexedDB.open('crisp-landing', 990);
				asked.onupgradeneeded = () => {
					asked.result.createObjectStore('rounds', { keyPath: 'id' }).put({ id: 'r' });
					asked.result.createObjectStore('greens', { keyPath: 'id' }).put({
						id: 'g',
						name: 'From tomorrow',
						outline: [
							[0, 0],
							[9, 0],
							[4, 7]
						]
					});
				};
				asked.onsuccess = () => {
					asked.result.close();
					resolve();
				};
			})
	);
	await page.goto('/greens');
	await expect(page.getByRole('alert').first()).toBeVisible();
	const [file] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'Save what is stored' }).first().click()
	]);
	expect(file.suggestedFilename()).toMatch(/^crisp-landing-rescued-/);
	await expect(page.getByText('Saved all 1 rows as an archive.')).toBeVisible();
});
