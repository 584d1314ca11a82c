import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** WCAG 2.2 AA, in the judge's own names for it. */
export const AA = ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'];

/** Holds what is on the screen to WCAG 2.2 AA; looks again where something is found: what comes up just then is still half transparent. */
export const accessible = (page: Page, what: string): Promise<void> =>
	expect.poll(() => violations(page, what, AA), { timeout: 20_000 }).toEqual([]);

/** Puts a look on, as the settings do. */
export const putOn = (page: Page, look: string): Promise<void> =>
	page.evaluate((theme) => void (document.documentElement.dataset['theme'] = theme), look);

/**
 * What breaks some rules of what is on the screen, once nothing fades or moves any more.
 *
 * @param besides rules that are asked or left out besides
 */
export async function violations(
	page: Page,
	what: string,
	runOnly: readonly string[],
	besides: Readonly<Record<string, { enabled: boolean }>> = {}
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
	// The judge is half a megabyte: once in a document is enough. No frames: the legacy mode spares a second page for each look.
	const isThere = await page.evaluate(() => 'axe' in window);
	const { violations } = await new AxeBuilder({ page, ...(isThere && { axeSource: ' ' }) })
		.options({ runOnly: [...runOnly], rules: besides, resultTypes: ['violations'] })
		// Of a long table the first rows stand for all.
		.exclude('tbody tr:nth-child(n+9)')
		.setLegacyMode()
		.analyze();
	return violations.map(
		({ id, nodes }) => `${what} ${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`
	);
}
