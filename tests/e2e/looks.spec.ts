import { expect, test, type Page } from '@playwright/test';
import { putOn, violations } from './accessible';
import { readDemo } from './screen';

const SHOT = '/?shot=demo-9';
const VIEWS = [
	SHOT,
	'/greens',
	'/greens/green-kiln',
	'/bag',
	'/pupils',
	'/pupils/pupil-ida',
	'/practice',
	'/practice/drill/landing-box',
	'/lessons',
	'/log',
	'/saved',
	'/ratios?green=green-ledge',
	'/rule',
	'/data'
];
const LOOKS = {
	// Paper is what every other test of accessibility looks at.
	slate: ['color-contrast', 'target-size'],
	// Outdoors everything that is read must stand out by seven to one.
	sunlight: ['color-contrast', 'color-contrast-enhanced', 'target-size']
} as const;

async function open(page: Page, path: string): Promise<void> {
	await page.goto(path);
	await expect(page.getByRole('heading', { level: 1 }).first()).toBeAttached();
	if (path === SHOT)
		await expect(page.getByTestId('call')).toHaveAttribute('data-status', 'ready', {
			timeout: 60_000
		});
}

test('every view is legible in every look, and keeps its width on a tablet and with letters twice as large', async ({
	page
}) => {
	test.setTimeout(300_000);
	await page.emulateMedia({ reducedMotion: 'reduce' });
	await readDemo(page);
	// As somebody sets their browser to larger letters.
	const devtools = await page.context().newCDPSession(page);
	const lettersOf = (standard: number) =>
		devtools.send('Page.setFontSizes', { fontSizes: { standard, fixed: standard } });
	const width = () => page.evaluate(() => document.documentElement.scrollWidth);
	const found: string[] = [];
	for (const path of VIEWS) {
		await open(page, path);
		for (const [look, rules] of Object.entries(LOOKS)) {
			await putOn(page, look);
			found.push(...(await violations(page, `${path} (${look})`, rules)));
		}
		const running = () => document.getAnimations().filter((one) => one.playState === 'running');
		expect((await page.evaluate(running)).length, `${path} moves`).toBe(0);
		await page.emulateMedia({ forcedColors: 'active' });
		await page.setViewportSize({ width: 1024, height: 768 });
		await expect.poll(width, { message: `${path} at 1024` }).toBeLessThanOrEqual(1024);
		await page.setViewportSize({ width: 1280, height: 800 });
		await lettersOf(32);
		await expect.poll(width, { message: `${path} at 200 %` }).toBeLessThanOrEqual(1280);
		await lettersOf(16);
		await page.emulateMedia({ forcedColors: 'none' });
	}
	expect(found).toEqual([]);
});

test('drawings say their figures, and their handles show the focus', async ({ page }) => {
	await readDemo(page);
	await open(page, SHOT);
	const section = page.getByRole('group', { name: /m|yd/ }).first();
	await expect(section).toHaveAttribute('aria-label', /\d/);
	const ball = page.getByRole('slider', { name: 'Ball', exact: true }).first();
	await ball.focus();
	const ring = await ball.locator('.ring').evaluate((node) => getComputedStyle(node).strokeWidth);
	expect(parseFloat(ring)).toBeGreaterThanOrEqual(3);
});
