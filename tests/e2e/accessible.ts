import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** Holds what is on the screen to WCAG 2.2 AA. */
export async function accessible(page: Page, what: string): Promise<void> {
	await check(
		new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']),
		what
	);
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
