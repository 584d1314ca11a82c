// Takes the pictures in docs/screenshots from a running demo: npm run demo, then npm run screenshots.
import { mkdirSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { CHROMIUM } from './setup.mjs';

const ADDRESS = process.env.ADDRESS ?? 'http://localhost:4173';
const FOLDER = 'docs/screenshots';
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
const SETTLE = 1500;

const key = (name) => (page) => page.locator('body').press(name);
const button = (page, name) => page.getByRole('button', { name, exact: true });
/** A panel of the Greens view, its surface worked out. */
const panel = (name, act) => async (page) => {
	await page.getByText('Working out the surface').waitFor({ state: 'hidden' });
	await page.getByRole('tab', { name, exact: true }).click();
	await act?.(page);
};
const misses = async (page) => {
	await button(page, 'Work out where to miss').click();
	await page.getByTestId('miss-call').waitFor({ timeout: 120_000 });
};
const twoPins = async (page) => {
	await button(page, 'Compare the two').click();
	await page.getByTestId('duel-call').waitFor({ timeout: 60_000 });
};
const rolls = async (page) => {
	await button(page, 'Roll a ramp').click();
	await button(page, 'Next').click();
	await button(page, 'Take three from the simulated ramp').click();
	await page.getByText('Roll 3', { exact: true }).waitFor({ timeout: 30_000 });
};
const PICTURES = [
	{ name: 'shot', path: '/?shot=demo-3' },
	{
		name: 'question',
		path: '/?shot=demo-5',
		act: (page) => page.getByRole('button', { name: /^How it lies/ }).click()
	},
	{ name: 'why', path: '/?shot=demo-1', act: key('w') },
	{ name: 'setup', path: '/?shot=demo-4', act: key('p') },
	{ name: 'schools', path: '/?shot=demo-2', act: key('s') },
	{ name: 'compare', path: '/?shot=demo-6', act: key('c') },
	{ name: 'map', path: '/?shot=demo-12' },
	{ name: 'greens', path: '/greens', plain: true },
	{ name: 'today', path: '/greens/green-ledge', plain: true, act: panel('Today') },
	{ name: 'survey', path: '/greens/green-kiln', plain: true, act: panel('Survey') },
	{ name: 'misses', path: '/greens/green-kiln', plain: true, act: panel('Misses', misses) },
	{
		name: 'two-pins',
		path: '/greens/green-spoil-heap',
		plain: true,
		act: panel('Two pins', twoPins)
	},
	{ name: 'ramp', path: '/greens/green-kiln', plain: true, view: PHONE, act: rolls },
	{ name: 'bag', path: '/bag', plain: true },
	{ name: 'pupils', path: '/pupils', plain: true },
	{ name: 'data', path: '/data', plain: true },
	{ name: 'saved', path: '/saved', plain: true },
	{ name: 'phone', path: '/?shot=demo-7', view: PHONE }
];

mkdirSync(FOLDER, { recursive: true });
const browser = await chromium.launch({
	executablePath: CHROMIUM,
	args: [
		'--no-sandbox',
		'--disable-gpu',
		'--disable-quic',
		'--no-first-run',
		'--disable-background-networking',
		'--disable-component-update',
		'--disable-sync'
	]
});
for (const { name, path, act, view = DESK, plain } of PICTURES) {
	const page = await browser.newPage({ viewport: view, reducedMotion: 'reduce' });
	await page.goto(`${ADDRESS}/`);
	await page.getByTestId('call').waitFor();
	await page.goto(`${ADDRESS}${path}`);
	if (!plain)
		await page.locator('[data-testid=call][data-status=ready]').waitFor({ timeout: 60_000 });
	await act?.(page);
	await page.waitForTimeout(SETTLE);
	await page.screenshot({ path: `${FOLDER}/${name}.png` });
	await page.close();
	console.log(`${FOLDER}/${name}.png`);
}
await browser.close();
