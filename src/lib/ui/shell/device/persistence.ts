/** What the browser says of the room that this app's data takes. */
export interface StorageUse {
	/** Null where the browser does not tell. */
	bytes: number | null;
	most: number | null;
	/** Whether the browser has promised not to clear it by itself. */
	persistent: boolean;
}

/** The room taken, and whether it is promised; null where the browser knows nothing of the kind. */
export async function storageUse(
	storage: StorageManager | undefined = globalThis.navigator?.storage
): Promise<StorageUse | null> {
	if (!storage?.persisted) return null;
	try {
		const { usage, quota } = storage.estimate ? await storage.estimate() : {};
		return {
			bytes: usage ?? null,
			most: quota ?? null,
			persistent: await storage.persisted()
		};
	} catch {
		return null;
	}
}

/** Asks the browser not to clear the data by itself; whether it agrees. */
export async function persist(
	storage: StorageManager | undefined = globalThis.navigator?.storage
): Promise<boolean> {
	if (!storage?.persist) return false;
	try {
		return (await storage.persisted()) || (await storage.persist());
	} catch {
		return false;
	}
}

let asked = false;

/** Asks it once an opening; called once there is something to lose. */
export async function askToPersist(): Promise<void> {
	if (asked) return;
	asked = true;
	await persist();
}
