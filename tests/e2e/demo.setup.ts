import { test } from './test';
import { DEMO_HELD, takeDemoIn } from './screen';

test('the demo’s data are taken in, for all that begins with them', async ({ page }) => {
	await takeDemoIn(page);
	await page.context().storageState({ path: DEMO_HELD, indexedDB: true });
});
