import { YOU } from '$lib/io/words/whose';
import type { PupilFile } from '$lib/io/work/pupil';
import { playingOf, type Playing } from '$lib/io/work/playing';
import type { Say } from '$lib/io/words/say';
import { answering } from '$lib/store/base/answering';
import { followLater } from '$lib/store/base/followLater';
import { newPupilFile } from '$lib/store/shelves/newPupilFile';
import { formatLength, lengthStyle, type LengthStyle } from '$lib/ui/format/lengths';
import { preferences } from './preferences.svelte';

const store = () => import('$lib/store/shelves/pupils');

/** Everybody, and who is playing: chosen once, followed by every view. */
export class PlayingState {
	files = $state.raw<readonly PupilFile[]>([]);
	/** Whether the pupils have been read. */
	ready = $state(false);
	#id = $state<string | null>(null);
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

	/** Follows the store, other tabs included, and makes the lone golfer where there is nobody; returns what stops it. */
	follow(): () => void {
		let stop = () => {};
		let stopped = false;
		const failed = (error: unknown) => {
			this.ready = true;
			preferences.storeFailed(error);
		};
		const begin = async () => {
			const { somebody, readPlaying, readPupils } = await store();
			await answering(somebody(this.nobody));
			this.#id ??= await answering(readPlaying());
			if (stopped) return;
			stop = followLater(
				() => Promise.resolve(readPupils),
				({ files }) => this.know(files),
				failed
			);
		};
		begin().catch(failed);
		return () => {
			stopped = true;
			stop();
		};
	}

	/** Takes note of everybody as they are kept. */
	know(files: readonly PupilFile[]): void {
		this.files = files;
		// Who plays does not change because somebody else comes first by name.
		this.#id ??= this.file.pupil.id;
		this.ready = files.length > 0;
	}

	/** The pupil of a shot; who is playing where that one is gone. */
	of(id: string): PupilFile {
		return this.files.find(({ pupil }) => pupil.id === id) ?? this.file;
	}

	/** From here on this one is playing; who played before is remembered, so that the change can be told and taken back. */
	choose(id: string): void {
		if (id === this.#id) return;
		const { file, ready } = this;
		this.#id = id;
		this.before = ready && file.pupil.id !== this.file.pupil.id ? file : null;
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
