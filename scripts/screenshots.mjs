// Takes the pictures in docs/screenshots from a running demo: npm run demo, then npm run screenshots [-- NAMES].
import { mkdirSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { browserPath } from './setup.mjs';

const ADDRESS = process.env.ADDRESS ?? 'http://localhost:4173';
const FOLDER = 'docs/screenshots';
const DESK = { width: 1280, height: 800 };
/** For what would be cut in two. */
const TALL = { width: 1280, height: 1180 };
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
/** A landing box on a green, or some balls of it on a phone. */
const onLedge = async (page) => {
	await page.getByLabel('Green', { exact: true }).selectOption({ label: 'Ledge green' });
	await page.getByLabel('Toward').selectOption({ label: 'Middle' });
};
const somePractice = async (page) => {
	await onLedge(page);
	await page.getByRole('button', { name: /^Start( with|$)/ }).click();
	const green = page.getByRole('application');
	await green.waitFor();
	const { x, y, width, height } = await green.boundingBox();
	for (const [across, down] of [
		[0.49, 0.77],
		[0.52, 0.3],
		[0.51, 0.755],
		[0.47, 0.36],
		[0.5, 0.785],
		[0.5, 0.27],
		[0.485, 0.76]
	])
		await page.mouse.click(x + width * across, y + height * down);
};
const foundInLog = async (page) => {
	await button(page, 'Correct the plans').waitFor();
	await page
		.getByRole('tablist', { name: 'Log' })
		.evaluate((tabs) => scrollTo(0, tabs.offsetTop - 64));
};
const week = (page) => page.getByRole('tab', { name: 'Week' }).click();
/** The hand-out of the last lesson of hers that was summed up; how many weeks ago that was depends on the day. */
const handOut = async (page) => {
	const handOuts = page.getByRole('link', { name: /^Hand-out/ });
	for (let weeks = 1; (await handOuts.count()) === 0; weeks++) {
		if (weeks > 1) await page.goto(`${ADDRESS}/lessons`);
		await week(page);
		for (let i = 0; i < weeks; i++) await button(page, 'Earlier').click();
		await page
			.getByRole('link', { name: /:\d\d Ida Brenner(?!,| and)/ })
			.first()
			.click();
		await page.getByText('When and where').first().waitFor();
	}
	await handOuts.first().click();
	await page.getByText('Air and ground').first().waitFor();
};
/** A shot as the eye meets it. */
const behind = async (page) => {
	await button(page, 'From behind the ball').click();
	const picture = page.getByRole('application');
	await picture.waitFor();
	await page.waitForTimeout(4000);
	await picture.evaluate((one) => scrollBy(0, one.getBoundingClientRect().top - 300));
};
/** Where the stations of a clinic are, judged. */
const stations = async (page) => {
	const part = page.getByRole('region', { name: 'Stations' });
	await part.getByText('Safe.').waitFor({ timeout: 60_000 });
	await part.evaluate((heading) => scrollTo(0, heading.getBoundingClientRect().top + scrollY - 64));
};
/** A saved shot that was read, with what came of it. */
const readShot = async (page) => {
	await page.getByLabel('Shots').selectOption('saved');
	await button(page, 'As from short grass').click();
	await button(page, 'Middle').click();
	await button(page, 'There').click();
	await button(page, '1 : 1').click();
	await button(page, 'PW').click();
	await page.locator('fieldset[data-step=swing] button').nth(4).click();
	await button(page, 'That is the line').click();
	await button(page, 'Next shot').waitFor({ timeout: 60_000 });
	await page.waitForTimeout(6000);
	await page.evaluate(() => scrollTo(0, 0));
};
const learned = async (page) => {
	await page.getByRole('tab', { name: 'Learned' }).click();
	await button(page, 'Read the roll-outs').click();
	await button(page, 'Plan with this strike').waitFor({ timeout: 60_000 });
};
const PICTURES = [
	{ name: 'shot', path: '/?shot=demo-3' },
	{
		name: 'question',
		path: '/?shot=demo-5',
		act: (page) => page.getByRole('button', { name: /^Which shot/ }).click()
	},
	{ name: 'ratio', path: '/?shot=demo-1', act: key('r') },
	{ name: 'ratios', path: '/ratios?green=green-ledge', plain: true },
	{ name: 'setup', path: '/?shot=demo-4', act: key('p') },
	{ name: 'behind', path: '/?shot=demo-12', act: behind },
	{ name: 'greens', path: '/greens', plain: true },
	{ name: 'bag', path: '/bag', plain: true },
	{ name: 'drill', path: '/practice/drill/landing-box', plain: true, act: onLedge },
	{
		name: 'runner',
		path: '/practice/drill/landing-box',
		plain: true,
		view: PHONE,
		act: somePractice
	},
	{ name: 'session', path: '/practice/session-1', plain: true },
	{ name: 'learned', path: '/pupils/pupil-ida', plain: true, act: learned },
	{ name: 'lessons', path: '/lessons', plain: true, act: week },
	{ name: 'handout', path: '/lessons', plain: true, act: handOut },
	{ name: 'clinic', path: '/lessons/clinic-2026-10-31', plain: true, view: TALL, act: stations },
	{ name: 'trainer', path: '/practice/trainer', plain: true, act: readShot },
	{ name: 'forecast', path: '/log', plain: true, act: panel('Forecast', foundInLog) },
	{ name: 'phone', path: '/?shot=demo-7', view: PHONE }
];

mkdirSync(FOLDER, { recursive: true });
const browser = await chromium.launch({
	executablePath: browserPath(),
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
const names = process.argv.slice(2);
const wanted = PICTURES.filter(({ name }) => names.length === 0 || names.includes(name));
for (const { name, path, act, view = DESK, plain } of wanted) {
	const page = await browser.newPage({ viewport: view, reducedMotion: 'reduce', locale: 'en-GB' });
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
