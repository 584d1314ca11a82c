// Every schedule of the fault harness: npm run faults [-- SCHEDULES]. Storage that is full, tabs that interleave or are killed, a clock
// that is set back. The tests play a sample of them.
import { ensurePackages, tool } from './setup.mjs';

ensurePackages();
tool('@sveltejs/kit/svelte-kit.js', ['sync']);
const count = process.argv[2] ?? '1000';
const env = { ...process.env, FAULT_SCHEDULES: count };
process.exit(
	tool('vitest/vitest.mjs', ['run', 'tests/faults', 'trackerReader', '--reporter=dot'], { env })
);
