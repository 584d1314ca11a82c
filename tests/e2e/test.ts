import { test as base } from '@playwright/test';

export { expect, type Locator, type Page } from '@playwright/test';

/**
 * Tests of the app in a browser. Two run at once on two cores, so each page plans with one thread: a second would be started and
 * compiled for every page that is opened, and no call would come sooner. Who opens a context of their own gets what the machine has.
 */
export const test = base.extend({
	context: async ({ context }, use) => {
		await context.addInitScript(() => {
			Object.defineProperty(navigator, 'hardwareConcurrency', { get: () => 1 });
		});
		await use(context);
	}
});
