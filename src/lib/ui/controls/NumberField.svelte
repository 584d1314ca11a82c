<script lang="ts">
	import Minus from '@lucide/svelte/icons/minus';
	import Plus from '@lucide/svelte/icons/plus';
	import { figure } from '$lib/ui/format/figure';
	import { parseNumber } from '$lib/ui/format/parse';

	interface Props {
		label: string;
		/** On a wide screen the label is only heard: a heading above says it. */
		unseen?: boolean;
		/** In the unit that is shown; null where nothing is known yet. */
		value: number | null;
		symbol: string;
		low: number;
		high: number;
		step: number;
		decimals: number;
		hint?: string;
		onchange: (value: number) => void;
	}
	const {
		label,
		unseen = false,
		value,
		symbol,
		low,
		high,
		step,
		decimals,
		hint,
		onchange
	}: Props = $props();

	const id = $props.id();
	let typed = $state<string | null>(null);
	let problem = $state('');
	const shown = $derived(typed ?? (value === null ? '' : figure(value, decimals)));

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
		const next = Math.round(((value ?? low) + count * step) / step) * step;
		commit(Math.min(high, Math.max(low, next)));
	}

	function onkeydown(event: KeyboardEvent) {
		const count = { ArrowUp: 1, ArrowDown: -1, PageUp: 5, PageDown: -5 }[event.key];
		if (count) {
			event.preventDefault();
			stepBy(count);
		} else if (event.key === 'Escape' && typed !== null) {
			// The field takes its last good value back; nothing around it closes.
			event.stopPropagation();
			typed = null;
			problem = '';
		}
	}
</script>

<div class="grid min-w-0 content-start gap-0.5">
	<label for={id} class={['label text-[0.8125rem]', unseen && 'md:sr-only']}>{label}</label>
	<div
		class={[
			'input w-full gap-0 rounded-none border-0 px-0',
			problem
				? 'border-accent border-b-3 border-double'
				: 'border-b-(length:--border) border-(--frame)'
		]}
	>
		<button
			type="button"
			class="btn btn-ghost w-8 rounded-none px-0 text-(--faint)"
			aria-label={`${label}: less`}
			onclick={() => stepBy(-1)}
		>
			<Minus size={16} aria-hidden="true" />
		</button>
		<input
			{id}
			class="figure w-full min-w-0 text-right text-lg font-semibold"
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
		<span class="px-1 text-sm whitespace-nowrap text-(--faint)">{symbol}</span>
		<button
			type="button"
			class="btn btn-ghost w-8 rounded-none px-0 text-(--faint)"
			aria-label={`${label}: more`}
			onclick={() => stepBy(1)}
		>
			<Plus size={16} aria-hidden="true" />
		</button>
	</div>
	{#if problem}
		<p id={`${id}-problem`} class="problem" role="alert">
			{problem}
			{#if value !== null}Kept: {figure(value, decimals)}.{/if}
		</p>
	{:else if hint}
		<p id={`${id}-hint`} class="hint">{hint}</p>
	{/if}
</div>
