import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** WCAG 2.2 AA, in the judge's own names for it. */
const AA = ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'];

/** The looks beside paper, in which every check of `accessible` is made. */
const OTHER_LOOKS = ['slate', 'sunlight'] as const;

/** Holds what is on the screen to WCAG 2.2 AA. */
export async function accessible(page: Page, what: string): Promise<void> {
	await withoutViolations(page, what, AA);
}

/** The same, and its contrast to it in every look; ends in paper. */
export async function accessibleInEveryLook(page: Page, what: string): Promise<void> {
	await accessible(page, what);
	for (const look of OTHER_LOOKS) {
		await putOn(page, look);
		await withoutViolations(page, `${what} (${look})`, ['color-contrast']);
	}
	await putOn(page, 'paper');
}

/** Looks again where something is found: a message that comes up just then is still half transparent. */
const withoutViolations = (page: Page, what: string, rules: readonly string[]): Promise<void> =>
	expect.poll(() => violations(page, what, rules), { timeout: 20_000 }).toEqual([]);

/** Puts a look on, as the settings do. */
export const putOn = (page: Page, look: string): Promise<void> =>
	page.evaluate((theme) => void (document.documentElement.dataset['theme'] = theme), look);

/** Holds views to desk, tablet and phone: nothing wider than the screen, and accessible. */
export async function fitsEverywhere(page: Page, paths: readonly string[]): Promise<void> {
	for (const path of paths) {
		await page.goto(path);
		await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
		for (const [width, height] of [
			[1280, 800],
			[768, 1024],
			[390, 844]
		] as const) {
			await page.setViewportSize({ width, height });
			const at = `${path} at ${width}`;
			await expect
				.poll(() => page.evaluate(() => document.documentElement.scrollWidth), { message: at })
				.toBeLessThanOrEqual(width);
			if (width !== 768) await accessible(page, at);
		}
	}
}

/** What breaks some rules of what is on the screen, once nothing fades or moves any more. */
export async function violations(
	page: Page,
	what: string,
	runOnly: readonly string[]
): Promise<string[]> {
	// What goes on for ever, like a sign of work, is not waited for.
	await page.evaluate(() =>
		Promise.allSettled(
			document
				.getAnimations()
				.filter(({ effect }) => effect?.getComputedTiming().iterations !== Infinity)
				.map(({ finished }) => finished)
		)
	);
	// One document without frames: the legacy mode spares a second page for each look at it.
	const { violations } = await new AxeBuilder({ page })
		.options({ runOnly: [...runOnly], resultTypes: ['violations'] })
		.setLegacyMode()
		.analyze();
	return violations.map(
		({ id, nodes }) => `${what} ${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`
	);
}
