import { expect, test, type Page } from './test';
import { accessible } from './accessible';
import { called, field, firstCall, onDevice, readDemo, typeInto, visit } from './screen';

test.use({
	viewport: { width: 390, height: 844 },
	hasTouch: true,
	isMobile: true,
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

test('by one thumb a slope is read off the phone, a speed timed, a shot paced and a session shared', async ({
	page
}) => {
	await readDemo(page);
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
	await called(page);
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
	await called(page);

	await visit(page, '/practice/session-1');
	await page.getByRole('button', { name: 'Share the session' }).tap();
	const given = () => page.evaluate(() => (globalThis as unknown as { given: string[] }).given);
	await expect.poll(async () => (await given()).length).toBe(1);
	const file = JSON.parse((await given())[0]!) as { sessions: { id: string }[] };
	expect(file.sessions.map(({ id }) => id)).toEqual(['session-1']);
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

test.describe('on the device', () => {
	test.use({ serviceWorkers: 'allow' });

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
		await test.step('then a file that another app shares is read, and one that is damaged says where', async () => {
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
	});
});
