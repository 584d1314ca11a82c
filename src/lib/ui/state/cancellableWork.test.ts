import { describe, expect, it } from 'vitest';
import { CancellableWork } from './cancellableWork.svelte';

class Work extends CancellableWork {
	/** Hands out what ends the work, and what tells of its progress. */
	begin(): {
		end: () => void;
		fail: (error: unknown) => void;
		tell: (share: number) => void;
		done: Promise<void>;
	} {
		const handles: Partial<ReturnType<Work['begin']>> = {};
		const done = this.run(
			(_, progress) =>
				new Promise((resolve, reject) =>
					Object.assign(handles, { end: resolve, fail: reject, tell: progress })
				)
		);
		return { ...(handles as ReturnType<Work['begin']>), done };
	}
}

describe('work that can be stopped', () => {
	it('goes from idle to done, with what it has done on the way', async () => {
		const work = new Work();
		expect([work.status, work.progress]).toEqual(['idle', 0]);
		const { end, tell, done } = work.begin();
		tell(0.4);
		expect([work.status, work.progress]).toEqual(['working', 0.4]);
		end();
		await done;
		expect(work.status).toBe('done');
		work.cancel();
		expect(work.status).toBe('done');
	});

	it('is stopped, and what comes of it later is not told', async () => {
		const work = new Work();
		const { fail, tell, done } = work.begin();
		tell(0.4);
		work.cancel();
		tell(0.8);
		fail(new Error('aborted'));
		await done;
		expect([work.status, work.progress, work.failure]).toEqual(['stopped', 0.4, '']);
	});

	it('gives up the old when it starts anew', async () => {
		const work = new Work();
		const old = work.begin();
		old.tell(0.9);
		const fresh = work.begin();
		expect(work.progress).toBe(0);
		old.tell(0.95);
		old.end();
		await old.done;
		expect([work.status, work.progress]).toEqual(['working', 0]);
		fresh.end();
		await fresh.done;
		expect(work.status).toBe('done');
	});

	it('says why it failed, whatever was thrown', async () => {
		for (const [thrown, said] of [
			[new Error('no room'), 'no room'],
			['a word', 'a word']
		] as const) {
			const work = new Work();
			const { fail, done } = work.begin();
			fail(thrown);
			await done;
			expect([work.status, work.failure]).toEqual(['failed', said]);
			work.clear();
			expect(work.status).toBe('idle');
		}
	});
});
