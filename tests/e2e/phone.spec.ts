import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { networkInterfaces, tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from './test';
import jsqr from 'jsqr';
import { generate } from 'selfsigned';
import { firstCall } from './screen';

/** The way onto a phone: `npm start` with a certificate, and the code that its camera reads. */

const PORT = '4517';
const folder = mkdtempSync(join(tmpdir(), 'crisp-landing-'));
let server: ChildProcess;
let said = '';

test.beforeAll(async () => {
	const { cert, private: key } = await generate([{ name: 'commonName', value: 'localhost' }]);
	const [TLS_CERT, TLS_KEY] = [join(folder, 'cert.pem'), join(folder, 'key.pem')];
	writeFileSync(TLS_CERT, cert);
	writeFileSync(TLS_KEY, key);
	server = spawn(process.execPath, ['scripts/serve.mjs'], {
		env: { ...process.env, PORT, TLS_CERT, TLS_KEY }
	});
	server.stdout!.on('data', (text: Buffer) => (said += text.toString()));
	await expect.poll(() => said).toMatch(/[▀█]\s*$/);
});
test.afterAll(() => {
	server.kill();
	rmSync(folder, { recursive: true });
});

/** Dots across and down that one is drawn with. */
const DOT = 4;
const MARGIN = 4;

/** What a camera makes of a code of half blocks: light on dark as on a terminal, or dark on light. */
function read(lines: readonly string[]): string | undefined {
	const width = Math.max(...lines.map((line) => line.length)) + 2 * MARGIN;
	const height = 2 * lines.length + 2 * MARGIN;
	const pixels = new Uint8ClampedArray(width * height * DOT * DOT * 4).fill(255);
	const isLit = (x: number, y: number): boolean => {
		const char = lines[Math.floor((y - MARGIN) / 2)]?.[x - MARGIN] ?? '█';
		return char === '█' || char === ((y - MARGIN) % 2 === 0 ? '▀' : '▄');
	};
	for (let y = 0; y < height * DOT; y++)
		for (let x = 0; x < width * DOT; x++)
			if (!isLit(Math.floor(x / DOT), Math.floor(y / DOT)))
				pixels.fill(0, 4 * (y * width * DOT + x), 4 * (y * width * DOT + x) + 3);
	return jsqr(pixels, width * DOT, height * DOT)?.data;
}

test('the code that npm start prints leads a phone to a secure page of the app', async ({
	browser
}) => {
	const address = /On a phone in the same network: (\S+)/.exec(said)?.[1];
	const own = Object.values(networkInterfaces()).flat();
	expect(own.map((one) => `https://${one!.address}:${PORT}/`)).toContain(address);
	expect(read(said.split('\n').filter((line) => /[▀▄█]/.test(line)))).toBe(address);
	const context = await browser.newContext({
		baseURL: address!,
		// Nobody vouches for this certificate; on a phone it is taken once by hand.
		ignoreHTTPSErrors: true,
		viewport: { width: 390, height: 844 }
	});
	const page = await context.newPage();
	await firstCall(page);
	expect(await page.evaluate(() => isSecureContext)).toBe(true);
	await context.close();
});
