/** What can be done about a message, with one button. */
interface Action {
	label: string;
	run: () => void;
	/** Told when the message goes without it. */
	passed?: () => void;
}

/** Something the app says by itself. */
export interface Message {
	words: string;
	/** Something did not work. */
	trouble: boolean;
	action: Action | null;
	/** Nobody did anything that it answers: it gives way to what stands. */
	reminds?: boolean;
}

/** A message that only tells something is gone after this, ms; one that can be answered stays until another comes or its view is left. */
const READ_IN = 7000;

/** What the app says, one thing at a time; the header has room for it, so that it covers nothing. */
class Messages {
	#said = $state.raw<Message | null>(null);
	/** What stays true until it is answered, and is seen whenever nothing else is said. */
	#standing = $state.raw<Message | null>(null);
	#timer: ReturnType<typeof setTimeout> | undefined;
	#since = 0;

	readonly current: Message | null = $derived(
		(this.#said?.reminds && this.#standing) || (this.#said ?? this.#standing)
	);

	say(message: Message): void {
		this.#said?.action?.passed?.();
		this.#said = message;
		this.#since = performance.now();
		this.hold(false);
	}

	/** Says something that stays until it is answered or put away. */
	stand(message: Message): void {
		this.#standing = message;
	}

	/** Stays as long as it is looked at: while it has the focus or the pointer. */
	hold(held: boolean): void {
		clearTimeout(this.#timer);
		if (!held && this.#said && !this.#said.action)
			this.#timer = setTimeout(() => this.clear(), READ_IN);
	}

	/** Puts away what is seen. */
	clear(): void {
		clearTimeout(this.#timer);
		const gone = this.#take();
		gone?.action?.passed?.();
	}

	#take(): Message | null {
		const { current } = this;
		if (current === this.#said) this.#said = null;
		else this.#standing = null;
		return current;
	}

	/** Another view is open; what was said with the very step that led there stays. */
	viewLeft(): void {
		if (this.#said && performance.now() - this.#since > READ_IN / 2) this.clear();
	}

	/** Does what can be done about it. */
	act(): void {
		clearTimeout(this.#timer);
		this.#take()?.action?.run();
	}
}

export const messages = new Messages();

/**
 * Says something.
 *
 * @param action what can be done about it, such as undoing it
 */
export const tell = (words: string, action: Action | null = null): void =>
	messages.say({ words, trouble: false, action });

/** Says something that nobody asked for, such as what has not been done for long. */
export const remind = (words: string, action: Action): void =>
	messages.say({ words, trouble: false, action, reminds: true });

/** Says that something did not work. */
export const tellTrouble = (words: string): void =>
	messages.say({ words, trouble: true, action: null });
