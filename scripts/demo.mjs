// Starts the app with the demo's data: installs, builds, picks a free port, prints the address, stops on Ctrl-C.
import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { ensurePackages, tool } from './setup.mjs';

const FIRST_PORT = Number(process.env.PORT ?? 4173);
const PORTS_TRIED = 50;
const HOST = process.env.HOST ?? '127.0.0.1';

const isFree = (port) =>
	new Promise((resolve) => {
		const probe = createServer();
		probe.once('error', () => resolve(false));
		probe.listen(port, HOST, () => probe.close(() => resolve(true)));
	});

async function freePort() {
	for (let port = FIRST_PORT; port < FIRST_PORT + PORTS_TRIED; port++)
		if (await isFree(port)) return port;
	throw new Error(`No free port from ${FIRST_PORT} to ${FIRST_PORT + PORTS_TRIED - 1}.`);
}

ensurePackages({ tests: false });
console.log('Building …');
// The files for other hosts are not wanted here.
const env = { ...process.env, SERVER_ONLY: '1' };
if (tool('vite/bin/vite.js', ['build', '--logLevel', 'error'], { env }) !== 0)
	throw new Error('The build failed; see above.');
const port = await freePort();
const address = `http://localhost:${port}`;
const server = spawn(process.execPath, ['scripts/serve.mjs'], {
	stdio: ['ignore', 'ignore', 'inherit'],
	env: {
		...process.env,
		PORT: String(port),
		HOST,
		ORIGIN: address,
		CRISP_DEMO: '1'
	}
});
console.log(`Crisp Landing with the demo's data: ${address}  (Ctrl-C stops it)`);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill('SIGTERM'));
server.on('exit', (code) => process.exit(code ?? 0));
