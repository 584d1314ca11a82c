import { onMount } from 'svelte';
import { AwakeScreen } from './wakeLock';

const SECOND = 1000;

/** The time of day, second by second, for as long as a component is there. */
export class ClockNow {
	now = $state(Date.now());

	/** @param awake whether the screen stays on meanwhile */
	constructor(awake: boolean) {
		onMount(() => {
			const screen = awake ? new AwakeScreen() : null;
			screen?.keep();
			const tick = setInterval(() => (this.now = Date.now()), SECOND);
			return () => {
				clearInterval(tick);
				screen?.release();
			};
		});
	}
}
