// When the app can be read after it was opened, in milliseconds: npm run opening. A fresh demo three times, each read again twice. Wants a
// build (npm run build) and measures on this machine: read it beside another run, not as a promise.
import { spawn } from 'node:child_process';
import { chromium } from '@playwright/test';
import { browserPath } from './setup.mjs';

const PORT = '4322';
const ADDRESS = `http://localhost:${PORT}`;
const VISITS = 3;

const server = spawn(process.execPath, ['scripts/serve.mjs'], {
	env: { ...process.env, PORT, HOST: '127.0.0.1', ORIGIN: ADDRESS, CRISP_DEMO: '1' },
	stdio: 'ignore'
});
await new Promise((resolve) => setTimeout(resolve, 2500));
const browser = await chromium.launch({
	executablePath: browserPath(),
	args: ['--no-sandbox', '--disable-gpu']
});

/** Notes in the page when something is first there. */
function watch() {
	const noted = {};
	globalThis.noted = noted;
	const note = (what) => (noted[what] ??= Math.round(performance.now()));
	const look = () => {
		if (document.querySelector('header')) note('frame');
		const call = document.querySelector('[data-testid=call]');
		if (/\d/.test(call?.innerText ?? '')) note('call');
		if (call?.dataset.status === 'ready') note('strokes');
		if (noted.strokes === undefined) requestAnimationFrame(look);
	};
	requestAnimationFrame(look);
}

try {
	for (let i = 1; i <= VISITS; i++) {
		const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
		const page = await context.newPage();
		await page.addInitScript(watch);
		for (const what of ['fresh demo', 'read again', 'once more']) {
			await page.goto(ADDRESS);
			await page.waitForFunction(() => globalThis.noted?.strokes !== undefined);
			const { frame, call, strokes } = await page.evaluate(() => globalThis.noted);
			console.log(
				`visit ${i}, ${what.padEnd(10)}  frame ${frame}, the call ${call}, its strokes ${strokes} ms`
			);
			await page.waitForTimeout(1500);
		}
		await context.close();
	}
} finally {
	await browser.close();
	server.kill();
}
