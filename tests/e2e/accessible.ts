import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** Holds what is on the screen to WCAG 2.2 AA. */
export async function accessible(page: Page, what: string): Promise<void> {
	await check(
		new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']),
		what
	);
}

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

/** Holds only the contrast to it: all that another look can change. */
export async function legible(page: Page, what: string): Promise<void> {
	await check(new AxeBuilder({ page }).withRules(['color-contrast']), what);
}

async function check(axe: AxeBuilder, what: string): Promise<void> {
	const { violations } = await axe.analyze();
	expect(
		violations.map((v) => `${what} ${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)
	).toEqual([]);
}
