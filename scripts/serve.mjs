// Serves the build: npm start, or scripts/demo.mjs. Every answer, files included, carries the security headers; methods that nothing here
// answers are refused in the contract's shape; asked to stop, it is gone within two seconds. Environment: PORT, HOST, ORIGIN, CRISP_DEMO,
// and TLS_CERT with TLS_KEY (files) for a secure origin: then it is served to the local network, too, with a code for a phone's camera.
import { readFileSync } from 'node:fs';
import http from 'node:http';
import https from 'node:https';
import { networkInterfaces } from 'node:os';

const STOPS_WITHIN = 1500;
const HEADERS = JSON.parse(
	readFileSync(new URL('../src/lib/server/headers.json', import.meta.url), 'utf8')
);
/** What a file may load where it is run or opened by itself, a worker above all; a page has its own, with its nonce. */
const FILE_POLICY = [
	"default-src 'none'",
	"script-src 'self'",
	"style-src 'self' 'unsafe-inline'",
	"img-src 'self' data:",
	"font-src 'self'",
	"connect-src 'self'",
	"worker-src 'self'",
	"base-uri 'none'",
	"form-action 'none'",
	"frame-ancestors 'none'"
].join('; ');
const METHODS = new Set(['GET', 'HEAD', 'POST', 'OPTIONS', 'PUT', 'PATCH', 'DELETE']);
const { PORT = '3000', TLS_CERT, TLS_KEY } = process.env;
const secure = Boolean(TLS_CERT && TLS_KEY);
const { HOST = secure ? '0.0.0.0' : '127.0.0.1' } = process.env;

// Imported after the environment has been read: the handler reads it once.
const { handler } = await import(new URL('../build/handler.js', import.meta.url));

function refuse(response, status, message, headers = {}) {
	response.writeHead(status, { 'Content-Type': 'application/json', ...headers });
	response.end(JSON.stringify({ error: { message, issues: [] } }));
}

function answer(request, response) {
	for (const [name, value] of Object.entries(HEADERS)) response.setHeader(name, value);
	response.setHeader('Content-Security-Policy', FILE_POLICY);
	if (!METHODS.has(request.method ?? '')) {
		refuse(response, 405, 'This address does not answer this method.', {
			Allow: 'GET, HEAD, POST',
			Connection: 'close'
		});
		return;
	}
	handler(request, response, () => refuse(response, 404, 'There is nothing at this address.'));
}

const server = secure
	? https.createServer({ cert: readFileSync(TLS_CERT), key: readFileSync(TLS_KEY) }, answer)
	: http.createServer(answer);
/** Addresses of this machine on the local network. */
const onNetwork = () =>
	Object.values(networkInterfaces())
		.flat()
		.filter((one) => one && one.family === 'IPv4' && !one.internal)
		.map(({ address }) => address);

async function tell() {
	const scheme = secure ? 'https' : 'http';
	console.log(`Listening on ${scheme}://${HOST}:${PORT}`);
	if (HOST !== '0.0.0.0') return;
	const [first] = onNetwork();
	if (!first) return;
	const address = `${scheme}://${first}:${PORT}/`;
	const { renderUnicodeCompact } = await import('uqr');
	console.log(
		`\nOn a phone in the same network: ${address}\n\n${renderUnicodeCompact(address, { border: 4 })}`
	);
	if (!secure)
		console.log(
			'\nWithout TLS_CERT and TLS_KEY a phone neither keeps the app nor allows its sensors.'
		);
}

server.listen(Number(PORT), HOST, () => void tell());

function stop() {
	server.close(() => process.exit(0));
	server.closeIdleConnections();
	setTimeout(() => {
		server.closeAllConnections();
		process.exit(0);
	}, STOPS_WITHIN).unref();
}
for (const signal of ['SIGTERM', 'SIGINT']) process.once(signal, stop);
