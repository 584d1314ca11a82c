// What every command needs before it can start: packages as locked, and for tests a browser.
import { spawnSync } from 'node:child_process';
import { existsSync, statSync } from 'node:fs';

const LOCK = 'package-lock.json';
const INSTALLED = 'node_modules/.package-lock.json';
const ONLY_TESTS = 'node_modules/vitest';
/** Chromium without its windows, which spares a third of the work of a test, and the whole one. */
const SHELL = '/usr/bin/chromium-headless-shell';
const WHOLE = '/usr/bin/chromium';

/** The browser that tests and pictures are made with. */
export const browserPath = () => process.env.CHROMIUM_PATH ?? (existsSync(SHELL) ? SHELL : WHOLE);

/** Runs a command in the foreground and answers its exit code. */
export function run(command, args, options = {}) {
	const done = spawnSync(command, args, { stdio: 'inherit', ...options });
	return done.status ?? 1;
}

/** Runs an npm command with the npm that runs this, or the one on the path. */
export function npm(args) {
	const own = process.env.npm_execpath;
	return own?.endsWith('.js') ? run(process.execPath, [own, ...args]) : run('npm', args);
}

/** Runs a package's own command line. */
export const tool = (path, args, options) =>
	run(process.execPath, [`node_modules/${path}`, ...args], options);

/** Installs the locked packages where they are missing or older than the lock; without those that only tests and linters need, on wish. */
export function ensurePackages({ tests = true } = {}) {
	const fresh = existsSync(INSTALLED) && statSync(INSTALLED).mtimeMs >= statSync(LOCK).mtimeMs;
	if (fresh && (!tests || existsSync(ONLY_TESTS))) return;
	console.log('Installing packages …');
	if (npm(tests ? ['ci'] : ['ci', '--omit=dev']) !== 0)
		throw new Error('The packages could not be installed; see above.');
}

/** Whether Debian’s lists have been fetched. */
let hasLists = false;

/** Installs one of Debian's packages; answers whether it could. */
function install(name) {
	const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
	if (!hasLists) run('apt-get', ['update', '-qq'], { env });
	hasLists = true;
	return run('apt-get', ['install', '-y', '-qq', name], { env }) === 0;
}

/** Installs Debian's Chromium where no browser is found: the one without windows where there is such a package. */
export function ensureChromium() {
	if (process.env.CHROMIUM_PATH || existsSync(SHELL)) return;
	console.log('Installing Chromium …');
	if (install('chromium-headless-shell') || existsSync(WHOLE) || install('chromium')) return;
	throw new Error('Chromium could not be installed. Install it, or set CHROMIUM_PATH.');
}

/** Installs what reads PDF files back, where it is missing. */
export function ensurePoppler() {
	if (existsSync('/usr/bin/pdftotext')) return;
	console.log('Installing poppler-utils …');
	if (!install('poppler-utils'))
		throw new Error('poppler-utils could not be installed: papers cannot be read back.');
}
