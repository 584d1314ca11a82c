<script lang="ts">
	import { LETTERS } from '$lib/io/fields/ranges';
	import type { Appointment } from '$lib/io/lessons/lesson';
	import { MOST_MINUTES, MOST_PUPILS } from '$lib/io/lessons/lesson';
	import { ownZone } from '$lib/io/lessons/wallTime';
	import type { GreenBook } from '$lib/store/shelves/greens';
	import FreeText from '$lib/ui/controls/FreeText.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';

	interface Props {
		value: Appointment;
		greens: readonly GreenBook[];
		/** Coaches and places that were named before. */
		coaches: readonly string[];
		places: readonly string[];
		onchange: (change: Partial<Appointment>) => void;
	}
	const { value, greens, coaches, places, onchange }: Props = $props();
	const LENGTHS = [30, 45, 60, 90] as const;

	const toggled = (list: readonly string[], one: string, is: boolean): string[] =>
		is ? [...list, one] : list.filter((other) => other !== one);
	const pupils = $derived(
		playing.files
			.map(({ pupil }) => pupil)
			.filter((pupil) => !pupil.archived || value.pupilIds.includes(pupil.id))
	);
</script>

<div class="grid gap-3">
	<fieldset class="grid gap-1">
		<legend class="text-[0.8125rem] text-(--faint)">Who comes</legend>
		<div class="flex flex-wrap gap-x-5">
			{#each pupils as pupil (pupil.id)}
				<label class="flex min-h-11 items-center gap-2">
					<input
						class="checkbox"
						type="checkbox"
						checked={value.pupilIds.includes(pupil.id)}
						disabled={!value.pupilIds.includes(pupil.id) && value.pupilIds.length >= MOST_PUPILS}
						onchange={(event) =>
							onchange({
								pupilIds: toggled(value.pupilIds, pupil.id, event.currentTarget.checked)
							})}
					/>
					{pupil.name}
				</label>
			{/each}
		</div>
	</fieldset>
	<div class="grid grid-cols-[minmax(0,10rem)_minmax(0,8rem)] gap-3">
		<label class="grid text-[0.8125rem] text-(--faint)"
			>Day
			<input
				class="input w-full text-(--ink)"
				type="date"
				required
				value={value.day}
				onchange={(event) =>
					event.currentTarget.value && onchange({ day: event.currentTarget.value })}
			/></label
		>
		<label class="grid text-[0.8125rem] text-(--faint)"
			>Begins
			<input
				class="input w-full text-(--ink)"
				type="time"
				required
				value={value.time}
				onchange={(event) =>
					event.currentTarget.value && onchange({ time: event.currentTarget.value.slice(0, 5) })}
			/></label
		>
	</div>
	<div class="flex flex-wrap items-end gap-1" role="group" aria-label="How long">
		<div class="w-36">
			<NumberField
				label="Minutes"
				value={value.minutes}
				symbol="min"
				low={5}
				high={MOST_MINUTES}
				step={5}
				decimals={0}
				onchange={(minutes) => onchange({ minutes: Math.round(minutes) })}
			/>
		</div>
		{#each LENGTHS as minutes (minutes)}
			<button
				type="button"
				class="btn px-2.5"
				aria-pressed={value.minutes === minutes}
				aria-label={`${minutes} minutes`}
				onclick={() => onchange({ minutes })}>{minutes}</button
			>
		{/each}
	</div>
	{#if value.zone !== ownZone()}
		<p class="hint">
			By the clock of {value.zone}.
			<button type="button" class="underline" onclick={() => onchange({ zone: ownZone() })}
				>Take this device’s clock</button
			>
		</p>
	{/if}
	<div class="grid gap-3 md:grid-cols-2">
		<FreeText
			label="Coach"
			value={value.coach}
			most={LETTERS.name}
			offered={coaches}
			onchange={(coach) => onchange({ coach })}
		/>
		<FreeText
			label="Place"
			value={value.place}
			most={LETTERS.name}
			offered={places}
			onchange={(place) => onchange({ place })}
		/>
	</div>
	{#if greens.length > 0}
		<fieldset class="grid gap-1">
			<legend class="text-[0.8125rem] text-(--faint)">Greens</legend>
			<div class="flex flex-wrap gap-x-5">
				{#each greens as { green } (green.id)}
					<label class="flex min-h-11 items-center gap-2">
						<input
							class="checkbox"
							type="checkbox"
							checked={value.greenIds.includes(green.id)}
							onchange={(event) =>
								onchange({
									greenIds: toggled(value.greenIds, green.id, event.currentTarget.checked)
								})}
						/>
						{green.name}
					</label>
				{/each}
			</div>
		</fieldset>
	{/if}
	<FreeText
		label="What for"
		value={value.aim}
		most={LETTERS.line}
		onchange={(aim) => onchange({ aim })}
	/>
</div>
