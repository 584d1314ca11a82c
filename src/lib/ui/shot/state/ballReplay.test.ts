import { beforeEach, describe, expect, it, vi } from 'vitest';
import { possiblePlays } from '$lib/core/plan/ladder/possiblePlays';
import { Question } from '$lib/core/plan/question/question';
import { pathOf, type Path } from '$lib/core/solve/path';
import { exercise } from '$lib/core/trainer/situations';
import { requestOf } from '../../../../../tests/support/training';
import { BallReplay } from './ballReplay.svelte';

const path: Path = [
	[0, 0, 0, 0],
	[1, 4, 1, 0],
	[2, 6, 0, 0]
];
let frames: ((now: number) => void)[] = [];
let reduced = false;

beforeEach(() => {
	frames = [];
	reduced = false;
	vi.stubGlobal('requestAnimationFrame', (frame: (now: number) => void) => frames.push(frame));
	vi.stubGlobal('cancelAnimationFrame', () => (frames = []));
	vi.stubGlobal('window', { matchMedia: () => ({ matches: reduced }) });
});

describe('BallReplay', () => {
	it('plays in real time and stops at the end', () => {
		const replay = new BallReplay();
		replay.load(path);
		expect(replay.at).toBeNull();
		const began = performance.now();
		replay.play();
		frames.shift()!(began + 500);
		expect(replay.at![0]).toBeCloseTo(2, 0);
		expect(replay.playing).toBe(true);
		frames.shift()!(began + 5000);
		expect(replay.at).toEqual([6, 0]);
		expect(replay.playing).toBe(false);
	});

	it('is where the engine has the ball at every moment of its path', () => {
		const question = new Question(requestOf(exercise(3, 2).situation, 3));
		const [play] = possiblePlays(question.request.bag, question.situation);
		const computed = pathOf(question.intent(play!), question.played, 7, 0.05);
		const replay = new BallReplay();
		replay.load(computed);
		expect(computed.length).toBeGreaterThan(20);
		for (const [time, ...spot] of computed.slice(1)) {
			replay.scrub(time);
			for (const axis of [0, 1, 2] as const) expect(replay.place![axis]).toBeCloseTo(spot[axis], 6);
		}
	});

	it('can be held and scrubbed, and starts over from the end', () => {
		const replay = new BallReplay();
		replay.load(path);
		replay.scrub(1.5);
		expect(replay.at).toEqual([5, 0.5]);
		replay.scrub(2);
		replay.play();
		expect(replay.time).toBe(0);
		replay.stop();
		expect(replay.playing).toBe(false);
	});

	it('plays a call once, and not at all where motion is unwelcome', () => {
		const replay = new BallReplay();
		replay.load(path);
		const call = {};
		replay.playOnce(call);
		expect(replay.playing).toBe(true);
		replay.stop();
		replay.playOnce(call);
		expect(replay.playing).toBe(false);
		reduced = true;
		replay.playOnce({});
		expect(replay.playing).toBe(false);
	});

	it('begins anew with another path, and stays with the same', () => {
		const replay = new BallReplay();
		replay.load(path);
		replay.scrub(1);
		replay.load(path);
		expect(replay.time).toBe(1);
		replay.load([...path]);
		expect(replay.time).toBe(0);
		replay.load([]);
		expect([replay.duration, replay.at]).toEqual([0, null]);
	});
});
