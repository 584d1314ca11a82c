import { expect, test, type Page } from './test';
import { AA, accessible, putOn, violations } from './accessible';
import { readDemo, sampled, visit } from './screen';
import { stumbles } from './sight';

/** Every width, look and view: `npm run looks`. Otherwise paper on a desk, sunlight on a phone, and of views that are alike one. */
const EVERY = process.env['EVERY_LOOK'] === 'yes';

/** A view in some of its states. */
interface View {
	path: string;
	/** What has to be there before it is looked at. */
	ready?: (page: Page) => Promise<unknown>;
	/** Keys that open one part after another. */
	keys?: readonly string[];
	/** Tabs by their names, one after another. */
	tabs?: readonly string[];
	/** Only looked at for what an eye stumbles over: another one like it is held to the rest. */
	alike?: boolean;
}

const fitted = (page: Page) => expect(page.getByText('Working out the surface')).toHaveCount(0);
/** A session with a ball that is half noted. */
async function begun(page: Page): Promise<void> {
	await page.getByRole('button', { name: /^Start( with|$)/ }).click();
	await expect(page.getByTestId('now')).toBeVisible();
	const green = (await page.getByRole('application').boundingBox())!;
	await page.mouse.click(green.x + green.width / 2, green.y + 0.75 * green.height);
}
const PARTS = ['l', 'r', 'w', 'p', 's', 'c'];
const SURVEY = ['1', '2', '3', '4', '5', '6'];

const shot = (n: number): View => ({
	path: `/?shot=demo-${n}`,
	ready: sampled,
	keys: PARTS,
	alike: n !== 9
});

/** Views that are looked at together: each group has the demo's data read once. */
const GROUPS: Record<string, readonly View[]> = {
	shots: [3, 9, 10, 12, 14, 16].map(shot),
	greens: [
		{ path: '/greens' },
		{ path: '/greens/green-kiln', ready: fitted, keys: SURVEY },
		{ path: '/greens/green-spoil-heap', ready: fitted, keys: SURVEY, alike: true },
		{ path: '/ratios?green=green-ledge' },
		{ path: '/rule' }
	],
	'pupils and their bags': [
		{ path: '/bag' },
		{ path: '/pupils' },
		{ path: '/pupils/pupil-ida', tabs: ['In numbers', 'Learned', 'Who'] },
		{ path: '/saved' },
		{ path: '/data' },
		{ path: '/handbook' }
	],
	'practice and the log': [
		{ path: '/practice', tabs: ['Sessions', 'Homework', 'Drills'] },
		{ path: '/practice/drill/landing-box' },
		{ path: '/practice/drill/second-club-ladder', ready: begun },
		{ path: '/practice/session-1' },
		{ path: '/practice/session-3' },
		{ path: '/practice/trainer' },
		{ path: '/log', tabs: ['Forecast', 'Scores', 'Shots'] }
	],
	lessons: [
		{ path: '/lessons', tabs: ['Week', 'Month', 'Agenda', 'Plans', 'Today'] },
		{ path: '/lessons/series-ida_2026-10-13' },
		{ path: '/lessons/series-ida_2026-10-13/handout' },
		{ path: '/lessons/card' },
		{ path: '/lessons/progress?pupil=pupil-pell' }
	]
};

const WIDTHS = (
	[
		[1280, 800],
		[768, 1024],
		[390, 844]
	] as const
).filter(([wide]) => EVERY || wide !== 768);
/** What is read there must stand out by seven to one; that rule leaves what stands out by less than the usual 4.5 to the usual one. */
const OUT_IN_THE_SUN = { 'color-contrast-enhanced': { enabled: true } };
/** Paper is held to all of WCAG 2.2 AA; the others to what a look can change. */
const LOOKS = [
	['slate', ['color-contrast', 'target-size']],
	['sunlight', ['color-contrast', 'color-contrast-enhanced', 'target-size']]
] as const;

const width = (page: Page): Promise<number> =>
	page.evaluate(() => document.documentElement.scrollWidth);

/** Does something in each state of a view. */
async function inEachState(
	page: Page,
	{ path, keys = [], tabs = [] }: View,
	work: (at: string) => Promise<unknown>
): Promise<void> {
	if (keys.length + tabs.length === 0) await work(path);
	for (const key of keys) {
		await page.locator('body').press(key);
		await work(`${path} ${key}`);
	}
	for (const name of tabs) {
		await page.getByRole('tab', { name, exact: true }).click();
		await work(`${path} ${name}`);
	}
}

/** Holds a view to what an eye stumbles over, and to the judge of accessibility, at every width and in every look. */
async function lookAt(page: Page, view: View, found: string[]): Promise<void> {
	for (const [wide, high] of WIDTHS) {
		if (view.alike && wide === 768) continue;
		await page.setViewportSize({ width: wide, height: high });
		let judged = view.alike || wide === 768;
		await inEachState(page, view, async (state) => {
			const at = `${state} at ${wide}`;
			found.push(...(await stumbles(page, at)));
			if (judged) return;
			if (wide !== 390) return accessible(page, at);
			await putOn(page, 'sunlight');
			found.push(...(await violations(page, at, AA, OUT_IN_THE_SUN)));
			await putOn(page, 'paper');
			// What a phone shows of the other states is in the page of a desk, too.
			judged = true;
		});
	}
	await page.setViewportSize({ width: 768, height: 1024 });
	if (EVERY && !view.alike) await inLooks(page, view, found);
	await putOn(page, 'sunlight');
	found.push(...(await stumbles(page, `${view.path} (sunlight)`)));
	await putOn(page, 'paper');
}

/** Holds a view to what a look can change: parts of one view take the looks in turns; one without parts is seen in each. */
async function inLooks(page: Page, view: View, found: string[]): Promise<void> {
	const hasParts = (view.keys ?? view.tabs ?? []).length > 0;
	let part = 0;
	await inEachState(page, view, async (state) => {
		const turn = part++ % LOOKS.length;
		for (const [look, rules] of hasParts ? LOOKS.slice(turn, turn + 1) : LOOKS) {
			await putOn(page, look);
			found.push(...(await violations(page, `${state} (${look})`, rules)));
		}
	});
}

/** Holds a view to stillness, to larger letters, and to the narrowest screen. */
async function stretch(page: Page, { path }: View): Promise<void> {
	const running = () => document.getAnimations().filter((one) => one.playState === 'running');
	expect((await page.evaluate(running)).length, `${path} moves`).toBe(0);
	if (EVERY) await enlarge(page, path);
	for (const wide of EVERY ? [1024, 320] : [320]) {
		await page.setViewportSize({ width: wide, height: 640 });
		const message = `${path} at ${wide}`;
		await expect.poll(() => width(page), { message }).toBeLessThanOrEqual(wide);
	}
}

/** Holds a view to letters twice as large, as somebody sets their browser to, in the system's own colours. */
async function enlarge(page: Page, path: string): Promise<void> {
	const devtools = await page.context().newCDPSession(page);
	const lettersOf = (standard: number) =>
		devtools.send('Page.setFontSizes', { fontSizes: { standard, fixed: standard } });
	await page.emulateMedia({ forcedColors: 'active' });
	await page.setViewportSize({ width: 1280, height: 800 });
	await lettersOf(32);
	await expect.poll(() => width(page), { message: `${path} at 200 %` }).toBeLessThanOrEqual(1280);
	await lettersOf(16);
	await page.emulateMedia({ forcedColors: 'none' });
	await devtools.detach();
}

/** The title of a page names its heading, and no heading skips a step. */
async function isHeaded(page: Page, path: string): Promise<void> {
	const heading = page.getByRole('heading', { level: 1 }).first();
	const title = await page.title();
	expect(title.startsWith((await heading.textContent())!.trim()), title).toBe(true);
	expect(title).toMatch(/ · Crisp Landing$/);
	const levels = await page
		.locator('main')
		.locator('h1, h2, h3, h4')
		.evaluateAll((all) => all.map((one) => Number(one.tagName[1])));
	levels.forEach((level, i) =>
		expect(level - (levels[i - 1] ?? 0), `${path}: heading ${i + 1}`).toBeLessThanOrEqual(1)
	);
}

for (const [name, views] of Object.entries(GROUPS))
	test(`${name}: nothing is cut, covered, too wide, too faint or unnamed`, async ({ page }) => {
		test.setTimeout(400_000);
		await page.emulateMedia({ reducedMotion: 'reduce' });
		await readDemo(page);
		const found: string[] = [];
		for (const view of EVERY ? views : views.filter(({ alike }) => !alike)) {
			await visit(page, view.path);
			await expect(page.getByRole('heading', { level: 1 }).first()).toBeAttached();
			await expect(page.getByRole('heading', { name: /is not here/ })).toHaveCount(0);
			await view.ready?.(page);
			await isHeaded(page, view.path);
			await lookAt(page, view, found);
			if (!view.alike) await stretch(page, view);
		}
		expect(found).toEqual([]);
	});
