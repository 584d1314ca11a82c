<script lang="ts">
	import Minus from '@lucide/svelte/icons/minus';
	import Plus from '@lucide/svelte/icons/plus';
	import { figure } from '$lib/ui/format/figure';
	import { parseNumber } from '$lib/ui/format/parse';

	interface Props {
		label: string;
		/** In the unit that is shown. */
		value: number;
		symbol: string;
		low: number;
		high: number;
		step: number;
		decimals: number;
		hint?: string;
		onchange: (value: number) => void;
	}
	const { label, value, symbol, low, high, step, decimals, hint, onchange }: Props = $props();

	const id = $props.id();
	let typed = $state<string | null>(null);
	let problem = $state('');
	const shown = $derived(typed ?? figure(value, decimals));

	function commit(next: number) {
		typed = null;
		problem = '';
		onchange(Number(next.toFixed(6)));
	}

	function read(text: string) {
		typed = text;
		const parsed = parseNumber(text, { low, high, symbol });
		problem = 'problem' in parsed ? parsed.problem : '';
		if ('value' in parsed) onchange(parsed.value);
	}

	function settle() {
		if (!problem) typed = null;
	}

	function stepBy(count: number) {
		const next = Math.round((value + count * step) / step) * step;
		commit(Math.min(high, Math.max(low, next)));
	}

	function onkeydown(event: KeyboardEvent) {
		const count = { ArrowUp: 1, ArrowDown: -1, PageUp: 5, PageDown: -5 }[event.key];
		if (count) {
			event.preventDefault();
			stepBy(count);
		} else if (event.key === 'Escape' && typed !== null) {
			typed = null;
			problem = '';
		}
	}
</script>

<div class="field">
	<label for={id} class="field-label">{label}</label>
	<div class="field-row" class:wrong={problem}>
		<button type="button" class="step" aria-label={`${label}: less`} onclick={() => stepBy(-1)}>
			<Minus size={16} aria-hidden="true" />
		</button>
		<input
			{id}
			class="figure"
			type="text"
			inputmode="decimal"
			autocomplete="off"
			value={shown}
			aria-invalid={problem ? 'true' : undefined}
			aria-describedby={problem ? `${id}-problem` : hint ? `${id}-hint` : undefined}
			oninput={(event) => read(event.currentTarget.value)}
			onblur={settle}
			{onkeydown}
		/>
		<span class="symbol">{symbol}</span>
		<button type="button" class="step" aria-label={`${label}: more`} onclick={() => stepBy(1)}>
			<Plus size={16} aria-hidden="true" />
		</button>
	</div>
	{#if problem}
		<p id={`${id}-problem`} class="problem" role="alert">
			{problem} Kept: {figure(value, decimals)}.
		</p>
	{:else if hint}
		<p id={`${id}-hint`} class="hint">{hint}</p>
	{/if}
</div>
