<script lang="ts">
	import { createForm } from '@tanstack/svelte-form';
	import * as z from 'zod/mini';
	import { typedCarries } from '$lib/io/practice/carries';
	import type { LengthStyle } from '$lib/ui/format/lengths';

	/** What is done with carries that were typed. */
	interface Way {
		label: string;
		/** Why these cannot be taken, or nothing. */
		refuse?: (carries: readonly number[]) => string | undefined;
		/** False where they were not kept: what was typed stays. */
		onnote: (carries: number[]) => void | Promise<boolean>;
	}

	interface Props {
		label: string;
		style: LengthStyle;
		/** The first is what Enter does. */
		ways: readonly Way[];
	}
	const { label, style, ways }: Props = $props();
	const id = $props.id();

	const carries = $derived(typedCarries(style.size, style.symbol));
	const typed = $derived(
		z.object({ text: carries, way: z.int() }).check(
			z.superRefine(({ text, way }, context) => {
				const problem = ways[way]!.refuse?.(text);
				if (problem) context.addIssue({ code: 'custom', path: ['text'], message: problem });
			})
		)
	);
	const form = createForm(() => ({
		defaultValues: { text: '', way: 0 },
		canSubmitWhenInvalid: true,
		validators: { onSubmit: typed },
		onSubmit: async ({ value, formApi }) => {
			const { text, way } = typed.parse(value);
			if ((await ways[way]!.onnote(text)) !== false) formApi.reset();
		}
	}));

	function note(way: number) {
		form.setFieldValue('way', way);
		void form.handleSubmit();
	}
</script>

<form
	class="grid gap-2"
	onsubmit={(event) => {
		event.preventDefault();
		note(0);
	}}
>
	<form.Field name="text">
		{#snippet children(field)}
			<label class="label text-[0.8125rem]" for={id}>{label}</label>
			<input
				{id}
				class="figure input w-full text-lg"
				inputmode="decimal"
				autocomplete="off"
				placeholder="14, 15, 13"
				aria-invalid={field.state.meta.errors.length > 0 ? 'true' : undefined}
				aria-describedby={field.state.meta.errors.length > 0 ? `${id}-problem` : undefined}
				value={field.state.value}
				oninput={(event) => field.handleChange(event.currentTarget.value)}
			/>
			{#if field.state.meta.errors.length > 0}
				<p id={`${id}-problem`} class="problem" role="alert">
					{field.state.meta.errors[0]?.message}
				</p>
			{/if}
		{/snippet}
	</form.Field>
	<div class="flex flex-wrap gap-2">
		{#each ways as way, i (way.label)}
			<button
				type={i === 0 ? 'submit' : 'button'}
				class={['btn', i === 0 && ways.length > 1 && 'btn-neutral']}
				onclick={i === 0 ? undefined : () => note(i)}>{way.label}</button
			>
		{/each}
	</div>
</form>
