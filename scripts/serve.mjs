// Serves the build: npm start, or scripts/demo.mjs. Every answer, files included, carries the security headers; methods that nothing here
// answers are refused in the contract's shape; asked to stop, it is gone within two seconds. Environment: PORT, HOST, ORIGIN, CRISP_DEMO,
// and TLS_CERT with TLS_KEY (files) for a secure origin.
import { readFileSync } from 'node:fs';
import http from 'node:http';
import https from 'node:https';

const STOPS_WITHIN = 1500;
const HEADERS = JSON.parse(
	readFileSync(new URL('../src/lib/server/headers.json', import.meta.url), 'utf8')
);
const METHODS = new Set(['GET', 'HEAD', 'POST', 'OPTIONS', 'PUT', 'PATCH', 'DELETE']);
const { PORT = '3000', HOST = '127.0.0.1', TLS_CERT, TLS_KEY } = process.env;

// Imported after the environment has been read: the handler reads it once.
const { handler } = await import(new URL('../build/handler.js', import.meta.url));

function refuse(response, status, message, headers = {}) {
	response.writeHead(status, { 'Content-Type': 'application/json', ...headers });
	response.end(JSON.stringify({ error: { message, issues: [] } }));
}

function answer(request, response) {
	for (const [name, value] of Object.entries(HEADERS)) response.setHeader(name, value);
	if (!METHODS.has(request.method ?? '')) {
		refuse(response, 405, 'This address does not answer this method.', {
			Allow: 'GET, HEAD, POST',
			Connection: 'close'
		});
		return;
	}
	handler(request, response, () => refuse(response, 404, 'There is nothing at this address.'));
}

const secure = TLS_CERT && TLS_KEY;
const server = secure
	? https.createServer({ cert: readFileSync(TLS_CERT), key: readFileSync(TLS_KEY) }, answer)
	: http.createServer(answer);
server.listen(Number(PORT), HOST, () =>
	console.log(`Listening on ${secure ? 'https' : 'http'}://${HOST}:${PORT}`)
);

function stop() {
	server.close(() => process.exit(0));
	server.closeIdleConnections();
	setTimeout(() => {
		server.closeAllConnections();
		process.exit(0);
	}, STOPS_WITHIN).unref();
}
for (const signal of ['SIGTERM', 'SIGINT']) process.once(signal, stop);
