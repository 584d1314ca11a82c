import { readLastShot } from '$lib/store/shelves/settings';
import { readShot } from '$lib/store/shelves/savedShots';
import type { WorkingShot } from '$lib/io/work/shot';
import { freshShot } from '$lib/io/work/freshShot';
import type { Opened } from './shotBench.svelte';

/** The weather, the ball and the wish of the last shot; those of a plain one where there is none. */
export async function lastAsked(): Promise<Pick<WorkingShot, 'situation' | 'wanted' | 'place'>> {
	const last = await readLastShot();
	return last && last !== 'broken' ? last.shot : freshShot('nobody');
}

/** What the Shot view begins with. */
export type Opening = { kind: 'first-visit' } | { kind: 'broken' } | ({ kind: 'shot' } & Opened);

/**
 * Decides what is on the bench when the app opens: the shot asked for, the last one, the demo's first or nothing.
 *
 * @param wanted id of a saved shot
 * @param demo whether this server shows the demo
 * @param played id of a shot of the log, whose question is asked again as a shot of its own
 */
export async function openingShot(
	wanted: string | null,
	demo: boolean,
	played: string | null = null
): Promise<Opening> {
	if (demo) await (await import('$lib/ui/state/demo')).seedDemo();
	if (wanted) {
		const saved = await readShot(wanted);
		if (saved) return { kind: 'shot', shot: saved.shot, name: saved.name, origin: saved };
	}
	if (played) {
		const { playShelf } = await import('$lib/store/shelves/log');
		const play = await playShelf.get(played);
		if (play) return { kind: 'shot', shot: play.shot, name: '', origin: null };
	}
	const last = await readLastShot();
	if (last === 'broken') return { kind: 'broken' };
	if (last) {
		const origin = (last.id && (await readShot(last.id))) || null;
		return { kind: 'shot', shot: last.shot, name: origin?.name ?? '', origin, line: last.line };
	}
	if (!demo) return { kind: 'first-visit' };
	const first = await (await import('$lib/ui/state/demo')).firstOfDemo();
	const origin = first && (await readShot(first));
	return origin
		? { kind: 'shot', shot: origin.shot, name: origin.name, origin }
		: { kind: 'first-visit' };
}
