import { expect, test } from '@playwright/test';
import { putOn } from './accessible';
import { readDemo } from './screen';
import { stumbles } from './sight';

const SHOTS = [3, 7, 9, 10, 11, 12, 14, 16].map((n) => `/?shot=demo-${n}`);
const GREENS = ['/greens/green-kiln', '/greens/green-spoil-heap'];
const VIEWS = [
	'/greens',
	'/bag',
	'/pupils',
	'/pupils/pupil-ida',
	'/practice',
	'/practice/drill/landing-box',
	'/practice/session-1',
	'/log',
	'/saved',
	'/ratios?green=green-ledge',
	'/rule',
	'/handbook',
	'/data'
];

for (const [width, height] of [
	[390, 844],
	[768, 1024],
	[1280, 800]
] as const)
	test(`nothing lies over anything else, is cut, or takes the focus out of sight at ${width}`, async ({
		page
	}) => {
		test.setTimeout(300_000);
		await page.emulateMedia({ reducedMotion: 'reduce' });
		await readDemo(page);
		await page.setViewportSize({ width, height });
		const found: string[] = [];
		const open = async (path: string) => {
			await page.goto(path);
			await expect(page.getByRole('heading', { level: 1 }).first()).toBeAttached();
			await expect(page.getByRole('heading', { name: /is not here/ })).toHaveCount(0);
		};
		for (const path of SHOTS) {
			await open(path);
			await expect(page.getByTestId('call')).toHaveAttribute('data-status', 'ready', {
				timeout: 60_000
			});
			for (const key of ['l', 'r', 'w', 'p', 's', 'c']) {
				await page.locator('body').press(key);
				found.push(...(await stumbles(page, `${path} ${key}`)));
			}
		}
		for (const path of GREENS) {
			await open(path);
			await expect(page.getByText('Working out the surface')).toHaveCount(0);
			for (const key of ['1', '2', '3', '4']) {
				await page.locator('body').press(key);
				found.push(...(await stumbles(page, `${path} ${key}`)));
			}
		}
		for (const path of VIEWS) {
			await open(path);
			for (const look of ['sunlight', 'paper']) {
				await putOn(page, look);
				found.push(...(await stumbles(page, `${path} ${look}`)));
			}
		}
		expect(found).toEqual([]);
	});

test('at 320 pixels nothing is wider than the screen, and every view has a title and steps no heading', async ({
	page
}) => {
	test.setTimeout(180_000);
	await readDemo(page);
	await page.setViewportSize({ width: 320, height: 640 });
	const titles = new Set<string>();
	for (const path of ['/?shot=demo-3', ...GREENS, ...VIEWS]) {
		await page.goto(path);
		const heading = page.getByRole('heading', { level: 1 }).first();
		await expect(heading).toBeAttached();
		await expect
			.poll(() => page.evaluate(() => document.documentElement.scrollWidth), { message: path })
			.toBeLessThanOrEqual(320);
		const title = await page.title();
		expect(title.startsWith((await heading.textContent())!.trim()), title).toBe(true);
		expect(title).toMatch(/ · Crisp Landing$/);
		titles.add(title);
		const levels = await page
			.locator('main')
			.locator('h1, h2, h3, h4')
			.evaluateAll((all) => all.map((one) => Number(one.tagName[1])));
		levels.forEach((level, i) =>
			expect(level - (levels[i - 1] ?? 0), `${path}: heading ${i + 1}`).toBeLessThanOrEqual(1)
		);
	}
	expect(titles.size).toBe(GREENS.length + VIEWS.length + 1);
});
