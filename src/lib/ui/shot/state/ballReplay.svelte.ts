import type { Path } from '$lib/core/solve/path';

/** The ball on its computed path, in real time; can be held and scrubbed. */
export class BallReplay {
	time = $state(0);
	playing = $state(false);
	#path = $state.raw<Path>([]);
	#frame = 0;
	#played: object | null = null;

	get duration(): number {
		return this.#path.at(-1)?.[0] ?? 0;
	}

	/** Along and up, in metres; null at rest at either end of the path. */
	get at(): [number, number] | null {
		const { place } = this;
		return place && [place[0], place[1]];
	}

	/** Along, up and to the right, in metres; null at rest at either end of the path. */
	get place(): [number, number, number] | null {
		const { time } = this;
		const path = this.#path;
		if (time <= 0 || path.length < 2) return null;
		const i = path.findIndex((point) => point[0] >= time);
		if (i <= 0) return [path.at(-1)![1], path.at(-1)![2], path.at(-1)![3]];
		const a = path[i - 1]!;
		const b = path[i]!;
		const share = b[0] > a[0] ? (time - a[0]) / (b[0] - a[0]) : 1;
		const between = (k: 1 | 2 | 3) => a[k] + (b[k] - a[k]) * share;
		return [between(1), between(2), between(3)];
	}

	load(path: Path): void {
		if (path === this.#path) return;
		this.stop();
		this.#path = path;
		this.time = 0;
	}

	/** Plays unless this call has been played or motion is unwelcome. */
	playOnce(call: object): void {
		if (call === this.#played) return;
		this.#played = call;
		if (!window.matchMedia('(prefers-reduced-motion: reduce)').matches) this.play();
	}

	play(): void {
		this.stop();
		if (this.time >= this.duration) this.time = 0;
		const began = performance.now() - this.time * 1000;
		this.playing = true;
		const tick = (now: number) => {
			this.time = Math.min(this.duration, Math.max(0, (now - began) / 1000));
			if (this.time < this.duration) this.#frame = requestAnimationFrame(tick);
			else this.playing = false;
		};
		this.#frame = requestAnimationFrame(tick);
	}

	stop(): void {
		cancelAnimationFrame(this.#frame);
		this.playing = false;
	}

	scrub(time: number): void {
		this.stop();
		this.time = time;
	}
}
