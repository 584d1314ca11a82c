import { defineConfig } from '@playwright/test';
import { browserPath } from './scripts/setup.mjs';

const PORT = 4199;
/** What takes long begins first, so that no worker is left alone with it at the end. */
const LONG = /(views|wholeJob|typing|lessons|trainer)\.spec\.ts$/;

/** Debian's Chromium against the build, as a user would meet it. */
export default defineConfig({
	testDir: 'tests/e2e',
	timeout: 90_000,
	expect: { timeout: 30_000 },
	workers: 2,
	// Each test has a browser of its own to itself: those of one file need not wait for each other.
	fullyParallel: true,
	retries: process.env.CI ? 1 : 0,
	reporter: 'list',
	projects: [
		{ name: 'demo', testMatch: 'demo.setup.ts' },
		{ name: 'long', testMatch: LONG, dependencies: ['demo'] },
		{ name: 'browser', testIgnore: [LONG, 'demo.setup.ts'], dependencies: ['demo'] }
	],
	use: {
		baseURL: `http://localhost:${PORT}`,
		viewport: { width: 1280, height: 800 },
		// The ball flies each new call, which repaints the drawing for seconds: one test asks for motion.
		contextOptions: { reducedMotion: 'reduce' },
		locale: 'en-GB',
		// The offline tests let it work; everywhere else it would only fetch the whole app for each test.
		serviceWorkers: 'block',
		launchOptions: {
			executablePath: browserPath(),
			args: [
				'--no-sandbox',
				'--disable-gpu',
				'--disable-quic',
				'--no-first-run',
				'--disable-background-networking',
				'--disable-component-update',
				'--disable-sync'
			]
		}
	},
	webServer: {
		command: 'node scripts/serve.mjs',
		url: `http://localhost:${PORT}/api/schema`,
		env: {
			PORT: String(PORT),
			HOST: '127.0.0.1',
			ORIGIN: `http://localhost:${PORT}`
		},
		gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 }
	}
});
