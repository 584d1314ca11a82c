import { afterPatience } from './patience';

/** A store that is asked and says nothing for this long, while the page is free to hear it, counts as one that does not answer, in ms. */
const PATIENCE = 5000;

/**
 * Waits for the store, but not for ever: a browser's database can hang without an error.
 *
 * @throws Error where it does not answer in time
 */
export async function answering<T>(asked: Promise<T>, patience = PATIENCE): Promise<T> {
	let end = () => {};
	const silence = new Promise<never>((_, reject) => {
		end = afterPatience(patience, () => reject(new Error('The browser’s store does not answer.')));
	});
	try {
		return await Promise.race([asked, silence]);
	} finally {
		end();
	}
}
