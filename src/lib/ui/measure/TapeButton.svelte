<script lang="ts">
	import { reasonOf } from '$lib/io/fields/reason';
	import { simulatedDevice } from '$lib/devices/simulation/simulatedDevice';

	interface Props {
		/** About how long it is, in metres: the stand-in reads it with the error of a tape. */
		about: number;
		/** Tells one reading from the next. */
		seed: number;
		onread: (metres: number) => void;
	}
	const { about, seed, onread }: Props = $props();

	let failure = $state('');

	async function read() {
		failure = '';
		const tape = simulatedDevice('tape', { length: about, count: 1, interval: 200, seed });
		try {
			for await (const reading of tape.readings(new AbortController().signal))
				if (reading.device === 'tape') onread(reading.length);
		} catch (error) {
			failure = reasonOf(error);
		}
	}
</script>

<button type="button" class="btn" onclick={() => void read()}>Read the simulated tape</button>
{#if failure}<p class="problem" role="alert">{failure}</p>{/if}
