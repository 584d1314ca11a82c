// Looks for the valid plan request that costs most: npm run dearest [-- REQUESTS]. Each is as large as the server's estimate lets through;
// CPU seconds are this machine's. The server gives one request 15 s before it refuses.
import { withBundled } from './bundle.mjs';

await withBundled({ dearest: './dearestRequest.ts' }, async (at) => {
	const { dearest } = await import(at('dearest'));
	await dearest(Number(process.argv[2] ?? 48));
});
process.exit(0);
