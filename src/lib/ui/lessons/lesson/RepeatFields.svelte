<script lang="ts">
	import { WEEKDAYS, type Repeats } from '$lib/io/lessons/recurrence';
	import { MONTH_WORDS, repeatsWords, WEEKDAY_WORDS } from '$lib/io/lessons/words';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import { dayWords, noonOf } from '$lib/ui/format/dates';

	interface Props {
		/** Null for once. */
		value: Repeats | null;
		/** The weekday of the first. */
		weekday: (typeof WEEKDAYS)[number];
		onchange: (repeats: Repeats | null) => void;
	}
	const { value, weekday, onchange }: Props = $props();

	const EVERY = [
		{ value: '0', label: 'Once' },
		{ value: '1', label: 'Every week' },
		{ value: '2', label: 'Every second week' },
		{ value: '3', label: 'Every third week' },
		{ value: '4', label: 'Every fourth week' }
	] as const;
	const SHORT = 3;
	const fresh = (): Repeats => ({
		weeks: 1,
		days: [weekday],
		until: null,
		times: null,
		notIn: []
	});
	const change = (part: Partial<Repeats>) => onchange({ ...(value ?? fresh()), ...part });
	const toggled = <T>(list: readonly T[], one: T): T[] =>
		list.includes(one) ? list.filter((other) => other !== one) : [...list, one];
	const every = $derived(
		EVERY.find((one) => one.value === String(value?.weeks ?? 0))?.value ?? EVERY[1].value
	);
</script>

<div class="grid gap-3">
	<ChoiceField
		label="How often"
		value={every}
		options={EVERY}
		onchange={(weeks) => (weeks === '0' ? onchange(null) : change({ weeks: Number(weeks) }))}
	/>
	{#if value}
		<div class="flex flex-wrap gap-1" role="group" aria-label="On">
			{#each WEEKDAYS as day (day)}
				<button
					type="button"
					class="btn px-2.5"
					aria-pressed={value.days.includes(day)}
					aria-label={WEEKDAY_WORDS[day]}
					onclick={() => change({ days: toggled(value.days, day) })}
					>{WEEKDAY_WORDS[day].slice(0, SHORT)}</button
				>
			{/each}
		</div>
		<label class="grid max-w-60 text-[0.8125rem] text-(--faint)"
			>Until (empty: no end)
			<input
				class="input w-full text-(--ink)"
				type="date"
				value={value.until ?? ''}
				onchange={(event) => change({ until: event.currentTarget.value || null })}
			/></label
		>
		<details open={value.notIn.length > 0}>
			<summary class="min-h-11 cursor-pointer py-3 font-semibold">Not in some months</summary>
			<div class="flex flex-wrap gap-1" role="group" aria-label="Not in">
				{#each MONTH_WORDS as month, i (month)}
					<button
						type="button"
						class="btn px-2.5"
						aria-pressed={value.notIn.includes(i + 1)}
						aria-label={month}
						onclick={() => change({ notIn: toggled(value.notIn, i + 1).slice(0, 11) })}
						>{month.slice(0, SHORT)}</button
					>
				{/each}
			</div>
		</details>
		<p class="hint">
			It comes {repeatsWords(value, (day) => dayWords(noonOf(day)))}.
		</p>
	{/if}
</div>
