<script lang="ts">
	interface Props {
		label: string;
		/** On a wide screen the label is only heard: a heading above says it. */
		unseen?: boolean;
		/** May be empty. */
		value: string;
		/** Letters at most. */
		most: number;
		/** More than one line. */
		long?: boolean;
		/** What is offered while one types. */
		offered?: readonly string[];
		/** Is told of every letter: nothing waits for the field to be left. */
		onchange: (text: string) => void;
	}
	const {
		label,
		unseen = false,
		value,
		most,
		long = false,
		offered = [],
		onchange
	}: Props = $props();
	const id = $props.id();
</script>

<div class="grid min-w-0 content-start gap-0.5">
	<label for={id} class={['label text-[0.8125rem]', unseen && 'md:sr-only']}>{label}</label>
	{#if long}
		<textarea
			{id}
			class="textarea w-full rounded-none bg-transparent text-base"
			rows="2"
			maxlength={most}
			bind:value={() => value, onchange}></textarea>
	{:else}
		<input
			{id}
			class="h-11 w-full min-w-0 border-b-(length:--border) border-b-(--frame) bg-transparent font-bold"
			maxlength={most}
			autocomplete="off"
			list={offered.length > 0 ? `${id}-offered` : undefined}
			bind:value={() => value, onchange}
		/>
	{/if}
	{#if offered.length > 0}
		<datalist id={`${id}-offered`}
			>{#each offered as text (text)}<option value={text}></option>{/each}</datalist
		>
	{/if}
</div>
