import { expect, it } from 'vitest';
import { freshShot } from '$lib/io/work/freshShot';
import { playingOf } from '$lib/io/work/playing';
import { directPool } from '../../../../../tests/support/planner';
import { until } from '../../../../../tests/support/soon';
import { whoever } from '../../../../../tests/support/pupils';
import { FirstCall } from './firstCall.svelte';

const shot = freshShot('pupil-1');
const playing = playingOf(whoever());

it('is the best way to play it once the strokes are in, as the bench would call it', async () => {
	const { pool, asked } = directPool();
	const call = new FirstCall(pool);
	expect(call.choice).toBeNull();
	call.ask(shot, playing);
	await until(() => call.choice !== null);
	expect(call.settled).toBe(false);
	await until(() => call.settled);
	expect(call.choice!.option).not.toBeNull();
	expect(call.failure).toBe('');
	expect(asked[0]).toMatchObject({ samples: 800, situation: { toEdge: 3, edgeToPin: 9 } });
	// The same shot of the same player is the same question, though both are told of anew.
	call.ask(structuredClone(shot), playingOf(whoever()));
	expect([call.settled, asked.length]).toEqual([true, 1]);
	call.ask({ ...shot, situation: { ...shot.situation, toEdge: 4 } }, playing);
	expect(call.settled).toBe(false);
	call.close();
});

it('says why there is none', async () => {
	const { pool } = directPool({
		firstAnswer: () => Promise.reject(new Error('The planner stopped'))
	});
	const call = new FirstCall(pool);
	call.ask(shot, playing);
	await until(() => call.settled);
	expect(call.failure).toBe('The planner stopped');
	expect(call.choice).toBeNull();
});

it('closes its workers unless somebody goes on with them', () => {
	const left = directPool();
	new FirstCall(left.pool).close();
	expect(left.closed()).toBe(true);
	const goneOn = directPool();
	const call = new FirstCall(goneOn.pool);
	expect(call.handOver()).toBe(goneOn.pool);
	call.close();
	expect(goneOn.closed()).toBe(false);
});
