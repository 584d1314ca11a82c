import type { WorkingShot } from '$lib/io/work/shot';
import { freshShot } from '$lib/io/work/freshShot';
import { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
import type { PlannerPool } from '$lib/workers/plannerPool';
import { directPool } from './planner';
import { until } from './soon';
import { whoever } from './pupils';

const open: ShotBench[] = [];

/** A bench that is closed when its test ends, so that it keeps nothing in the middle of the next. */
export function opened(pool: PlannerPool, who = whoever): ShotBench {
	const made = new ShotBench(who, pool);
	open.push(made);
	return made;
}

/** Closes every bench that was opened. */
export const closeBenches = (): Promise<unknown> =>
	Promise.all(open.splice(0).map((made) => made.close()));

/** A bench with a plain chip on it. */
export function bench() {
	const { pool, asked, closed } = directPool();
	const made = opened(pool);
	made.open({ shot: freshShot('pupil-1'), name: '', origin: null });
	return { bench: made, asked, closed };
}

/** A bench whose plan is there, of few balls; of the shot as it is changed first. */
export async function readyBench(
	change: (shot: WorkingShot) => void = () => {}
): Promise<ShotBench> {
	const made = opened(directPool().pool);
	const shot = freshShot('pupil-1');
	change(shot);
	made.open({ shot, name: '', origin: null });
	await until(() => made.status === 'ready');
	return made;
}
