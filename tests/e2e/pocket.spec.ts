import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { accessible } from './accessible';
import { field, firstCall, onDevice, takeDemoIn, sampled, typeInto } from './screen';

test.use({
	viewport: { width: 390, height: 844 },
	hasTouch: true,
	isMobile: true,
	serviceWorkers: 'allow',
	// Nobody can be asked whether the phone may feel how it lies.
	permissions: ['accelerometer', 'gyroscope']
});

/** Lets the emulated phone lie on a slope until what is asked for is on the screen: it trembles a little, as phones do. */
async function lie(page: Page, along: number, across: number, until: () => Promise<boolean>) {
	const devtools = await page.context().newCDPSession(page);
	for (let i = 0; i < 400 && !(await until()); i++)
		await devtools.send('DeviceOrientation.setDeviceOrientationOverride', {
			alpha: 0,
			beta: along + (i % 2 ? 0.01 : -0.01),
			gamma: -across + (i % 3 ? 0.01 : -0.02)
		});
	await devtools.detach();
}

const degrees = (percent: number) => (Math.atan(percent / 100) * 180) / Math.PI;

/** Lays the phone down twice on a slope in percent; it reads half a percent too much along itself. */
async function layTwice(page: Page, along: number, across: number): Promise<void> {
	const seen = (name: string) => () => page.getByRole('button', { name }).isVisible();
	await page.getByRole('button', { name: 'Read the slope' }).tap();
	await lie(page, degrees(along + 0.5), degrees(across), seen('Read it turned'));
	await page.getByRole('button', { name: 'Read it turned' }).tap();
	await lie(page, degrees(-along + 0.5), degrees(-across), seen('Take it'));
}

async function timePutt(page: Page, length: string, ms: number): Promise<void> {
	await page.getByRole('button', { name: 'Struck' }).tap();
	await page.clock.fastForward(ms);
	await page.getByRole('button', { name: 'At rest' }).tap();
	await typeInto(field(page, 'It rolled'), length);
	await page.getByRole('button', { name: 'Note it' }).tap();
}

/** Touches the practice drawing at a share of its width and height. */
async function touch(page: Page, across: number, down: number): Promise<void> {
	const green = page.getByRole('application');
	await green.scrollIntoViewIfNeeded();
	const box = (await green.boundingBox())!;
	await page.touchscreen.tap(box.x + box.width * across, box.y + box.height * down);
}

test('a morning on the green by one thumb, without a network, and everything is there afterwards', async ({
	page: first,
	context
}) => {
	test.setTimeout(240_000);
	await firstCall(first);
	await takeDemoIn(first);
	await onDevice(first);
	await context.setOffline(true);
	await first.close();

	// The browser starts again, without a server to ask.
	const page = await context.newPage();
	await page.clock.install();
	await page.addInitScript(() => {
		const given: string[] = [];
		Object.assign(globalThis, { given });
		Object.assign(navigator, {
			canShare: () => true,
			share: async ({ files }: { files: File[] }) => void given.push(await files[0]!.text())
		});
	});
	await page.goto('/greens');
	await page.getByRole('main').getByRole('link').first().tap();
	await page.getByRole('tab', { name: 'Speed' }).tap();
	await page.getByRole('button', { name: 'Time a few putts' }).tap();
	await page.getByLabel('Slope of the line').selectOption('By the phone …');
	await layTwice(page, 1.5, 0);
	await expect(page.getByTestId('tilt')).toContainText('1.5 ± 0.5 %, rising');
	await accessible(page, 'phone laid down');
	await page.getByRole('button', { name: 'Take it' }).tap();
	await expect(page.getByText('1.5 % uphill one way')).toBeVisible();
	await timePutt(page, '5', 2600);
	await timePutt(page, '5', 2620);
	await expect(page.getByTestId('timed-speed')).toContainText(/^\s*\d+\.\d ± \d\.\d ft/);
	await accessible(page, 'timed putts');
	const speed = (await page.getByTestId('timed-speed').textContent())!.trim();
	await page.getByRole('button', { name: 'Keep it' }).tap();
	await expect(page.getByTestId('speed')).toHaveText(speed);

	// A shot, on the speed that was just measured.
	await page.getByRole('tab', { name: 'Pins', exact: true }).tap();
	await page.getByRole('link', { name: 'Plan a shot' }).first().tap();
	await sampled(page);
	await expect(page.getByText(`${speed.split(' ')[0]} ft`).first()).toBeVisible();
	await page.getByRole('button', { name: /^Distances/ }).tap();
	await page.getByRole('button', { name: 'Pace both' }).tap();
	for (let i = 0; i < 5; i++)
		await page.getByRole('button', { name: 'One pace', exact: true }).tap();
	await page.getByRole('button', { name: 'Turn here' }).tap();
	for (let i = 0; i < 9; i++)
		await page.getByRole('button', { name: 'One pace', exact: true }).tap();
	await page.getByRole('button', { name: 'Here it ends' }).tap();
	await accessible(page, 'paces');
	await page.getByRole('button', { name: 'Take it' }).tap();
	await sampled(page);

	// Five balls.
	await page.goto('/practice');
	await page
		.getByRole('link', { name: /Landing box/ })
		.first()
		.tap();
	await page.getByRole('button', { name: /^Start( with|$)/ }).tap();
	const now = page.getByTestId('now');
	for (let i = 0; i < 5; i++) {
		const before = await now.textContent();
		await touch(page, 0.45 + 0.03 * i, 0.72);
		await touch(page, 0.5, 0.35);
		await expect(now).not.toHaveText(before ?? '');
	}
	await page.getByRole('button', { name: 'End the session' }).tap();
	await page.getByRole('button', { name: 'Share the session' }).tap();
	await expect
		.poll(() => page.evaluate(() => (globalThis as unknown as { given: string[] }).given.length))
		.toBe(1);
	const [given] = await page.evaluate(() => (globalThis as unknown as { given: string[] }).given);
	const file = JSON.parse(given!) as { balls: unknown[]; sessions: { name: string }[] };
	expect(file.balls).toHaveLength(5);

	// Back online, everything is there, and a file of it says so.
	await context.setOffline(false);
	await page.reload();
	await expect(
		page.getByRole('heading', { name: /What it changes in (the|your) bag/ })
	).toBeVisible();
	await page.goto('/data');
	const [saved] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'Save an archive' }).tap()
	]);
	await expect(page.getByTestId('last-archive')).toContainText('Nothing has changed since');
	const path = await saved.path();
	expect(readFileSync(path, 'utf8')).toContain('"method": "timed"');
	await page.getByLabel('Try a file out').setInputFiles(path);
	await expect(page.getByText(/holds everything that is here/)).toBeVisible();
});

test('a file that another app shares is read, and one that is damaged says where', async ({
	page
}) => {
	await firstCall(page);
	await onDevice(page);
	await page.evaluate(async () => {
		const form = new FormData();
		form.append(
			'file',
			new File(['{"format": "crisp-landing archive",\n "version": x}'], 'bad.json')
		);
		await fetch('/take-in', { method: 'POST', body: form });
	});
	await page.goto('/data?taken-in');
	await expect(page.getByRole('alert')).toContainText(
		'bad.json was not imported. The file is not JSON from line 2, column 13 on'
	);
});

test('nothing stirs while nobody does anything', async ({ page }) => {
	await page.clock.install();
	await page.addInitScript(() => {
		const woken = { count: 0 };
		Object.assign(globalThis, { woken });
		for (const name of ['setTimeout', 'setInterval', 'requestAnimationFrame'] as const) {
			const original = globalThis[name] as (run: () => void, ...rest: number[]) => number;
			Object.assign(globalThis, {
				[name]: (run: (...args: unknown[]) => void, ...rest: number[]) =>
					original.call(
						globalThis,
						(...args: unknown[]) => {
							woken.count++;
							run(...args);
						},
						...rest
					)
			});
		}
	});
	await firstCall(page);
	const count = () =>
		page.evaluate(() => (globalThis as unknown as { woken: { count: number } }).woken.count);
	// What the first shot brought about comes to its end, its message goes away by itself: then a minute passes in which nothing stirs.
	const inAMinute = async () => {
		const before = await count();
		await page.clock.runFor(60_000);
		return (await count()) - before;
	};
	await expect.poll(inAMinute).toBeLessThanOrEqual(2);
});

test('a first call takes at most 120 kB of scripts over the wire; what it does not need comes after it', async ({
	page
}) => {
	const sizes = new Map<string, number>();
	page.on('response', (response) => {
		if (response.url().endsWith('.js'))
			sizes.set(response.url(), Number(response.headers()['content-length']));
	});
	// What has been asked for in the moment the call is on the screen; the planner's file comes once for all workers.
	await page.addInitScript(() => {
		const watch = new MutationObserver(() => {
			const text = document.querySelector('[data-testid="first-call"]')?.textContent ?? '';
			if (!/land it|roll it/.test(text)) return;
			watch.disconnect();
			const asked = performance.getEntriesByType('resource').map(({ name }) => name);
			Object.assign(globalThis, { asked });
		});
		watch.observe(document, { childList: true, characterData: true, subtree: true });
	});
	await page.goto('/');
	const asked = await page.waitForFunction(() => (globalThis as { asked?: string[] }).asked);
	const before = new Set((await asked.jsonValue())!.filter((name) => name.endsWith('.js')));
	expect([...before].join()).toContain('planner.worker');
	const wire = [...before].reduce((sum, name) => sum + sizes.get(name)!, 0);
	expect(wire).toBeGreaterThan(50_000);
	expect(wire).toBeLessThanOrEqual(120_000);
	await expect.poll(() => sizes.size).toBeGreaterThan(before.size + 10);
	await onDevice(page);
});
