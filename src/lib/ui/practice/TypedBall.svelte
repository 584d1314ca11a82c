<script lang="ts">
	import { parseNumber } from '$lib/ui/format/parse';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { SPUN_BACK, type SessionBench } from '$lib/ui/state/sessionBench.svelte';

	interface Props {
		bench: SessionBench;
	}
	const { bench }: Props = $props();

	const FARTHEST = 300;
	const ASIDE = 100;
	const id = $props.id();
	let landed = $state('');
	let stopped = $state('');
	let side = $state('');
	let problem = $state('');
	/** What was asked about and typed again. */
	let confirmed = $state('');

	const style = $derived(playing.style);
	const wantsLanding = $derived(bench.asks !== 'finish');
	const wantsStop = $derived(bench.asks !== 'landing');

	/** A number in metres; null for an empty field; a text says what is wrong. */
	function read(text: string, low: number, what: string): number | null | string {
		if (text.trim() === '') return null;
		const parsed = parseNumber(text, {
			low: low / style.size,
			high: FARTHEST / style.size,
			symbol: style.symbol
		});
		return 'problem' in parsed ? `${what}: ${parsed.problem}` : parsed.value * style.size;
	}

	function note() {
		const carry = read(landed, 0.1, 'Landed');
		const total = read(stopped, -30, 'Stopped');
		const right = read(side, -ASIDE, 'Right of the line');
		const wrong = [carry, total, right].find((value) => typeof value === 'string');
		problem =
			typeof wrong === 'string'
				? wrong
				: carry === null && total === null
					? `Type ${wantsLanding ? 'where it landed' : 'where it stopped'}.`
					: '';
		if (problem) return;
		const z = (right as number | null) ?? 0;
		const key = `${landed}/${stopped}/${side}`;
		if (
			carry !== null &&
			total !== null &&
			(carry as number) - (total as number) > SPUN_BACK &&
			confirmed !== key
		) {
			confirmed = key;
			problem = 'It stopped well short of where it landed. If it spun back so far, note it again.';
			return;
		}
		bench.note({
			landed: carry === null ? null : [carry as number, z],
			finished: total === null ? null : [total as number, z],
			source: 'typed'
		});
		landed = stopped = side = confirmed = '';
		document.getElementById(`${id}-first`)?.focus();
	}
</script>

<form
	class="grid grid-cols-[repeat(auto-fit,minmax(5.5rem,1fr))] items-end gap-2"
	onsubmit={(event) => {
		event.preventDefault();
		note();
	}}
>
	{#if wantsLanding}
		<label class="grid text-[0.8125rem] text-(--faint)"
			>Landed, {style.symbol}
			<input
				id={`${id}-first`}
				class="figure input w-full text-lg text-(--ink)"
				inputmode="decimal"
				autocomplete="off"
				bind:value={landed}
			/></label
		>
	{/if}
	{#if wantsStop}
		<label class="grid text-[0.8125rem] text-(--faint)"
			>Stopped, {style.symbol}
			<input
				id={wantsLanding ? undefined : `${id}-first`}
				class="figure input w-full text-lg text-(--ink)"
				inputmode="decimal"
				autocomplete="off"
				bind:value={stopped}
			/></label
		>
	{/if}
	<label class="grid text-[0.8125rem] text-(--faint)"
		>Right of line
		<input
			class="figure input w-full text-lg text-(--ink)"
			inputmode="text"
			autocomplete="off"
			placeholder="− left"
			bind:value={side}
		/></label
	>
	<button type="submit" class="btn">Note it</button>
</form>
{#if problem}<p class="problem" role="alert">{problem}</p>{/if}
