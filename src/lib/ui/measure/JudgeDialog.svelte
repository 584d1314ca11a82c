<script lang="ts">
	import { RANGE } from '$lib/io/fields/ranges';
	import { createForm } from '@tanstack/svelte-form';
	import { untrack } from 'svelte';
	import { judgedSchema, type ReadingWire } from '$lib/io/work/reading';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import SheetDialog from '$lib/ui/shell/SheetDialog.svelte';
	import type { FoundReading } from './keepReading';
	import TurfFields from './TurfFields.svelte';

	interface Props {
		newest: ReadingWire | undefined;
		/** Keeps what was found; false where it could not be. */
		onkeep: (found: FoundReading) => Promise<boolean>;
		onclose: () => void;
	}
	const { newest, onkeep, onclose }: Props = $props();

	// It starts from the newest reading and is the judge's from then on, whatever another tab writes meanwhile.
	const defaultValues = untrack(() => ({
		stimpFeet: newest?.stimpFeet ?? 10,
		turf: {
			firmness: newest?.firmness ?? 'medium',
			wet: newest?.wet ?? false,
			grainTowards: newest?.grainTowards ?? null
		}
	}));

	const form = createForm(() => ({
		defaultValues,
		validators: { onChange: judgedSchema },
		onSubmit: async ({ value: { stimpFeet, turf } }) => {
			const found = { stimpFeet, errorFeet: null, method: 'judged' as const, ...turf };
			if (await onkeep(found)) onclose();
		}
	}));
</script>

<SheetDialog
	bind:open={() => true, (open) => !open && onclose()}
	title="Judge the green by eye"
	description="When there is no time to measure: what it looks like, and what a dropped ball does."
>
	<form
		onsubmit={(event) => {
			event.preventDefault();
			void form.handleSubmit();
		}}
	>
		<form.Field name="stimpFeet">
			{#snippet children(field)}
				<NumberField
					label="Green speed"
					value={field.state.value}
					symbol="ft"
					{...RANGE.stimpFeet}
					step={0.5}
					decimals={1}
					hint="8 slow, 10 medium, 12 quick"
					onchange={(feet) => field.handleChange(feet)}
				/>
			{/snippet}
		</form.Field>
		<form.Field name="turf">
			{#snippet children(field)}
				<TurfFields turf={field.state.value} onchange={(changed) => field.handleChange(changed)} />
			{/snippet}
		</form.Field>
		<button type="submit" class="btn btn-neutral mt-4 min-h-14 w-full">Keep it</button>
	</form>
</SheetDialog>
