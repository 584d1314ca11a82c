import { reasonOf } from '$lib/io/fields/reason';
import type { Ball } from '$lib/io/work/pupil';
import type { Session } from '$lib/io/practice/session';
import { leaveUnkept } from '../base/leaveUnkept';
import { keepBalls, keepSession, noteSession, type NotedSession } from './practice';

/** A write that failed is tried again after this long, in ms. */
const RETRY = 2000;

/** Balls of a session and the session itself on their way to the store: each is noted at once, written as soon as the one before is, and tried again where that fails. */
export class BallQueue {
	/** Not kept yet, by id; null for a ball that is to be removed. */
	readonly #balls = new Map<string, Ball | null>();
	#session: Session | null = null;
	#before: Session | null = null;
	#writing: Promise<void> | null = null;
	#timer: ReturnType<typeof setTimeout> | undefined;
	#closed = false;
	#failure = '';

	/** @param tell is told why something could not be kept; an empty text once it is */
	constructor(private readonly tell: (failure: string) => void) {}

	/** Whether the session as it is here is not kept yet. */
	get holdsSession(): boolean {
		return this.#session !== null;
	}

	put(ball: Ball): void {
		this.#take(ball.id, ball);
	}

	remove(id: string): void {
		this.#take(id, null);
	}

	/** @param before the session as it was: what others change of it meanwhile stays */
	putSession(session: Session, before: Session): void {
		if (!this.#session) this.#before = before;
		this.#session = session;
		noteSession(this.#noted);
		void this.flush();
	}

	#take(id: string, ball: Ball | null): void {
		this.#balls.set(id, ball);
		// In one step: the page may end before its turn to be written comes.
		noteSession({ balls: new Map([[id, ball]]) });
		void this.flush();
	}

	/** The session that is not kept yet, as it is noted. */
	get #noted(): NotedSession {
		return { session: this.#session, before: this.#before };
	}

	/** Balls as they will be once everything is written, in the order they were noted. */
	over(stored: readonly Ball[]): Ball[] {
		const balls = new Map(stored.map((ball) => [ball.id, ball]));
		for (const [id, ball] of this.#balls)
			if (ball) balls.set(id, ball);
			else balls.delete(id);
		return [...balls.values()].sort((a, b) => a.at.localeCompare(b.at));
	}

	/** Writes what is not kept yet, balls that came meanwhile in one go; whoever asks meanwhile waits for the same. */
	flush(): Promise<void> {
		this.#writing ??= this.#write().finally(() => (this.#writing = null));
		return this.#writing;
	}

	async #write(): Promise<void> {
		clearTimeout(this.#timer);
		try {
			for (let next = this.#first(); next; next = this.#first()) await next();
			this.tell((this.#failure = ''));
		} catch (error) {
			this.tell((this.#failure = reasonOf(error)));
			if (!this.#closed) this.#timer = setTimeout(() => void this.flush(), RETRY);
		}
	}

	/** What is to be written next, balls first; what changes while it is written stays to be written. */
	#first(): (() => Promise<void>) | null {
		if (this.#balls.size > 0) return () => this.#writeBalls(new Map(this.#balls));
		const session = this.#session;
		return session && (() => this.#writeSession(session));
	}

	async #writeBalls(balls: ReadonlyMap<string, Ball | null>): Promise<void> {
		await keepBalls(balls);
		for (const [id, ball] of balls) if (this.#balls.get(id) === ball) this.#balls.delete(id);
	}

	async #writeSession(session: Session): Promise<void> {
		await keepSession(session, this.#before);
		this.#before = session;
		if (this.#session === session) this.#session = null;
	}

	/** Writes what is left; what cannot be written is noted and said. */
	async close(): Promise<void> {
		this.#closed = true;
		clearTimeout(this.#timer);
		await this.flush();
		if (this.#balls.size === 0 && !this.#session) return;
		this.#closed = leaveUnkept(this.#failure, () =>
			noteSession({ ...this.#noted, balls: this.#balls })
		);
		// Where there is no room for a note either, it goes on trying as long as the page is there.
		if (!this.#closed) this.#timer = setTimeout(() => void this.flush(), RETRY);
	}
}

/** An instant after another, even where the clock was set back meanwhile: balls keep the order they were noted in. */
export function instantAfter(last: string, now = Date.now()): string {
	const time = new Date(now).toISOString();
	return time > last ? time : new Date(Date.parse(last) + 1).toISOString();
}
