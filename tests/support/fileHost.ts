import { createReadStream, existsSync, statSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { extname, join, normalize } from 'node:path';

export const FILES = 'build-static';
const TYPES: Record<string, string> = {
	'.css': 'text/css',
	'.html': 'text/html',
	'.js': 'text/javascript',
	'.json': 'application/json',
	'.svg': 'image/svg+xml',
	'.webmanifest': 'application/manifest+json'
};

/** What stands at an address instead of the built file: a text, or nothing any more. */
type Instead = (path: string) => string | null | undefined;

export interface FileHost {
	url: string;
	/** Puts something else up from now on. */
	answer: (instead: Instead) => void;
	close: () => void;
}

/** A host that knows nothing but the files of the static build: a file where there is one, else the page for what it does not know. */
export async function startFileHost(): Promise<FileHost> {
	let instead: Instead = () => undefined;
	const server = createServer((asked, answer) => {
		const { pathname } = new URL(asked.url ?? '/', 'http://host');
		const path = pathname === '/' ? '/index.html' : normalize(pathname);
		const file = join(FILES, path);
		const text = instead(path);
		const known = text !== null && existsSync(file) && statSync(file).isFile();
		answer.writeHead(known || text ? 200 : 404, {
			'content-type': TYPES[known ? extname(file) : '.html'] ?? 'application/octet-stream'
		});
		if (text) answer.end(text);
		else createReadStream(known ? file : join(FILES, '404.html')).pipe(answer);
	});
	const url = await new Promise<string>((resolve) =>
		server.listen(0, '127.0.0.1', () =>
			resolve(`http://localhost:${(server.address() as AddressInfo).port}`)
		)
	);
	return { url, answer: (next) => (instead = next), close: () => void server.close() };
}
