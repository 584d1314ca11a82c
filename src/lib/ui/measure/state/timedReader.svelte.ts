import { readTimedPutts, type TimedPutt } from '$lib/core/today/timedPutt';
import type { Metres, Ratio, Seconds } from '$lib/core/units';
import type { ReadingWire } from '$lib/io/work/reading';

type Way = TimedPutt['way'];

/** Green speed by putts that are timed with the thumb: one after the other, one way and back. */
export class TimedReader {
	putts = $state.raw<readonly TimedPutt[]>([]);
	way = $state<Way>('up');
	/** Of the line, where it is known, + uphill one way: then one way is enough. */
	slope = $state<Ratio | null>(null);
	/** When the putt under way was struck, in ms of the events' clock; null while none is. */
	struck = $state<number | null>(null);
	/** How long the last putt took; null until one was timed. */
	time = $state<Seconds | null>(null);

	readonly reading = $derived(readTimedPutts(this.putts, this.slope));

	/** A touch: the first at the strike, the second when the ball rests. */
	touch(at: number): void {
		if (this.struck === null) {
			this.struck = at;
			this.time = null;
		} else {
			this.time = (at - this.struck) / 1000;
			this.struck = null;
		}
	}

	/** Gives up the putt that is being timed. */
	forget(): void {
		this.struck = null;
		this.time = null;
	}

	/** Notes the putt that was timed; nothing where none was. */
	note(length: Metres): void {
		if (this.time === null) return;
		this.putts = [...this.putts, { way: this.way, length, time: this.time }];
		this.time = null;
	}

	remove(index: number): void {
		this.putts = this.putts.filter((_, i) => i !== index);
	}

	/** The putts as they are kept with the reading. */
	get rolls(): ReadingWire['rolls'] {
		return this.putts.map(({ way, length, time }) => ({
			place: 1,
			way,
			rollOut: Number(length.toFixed(2)),
			seconds: Number(time.toFixed(2))
		}));
	}
}
