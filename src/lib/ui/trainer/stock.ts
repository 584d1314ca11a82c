import type { PlanRequest } from '$lib/core/plan/question/request';
import type { Play } from '$lib/io/log/play';
import type { Read } from '$lib/io/trainer/read';
import type { SavedShot, WorkingShot } from '$lib/io/work/shot';
import type { GreenBook } from '$lib/store/shelves/greens';

/** Where the shots come from. */
export type Source = 'made' | 'greens' | 'saved' | 'lost';

/** What there is to take shots from. */
export interface Stock {
	saved: readonly SavedShot[];
	plays: readonly Play[];
	greens: readonly GreenBook[];
}

/** A shot that is to be read. */
export interface Asked {
	from: Read['from'];
	level: number;
	request: PlanRequest;
	/** A name, where it has one. */
	name: string;
	/** Which shot of an exam it is. */
	item?: string;
}

/** A shot that is kept somewhere. */
export interface Kept {
	kind: 'green' | 'shot' | 'play';
	id: string;
	name: string;
	shot: WorkingShot;
}
