<script lang="ts">
	interface Props {
		label: string;
		/** On a wide screen the label is only heard: a heading above says it. */
		unseen?: boolean;
		value: string;
		/** Letters at most. */
		most: number;
		/** More than one line. */
		long?: boolean;
		hint?: string;
		/** Returns why a text cannot be taken, or nothing. An empty text of one line is never taken. */
		refuse?: (text: string) => string | undefined;
		onchange: (text: string) => void;
	}
	const {
		label,
		unseen = false,
		value,
		most,
		long = false,
		hint,
		refuse,
		onchange
	}: Props = $props();
	const id = $props.id();
	let problem = $state('');
	const described = $derived(problem ? `${id}-problem` : hint ? `${id}-hint` : undefined);

	function take(field: HTMLInputElement | HTMLTextAreaElement) {
		const text = long ? field.value : field.value.trim();
		problem = !long && text === '' ? 'Must not be empty.' : (refuse?.(text) ?? '');
		if (problem) field.value = value;
		else onchange(text);
	}
</script>

<div class="grid min-w-0 content-start gap-0.5">
	<label for={id} class={['label text-[0.8125rem]', unseen && 'md:sr-only']}>{label}</label>
	{#if long}
		<textarea
			{id}
			class="textarea field-sizing-content max-h-96 min-h-20 w-full rounded-none bg-transparent text-base"
			rows="3"
			maxlength={most}
			aria-describedby={described}
			onchange={(event) => take(event.currentTarget)}>{value}</textarea
		>
	{:else}
		<input
			{id}
			class="h-11 w-full min-w-0 border-b-(length:--border) border-b-(--frame) bg-transparent font-bold"
			{value}
			maxlength={most}
			autocomplete="off"
			aria-describedby={described}
			onchange={(event) => take(event.currentTarget)}
		/>
	{/if}
	{#if problem}
		<p id={`${id}-problem`} class="problem" role="alert">{problem} Kept: {value}.</p>
	{:else if hint}
		<p id={`${id}-hint`} class="hint">{hint}</p>
	{/if}
</div>
