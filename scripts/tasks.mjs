// The longest tasks on the main thread, view by view, with the largest data that is taken in: npm run tasks. Wants a build (npm run build)
// and measures on this machine: read it beside another run, not as a promise. npm run tasks -- 4 40: on a processor slowed four times,
// with forty such greens (an archive of some 45 MB). npm run tasks -- 1 1 many: instead of the largest grid 2 000 saved shots, 20 000 balls,
// 100 sessions and 40 greens, view by view; with how many nodes a view has and when it can be used.
import { readFileSync, writeFileSync } from 'node:fs';
import { spawn } from 'node:child_process';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { browserPath } from './setup.mjs';

const PORT = '4321';
const ADDRESS = `http://localhost:${PORT}`;
const SIDE = 400;
const SLOW = Number(process.argv[2] ?? 1);
const GRIDS = Number(process.argv[3] ?? 1);

/** The demo with its first green measured by the largest grid there is. */
function largestArchive() {
	const archive = JSON.parse(readFileSync('static/demo/quarry-academy.json', 'utf8'));
	const green = archive.greens[0];
	const heights = Array.from({ length: SIDE * SIDE }, (_, i) => {
		const [u, v] = [(i % SIDE) / SIDE, Math.floor(i / SIDE) / SIDE];
		return Number((0.4 * u + 0.15 * Math.sin(7 * v) * Math.cos(5 * u)).toFixed(4));
	});
	green.grid = { originU: -20, originV: -20, cell: 0.1, columns: SIDE, rows: SIDE, heights };
	for (let i = 1; i < GRIDS; i++)
		archive.greens.push({ ...green, id: `${green.id}-${i}`, name: `${green.name} ${i}` });
	const path = join(tmpdir(), 'crisp-landing-largest.json');
	writeFileSync(path, JSON.stringify(archive));
	return {
		path,
		green: green.id,
		shot: archive.shots.find(({ shot }) => shot.place?.greenId === green.id)?.id
	};
}

/** The demo with as much of everything as a busy coach has after years. */
function manyOfAll() {
	const archive = JSON.parse(readFileSync('static/demo/quarry-academy.json', 'utf8'));
	const copies = (rows, count, change = () => ({})) =>
		Array.from({ length: count }, (_, i) => {
			const row = rows[i % rows.length];
			return { ...row, id: `${row.id}-x${i}`, ...change(row, i) };
		});
	const day = (i) => new Date(Date.UTC(2026, 9, 20) - i * 3600_000).toISOString();
	archive.shots = copies(archive.shots, 2000, (row, i) => ({
		name: `${row.name} ${i}`,
		savedAt: day(i)
	}));
	const sessions = copies(archive.sessions, 100, (_, i) => ({ startedAt: day(24 * i) }));
	archive.sessions.push(...sessions);
	const practised = archive.balls.filter(({ sessionId }) => sessionId);
	archive.balls.push(
		...copies(practised, 20_000, (row, i) => ({ sessionId: sessions[i % 100].id, at: day(i / 60) }))
	);
	archive.plays.push(...copies(archive.plays, 3000, (_, i) => ({ at: day(2 * i) })));
	archive.greens.push(...copies(archive.greens, 40, (row, i) => ({ name: `${row.name} ${i}` })));
	const path = join(tmpdir(), 'crisp-landing-many.json');
	writeFileSync(path, JSON.stringify(archive));
	const { id } = archive.shots.find(({ shot }) => shot.place);
	return { path, green: archive.greens[0].id, shot: id };
}

const MANY = process.argv[4] === 'many';
const { path, green, shot } = MANY ? manyOfAll() : largestArchive();
const server = spawn(process.execPath, ['scripts/serve.mjs'], {
	env: { ...process.env, PORT, HOST: '127.0.0.1', ORIGIN: ADDRESS },
	stdio: 'ignore'
});
await new Promise((resolve) => setTimeout(resolve, 2500));
const browser = await chromium.launch({
	executablePath: browserPath(),
	args: ['--no-sandbox', '--disable-gpu']
});
try {
	const page = await (
		await browser.newContext({ viewport: { width: 1280, height: 800 } })
	).newPage();
	await page.addInitScript(() => {
		globalThis.longest = 0;
		new PerformanceObserver((list) => {
			for (const { duration } of list.getEntries())
				globalThis.longest = Math.max(globalThis.longest, duration);
		}).observe({ type: 'longtask', buffered: true });
	});
	const devtools = await page.context().newCDPSession(page);
	await devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOW });
	const rest = () => page.waitForTimeout(2500);
	const measured = async (what, act) => {
		await page.evaluate(() => (globalThis.longest = 0)).catch(() => {});
		await act();
		await rest();
		const longest = await page.evaluate(() => globalThis.longest);
		const nodes = await page.evaluate(() => document.querySelectorAll('*').length);
		console.log(
			`${what.padEnd(44)} ${longest === 0 ? 'under 50' : longest.toFixed(0).padStart(8)} ms, ${String(nodes).padStart(6)} nodes${usable}`
		);
	};
	let usable = '';
	/** Opens a view; it can be used once it says more than its name and what is in it stands still. */
	const open = async (address) => {
		await measured(`open ${address}`, async () => {
			const begun = Date.now();
			await page.goto(ADDRESS + address);
			await page.waitForFunction(
				() => (document.querySelector('main')?.innerText.length ?? 0) > 80
			);
			usable = `, ${((Date.now() - begun) / 1000).toFixed(1)} s`;
		});
		usable = '';
	};
	await page.goto(`${ADDRESS}/data`);
	await rest();
	await measured('read the archive', async () => {
		await page.getByLabel('Read an archive').setInputFiles(path);
		await page.getByRole('button', { name: 'Take it in' }).waitFor({ timeout: 60_000 });
	});
	await measured('take it in', async () => {
		await page.getByRole('button', { name: 'Take it in' }).click();
		await page.getByText(/^Imported/).waitFor({ timeout: 60_000 });
	});
	for (const address of [
		'/',
		'/bag',
		'/pupils',
		'/pupils/pupil-ida',
		'/practice',
		MANY ? '/practice/session-1-x0' : '/practice/session-3',
		'/saved',
		'/data',
		'/greens'
	])
		await open(address);
	await open('/log');
	if (MANY) {
		await measured('log, everybody', () =>
			page.getByLabel('Whose').selectOption({ label: 'Everybody' })
		);
		await measured('log, searched', () => page.getByLabel('Search').fill('rough'));
		await measured('log, not searched', () => page.getByLabel('Search').fill(''));
		for (const tab of ['Forecast', 'Scores', 'Shots'])
			await measured(`log, ${tab}`, () =>
				page.getByRole('tab', { name: tab, exact: true }).click()
			);
	}
	await open(`/greens/${green}`);
	await measured('rename the green', async () => {
		await page.getByLabel('Name of the green').fill('Another');
		await page.getByLabel('Name of the green').blur();
	});
	for (const tab of ['Survey', 'Outline', 'Pins', 'Misses', 'Two pins', 'Speed'])
		await measured(`green, ${tab}`, () =>
			page.getByRole('tab', { name: tab, exact: true }).click()
		);
	await measured('rename a pin', async () => {
		await page.getByRole('tab', { name: 'Pins', exact: true }).click();
		const name = page.getByRole('textbox', { name: /name/i }).last();
		await name.fill('Back shelf');
		await name.blur();
	});
	await open(`/?shot=${shot}`);
	await measured('drag the pin by keys', async () => {
		const hole = page.getByRole('slider', { name: 'Hole on the map' });
		for (let i = 0; i < 5; i++) await hole.press('ArrowLeft');
	});
	// Opened above already; the way here is no part of it.
	await page.goto(`${ADDRESS}/data`);
	await rest();
	await measured('save an archive', async () => {
		await Promise.all([
			page.waitForEvent('download', { timeout: 60_000 }),
			page.getByRole('button', { name: 'Save an archive' }).click()
		]);
	});
} finally {
	await browser.close();
	server.kill();
}
