import { YOU } from '$lib/io/words/whose';
import type { PupilFile } from '$lib/io/work/pupil';
import { playingOf, type Playing } from '$lib/io/work/playing';
import type { Say } from '$lib/io/words/say';
import { answering } from '$lib/store/base/answering';
import type { FollowEach } from '$lib/store/base/followEach';
import { followLater } from '$lib/store/base/followLater';
import { newPupilFile } from '$lib/store/shelves/newPupilFile';
import { formatLength, lengthStyle, type LengthStyle } from '$lib/ui/format/lengths';
import { preferences } from './preferences.svelte';

const store = () => import('$lib/store/shelves/pupils');

/**
 * Everybody, and who is playing: chosen once, followed by every view. Who plays is read first, with every ball; the others come one after
 * another, for years of balls of a whole academy are not read in a moment.
 */
export class PlayingState {
	/** Those that are not read yet come without their balls. */
	files = $state.raw<readonly PupilFile[]>([]);
	#read = $state.raw<readonly string[]>([]);
	#failed = $state(false);
	#id = $state<string | null>(null);
	#each: FollowEach<PupilFile | undefined> | null = null;
	#waited: readonly { id: string; resolve: () => void }[] = [];
	/** Who played before the last change of it; null where there was none or it has been seen. */
	before = $state.raw<PupilFile | null>(null);
	/** Who plays where nobody can be read or has been kept yet: a middling player with the standard set. */
	readonly nobody: PupilFile = newPupilFile(YOU);

	/** Those that can be chosen, by name. */
	readonly active: readonly PupilFile[] = $derived(
		this.files.filter(({ pupil }) => !pupil.archived)
	);

	/** Who is playing. */
	readonly file: PupilFile = $derived(
		this.files.find(({ pupil }) => pupil.id === this.#id) ??
			this.active[0] ??
			this.files[0] ??
			this.nobody
	);

	/** Whether the one who plays has been read, with every ball. */
	readonly ready: boolean = $derived(
		this.#failed || (this.files.length > 0 && !this.isAwaited(this.file.pupil.id))
	);

	/** Whether everybody has. */
	readonly whole: boolean = $derived(this.files.every(({ pupil }) => !this.isAwaited(pupil.id)));

	/** Player and bag of who is playing. */
	readonly playing: Playing = $derived(playingOf(this.file));

	/** How lengths are shown on this screen, whoever plays: units are its owner's. What a pupil takes away is in the pupil's own. */
	readonly style: LengthStyle = $derived(
		lengthStyle(preferences.current.units, preferences.current.pace)
	);

	/** Formats for sentences in the units of this screen. */
	get say(): Say {
		const { style } = this;
		return {
			length: (metres) => formatLength(metres, style),
			percent: (ratio) => `${Math.round(ratio * 100)} %`
		};
	}

	/** Whether somebody is here whose balls are not known yet. */
	isAwaited(id: string): boolean {
		return !this.#failed && !this.#read.includes(id) && this.#has(id);
	}

	/** Reads a pupil before those for whom nobody waits; resolves once that is done, at once for one who is not here. */
	read(id: string): Promise<void> {
		if (!this.isAwaited(id)) return Promise.resolve();
		return new Promise((resolve) => {
			this.#waited = [...this.#waited, { id, resolve }];
			this.#readOn();
		});
	}

	/** Follows the store, other tabs included, and makes the lone golfer where there is nobody; returns what stops it. */
	follow(): () => void {
		let stop = () => {};
		let stopped = false;
		const failed = (error: unknown) => {
			this.#failed = true;
			this.#answer();
			preferences.storeFailed(error);
		};
		const begin = async () => {
			const [{ somebody, readPlaying, readPupilFile, readRoster }, { FollowEach }] =
				await Promise.all([store(), import('$lib/store/base/followEach')]);
			await answering(somebody(this.nobody));
			this.#id ??= await answering(readPlaying());
			if (stopped) return;
			const each = new FollowEach(readPupilFile, (_, file) => file && this.#know(file), failed);
			this.#each = each;
			const unfollow = followLater(
				() => Promise.resolve(readRoster),
				(roster) => this.know(roster),
				failed
			);
			stop = () => {
				unfollow();
				each.stop();
			};
		};
		begin().catch(failed);
		return () => {
			stopped = true;
			stop();
		};
	}

	/** Takes note of who there is. What is known of somebody's balls stays: they are told of by themselves. */
	know(roster: readonly PupilFile[]): void {
		this.files = roster.map(
			(one) =>
				(this.#read.includes(one.pupil.id) &&
					this.files.find(({ pupil }) => pupil.id === one.pupil.id)) ||
				one
		);
		this.#read = this.#read.filter((id) => this.#has(id));
		// Who plays does not change because somebody else comes first by name.
		this.#id ??= this.file.pupil.id;
		this.#answer();
		this.#readOn();
	}

	/** Takes note of a pupil, whole. */
	#know(file: PupilFile): void {
		const { id } = file.pupil;
		if (!this.#has(id)) return;
		this.files = this.files.map((one) => (one.pupil.id === id ? file : one));
		if (!this.#read.includes(id)) this.#read = [...this.#read, id];
		this.#answer();
	}

	#has(id: string): boolean {
		return this.files.some(({ pupil }) => pupil.id === id);
	}

	/** Tells whoever waits for somebody who is read now, or gone. */
	#answer(): void {
		const told = this.#waited.filter(({ id }) => !this.isAwaited(id));
		this.#waited = this.#waited.filter((one) => !told.includes(one));
		for (const { resolve } of told) resolve();
	}

	/** Reads on: who plays, those that somebody waits for, the others. */
	#readOn(): void {
		const ids = this.files.map(({ pupil }) => pupil.id);
		const first = [this.file.pupil.id, ...this.#waited.map(({ id }) => id)];
		const rank = (id: string) => (first.includes(id) ? first.indexOf(id) : first.length);
		this.#each?.keep(ids.sort((a, b) => rank(a) - rank(b)));
	}

	/** The pupil of a shot; who is playing where that one is gone. */
	of(id: string): PupilFile {
		return this.files.find(({ pupil }) => pupil.id === id) ?? this.file;
	}

	/** From here on this one is playing; who played before is remembered, so that the change can be told and taken back. */
	choose(id: string): void {
		if (id === this.#id) return;
		const { file, files } = this;
		this.#id = id;
		this.before = files.length > 0 && file.pupil.id !== this.file.pupil.id ? file : null;
		this.#readOn();
		this.#keep(({ writePlaying }) => writePlaying(id));
	}

	/** Lets the one who played before play again. */
	takeBack(): void {
		const { before } = this;
		if (before) this.choose(before.pupil.id);
		this.before = null;
	}

	/** Changes something of who is playing at once, such as the units. */
	change(change: (file: PupilFile) => void): void {
		const before = this.file;
		const after = structuredClone(before);
		change(after);
		this.files = this.files.map((file) => (file === before ? after : file));
		this.#keep(({ keepPupilFile }) => keepPupilFile(before, after));
	}

	#keep(write: (pupils: Awaited<ReturnType<typeof store>>) => Promise<unknown>): void {
		store()
			.then(write)
			.catch((error: unknown) => preferences.storeFailed(error));
	}
}

export const playing = new PlayingState();
