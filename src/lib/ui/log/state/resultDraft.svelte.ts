import type { Spot, StrikeTag } from '$lib/core/practice/practised';
import { issuesOf } from '$lib/io/fields/issues';
import { resultSchema, type PlayResult } from '$lib/io/log/play';

/** What came of a shot while it is noted: two touches, or typed, or holed. */
export class ResultDraft {
	value = $state.raw<PlayResult>() as PlayResult;
	/** What the next touch tells. */
	asks = $state<'landing' | 'finish'>('landing');

	/**
	 * @param start as it is known so far
	 * @param flies whether the ball landed somewhere: a putt did not
	 */
	constructor(
		start: PlayResult,
		private readonly flies: () => boolean
	) {
		this.value = start;
		this.asks = start.landed || !flies() ? 'finish' : 'landing';
	}

	/** What keeps it from being kept; empty where it can be. */
	readonly problems: string[] = $derived.by(() => {
		const parsed = resultSchema.safeParse($state.snapshot(this.value));
		return parsed.success ? [] : issuesOf(parsed.error).map(({ message }) => message);
	});

	/** Whether anything is known of where it went. */
	readonly known: boolean = $derived(
		this.value.holed || this.value.finished !== undefined || this.value.strokes !== undefined
	);

	change(part: Partial<PlayResult>): void {
		this.value = { ...this.value, ...part };
	}

	/** Takes a touch for what is asked, and asks for the next. */
	touch([along, right]: Spot): void {
		const spot: [number, number] = [Number(along.toFixed(2)), Number(right.toFixed(2))];
		if (this.asks === 'landing' && this.flies()) {
			this.change({ landed: spot });
			this.asks = 'finish';
		} else this.change({ finished: spot, holed: false });
	}

	/** Forgets where it went: the next touch is the landing again. */
	again(): void {
		const { landed: _, finished: __, ...rest } = this.value;
		this.value = { ...rest, holed: false };
		this.asks = this.flies() ? 'landing' : 'finish';
	}

	/** It went in, or did not after all; one that was holed took one stroke. */
	hole(): void {
		const holed = !this.value.holed;
		const { finished: _, strokes: __, ...rest } = this.value;
		this.value = holed ? { ...rest, holed } : { ...rest, holed };
	}

	/** Ticks a tag, or takes it off. */
	tag(tag: StrikeTag): void {
		const { tags } = this.value;
		this.change({ tags: tags.includes(tag) ? tags.filter((one) => one !== tag) : [...tags, tag] });
	}

	/** Strokes to hole out; touched again they are unknown. */
	count(strokes: number): void {
		const { strokes: before, ...rest } = this.value;
		this.value = before === strokes ? rest : { ...rest, strokes };
	}
}
