<script lang="ts" generics="T extends string">
	interface Props {
		label: string;
		/** On a wide screen the label is only heard: a heading above says it. */
		unseen?: boolean;
		value: T;
		options: readonly { value: T; label: string }[];
		onchange: (value: T) => void;
	}
	const { label, unseen = false, value, options, onchange }: Props = $props();
	const id = $props.id();

	function pick(text: string) {
		const option = options.find((candidate) => candidate.value === text);
		if (option) onchange(option.value);
	}
</script>

<div class="grid min-w-0 content-start gap-0.5">
	<label for={id} class={['label text-[0.8125rem]', unseen && 'md:sr-only']}>{label}</label>
	<select
		{id}
		class="select w-full font-semibold"
		{value}
		onchange={(event) => pick(event.currentTarget.value)}
	>
		{#each options as option (option.value)}
			<option value={option.value}>{option.label}</option>
		{/each}
	</select>
</div>
