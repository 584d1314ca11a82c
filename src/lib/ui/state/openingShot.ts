import { readLastShot } from '$lib/store/settings';
import { readShot } from '$lib/store/savedShots';
import type { WorkingShot } from '$lib/io/shot';
import { readDemo, seedDemo } from './demo';
import { freshShot, type Opened } from './shotBench.svelte';

/** What the Shot view begins with. */
export type Opening = { kind: 'first-visit' } | { kind: 'broken' } | ({ kind: 'shot' } & Opened);

/**
 * Decides what is on the bench when the app opens: the shot asked for, the last one, the demo's first or nothing.
 *
 * @param wanted id of a saved shot
 * @param demo whether this server shows the demo
 */
export async function openingShot(wanted: string | null, demo: boolean): Promise<Opening> {
	if (demo) await seedDemo();
	if (wanted) {
		const saved = await readShot(wanted);
		if (saved) return { kind: 'shot', shot: saved.shot, name: saved.name, origin: saved };
	}
	const last = await readLastShot();
	if (last === 'broken') return { kind: 'broken' };
	if (last) {
		const origin = (last.id && (await readShot(last.id))) || null;
		return { kind: 'shot', shot: last.shot, name: origin?.name ?? '', origin, line: last.line };
	}
	if (!demo) return { kind: 'first-visit' };
	const first = (await readDemo()).shots[0];
	return first
		? { kind: 'shot', shot: first.shot, name: first.name, origin: first }
		: { kind: 'first-visit' };
}

/** Player and bag of whoever was on the bench last; a middle player with the standard bag on a first visit. */
export async function lastPlayer(): Promise<WorkingShot> {
	const last = await readLastShot();
	return last && last !== 'broken' ? last.shot : freshShot();
}
